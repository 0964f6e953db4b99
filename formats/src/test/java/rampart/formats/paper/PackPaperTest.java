package rampart.formats.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.Normalizer;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.Nature;
import rampart.core.bed.Prism;
import rampart.core.bed.Tie;
import rampart.core.evaluation.Evaluator;
import rampart.core.geometry.PlanPoint;
import rampart.core.kit.KitLayout;
import rampart.core.kit.KitPiece;
import rampart.core.material.StandardCatalogue;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Size;
import rampart.core.words.Wording;
import rampart.formats.json.Json;
import rampart.formats.pack.LayerWriter;
import rampart.formats.pack.PackFile;
import tools.jackson.databind.node.ObjectNode;

/** The PDF read back by Poppler's programs, which share no code with the library that writes it. */
class PackPaperTest {
    private static final double DPI = 200;

    @TempDir
    Path folder;

    private static PackFile demo(String name) throws IOException {
        return PackFile.read(Files.readAllBytes(Path.of("../demo/packs/" + name + ".json")));
    }

    private Path written(PackFile pack, Wording wording, Paper paper) throws IOException {
        Path file = folder.resolve("page.pdf");
        PaperDocument document = Papers.document(PaperKind.page, PaperSources.of(pack, wording));
        Files.write(file, PdfMedium.write(document, paper));
        return file;
    }

    private String run(String... command) throws IOException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        try {
            assertThat(process.waitFor()).as(said).isZero();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        return said;
    }

    private String text(Path pdf) throws IOException {
        return run("pdftotext", "-layout", pdf.toString(), "-").replaceAll("[ \\t]+", " ");
    }

    @Test
    void theTextIsRealAndSaysWhatToCutAndBuy() throws IOException {
        PackFile gauge = demo("20-rain-gauge");
        String text = text(written(gauge, Wording.METRIC, Paper.a4));
        assertThat(text)
                .contains(gauge.name())
                .contains("draft, saved today")
                .contains(
                        "Thin. Weakest: standing on its pads. The pads at the bottom reach over 97 mm of 200 mm in width")
                .contains("From the front")
                .contains("Pieces to cut")
                .contains("Boxes to make or buy")
                .contains("nominal foam constants");
        var layout = Evaluator.evaluate(gauge.pack(), StandardCatalogue.get()).layout();
        layout.boxes()
                .forEach(box -> assertThat(text)
                        .contains(Wording.METRIC.sizeToCut(box.carton().inside()) + " inside"));
        assertThat(text).contains("Outside " + Wording.METRIC.size(layout.outside(), 1));
        assertThat(run("pdffonts", folder.resolve("page.pdf").toString()))
                .contains("LiberationSans")
                .contains("yes yes yes");
    }

    @ParameterizedTest
    @CsvSource({"a4, 595.28, 841.89", "letter, 612, 792"})
    void ordinaryDemoPacksFitOneLeafOfTheChosenPaper(Paper paper, double width, double height) throws IOException {
        for (String name : List.of(
                "10-hygrometer",
                "20-rain-gauge",
                "30-seismometer",
                "35-signal-recorder",
                "50-tide-recorder",
                "60-barograph")) {
            String info =
                    run("pdfinfo", written(demo(name), Wording.IMPERIAL, paper).toString());
            assertThat(info).as(name).containsPattern("Pages: +1\n");
            Matcher size =
                    Pattern.compile("Page size: +([0-9.]+) x ([0-9.]+) pts").matcher(info);
            assertThat(size.find()).isTrue();
            assertThat(Double.parseDouble(size.group(1))).isCloseTo(width, within(0.5));
            assertThat(Double.parseDouble(size.group(2))).isCloseTo(height, within(0.5));
        }
    }

    @Test
    void lengthsOnItAreToScale() throws IOException {
        PackFile pack = demo("10-hygrometer");
        Path pdf = written(pack, Wording.METRIC, Paper.a4);
        Matcher scale = Pattern.compile("1 : ([0-9.]+) printed").matcher(text(pdf));
        assertThat(scale.find()).isTrue();
        double ratio = Double.parseDouble(scale.group(1));
        BufferedImage image = image(pdf);
        var outside = Evaluator.evaluate(pack.pack(), StandardCatalogue.get())
                .layout()
                .outside();
        assertThat(boardWidthMm(image)).isCloseTo(outside.lengthMm() / ratio, within(0.5));
        assertThat(blackRunMm(image)).isCloseTo(50, within(0.4));
    }

    private BufferedImage image(Path pdf) throws IOException {
        run(
                "pdftoppm",
                "-r",
                String.valueOf((int) DPI),
                "-png",
                "-singlefile",
                pdf.toString(),
                folder.resolve("page").toString());
        return ImageIO.read(folder.resolve("page.png").toFile());
    }

    /** Width over all of what has the colour of board in the left half of the page, mm on paper. */
    private static double boardWidthMm(BufferedImage image) {
        int left = Integer.MAX_VALUE;
        int right = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth() / 2; x++) {
                int rgb = image.getRGB(x, y) & 0xffffff;
                if (near(rgb, 0xe6c890)) {
                    left = Math.min(left, x);
                    right = Math.max(right, x);
                }
            }
        }
        return (right - left + 1) / DPI * 25.4;
    }

    /** The longest dark run that is not a rule across the page, mm on paper: the scale bar. */
    private static double blackRunMm(BufferedImage image) {
        int best = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            int longest = 0;
            int run = 0;
            for (int x = 0; x < image.getWidth(); x++) {
                run = near(image.getRGB(x, y) & 0xffffff, 0x1d2430) ? run + 1 : 0;
                longest = Math.max(longest, run);
            }
            best = longest > image.getWidth() / 2 ? best : Math.max(best, longest);
        }
        return best / DPI * 25.4;
    }

    private static boolean near(int rgb, int wanted) {
        for (int shift = 0; shift <= 16; shift += 8) {
            if (Math.abs((rgb >> shift & 0xff) - (wanted >> shift & 0xff)) > 12) {
                return false;
            }
        }
        return true;
    }

    /** The page on screen says word for word what the PDF file says. */
    @Test
    void thePageOnScreenSaysTheSame() throws IOException {
        PackFile gauge = demo("20-rain-gauge");
        PaperView view = PaperView.of(PackPaper.document(PaperSources.of(gauge, Wording.METRIC)));
        String words = text(written(gauge, Wording.METRIC, Paper.a4)).replaceAll("\\s+", " ");
        for (PaperView.BlockView block : view.blocks()) {
            if (block.text() != null) {
                assertThat(words).contains(block.text().words());
            }
            if (block.table() != null) {
                assertThat(words).contains(block.table().caption());
                block.table()
                        .rows()
                        .forEach(row -> assertThat(words).contains(row.get(1).replaceAll(" .*", "")));
            }
        }
        PaperView.DrawingsView drawn = view.blocks().stream()
                .map(PaperView.BlockView::drawings)
                .filter(java.util.Objects::nonNull)
                .findFirst()
                .orElseThrow();
        var outside = Evaluator.evaluate(gauge.pack(), StandardCatalogue.get())
                .layout()
                .outside();
        assertThat(drawn.drawings().get(0).widthMm() * drawn.ratio()).isCloseTo(outside.lengthMm(), within(1e-6));
        assertThat(drawn.drawings().get(1).widthMm() * drawn.ratio()).isCloseTo(outside.widthMm(), within(1e-6));
        assertThat(drawn.drawings().get(0).heightMm() * drawn.ratio()).isCloseTo(outside.heightMm(), within(1e-6));
    }

    @Test
    void aPhotographStandsOnThePage() throws IOException {
        BufferedImage photo = new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < 40; x++) {
            for (int y = 0; y < 30; y++) {
                photo.setRGB(x, y, 0xc02020);
            }
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(photo, "jpg", bytes);
        PackFile pack = demo("10-hygrometer");
        PaperSource bare = PaperSources.of(pack, Wording.METRIC);
        PaperDocument document = PackPaper.document(new PaperSource(
                bare.file(),
                bare.catalogue(),
                bare.layout(),
                bare.report(),
                bare.standing(),
                bare.reason(),
                bare.edits(),
                bare.prices(),
                bare.stockedMm(),
                bare.packs(),
                Optional.of(new Block.Picture("/somewhere", bytes.toByteArray(), "The item")),
                bare.travel(),
                bare.wording()));
        Path pdf = folder.resolve("photo.pdf");
        Files.write(pdf, PdfMedium.write(document, Paper.a4));
        BufferedImage image = image(pdf);
        int red = 0;
        for (int x = 0; x < image.getWidth(); x++) {
            for (int y = 0; y < image.getHeight(); y++) {
                red += near(image.getRGB(x, y) & 0xffffff, 0xc02020) ? 1 : 0;
            }
        }
        double mm2 = red / (DPI * DPI) * 25.4 * 25.4;
        assertThat(mm2).isCloseTo(40.0 * 30.0, within(30.0));
        assertThat(text(pdf)).contains("The item");
    }

    @Test
    void aPageInInchesHasNoMillimetreLeft() throws IOException {
        for (String name : List.of("10-hygrometer", "20-rain-gauge", "40-gravimeter", "60-barograph")) {
            String text = text(written(demo(name), Wording.IMPERIAL, Paper.letter));
            assertThat(text).contains("this bar is 2 in long then").contains("to the nearest 1/32 in");
            assertThat(text).as(name).doesNotContainPattern("[0-9] (mm|cm|kPa|kg|N)\\b");
        }
    }

    @Test
    void theBarOfAPageInInchesIsTwoInchesLong() throws IOException {
        Path pdf = written(demo("10-hygrometer"), Wording.IMPERIAL, Paper.letter);
        assertThat(blackRunMm(image(pdf))).isCloseTo(50.8, within(0.4));
    }

    /**
     * Arabic stands joined and from right to left: what a reader of the page takes out of it, in order of reading, is the name
     * again (Unicode Standard Annex 9; presentation forms taken back by NFKC, Annex 15).
     */
    @Test
    void namesInArabicHebrewAndChineseAreOnThePage() throws IOException {
        String arabic = "إناء زجاجي";
        String chinese = "温度计和玻璃杯";
        String hebrew = "כד חרס";
        String text = Normalizer.normalize(
                text(written(
                        demo("10-hygrometer").named(arabic + " / " + chinese + " / " + hebrew),
                        Wording.METRIC,
                        Paper.a4)),
                Normalizer.Form.NFKC);
        assertThat(text).contains(chinese).doesNotContain("??");
        String letters = text.replaceAll("[\\u200e\\u200f\\u202a-\\u202e\\u2066-\\u2069]", "");
        assertThat(letters).contains("زجاجي").contains("إناء").contains("חרס").contains("כד");
    }

    @Test
    void aNameThatNoFontCanWriteAndALongOneDoNotStopIt() throws IOException {
        PackFile strange = demo("10-hygrometer").named("\uD83C\uDF21 Übergröße " + "W".repeat(150));
        String text = text(written(strange, Wording.METRIC, Paper.letter));
        assertThat(text).contains("Übergröße").contains("?");
    }

    /** What of board is cut: strips by number, a carton cut down by steps, straps by their places. */
    @Test
    void boardStandsOnItWithItsSteps() throws IOException {
        String funnels = text(written(demo("22-rain-gauge-funnels"), Wording.METRIC, Paper.a4));
        assertThat(funnels).contains("Board to cut").containsPattern("2 Divider, strip across");
        String down = text(written(demo("32-seismometer-cut-down"), Wording.METRIC, Paper.a4));
        assertThat(down).contains("cut down").contains("Slit the four corners");
        String straps = text(written(demo("40-gravimeter"), Wording.IMPERIAL, Paper.letter));
        assertThat(straps)
                .contains("Straps")
                .contains("one each ")
                .contains("from the left")
                .contains("board cap");
    }

    /** The packer's page of an insert: its pieces, the order of cuts with the knife's depth, and where each part lies. */
    @Test
    void anInsertHasItsPiecesCutsAndPlaces() throws IOException {
        PackFile sextant = demo("80-sextant");
        String text = text(written(sextant, Wording.METRIC, Paper.letter));
        assertThat(text)
                .contains("The insert, cut by hand from the solid")
                .contains("base: 348 mm by 323.4 mm, 120.5 mm thick")
                .contains("lid: 348 mm by 323.4 mm, 100.5 mm thick, lying turned over its side")
                // Frame and grip: their undersides are 35 and 65 mm below the parting plane.
                .containsPattern("2 base 3 mm 35 mm one opening")
                .containsPattern("3 base 30 mm 65 mm one opening")
                .containsPattern("grip strong 129 mm, 116.9 mm, 55.5 mm snug")
                .containsPattern("telescope fragile .* 32 mm kept clear")
                .contains("tie 20 mm wide pulled to 12 N");
        assertThat(text(written(demo("10-hygrometer"), Wording.METRIC, Paper.a4)))
                .doesNotContain("The insert");
    }

    private static PackFile withBed(BedShape shape, double massKg) throws IOException {
        ObjectNode pack =
                (ObjectNode) Json.MAPPER.readTree(Files.readAllBytes(Path.of("../demo/packs/70-survey-sledge.json")));
        ObjectNode item = (ObjectNode) pack.path("item");
        item.set(
                "sizeMm",
                Json.MAPPER.valueToTree(Map.of(
                        "length", shape.size().lengthMm(),
                        "width", shape.size().widthMm(),
                        "height", shape.size().heightMm())));
        item.put("massKg", massKg);
        ((ObjectNode) pack.at("/layers/1")).set("bed", Json.MAPPER.valueToTree(LayerWriter.bed(shape)));
        return PackFile.read(Json.MAPPER.writeValueAsBytes(pack));
    }

    /** Trays are hinged and not glued, ties have the places of their slots, play is filled with off-cuts. */
    @Test
    void traysSlotsAndOffCutsStandOnThePage() throws IOException {
        KitLayout kit = KitLayout.of(
                List.of(
                        new KitPiece("lamp", new Size(80, 60, 70), 0.6, 4),
                        new KitPiece("ring", new Size(80, 60, 20), 0.1, 4)),
                2);
        String trays = text(written(
                withBed(new BedShape(kit.size(), kit.parts(), kit.wells(), kit.splitMm(), 0, List.of()), 2.8),
                Wording.METRIC,
                Paper.a4));
        assertThat(trays)
                .contains("The base is 2 trays, one on the other, not glued")
                .contains("base, piece 2 of 2")
                .doesNotContain("Glue the pieces");
        List<PlanPoint> outline = List.of(
                new PlanPoint(-100, -60), new PlanPoint(100, -60), new PlanPoint(100, 60), new PlanPoint(-100, 60));
        BedShape tied = new BedShape(
                new Size(200, 120, 80),
                List.of(new BedPart("body", new Prism(outline, -40, 40), Nature.STRONG, 2)),
                List.of(),
                0,
                0,
                List.of(new Tie(Axis.Y, -50, 20, 15)));
        // The block begins 80.5 mm left and in front of the item; the slot at -62 and, with 2 mm of play, at -71.
        assertThat(text(written(withBed(tied, 2), Wording.METRIC, Paper.a4)))
                .contains("tie 20 mm wide pulled to 15 N")
                .containsPattern("slots in bed and box")
                .containsPattern("24 mm by 4 mm")
                .contains("Off-cuts to push in beside body, which has 2 mm of play: 2.5 mm thick")
                .contains("Cloth or an interleaf over all that the item touches");
    }
}
