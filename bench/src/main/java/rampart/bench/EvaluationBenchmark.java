package rampart.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
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
import org.openjdk.jmh.infra.Blackhole;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.item.Item;
import rampart.core.layout.Layer;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Point;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.core.verdict.Check;
import rampart.formats.pack.PackFile;

/**
 * One full evaluation: 26 drops, two temperatures, all checks with their working. Sample time, so that the 99th
 * percentile is known beside the median.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class EvaluationBenchmark {
    @Param({"20-rain-gauge", "40-gravimeter"})
    String pack;

    private PackFile file;
    private byte[] bytes;
    private Pack uneven;

    @Setup
    public void read() throws IOException {
        bytes = Files.readAllBytes(Path.of("demo/packs/" + pack + ".json"));
        file = PackFile.read(bytes);
        uneven = uneven(file.pack());
    }

    @Benchmark
    public Evaluation evaluate(Blackhole words) {
        Evaluation evaluation = Evaluator.evaluate(file.pack(), StandardCatalogue.get());
        // The words are made when they are read: a whole evaluation reads them all.
        for (Check check : evaluation.blows()) {
            words.consume(check.because());
            words.consume(check.working());
        }
        for (Check check : evaluation.checks()) {
            words.consume(check.because());
            words.consume(check.working());
        }
        return evaluation;
    }

    /** What a search pays: no words, nothing drawn on screen. */
    @Benchmark
    public Evaluation evaluateWithoutWords() {
        return Evaluator.evaluate(file.pack(), StandardCatalogue.get());
    }

    /** The same pack with six different sides and its mass off centre: no two of the 26 blows are alike. */
    @Benchmark
    public Evaluation evaluateUneven() {
        return Evaluator.evaluate(uneven, StandardCatalogue.get());
    }

    private static Pack uneven(Pack pack) {
        Size size = pack.item().size();
        Item item = Item.plain(
                pack.item().name(),
                size,
                pack.item().massKg(),
                new Point(0.05 * size.lengthMm(), -0.03 * size.widthMm(), -0.04 * size.heightMm()),
                pack.item().fragility());
        List<Layer> layers = pack.layers().stream()
                .map(layer -> layer instanceof Layer.Cushion c
                        ? new Layer.Cushion(
                                c.material(),
                                c.form(),
                                SixSided.of(face -> c.thicknessMm().on(face) + face.number()))
                        : layer)
                .toList();
        return new Pack(item, pack.journey(), layers);
    }

    @Benchmark
    public PackFile readAndValidate() {
        return PackFile.read(bytes);
    }
}
