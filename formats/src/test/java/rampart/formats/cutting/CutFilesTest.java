package rampart.formats.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rampart.core.geometry.CutWork;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;
import rampart.core.insert.BedCut;
import rampart.core.insert.BlockCut;
import rampart.core.insert.CutPiece;
import rampart.core.insert.CutTool;
import rampart.core.insert.SheetStack;
import rampart.core.insert.TurnEdge;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.search.Watcher;
import rampart.formats.Outside;
import rampart.formats.outline.DrawingReader;
import rampart.formats.outline.DrawnCurves;
import rampart.formats.outline.FileUnit;
import rampart.formats.pack.PackFile;
import rampart.formats.paper.Paper;

/** Every file that a cutter gets, read back by readers that are not ours and by ours: the same curves, the same units. */
class CutFilesTest {
    private static final double NEAR_MM = 0.01;

    @TempDir
    Path folder;

    /** Shapes with arcs, straight lines and a deep pocket. */
    private static CutDrawing shapes() {
        return new CutDrawing(
                "shapes",
                "shapes, for the test",
                300,
                200,
                List.of(
                        CutDrawing.Layer.closed(
                                "cut",
                                CutWork.CUT,
                                25,
                                List.of(
                                        Outline.rectangle(new PlanPoint(150, 100), 300, 200, 12),
                                        Outline.circle(new PlanPoint(60, 60), 31.5))),
                        CutDrawing.Layer.closed(
                                "pocket-12.5",
                                CutWork.POCKET,
                                12.5,
                                List.of(
                                        Outline.slot(new PlanPoint(200, 120), 90, 30),
                                        Outline.ellipse(new PlanPoint(200, 50), 60, 20, 0.02)))),
                List.of(new CutDrawing.Text(5, 5, 4, "L\u00e4nge 10 mm")),
                List.of("a note"));
    }

    static List<CutDrawing> bed() throws IOException {
        return bed("70-survey-sledge");
    }

    private static List<CutDrawing> bed(String demo) throws IOException {
        PackFile file = PackFile.read(Files.readAllBytes(Path.of("../demo/packs/" + demo + ".json")));
        Pack pack = file.pack();
        BedCut cut = BedCut.of(LayoutWalk.lay(pack.item(), pack.layers(), file.catalogue(StandardCatalogue.get()))
                .bed()
                .orElseThrow());
        List<CutPiece> pieces =
                new ArrayList<>(BlockCut.of(cut, TurnEdge.SIDE, CutTool.KNIFE).pieces());
        pieces.addAll(SheetStack.of(cut, 25, TurnEdge.SIDE, new CutTool(0.3, 0)).pieces());
        return pieces.stream().map(CutDrawing::of).toList();
    }

    private record Read(String layer, Region region) {}

    /** A bed with a tie: its slots are cut, where the band runs is marked and not cut. */
    private static List<CutDrawing> tied() throws IOException {
        List<CutDrawing> drawings = bed("80-sextant");
        assertThat(drawings.get(0).layers()).extracting(CutDrawing.Layer::work).contains(CutWork.MARK);
        return drawings;
    }

    static List<Path> written(List<CutDrawing> drawings, Path folder) throws IOException {
        List<Path> files = new ArrayList<>();
        for (CutDrawing drawing : drawings) {
            Path file = folder.resolve(files.size() + ".dxf");
            Files.write(file, DxfCut.write(drawing, List.of("Try", "draft")));
            files.add(file);
        }
        return files;
    }

    @Test
    void anIndependentReaderFindsTheSameCurvesInDxf() throws IOException {
        List<CutDrawing> drawings = new ArrayList<>(bed());
        drawings.addAll(tied());
        drawings.add(shapes());
        drawings.add(FitCoupon.drawing());
        List<List<String>> all = Outside.readDxf(written(drawings, folder));
        for (int d = 0; d < drawings.size(); d++) {
            CutDrawing drawing = drawings.get(d);
            List<String> said = all.get(d);
            assertThat(said.get(0)).isEqualTo("units 4");
            List<Read> read = new ArrayList<>();
            for (String line : said) {
                String[] words = line.split(" ", -1);
                if ("curve".equals(words[0])) {
                    assertThat(words[2]).as("closed").isEqualTo("1");
                    List<PlanPoint> places = new ArrayList<>();
                    for (int i = 3; i < words.length - 1; i++) {
                        String[] xy = words[i].split(",", -1);
                        places.add(new PlanPoint(Double.parseDouble(xy[0]), Double.parseDouble(xy[1])));
                    }
                    read.add(new Read(words[1], Region.within(Outline.polygon(places), 0.005)));
                }
            }
            same(drawing, read, name -> name.toUpperCase(java.util.Locale.ROOT).replace('.', '_'));
        }
    }

    @Test
    void ourReadersFindTheSameCurvesInBoth() throws IOException {
        List<CutDrawing> drawings = new ArrayList<>(bed());
        drawings.addAll(tied());
        drawings.add(shapes());
        for (CutDrawing drawing : drawings) {
            for (byte[] file : List.of(
                    SvgCut.write(drawing, List.of("Try", "draft")), DxfCut.write(drawing, List.of("Try", "draft")))) {
                DrawnCurves curves = DrawingReader.read(file, Optional.empty());
                assertThat(curves.unit()).isEqualTo(FileUnit.MM);
                assertThat(curves.unitStated()).isTrue();
                List<Read> read = curves.curves().stream()
                        .filter(c -> !c.layer().equalsIgnoreCase(Drafted.LAYER))
                        .map(c -> new Read(c.layer(), Region.within(Outline.polygon(c.places()), 0.005)))
                        .toList();
                boolean svg = file[0] == '<';
                same(
                        drawing,
                        read,
                        name -> svg
                                ? name
                                : name.toUpperCase(java.util.Locale.ROOT).replace('.', '_'));
            }
        }
    }

    /** The same number, the same layers in the same order, and no place of one farther than a hundredth from the other. */
    private static void same(CutDrawing drawing, List<Read> read, java.util.function.UnaryOperator<String> layer) {
        List<Read> drawn = new ArrayList<>();
        drawing.layers()
                .forEach(l ->
                        l.outlines().forEach(o -> drawn.add(new Read(layer.apply(l.name()), Region.within(o, 0.002)))));
        assertThat(read)
                .extracting(Read::layer)
                .containsExactlyElementsOf(drawn.stream().map(Read::layer).toList());
        for (int i = 0; i < drawn.size(); i++) {
            Region one = drawn.get(i).region();
            Region other = read.get(i).region();
            assertThat(one.offset(NEAR_MM, 0.0005).covers(other))
                    .as("%s %d", drawing.file(), i)
                    .isTrue();
            assertThat(other.offset(NEAR_MM, 0.0005).covers(one))
                    .as("%s %d", drawing.file(), i)
                    .isTrue();
        }
    }

    @Test
    void theFileStatesItsSizeAndItsLayers() {
        String svg =
                new String(SvgCut.write(shapes(), List.of("Try", "draft")), java.nio.charset.StandardCharsets.UTF_8);
        assertThat(svg)
                .contains("id=\"pocket-12.5\"", "id=\"dimension\"", "over all 300 × 200", "a note", ">Try<", ">draft<");
        // The piece begins at the lower left corner; room for figures and notes is at its right and above it.
        assertThat(svg).containsPattern("viewBox=\"0 0 3[0-9]{2}\\.[0-9]{4} 2[0-9]{2}\\.[0-9]{4}\"");
        assertThat(svg).contains("L\u00e4nge 10 mm");
    }

    /** Templates on every paper: the leaves, their size, and the words on them, by Poppler. */
    @Test
    void templatesCoverEveryDrawing() throws IOException {
        for (Paper paper : Paper.values()) {
            Path file = folder.resolve("templates-" + paper + ".pdf");
            Files.write(
                    file,
                    rampart.formats.paper.TemplatePdf.write(
                            "Survey sledge", "draft", List.of(shapes()), paper, Watcher.NONE));
            String info = String.join("\n", Outside.run(List.of("pdfinfo", file.toString())));
            // 300 mm by 200 mm: two leaves beside each other on each of them.
            int leaves = 2;
            assertThat(info).containsPattern("Pages:\\s+" + leaves);
            String words = String.join("\n", Outside.run(List.of("pdftotext", "-layout", file.toString(), "-")));
            // 12.5 mm to the nearest thirty-second: 15.75 of them. Whoever prints on Letter has a ruler in inches.
            String bar = paper == Paper.letter ? "this bar is 4 in long" : "this bar is 100 mm long";
            assertThat(words)
                    .contains("shapes, for the test", bar, paper == Paper.letter ? "pocket 1/2 in" : "pocket 12.5 mm");
        }
    }

    /** The bar and the piece measured on the printed leaf, by Poppler's pixels at 254 to the inch: ten to the millimetre. */
    @Test
    void templatesAreOfTrueSize() throws IOException {
        CutDrawing square = new CutDrawing(
                "square",
                "square",
                100,
                100,
                List.of(CutDrawing.Layer.closed(
                        "cut", CutWork.CUT, 10, List.of(Outline.rectangle(new PlanPoint(50, 50), 80, 80, 0)))),
                List.of(),
                List.of());
        Path file = folder.resolve("square.pdf");
        Files.write(
                file,
                rampart.formats.paper.TemplatePdf.write("square", "draft", List.of(square), Paper.a4, Watcher.NONE));
        Outside.run(List.of(
                "pdftoppm",
                "-r",
                "254",
                "-gray",
                "-png",
                "-singlefile",
                file.toString(),
                folder.resolve("p").toString()));
        java.awt.image.BufferedImage image =
                javax.imageio.ImageIO.read(folder.resolve("p.png").toFile());
        // A row through the middle of the square, well under the head: two dark lines, 80 mm apart.
        int y = (12 + 16 + 50) * 10;
        List<Integer> dark = new ArrayList<>();
        for (int x = 0; x < image.getWidth(); x++) {
            if ((image.getRGB(x, y) & 0xff) < 128) {
                dark.add(x);
            }
        }
        assertThat(dark.get(dark.size() - 1) - dark.get(0)).isBetween(799, 805);
    }

    @Test
    void theArchiveHoldsEachDrawingInEachKind() throws IOException {
        byte[] archive = CutArchive.write("Survey sledge", "draft", bed(), Paper.a4, Watcher.NONE);
        List<String> names = new ArrayList<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
            for (var entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                names.add(entry.getName());
            }
        }
        assertThat(names).contains("templates.pdf").doesNotHaveDuplicates();
        assertThat(names.stream().filter(n -> n.endsWith(".svg")).count())
                .isEqualTo(names.stream().filter(n -> n.endsWith(".dxf")).count())
                .isGreaterThan(3);
    }

    /** Random polygons through both kinds of file and back. */
    @Test
    void randomOutlinesComeBack() {
        Random random = new Random(3);
        for (int i = 0; i < 60; i++) {
            List<PlanPoint> places = new ArrayList<>();
            int n = 3 + random.nextInt(40);
            for (int k = 0; k < n; k++) {
                double r = 20 + 80 * random.nextDouble();
                places.add(new PlanPoint(
                        150 + r * Math.cos(2 * Math.PI * k / n), 150 + r * Math.sin(2 * Math.PI * k / n)));
            }
            CutDrawing drawing = new CutDrawing(
                    "random",
                    "random & <odd>",
                    300,
                    300,
                    List.of(CutDrawing.Layer.closed("cut", CutWork.CUT, 5, List.of(Outline.polygon(places)))),
                    List.of(),
                    List.of());
            for (byte[] file : List.of(
                    SvgCut.write(drawing, List.of("Try", "draft")), DxfCut.write(drawing, List.of("Try", "draft")))) {
                List<PlanPoint> back = DrawingReader.read(file, Optional.empty())
                        .curves()
                        .get(0)
                        .places();
                assertThat(back).hasSize(n);
                for (int k = 0; k < n; k++) {
                    assertThat(back.get(k).to(Outline.polygon(places).corners().get(k)))
                            .isCloseTo(0, within(2e-4));
                }
            }
        }
    }

    /** Lengths against their closed forms, either file the same; a sheet too small by ten is left by ten. */
    @Test
    void theStandInPlaysWhatWasWritten() {
        CutDrawing drawing = new CutDrawing(
                "plate",
                "plate",
                300,
                200,
                List.of(
                        CutDrawing.Layer.closed(
                                "cut",
                                CutWork.CUT,
                                25,
                                List.of(Outline.rectangle(new PlanPoint(150, 100), 300, 200, 0))),
                        CutDrawing.Layer.closed(
                                "pocket-10", CutWork.POCKET, 10, List.of(Outline.circle(new PlanPoint(60, 60), 30)))),
                List.of(),
                List.of());
        double path = 1000 + 2 * Math.PI * 30;
        for (byte[] file : List.of(
                SvgCut.write(drawing, List.of("Try", "draft")), DxfCut.write(drawing, List.of("Try", "draft")))) {
            CutterPlay play = CutterPlay.of(file, new CutterPlay.Machine(300, 200, 20));
            assertThat(play.pathMm()).isCloseTo(path, within(0.1));
            assertThat(play.offSheet()).isEmpty();
            assertThat(play.open()).isZero();
            assertThat(play.layers()).extracting(CutterPlay.LayerPlay::curves).containsExactlyInAnyOrder(1, 1);
            assertThat(play.minutes())
                    .isCloseTo((path + play.travelMm() / CutterPlay.TRAVEL_FACTOR) / 20 / 60, within(1e-3));
            CutterPlay off = CutterPlay.of(file, new CutterPlay.Machine(290, 200, 20));
            assertThat(off.offSheet()).hasSize(1);
            assertThat(off.offSheet().get(0).byMm()).isCloseTo(10, within(0.01));
        }
    }
}
