package rampart.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.AuxCounters;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import rampart.core.cost.Prices;
import rampart.core.material.Catalogue;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.search.ProposalLimits;
import rampart.core.search.Proposals;
import rampart.core.search.Stock;
import rampart.core.search.Watcher;
import rampart.formats.pack.PackFile;

/**
 * A search for proposals over a demo pack's whole space, on both cores, in a heap of 512 MB: every foam, form and board,
 * single and box in box, every material with a price, so that cost is compared too.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 1, time = 6)
@Measurement(iterations = 2, time = 8)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx512m", "-XX:+UseSerialGC"})
public class ProposalBenchmark {
    @Param({"10-hygrometer", "20-rain-gauge", "30-seismometer", "40-gravimeter", "50-tide-recorder", "60-barograph"})
    String pack;

    private final Catalogue catalogue = StandardCatalogue.get();
    private Pack read;
    private Prices prices;

    /** How many walls one search goes through, reported beside its time. */
    @State(Scope.Thread)
    @AuxCounters(AuxCounters.Type.EVENTS)
    public static class Walls {
        public long considered;
        public long evaluated;
        public long found;
    }

    @Setup
    public void read() throws IOException {
        read = PackFile.read(Files.readAllBytes(Path.of("demo/packs/" + pack + ".json")))
                .pack();
        Map<String, Double> each = new HashMap<>();
        catalogue.foams().forEach(foam -> each.put(foam.id(), 0.1 + foam.densityKgM3() / 200));
        catalogue.boards().forEach(board -> each.put(board.id(), board.grammageGm2() / 600));
        catalogue.wraps().forEach(wrap -> each.put(wrap.id(), 0.3));
        prices = new Prices("EUR", each);
    }

    @Benchmark
    public Proposals.Answer propose(Walls walls) {
        Proposals.Answer answer =
                Proposals.find(read, catalogue, ProposalLimits.none(Stock.NONE), prices, Watcher.NONE);
        walls.considered = answer.considered();
        walls.evaluated = answer.evaluated();
        walls.found = answer.proposals().size();
        return answer;
    }
}
