package rampart.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import rampart.core.material.StandardCatalogue;
import rampart.core.quantity.Size;
import rampart.core.search.CartonSizes;
import rampart.core.search.Watcher;

/** Random contents into the best eight carton sizes. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class CartonSizesBenchmark {
    /** Kinds of contents. */
    @Param({"200", "2000"})
    public int kinds;

    private List<CartonSizes.Wanted> wanted;

    /** The same contents each time. */
    @Setup
    public void contents() {
        Random random = new Random(kinds);
        wanted = new ArrayList<>();
        for (int i = 0; i < kinds; i++) {
            wanted.add(new CartonSizes.Wanted(
                    "kind " + i,
                    new Size(80 + random.nextInt(500), 80 + random.nextInt(400), 40 + random.nextInt(300)),
                    .2 + 9 * random.nextDouble(),
                    1 + random.nextInt(300)));
        }
    }

    @Benchmark
    public List<CartonSizes.Division> bestEight() {
        return CartonSizes.of(
                wanted,
                new CartonSizes.Costs(StandardCatalogue.get().board("c-32"), .76, .9, 5000, true),
                8,
                Watcher.NONE);
    }
}
