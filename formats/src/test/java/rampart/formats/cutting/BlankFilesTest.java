package rampart.formats.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import rampart.core.cut.BoardWork;
import rampart.core.geometry.CutWork;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.core.material.StandardCatalogue;
import rampart.core.search.Watcher;
import rampart.formats.Outside;
import rampart.formats.pack.PackFile;
import rampart.formats.paper.Paper;
import rampart.formats.paper.TemplatePdf;

/** Files of blanks, strips and boards, read back by readers that are not ours. */
class BlankFilesTest {
    @TempDir
    private Path folder;

    /** Everything of board in a pack of the demo, its outer carton in another style. */
    private static List<CutDrawing> demo(String name, String style) throws IOException {
        String text = Files.readString(Path.of("../demo/packs/" + name + ".json"));
        int last = text.lastIndexOf("\"style\": \"");
        String changed = text.substring(0, last)
                + text.substring(last).replaceFirst("\"style\": \"[^\"]*\"", "\"style\": \"" + style + "\"");
        PackFile file = PackFile.read(changed.getBytes(java.nio.charset.StandardCharsets.UTF_8));
        Catalogue catalogue = file.catalogue(StandardCatalogue.get());
        return BlankDrawing.all(BoardWork.of(
                file.pack(), LayoutWalk.lay(file.pack().item(), file.pack().layers(), catalogue), catalogue));
    }

    private static List<CutDrawing> drawings() throws IOException {
        List<CutDrawing> all = new ArrayList<>();
        for (String style : List.of("0201", "0203", "0301", "0401", "0406", "0410", "0426")) {
            all.addAll(demo("22-rain-gauge-funnels", style));
        }
        all.addAll(demo("26-chart-screen", "two-sheet"));
        all.addAll(demo("40-gravimeter", "0201"));
        all.addAll(demo("80-sextant", "0201"));
        return all;
    }

    @Test
    void anIndependentReaderFindsEveryLineInDxf() throws IOException {
        List<CutDrawing> drawings = drawings();
        List<List<String>> all = Outside.readDxf(CutFilesTest.written(drawings, folder));
        for (int d = 0; d < drawings.size(); d++) {
            CutDrawing drawing = drawings.get(d);
            List<String> said = all.get(d);
            assertThat(said.get(0)).isEqualTo("units 4");
            List<String> expected = new ArrayList<>();
            for (CutDrawing.Layer layer : drawing.layers()) {
                for (CutDrawing.Stroke stroke : layer.strokes()) {
                    expected.add("line " + layer.name().toUpperCase(Locale.ROOT) + " " + place(stroke.from()) + " "
                            + place(stroke.to()));
                }
            }
            List<String> figures = said.stream()
                    .filter(line -> line.startsWith("line DIMENSION "))
                    .toList();
            assertThat(figures)
                    .as("figures stand on a layer of their own")
                    .isNotEmpty()
                    .allSatisfy(line -> {
                        String[] words = line.split(" ", -1);
                        assertThat(outside(words[2], drawing)).as(line).isTrue();
                        assertThat(outside(words[3], drawing)).as(line).isTrue();
                    });
            assertThat(said.stream()
                            .filter(line -> line.startsWith("line ") && !figures.contains(line))
                            .map(BlankFilesTest::rounded))
                    .as(drawing.title())
                    .containsExactlyElementsOf(expected);
            double area = said.stream()
                    .filter(line -> line.startsWith("curve CUT"))
                    .mapToDouble(BlankFilesTest::areaMm2)
                    .sum();
            double drawn = drawing.layers().get(0).outlines().stream()
                    .mapToDouble(Outline::areaMm2)
                    .sum();
            assertThat(area).as(drawing.title()).isCloseTo(drawn, within(1.0));
        }
    }

    private static boolean outside(String place, CutDrawing drawing) {
        String[] xy = place.split(",", -1);
        return Double.parseDouble(xy[0]) > drawing.widthMm() || Double.parseDouble(xy[1]) > drawing.heightMm();
    }

    private static String place(PlanPoint p) {
        return String.format(Locale.ROOT, "%.2f,%.2f", p.xMm() + 0.0, p.yMm() + 0.0);
    }

    private static String rounded(String line) {
        String[] words = line.split(" ", -1);
        return words[0] + " " + words[1] + " " + rounded2(words[2]) + " " + rounded2(words[3]);
    }

    private static String rounded2(String place) {
        String[] xy = place.split(",", -1);
        return place(new PlanPoint(Double.parseDouble(xy[0]), Double.parseDouble(xy[1])));
    }

    /** Gauss's formula on the places that the reader prints. */
    private static double areaMm2(String curve) {
        String[] words = curve.trim().split(" ", -1);
        double twice = 0;
        for (int i = 3; i < words.length; i++) {
            String[] p = words[i].split(",", -1);
            String[] q = words[i + 1 < words.length ? i + 1 : 3].split(",", -1);
            twice += Double.parseDouble(p[0]) * Double.parseDouble(q[1])
                    - Double.parseDouble(q[0]) * Double.parseDouble(p[1]);
        }
        return Math.abs(twice) / 2;
    }

    @Test
    void svgKeepsCutScorePerforationAndGlueApart() throws Exception {
        for (CutDrawing drawing : drawings()) {
            Element svg = DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .parse(new ByteArrayInputStream(SvgCut.write(drawing, List.of("Try", "draft"))))
                    .getDocumentElement();
            assertThat(Double.parseDouble(svg.getAttribute("width").replace("mm", "")))
                    .as("the piece and the figures beside it")
                    .isGreaterThan(drawing.widthMm());
            assertThat(svg.getAttribute("viewBox"))
                    .startsWith("0 0 " + svg.getAttribute("width").replace("mm", ""));
            NodeList groups = svg.getElementsByTagName("g");
            for (CutDrawing.Layer layer : drawing.layers()) {
                Element group = null;
                for (int i = 0; i < groups.getLength(); i++) {
                    if (((Element) groups.item(i)).getAttribute("id").equals(layer.name())) {
                        group = (Element) groups.item(i);
                    }
                }
                assertThat(group).as(layer.name()).isNotNull();
                NodeList lines = group.getElementsByTagName("line");
                assertThat(lines.getLength()).isEqualTo(layer.strokes().size());
                for (int i = 0; i < lines.getLength(); i++) {
                    Element line = (Element) lines.item(i);
                    assertThat(Double.parseDouble(line.getAttribute("x1")))
                            .isCloseTo(layer.strokes().get(i).from().xMm(), within(1e-3));
                    // The file's y runs down.
                    double height =
                            Double.parseDouble(svg.getAttribute("height").replace("mm", ""));
                    assertThat(height - Double.parseDouble(line.getAttribute("y2")))
                            .isCloseTo(layer.strokes().get(i).to().yMm(), within(1e-3));
                }
            }
        }
        assertThat(demo("22-rain-gauge-funnels", "0426"))
                .anySatisfy(mailer -> assertThat(mailer.layers())
                        .extracting(CutDrawing.Layer::work)
                        .contains(CutWork.CUT, CutWork.SCORE, CutWork.PERFORATION));
    }

    /**
     * Whoever has the drawing alone: for a regular carton the scores that are written add up, by hand, to tab, walls and flaps of the inside that
     * is written, in board of the thickness that is written.
     */
    @Test
    void whatIsWrittenIsEnoughToMakeIt() throws IOException {
        CutDrawing blank = demo("10-hygrometer", "0201").stream()
                .filter(drawing -> drawing.title().startsWith("Outer carton"))
                .findFirst()
                .orElseThrow();
        String notes = String.join("\n", blank.notes());
        List<Double> inside = figures(notes, "folded ([0-9.]+) × ([0-9.]+) × ([0-9.]+)");
        double c = figures(notes, "([0-9.]+) mm thick").get(0);
        double longer = Math.max(inside.get(0), inside.get(1));
        double shorter = Math.min(inside.get(0), inside.get(1));
        List<Double> across = list(notes, "Scores from the left edge");
        assertThat(across).hasSize(4);
        double left = 35;
        for (int i = 0; i < 4; i++) {
            assertThat(across.get(i)).as("score %d", i).isCloseTo(left, within(0.11));
            left += (i % 2 == 0 ? longer : shorter) + c;
        }
        assertThat(blank.widthMm()).isCloseTo(left, within(0.11));
        List<Double> along = list(notes, "Scores from the lower edge");
        double flap = (shorter + c) / 2;
        assertThat(along.get(0)).isCloseTo(flap, within(0.11));
        assertThat(along.get(along.size() - 1) - along.get(0)).isCloseTo(inside.get(2) + 2 * c, within(0.31));
        assertThat(notes).contains("For one pack: 1.", "flutes run up and down", "± ", "Joint: where glue is drawn");
        Drafted file = Drafted.file(blank, List.of("Hygrometer", "draft"));
        List<String> words = file.texts().stream().map(CutDrawing.Text::words).toList();
        across.forEach(place -> assertThat(words).contains(CutDrawing.figure(place)));
        along.forEach(place -> assertThat(words).contains(CutDrawing.figure(place)));
        assertThat(words).contains("Hygrometer", "draft", CutDrawing.figure(blank.widthMm()));
    }

    /** Figures stand apart, in their order, and no farther from their places than they must. */
    @Test
    void figuresAreSpreadNoFartherThanTheyMust() {
        assertThat(Drafted.spread(List.of(0.0, 10.0, 30.0), 10)).containsExactly(0.0, 10.0, 30.0);
        assertThat(Drafted.spread(List.of(0.0, 0.0), 10)).containsExactly(-5.0, 5.0);
        assertThat(Drafted.spread(List.of(0.0, 1.0, 2.0, 50.0), 10)).containsExactly(-9.0, 1.0, 11.0, 50.0);
    }

    private static List<Double> figures(String text, String pattern) {
        java.util.regex.Matcher matcher =
                java.util.regex.Pattern.compile(pattern).matcher(text);
        assertThat(matcher.find()).as(pattern + " in " + text).isTrue();
        List<Double> found = new ArrayList<>();
        for (int i = 1; i <= matcher.groupCount(); i++) {
            found.add(Double.parseDouble(matcher.group(i)));
        }
        return found;
    }

    private static List<Double> list(String text, String what) {
        int from = text.indexOf(what + ": ") + what.length() + 2;
        String line = text.substring(from, text.indexOf(" mm.", from));
        return java.util.Arrays.stream(line.split(", ", -1))
                .map(Double::parseDouble)
                .toList();
    }

    /** Score to score on the printed leaf: 100.0 mm, at ten pixels to the millimetre. */
    @Test
    void scoresOnPaperAreOfTrueSize() throws IOException {
        CutDrawing drawing = new CutDrawing(
                "strip",
                "strip",
                140,
                60,
                List.of(
                        CutDrawing.Layer.closed(
                                "cut", CutWork.CUT, 4, List.of(Outline.rectangle(new PlanPoint(70, 30), 140, 60, 0))),
                        new CutDrawing.Layer(
                                "score",
                                CutWork.SCORE,
                                0,
                                List.of(),
                                List.of(
                                        new CutDrawing.Stroke(new PlanPoint(20, 0), new PlanPoint(20, 60)),
                                        new CutDrawing.Stroke(new PlanPoint(120, 0), new PlanPoint(120, 60))))),
                List.of(),
                List.of());
        Path file = folder.resolve("strip.pdf");
        Files.write(file, TemplatePdf.write("strip", "draft", List.of(drawing), Paper.a4, Watcher.NONE));
        String picture = folder.resolve("p").toString();
        Outside.run(List.of("pdftoppm", "-r", "254", "-gray", "-png", "-singlefile", file.toString(), picture));
        BufferedImage image = ImageIO.read(Path.of(picture + ".png").toFile());
        // Dashes: a column is a score where some row through the strip is dark in it.
        List<Integer> dark = new ArrayList<>();
        for (int x = 0; x < image.getWidth(); x++) {
            for (int y = (12 + 16 + 10) * 10; y < (12 + 16 + 50) * 10; y++) {
                if ((image.getRGB(x, y) & 0xff) < 128) {
                    if (dark.isEmpty() || x - dark.get(dark.size() - 1) > 20) {
                        dark.add(x);
                    }
                    break;
                }
            }
        }
        assertThat(dark).hasSize(4);
        assertThat(dark.get(2) - dark.get(1)).isBetween(999, 1001);
        assertThat(dark.get(3) - dark.get(0)).isBetween(1399, 1401);
    }
}
