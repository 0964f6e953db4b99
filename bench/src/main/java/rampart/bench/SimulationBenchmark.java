package rampart.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
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
import rampart.core.cushion.ImpactSolver;
import rampart.core.drop.DropId;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.explain.Simulations;
import rampart.core.material.StandardCatalogue;
import rampart.core.simulation.Assumptions;
import rampart.core.simulation.DropSimulation;
import rampart.core.simulation.Pulse;
import rampart.core.simulation.SimulatedDrop;
import rampart.formats.pack.PackFile;

/** One drop worked in time, and all counted drops of a pack with heavy boxes in all their conditions. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class SimulationBenchmark {
    @Param({"drop.face.3", "drop.corner.2-3-5"})
    String drop;

    private PackFile file;
    private SimulatedDrop condition;

    @Setup
    public void read() throws IOException {
        file = PackFile.read(Files.readAllBytes(Path.of("demo/packs/40-gravimeter.json")));
        DropId id = DropId.read(drop).orElseThrow();
        condition = Simulations.of(file.pack(), StandardCatalogue.get(), id, Assumptions.RULE_34)
                .condition();
    }

    @Benchmark
    public Pulse oneDrop() {
        return DropSimulation.run(condition, Assumptions.RULE_34);
    }

    @Benchmark
    public Evaluation wholePack() {
        return Evaluator.simulate(file.pack(), StandardCatalogue.get());
    }

    /** The closed form of the same drop, by our solver. */
    @Benchmark
    public double closedForm() {
        return new ImpactSolver(condition.layers(), condition.cosine(), condition.heightM())
                .worst(new double[] {condition.temperatureC()}, condition.repeated(), new double[] {
                    condition.loadFactor()
                })
                .impact()
                .g();
    }

    /** The same with Hipparchus's root finder: one for G, and one for the travel of each layer inside it. */
    @Benchmark
    public double closedFormByRootFinder() {
        return LibraryDrop.peakG(condition);
    }

    /** The same drop in time with Hipparchus's integrator left to itself: no states, a steep rise instead. */
    @Benchmark
    public double oneDropByIntegrator() {
        return LibraryDrop.simulatedPeakG(condition);
    }
}
