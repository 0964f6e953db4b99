package rampart.server.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.Pdf;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.print.PageSize;
import org.openqa.selenium.print.PrintOptions;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;

/** The page to work from: lengths on it measured, what to cut said, in mm and in inches, on one sheet of either paper. */
@ExtendWith(RunningRampart.class)
class PaperTest {
    private static final double PX_PER_MM = 96 / 25.4;

    @Test
    void drawsToScaleAndFitsOneSheet() {
        JsonNode evaluation = Http.signedIn()
                .post("api/evaluations", Http.demoPack("20-rain-gauge"))
                .json();
        try (Browser browser = new Browser(RunningRampart.url())) {
            browser.signIn(
                    RunningRampart.designer().name(), RunningRampart.designer().password());
            browser.type("input[type='search']", "Rain gauge, funnel");
            browser.see("a[aria-label='Open Rain gauge, funnel apart']").click();
            browser.see(".marker");
            browser.see("a[href$='/page']").click();
            WebElement front = browser.see(".paper svg[data-view='front']");
            double ratio = Double.parseDouble(front.getDomAttribute("data-ratio"));
            double width = ((Number) browser.script("return arguments[0].querySelector('g').getBBox().width", front))
                    .doubleValue();
            assertThat(width / PX_PER_MM * ratio)
                    .as("outside length, measured on the page")
                    .isCloseTo(evaluation.at("/outsideMm/length").asDouble(), within(0.01));
            assertThat(browser.text(".paper"))
                    .contains("Pieces to cut", "100 × 75", "528 × 408 × 441 mm inside", "Thin. Weakest");

            browser.button("inches").click();
            browser.until(() -> browser.text(".paper").contains("20 25/32"));
            browser.button("millimetres").click();

            for (PageSize paper : new PageSize[] {new PageSize(29.7, 21.0), new PageSize(27.94, 21.59)}) {
                PrintOptions options = new PrintOptions();
                options.setPageSize(paper);
                Pdf pdf = browser.driver().print(options);
                String raw = new String(
                        java.util.Base64.getDecoder().decode(pdf.getContent()),
                        java.nio.charset.StandardCharsets.ISO_8859_1);
                assertThat(raw.split("/Type /Page\\b", -1).length - 1)
                        .as("sheets of %s by %s cm", paper.getHeight(), paper.getWidth())
                        .isEqualTo(1);
            }
            assertThat(browser.console()).isEmpty();
        }
    }

    /** The packer's page of an insert: the pieces to scale, every cut with its knife, what lies where, the slots of the ties. */
    @Test
    void theInsertStandsOnIt() {
        Http http = Http.signedIn();
        String file = Http.demoPack("80-sextant");
        JsonNode making = http.post("api/beds/making", file).json();
        JsonNode bed = http.post("api/beds", file).json();
        String id = http.post("api/packs", file).json().path("id").asString();
        try (Browser browser = new Browser(RunningRampart.url())) {
            browser.signIn(
                    RunningRampart.packer().name(), RunningRampart.packer().password());
            browser.open("packs/" + id + "/page");
            for (JsonNode piece : making.path("pieces")) {
                String half = piece.path("title").asString().startsWith("base") ? "base" : "lid";
                WebElement drawing = browser.see("svg[data-view='" + half + "']");
                double ratio = Double.parseDouble(drawing.getDomAttribute("data-ratio"));
                for (String side : new String[] {"width", "height"}) {
                    double px = ((Number) browser.script(
                                    "return arguments[0].querySelector('path.shape').getBBox()[arguments[1]]",
                                    drawing,
                                    side))
                            .doubleValue();
                    assertThat(px / PX_PER_MM * ratio)
                            .as("%s of the %s", side, half)
                            .isCloseTo(
                                    piece.path(side.equals("width") ? "widthMm" : "depthMm")
                                            .asDouble(),
                                    within(0.05));
                }
            }
            String page = browser.text(".paper");
            int number = 1;
            for (JsonNode step : making.path("steps")) {
                assertThat(page)
                        .containsPattern("(?m)^" + number++ + "\\s+"
                                + step.path("half").asString() + "[^\\n]*\\s" + rounded(step.path("knifeMm"))
                                + " mm\\s+" + rounded(step.path("toMm")) + " mm");
            }
            // Where the first tie goes down, from the block's left and front.
            double left = bed.at("/tieSlots/0/slots/0/0/0").asDouble()
                    - bed.at("/blockMinMm/0").asDouble();
            assertThat(page).contains("slots in bed and box: " + rounded(left) + " mm, ");
            assertThat(page).contains("grip", "telescope", "32 mm kept clear", "tie 20 mm wide");
            assertThat(browser.console()).isEmpty();
        } finally {
            http.delete("api/packs/" + id);
        }
    }

    /** As lengths to cut by are written: to a tenth, without one where it is whole. */
    private static String rounded(JsonNode mm) {
        return rounded(mm.asDouble());
    }

    private static String rounded(double mm) {
        double tenth = Math.round(mm * 10) / 10.0;
        return tenth == Math.rint(tenth) ? Long.toString(Math.round(tenth)) : Double.toString(tenth);
    }

    /** What the browser prints of the labels, as a printer of 203 dpi puts it on paper, read by another reader. */
    @Test
    void labelsPrintedFromTheBrowserAreRead(@TempDir Path folder) throws IOException, InterruptedException {
        String id = Http.signedIn()
                .post("api/packs", Http.demoPack("20-rain-gauge"))
                .json()
                .path("id")
                .asString();
        try (Browser browser = Browser.ofDesigner()) {
            browser.open("packs/" + id + "/page?kind=labels");
            browser.see(".cut-outs svg");
            PrintOptions options = new PrintOptions();
            options.setPageSize(new PageSize(29.7, 21.0));
            Path pdf = Files.write(
                    folder.resolve("labels.pdf"),
                    Base64.getDecoder().decode(browser.driver().print(options).getContent()));
            run(
                    "pdftoppm",
                    "-r",
                    "203",
                    "-gray",
                    pdf.toString(),
                    folder.resolve("leaf").toString());
            String read = "";
            try (Stream<Path> leaves = Files.list(folder)) {
                for (Path leaf : leaves.filter(file -> file.toString().endsWith(".pgm"))
                        .sorted()
                        .toList()) {
                    read += run("zbarimg", "-q", leaf.toString());
                }
            }
            assertThat(read).contains("CODE-128:DRAFT").contains("QR-Code:DRAFT");
            assertThat(browser.console()).isEmpty();
            Http.signedIn().delete("api/packs/" + id);
        }
    }

    /** What it says; a reader that finds nothing says so by its exit. */
    private static String run(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor();
        return said;
    }
}
