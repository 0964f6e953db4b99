package rampart.formats.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rampart.core.steps.Step;
import rampart.core.steps.StepEdits;
import rampart.core.words.Quantity;
import rampart.core.words.Unit;
import rampart.core.words.Wording;
import rampart.formats.pack.PackFile;

/** Every paper read back by programs that share no code with what writes them: Poppler for PDF, ZBar for bar codes. */
class PapersTest {
    private static final Travel TRAVEL = new Travel(
            "C0042/2",
            2,
            3,
            List.of("Hollin Quay Instruments", "Harbour Row 4"),
            List.of("Tide Museum", "Quay 1", "Port Hollin"),
            "");

    @TempDir
    Path folder;

    private static Stream<String> demos() throws IOException {
        return PaperSources.demos().stream();
    }

    private static String run(String... command) throws IOException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        try {
            assertThat(process.waitFor()).as(said).isZero();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        return said;
    }

    private String text(byte[] pdf) throws IOException {
        Path file = Files.write(folder.resolve("paper.pdf"), pdf);
        return run("pdftotext", "-layout", file.toString(), "-");
    }

    private static String flat(String text) {
        return text.replaceAll("\\s+", " ");
    }

    /** What a paper must say wherever it is set; words of a block may be broken over lines. */
    private static List<String> words(PaperDocument document) {
        List<String> words = new ArrayList<>();
        for (Block block : document.blocks()) {
            if (block instanceof Block.Text text) {
                words.add(text.words());
            } else if (block instanceof Block.Title title) {
                words.add(title.standing());
            }
        }
        return words;
    }

    private static String running(PaperDocument document) {
        Block.Title title = (Block.Title) document.blocks().get(0);
        return title.words() + ", " + title.standing();
    }

    @ParameterizedTest
    @MethodSource("demos")
    void everyPaperSaysInThePdfWhatItSaysOnTheScreen(String name) throws IOException {
        PackFile pack = PaperSources.demo(name);
        PaperSource source = PaperSources.of(pack, Wording.METRIC, TRAVEL, Optional.empty(), 3);
        for (PaperKind kind : PaperKind.values()) {
            PaperDocument document = Papers.document(kind, source);
            String whole = flat(text(PdfMedium.write(document, Paper.a4)));
            // Every leaf says whose it is, which, and of how many.
            java.util.regex.Matcher heads =
                    java.util.regex.Pattern.compile("page ([0-9]+) of ([0-9]+)").matcher(whole);
            int leaf = 0;
            while (heads.find()) {
                leaf++;
                assertThat(heads.group(1)).isEqualTo(String.valueOf(leaf));
                if (heads.group(2).equals(heads.group(1))) {
                    break;
                }
            }
            assertThat(whole).as(kind + " of " + name).contains("page " + leaf + " of " + leaf);
            String read = flat(whole.replaceAll(
                    java.util.regex.Pattern.quote(flat(running(document)).strip()) + " page [0-9]+ of [0-9]+", ""));
            for (String each : words(document)) {
                assertThat(read).as(kind + " of " + name).contains(flat(each).strip());
            }
            String plain = flat(TextMedium.write(document));
            words(document)
                    .forEach(each -> assertThat(plain).contains(flat(each).strip()));
            assertThat(PaperView.of(document).blocks()).hasSameSizeAs(document.blocks());
        }
    }

    @ParameterizedTest
    @MethodSource("demos")
    void stepsStandInThePdfInTheirOrder(String name) throws IOException {
        PaperSource source = PaperSources.of(PaperSources.demo(name), Wording.METRIC);
        String read = text(PdfMedium.write(Papers.document(PaperKind.packing, source), Paper.letter));
        int from = 0;
        List<StepEdits.Edited> steps = source.steps().steps();
        for (int i = 0; i < steps.size(); i++) {
            String words = Wording.METRIC.say(steps.get(i).step().words());
            String first = words.substring(
                    0, Math.min(24, words.indexOf(' ', 12) < 0 ? words.length() : words.indexOf(' ', 12)));
            int at = read.indexOf(first, from);
            assertThat(at).as("step " + (i + 1) + " of " + name + ": " + words).isNotNegative();
            from = at;
        }
    }

    /** Written down by hand, from what can be done with hands. */
    @ParameterizedTest
    @MethodSource("demos")
    void demoPacksArePackedInAnOrderThatCanBeDone(String name) throws IOException {
        PaperSource source = PaperSources.of(PaperSources.demo(name), Wording.METRIC);
        List<String> ids =
                source.steps().steps().stream().map(each -> each.step().id()).toList();
        String[][] before = {
            {"look", "set:"},
            {"look", "item:"},
            {"look", "round:"},
            {"base:", "ties:"},
            {"ties:", "item:"},
            {"base:", "item:"},
            {"item:", "wedges:"},
            {"item:", "knots:"},
            {"knots:", "lid:"},
            {"item:", "lid:"},
            {"close:", "strap:"},
            {"close:", "outside:"},
            {"outside:", "strap:"},
            {"papers", "shake:" + outer(source)},
            {"shake:" + outer(source), "close:" + outer(source)},
            {"close:", "weigh"},
            {"strap:", "weigh"},
            {"close:", "labels"}
        };
        for (String[] pair : before) {
            int last = last(ids, pair[0]);
            int first = first(ids, pair[1]);
            // Of several boxes the inner ones are packed before the outer ones: only those of the last are compared.
            int lastOfOther = last(ids, pair[1]);
            assertThat(last < 0 || first < 0 || last < lastOfOther || first > last)
                    .as(pair[0] + " before " + pair[1] + " in " + ids)
                    .isTrue();
        }
        List<String> closes = ids.stream().filter(id -> id.startsWith("close:")).toList();
        List<String> sets = ids.stream().filter(id -> id.startsWith("set:")).toList();
        assertThat(closes).hasSameSizeAs(source.layout().boxes());
        for (int i = 1; i < closes.size() && i < sets.size(); i++) {
            String box = closes.get(i).substring("close:".length());
            assertThat(ids.indexOf(closes.get(i - 1))).isLessThan(ids.indexOf("set:" + box));
        }
        assertThat(source.steps().steps())
                .allSatisfy(each -> assertThat(named(source, each.says(Wording.IMPERIAL)))
                        .doesNotContain("{")
                        .doesNotContain(" mm"));
        assertThat(minutes(source)).isBetween(5.0, 300.0);
    }

    /** Without the names of materials, which say millimetres in any units. */
    private static String named(PaperSource source, String words) {
        String rest = words;
        for (var board : source.catalogue().boards()) {
            rest = rest.replace(board.name(), "board");
        }
        for (var foam : source.catalogue().foams()) {
            rest = rest.replace(foam.name(), "foam");
        }
        for (var wrap : source.catalogue().wraps()) {
            rest = rest.replace(wrap.name(), "wrap");
        }
        return rest;
    }

    private static double minutes(PaperSource source) {
        return source.steps().steps().stream()
                .map(StepEdits.Edited::step)
                .mapToDouble(Step::minutes)
                .sum();
    }

    private static String outer(PaperSource source) {
        List<Step> steps =
                source.steps().steps().stream().map(StepEdits.Edited::step).toList();
        return steps.stream()
                .map(Step::id)
                .filter(id -> id.startsWith("close:"))
                .reduce((a, b) -> b)
                .orElseThrow()
                .substring("close:".length());
    }

    private static int last(List<String> ids, String prefix) {
        for (int i = ids.size() - 1; i >= 0; i--) {
            if (ids.get(i).startsWith(prefix)) {
                return i;
            }
        }
        return -1;
    }

    private static int first(List<String> ids, String prefix) {
        for (int i = 0; i < ids.size(); i++) {
            if (ids.get(i).startsWith(prefix)) {
                return i;
            }
        }
        return -1;
    }

    @Test
    void labelsAreReadByAnotherReaderAsALabelPrinterPrintsThem() throws IOException {
        PaperSource source =
                PaperSources.of(PaperSources.demo("60-barograph"), Wording.METRIC, TRAVEL, Optional.empty(), 1);
        Path pdf =
                Files.write(folder.resolve("label.pdf"), PdfMedium.single("labels", new LabelsPaper(source).singles()));
        // 8 dots a mm, each black or white.
        run(
                "pdftoppm",
                "-r",
                "203",
                "-mono",
                "-f",
                "1",
                "-l",
                "1",
                pdf.toString(),
                folder.resolve("label").toString());
        Path picture;
        try (Stream<Path> files = Files.list(folder)) {
            picture = files.filter(file -> file.toString().endsWith(".pbm"))
                    .findFirst()
                    .orElseThrow();
        }
        String read = run("zbarimg", "-q", picture.toString());
        assertThat(read).contains("CODE-128:C0042/2").contains("QR-Code:C0042/2");
    }

    @Test
    void aSheetOfLabelsIsReadToo() throws IOException {
        PaperSource source =
                PaperSources.of(PaperSources.demo("60-barograph"), Wording.METRIC, TRAVEL, Optional.empty(), 1);
        Path pdf = Files.write(
                folder.resolve("sheet.pdf"), PdfMedium.write(Papers.document(PaperKind.labels, source), Paper.a4));
        run(
                "pdftoppm",
                "-r",
                "203",
                "-gray",
                "-f",
                "1",
                "-l",
                "1",
                pdf.toString(),
                folder.resolve("sheet").toString());
        Path picture;
        try (Stream<Path> files = Files.list(folder)) {
            picture = files.filter(file -> file.toString().endsWith(".pgm"))
                    .findFirst()
                    .orElseThrow();
        }
        assertThat(run("zbarimg", "-q", picture.toString()))
                .contains("CODE-128:C0042/2")
                .contains("QR-Code:C0042/2");
    }

    /** Size on paper in points by another reader, against millimetres: 90 by 130. */
    @Test
    void aLabelIsOfItsTrueSize() throws IOException {
        PaperSource source =
                PaperSources.of(PaperSources.demo("60-barograph"), Wording.METRIC, TRAVEL, Optional.empty(), 1);
        Path pdf =
                Files.write(folder.resolve("label.pdf"), PdfMedium.single("labels", new LabelsPaper(source).singles()));
        String info = run("pdfinfo", pdf.toString());
        var size = Pattern.compile("Page size: +([0-9.]+) x ([0-9.]+)").matcher(info);
        assertThat(size.find()).isTrue();
        assertThat(Double.parseDouble(size.group(1)) * 25.4 / 72).isCloseTo(90, within(0.1));
        assertThat(Double.parseDouble(size.group(2)) * 25.4 / 72).isCloseTo(130, within(0.1));
        // The first mark comes after three addresses: 43 mm wide, 12 more high for its words.
        String mark = run("pdfinfo", "-f", "4", "-l", "4", pdf.toString());
        var fourth = Pattern.compile("Page +4 size: +([0-9.]+) x ([0-9.]+)").matcher(mark);
        assertThat(fourth.find()).as(mark).isTrue();
        assertThat(Double.parseDouble(fourth.group(1)) * 25.4 / 72).isCloseTo(43, within(0.1));
        assertThat(Double.parseDouble(fourth.group(2)) * 25.4 / 72).isCloseTo(55, within(0.1));
    }

    /** The frame of the first label on a sheet, dot by dot: 90 mm from its left line to its right one. */
    @Test
    void onASheetTheFrameOfALabelIsAsWideAsItShouldBe() throws IOException {
        PaperSource source =
                PaperSources.of(PaperSources.demo("20-rain-gauge"), Wording.METRIC, TRAVEL, Optional.empty(), 1);
        PaperDocument only = new PaperDocument(
                "labels",
                List.of(new Block.CutOuts(new LabelsPaper(source).addresses().subList(0, 1))));
        Path pdf = Files.write(folder.resolve("one.pdf"), PdfMedium.write(only, Paper.a4));
        run(
                "pdftoppm",
                "-r",
                "254",
                "-png",
                "-gray",
                pdf.toString(),
                folder.resolve("one").toString());
        Path picture;
        try (Stream<Path> files = Files.list(folder)) {
            picture = files.filter(file -> file.toString().endsWith(".png"))
                    .findFirst()
                    .orElseThrow();
        }
        BufferedImage image = ImageIO.read(picture.toFile());
        int left = image.getWidth();
        int right = 0;
        int top = image.getHeight();
        int bottom = 0;
        // Below the head of the leaf.
        for (int y = 105; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                if ((image.getRGB(x, y) & 0xff) < 160) {
                    left = Math.min(left, x);
                    right = Math.max(right, x);
                    top = Math.min(top, y);
                    bottom = Math.max(bottom, y);
                }
            }
        }
        // 10 dots a mm; the line itself is 0.2 mm.
        assertThat((right - left) / 10.0).isCloseTo(90, within(0.4));
        assertThat((bottom - top) / 10.0).isCloseTo(130, within(0.4));
    }

    @Test
    void aBarCodeRefusesWhatItCannotSay() {
        assertThatThrownBy(() -> BarCode.widthMm("Zürich")).hasMessageContaining("printable ASCII");
        assertThatThrownBy(() -> BarCode.widthMm("")).hasMessageContaining("1 to 40");
        assertThatThrownBy(() -> BarCode.widthMm("x".repeat(41))).hasMessageContaining("1 to 40");
    }

    @Test
    void aSignedReasonStandsOnEveryPaper() throws IOException {
        String reason = "Released although something breaks. Signed by keeper: the customer fetches it.";
        PaperSource source =
                PaperSources.of(PaperSources.demo("10-hygrometer"), Wording.METRIC, TRAVEL, Optional.of(reason), 1);
        for (PaperKind kind : PaperKind.values()) {
            assertThat(flat(text(PdfMedium.write(Papers.document(kind, source), Paper.letter))))
                    .as("%s", kind)
                    .contains(reason);
        }
    }

    @Test
    void notesOfFeaturesReachTheSpecification() throws IOException {
        String json = new String(PaperSources.demo("60-barograph").write(), StandardCharsets.UTF_8)
                .replaceFirst("\"note\"\\s*:\\s*\"\"", "\"note\": \"lock the arm with its own pin\"");
        PaperSource source = PaperSources.of(PackFile.read(json.getBytes(StandardCharsets.UTF_8)), Wording.METRIC);
        assertThat(flat(text(PdfMedium.write(Papers.document(PaperKind.specification, source), Paper.a4))))
                .contains("lock the arm with its own pin")
                .contains("slate plinth");
        assertThat(flat(text(PdfMedium.write(Papers.document(PaperKind.packing, source), Paper.a4))))
                .contains("pen arm: lock the arm with its own pin");
    }

    /** Material of so many packs against a sum by hand: what the layout weighs, over the density of its foam. */
    @Test
    void materialIsCountedForOnePackAndForSeveral() throws IOException {
        PackFile pack = PaperSources.demo("20-rain-gauge");
        PaperSource source = PaperSources.of(pack, Wording.METRIC, TRAVEL, Optional.empty(), 7);
        double litres = source.layout().cushions().stream()
                .filter(c -> c.foam()
                        .id()
                        .equals(source.layout().cushions().get(0).foam().id()))
                .mapToDouble(c -> c.massKg() / c.foam().densityKgM3() * 1000)
                .sum();
        String read = flat(text(PdfMedium.write(Papers.document(PaperKind.materials, source), Paper.a4)));
        String one = Wording.METRIC.amount(new Quantity(litres, Unit.NONE, 2)).number();
        String seven =
                Wording.METRIC.amount(new Quantity(7 * litres, Unit.NONE, 2)).number();
        assertThat(read).contains(source.layout().cushions().get(0).foam().name() + " " + one + " " + seven + " l");
    }

    /** In a house of inches: cubic feet, square feet, feet, each with the price of that much, and the same sum. */
    @Test
    void materialIsCountedInTheUnitsOfTheHouse() throws IOException {
        PackFile pack = PaperSources.demo("20-rain-gauge");
        String metric = flat(text(PdfMedium.write(
                Papers.document(PaperKind.materials, PaperSources.of(pack, Wording.METRIC)), Paper.a4)));
        PaperSource inches = PaperSources.of(pack, Wording.IMPERIAL);
        String read = flat(text(PdfMedium.write(Papers.document(PaperKind.materials, inches), Paper.letter)));
        assertThat(named(inches, read)).doesNotContainPattern("\\b(mm|m|m²|l|kg)\\b");
        assertThat(read).contains("ft³", "ft²", "Tape, 2 in");
        assertThat(metric).contains("Tape, 50 mm");
        double litres = inches.layout().cushions().get(0).massKg()
                / inches.layout().cushions().get(0).foam().densityKgM3()
                * 1000;
        // 1 ft³ = 28.316846592 l by definition.
        assertThat(read)
                .contains(inches.layout().cushions().get(0).foam().name() + " "
                        + Wording.METRIC
                                .amount(new Quantity(litres / 28.316846592, Unit.NONE, 2))
                                .number());
    }

    /** What harms a surface has no demand and no limit that one could read: it is told in words. */
    @Test
    void whatHarmsIsToldInWords() throws IOException {
        PaperSource source = PaperSources.of(PaperSources.demo("05-pattern-store"), Wording.METRIC);
        String read = flat(text(PdfMedium.write(Papers.document(PaperKind.specification, source), Paper.a4)));
        assertThat(read).contains("What lies against the surface breaks").doesNotContain("surface 100 %");
        assertThat(read)
                .contains(flat(source.report().evaluation().checks().stream()
                        .filter(check -> check.id().equals("material"))
                        .findFirst()
                        .orElseThrow()
                        .because()));
    }
}
