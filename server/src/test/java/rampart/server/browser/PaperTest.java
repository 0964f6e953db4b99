package rampart.server.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
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
            browser.see("a[aria-label='Open Rain gauge, funnel apart']").click();
            browser.see(".marker");
            browser.see("a[href$='/page']").click();
            WebElement front = browser.see("svg[data-view='front']");
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
}
