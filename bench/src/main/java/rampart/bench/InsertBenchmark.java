package rampart.bench;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.Nature;
import rampart.core.bed.Prism;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.geometry.PlanPoint;
import rampart.core.insert.BedCut;
import rampart.core.item.Item;
import rampart.core.journey.Journey;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Point;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.core.search.Watcher;
import rampart.core.sheet.CutPart;
import rampart.core.sheet.SheetPlan;
import rampart.core.sheet.SheetPlanner;
import rampart.core.sheet.StockSheet;
import rampart.formats.pack.PackFile;
import rampart.formats.photograph.LaidFlat;
import rampart.formats.photograph.PhotographReader;
import rampart.formats.photograph.Silhouette;

/** What a dragged point waits for, a plan of sheets, and a photograph of 24 million pixels. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class InsertBenchmark {
    private static final Size SIZE = new Size(300, 200, 120);

    private Item item;
    private Journey journey;
    private List<BedPart> tenParts;
    private List<BedPart> fineOutline;
    private List<BedPart> sixtyFineParts;
    private List<CutPart> sixty;
    private byte[] photograph;
    private LaidFlat flat;

    @Setup
    public void prepare() throws IOException {
        Pack pack = PackFile.read(java.nio.file.Files.readAllBytes(Path.of("demo/packs/70-survey-sledge.json")))
                .pack();
        item = Item.plain("instrument", SIZE, 3, Point.ORIGIN, pack.item().fragility());
        journey = pack.journey();
        tenParts = new ArrayList<>();
        tenParts.add(part("base", star(0, 0, 40, 100, 150), -60, -20, Nature.STRONG));
        for (int i = 1; i < 10; i++) {
            tenParts.add(part(
                    "p" + i,
                    star(-120 + 27 * i, i % 2 == 0 ? 40 : -40, 24, 14, 14),
                    -20,
                    10 + 5 * i,
                    i % 3 == 0 ? Nature.FRAGILE : Nature.STRONG));
        }
        fineOutline = List.of(part("traced", star(0, 0, 2000, 100, 150), -60, 60, Nature.STRONG));
        sixtyFineParts = new ArrayList<>();
        sixtyFineParts.add(part("base", star(0, 0, 2000, 100, 150), -60, -20, Nature.STRONG));
        for (int i = 0; i < 59; i++) {
            sixtyFineParts.add(part(
                    "f" + i,
                    star(-130 + 26 * (i % 11), -70 + 28 * (i / 11), 2000, 11, 11),
                    -20,
                    60 - i,
                    i % 3 == 0 ? Nature.FRAGILE : Nature.STRONG));
        }
        Random random = new Random(60);
        sixty = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            sixty.add(new CutPart("n" + i, 40 + random.nextInt(400), 40 + random.nextInt(300), 1));
        }
        BufferedImage small =
                ImageIO.read(Path.of("demo/photographs/loan-theodolite.jpg").toFile());
        BufferedImage large = new BufferedImage(5656, 4242, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = large.createGraphics();
        graphics.drawImage(small, 0, 0, 5656, 4242, null);
        graphics.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(large, "jpeg", bytes);
        photograph = bytes.toByteArray();
        flat = PhotographReader.read(small, OptionalDouble.empty(), OptionalDouble.empty());
    }

    private static BedPart part(String name, List<PlanPoint> outline, double bottom, double top, Nature nature) {
        return new BedPart(name, new Prism(outline, bottom, top), nature, nature == Nature.STRONG ? 0.5 : 8);
    }

    private static List<PlanPoint> star(double x, double y, int corners, double across, double along) {
        List<PlanPoint> places = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            double angle = 2 * Math.PI * i / corners;
            double radius = 1 - 0.1 * (1 + Math.sin(9 * angle)) / 2;
            places.add(new PlanPoint(x + along * radius * Math.cos(angle), y + across * radius * Math.sin(angle)));
        }
        return places;
    }

    private Pack pack(List<BedPart> parts) {
        // A new shape each time: what it bears is worked out once for each, as when a point is dragged.
        BedShape shape = new BedShape(SIZE, parts, List.of(), 0, 2, List.of());
        return new Pack(
                item,
                journey,
                List.of(
                        new Layer.Cushion("pe-28", new CushionForm.Bed(shape), SixSided.all(50)),
                        Layer.Box.made("c-44", 2)));
    }

    @Benchmark
    public Evaluation bedOfTenParts() {
        return Evaluator.evaluate(pack(tenParts), StandardCatalogue.get());
    }

    @Benchmark
    public Evaluation bedOfSixtyPartsOf2000Places() {
        return Evaluator.evaluate(pack(sixtyFineParts), StandardCatalogue.get());
    }

    @Benchmark
    public BedCut offsetAndLevelsOf2000Places() {
        Pack fine = pack(fineOutline);
        return BedCut.of(LayoutWalk.layUndrawn(fine.item(), fine.layers(), StandardCatalogue.get())
                .bed()
                .orElseThrow());
    }

    @Benchmark
    public SheetPlan sixtyPartsOnSheets() {
        return SheetPlanner.plan(sixty, new StockSheet(2000, 1000, 2, 5, false, true));
    }

    @Benchmark
    public LaidFlat photographOf24MillionPixels() throws IOException {
        return PhotographReader.read(
                ImageIO.read(new ByteArrayInputStream(photograph)), OptionalDouble.empty(), OptionalDouble.empty());
    }

    @Benchmark
    public Silhouette movedThreshold() {
        return Silhouette.of(flat, new Silhouette.Asked(OptionalInt.of(90), 60), Watcher.NONE);
    }
}
