package rampart.server.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.Select;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;

/** The carton, from what is sent to what is cut. */
@ExtendWith(RunningRampart.class)
class CartonTest {
    private final Http http = Http.designer();
    private Browser browser;
    private String id = "none";

    @BeforeEach
    void open() {
        browser = Browser.ofDesigner();
    }

    @AfterEach
    void close() {
        List<String> console = browser.console();
        browser.close();
        http.delete("api/packs/" + id);
        assertThat(console.stream().filter(line -> !line.contains("400"))).isEmpty();
    }

    private void bench(String pack, String station) {
        id = http.post("api/packs", Http.demoPack(pack)).json().path("id").asString();
        browser.open("packs/" + id + "?at=" + station);
        browser.see("[data-saving]");
    }

    private JsonNode file() {
        return http.get("api/packs/" + id + "/file").json();
    }

    private void choose(String label, String text) {
        new Select(browser.see("select[aria-label='" + label + "']")).selectByVisibleText(text);
    }

    private void press(String text) {
        browser.button(text).sendKeys(Keys.ENTER);
    }

    /** Six funnels, bare and wrapped, into cells, and the strips between them as files. */
    @Test
    void sixFunnelsFromBareSizeToPrintedStrips() {
        bench("50-tide-recorder", "item");
        press("It is several pieces alike");
        browser.type("[aria-label^='length of a piece']", "110");
        browser.type("[aria-label^='width of a piece']", "110");
        browser.type("[aria-label^='height of a piece']", "150");
        browser.type("[aria-label^='Mass of a piece']", "0.42");
        browser.type("[aria-label^='Number of pieces']", "6");
        browser.type("[aria-label^='Wrap round a piece']", "27");
        choose("Shape of a piece", "round seen from above");
        choose("Board between the pieces", "B flute, 32 ECT");
        press("Ways to set them");
        browser.until(() -> browser.driver().findElements(By.cssSelector("tbody tr")).stream()
                .anyMatch(row -> row.getText().contains("3 × 2, rows and columns")
                        && row.getText().contains("498.4 × 331.2 × 204 mm")));
        browser.driver().findElements(By.cssSelector("tbody tr")).stream()
                .filter(row -> row.getText().startsWith("3 × 2, rows and columns"))
                .findFirst()
                .orElseThrow()
                .findElement(By.cssSelector("button"))
                .sendKeys(Keys.ENTER);
        browser.until(() -> file().at("/item/pieces/columns").asInt() == 3);
        assertThat(file().at("/item/sizeMm/length").asDouble()).isCloseTo(498.4, within(1e-9));
        browser.open("packs/" + id + "?at=carton");
        press("Divider");
        browser.until(() -> browser.text(".pieces").contains("2 × strip across"));
        assertThat(browser.text("figcaption")).contains("331.2 mm × 204 mm");
        String address = browser.driver()
                .findElement(By.xpath("//a[text()='PDF at true size']"))
                .getDomProperty("href");
        byte[] pdf =
                http.get(address.substring(RunningRampart.url().length())).raw().body();
        assertThat(new String(pdf, 0, 5, java.nio.charset.StandardCharsets.US_ASCII))
                .isEqualTo("%PDF-");
    }

    private void answer(String label, String text) {
        browser.see("[aria-label='" + label + "']").sendKeys(Keys.chord(Keys.CONTROL, "a"), text);
    }

    /** From the answers of a newcomer: a panel, laid between boards and into a folded carton of two blanks. */
    @Test
    void aPanelBetweenBoardsFromAnswersToItsTwoBlanks() {
        browser.open("new");
        browser.see("#new-name").sendKeys("Chart screen");
        answer("Length of the item, mm", "900");
        answer("Width of the item, mm", "620");
        answer("Height of the item, mm", "35");
        answer("Mass of the item, kg", "3.2");
        browser.see("input[value='MODERATELY_RUGGED']").click();
        browser.until(() -> browser.text("[aria-label='First wall']").contains("minutes at the table"));
        press("Put it on the bench");
        browser.see(".marker");
        id = browser.driver().getCurrentUrl().replaceFirst(".*/packs/([^?/]+).*", "$1");
        browser.open("packs/" + id + "?at=cushion");
        browser.see("[data-saving]");
        browser.driver().findElements(By.cssSelector("button.add")).get(0).sendKeys(Keys.ENTER);
        press("Rigid boards");
        browser.type("[aria-label^='Overhang of the boards']", "25");
        choose("Rigid board", "BC flute, 48 ECT");
        browser.open("packs/" + id + "?at=carton");
        press("Rigid boards on two faces");
        browser.until(() -> browser.text("figcaption").contains("950 mm × 670 mm"));
        press("Outer carton");
        choose("Style of the box", "two-sheet folded carton");
        browser.until(() -> browser.text(".pieces").contains("lower sheet")
                && browser.text(".pieces").contains("upper sheet"));
        browser.until(() -> "two-sheet".equals(outer().path("style").asString()));
        JsonNode boxes = http.post("api/evaluations", file().toString()).json().path("boxes");
        JsonNode inside = boxes.get(boxes.size() - 1).path("insideMm");
        double c = outer().path("board").asString().startsWith("bc") ? 7 : 4;
        double wide = inside.path("length").asDouble()
                + c
                + 2 * (inside.path("height").asDouble() + c / 2);
        String shown = String.format(Locale.ROOT, "%.1f", wide).replace(".0", "");
        browser.until(() -> browser.text("figcaption").contains(shown + " mm"));
        // Folded up step by step, by keys.
        WebElement slider = browser.see("[aria-label='How far it is folded']");
        String flat = browser.see("polygon").getDomAttribute("points");
        slider.sendKeys(Keys.END);
        browser.until(() -> !browser.see("polygon").getDomAttribute("points").equals(flat));
        assertThat(slider.getDomAttribute("aria-valuetext")).isEqualTo("step 3 of 3");
    }

    private JsonNode outer() {
        JsonNode layers = file().path("layers");
        return layers.get(layers.size() - 1);
    }

    /** A carton from the store cut down to its contents, with what to do at the table. */
    @Test
    void aCartonIsCutDownToHeight() {
        bench("32-seismometer-cut-down", "carton");
        press("Make it to size");
        browser.until(() -> outer().path("stock").isNull());
        press("Look in stock");
        browser.until(() -> browser.driver().findElements(By.cssSelector(".fit")).stream()
                .anyMatch(fit -> fit.getText().startsWith("Quay 9, cut down from 600 mm")));
        browser.driver().findElements(By.cssSelector(".fit")).stream()
                .filter(fit -> fit.getText().startsWith("Quay 9, cut down from 600 mm"))
                .findFirst()
                .orElseThrow()
                .sendKeys(Keys.ENTER);
        browser.until(() -> outer().at("/stock/cutFromMm").asDouble() == 600);
        assertThat(outer().at("/stock/insideMm/height").asDouble()).isEqualTo(397);
        browser.until(() -> browser.has("section[aria-label='Cutting it down']"));
        assertThat(browser.text("section[aria-label='Cutting it down']"))
                .contains("Cut 203 mm off the top")
                .contains("Slit the four corners");
        press("What carriers charge");
        browser.until(
                () -> browser.text("section[aria-label='What carriers charge']").contains("Packet Line"));
        assertThat(browser.text("section[aria-label='What carriers charge']")).contains("invented figures");
    }

    /** Three boxes: whether they go in, the solid peeled and turned by keys, another board, straps. */
    @Test
    void threeBoxesFromTheirGapsToTheirStraps() {
        bench("40-gravimeter", "carton");
        press("Clearances");
        browser.until(() -> browser.text("section[aria-label='Outer carton']").contains("of room in"));
        assertThat(browser.text("section[aria-label='Outer carton']")).contains("42 mm");
        press("Whole pack");
        WebElement peel = browser.see("[aria-label='Layers taken off']");
        int whole =
                browser.driver().findElements(By.cssSelector(".whole polygon")).size();
        peel.sendKeys(Keys.ARROW_RIGHT);
        browser.until(() ->
                browser.text("ol[aria-label='Layers from the outside inward']").contains("taken off"));
        assertThat(peel.getDomAttribute("aria-valuetext")).isEqualTo("1 of 6 layers");
        assertThat(browser.driver()
                        .findElements(By.cssSelector(".whole polygon"))
                        .size())
                .isNotEqualTo(whole);
        String before = browser.see(".whole polygon").getDomAttribute("points");
        browser.see("[aria-label='The pack turned by']").sendKeys(Keys.ARROW_LEFT);
        browser.until(
                () -> !browser.see(".whole polygon").getDomAttribute("points").equals(before));
        press("Board and strength");
        browser.until(() -> browser.has("[aria-label='Take BC flute, 71 ECT']"));
        browser.see("[aria-label='Take BC flute, 71 ECT']").sendKeys(Keys.ENTER);
        browser.until(() -> outer().path("board").asString().equals("bc-71"));
        press("Boxes and blanks");
        browser.until(() -> browser.text(".station").contains("of strap"));
        browser.driver()
                .findElement(By.xpath("//fieldset//label[normalize-space()='straps']/input"))
                .sendKeys(Keys.SPACE);
        browser.until(() -> outer().path("fittings").size() == 2);
        press("Pads, posts and caps of the carton");
        browser.until(() -> browser.text(".pieces").contains("board cap"));
    }

    /** Forty kinds of contents and the best four sizes for them. */
    @Test
    void fortyItemsToTheBestFourSizes() {
        Random random = new Random(40);
        StringBuilder list = new StringBuilder("name,length_mm,width_mm,height_mm,mass_kg,count\n");
        for (int i = 0; i < 40; i++) {
            list.append(String.format(
                    Locale.ROOT,
                    "kind %d,%d,%d,%d,%.2f,%d%n",
                    i,
                    100 + random.nextInt(500),
                    100 + random.nextInt(300),
                    60 + random.nextInt(300),
                    .3 + 8 * random.nextDouble(),
                    1 + random.nextInt(90)));
        }
        browser.open("stores");
        press("Stock cartons");
        browser.see("textarea").clear();
        browser.script(
                "arguments[0].value = arguments[1]; arguments[0].dispatchEvent(new Event('input', {bubbles: true}))",
                browser.see("textarea"),
                list.toString());
        press("Look for the best sizes");
        browser.until(() -> browser.has("section[aria-labelledby=best-sizes] table"));
        browser.driver()
                .findElements(By.cssSelector("section[aria-labelledby=best-sizes] th button"))
                .get(3)
                .sendKeys(Keys.ENTER);
        browser.until(() -> browser.text("section[aria-labelledby=best-sizes]").contains("4 sizes, inside"));
        List<WebElement> rows = browser.driver()
                .findElements(By.cssSelector("section[aria-labelledby=best-sizes] table:last-of-type tbody tr"));
        assertThat(rows).hasSize(4);
        int kinds = rows.stream()
                .mapToInt(row -> Integer.parseInt(
                        row.findElements(By.cssSelector("td")).get(0).getText().replace(" kinds", "")))
                .sum();
        assertThat(kinds).isEqualTo(40);
        // A hole in the list is told with its line, and the answer before it stays.
        browser.script(
                "arguments[0].value = arguments[1]; arguments[0].dispatchEvent(new Event('input', {bubbles: true}))",
                browser.see("textarea"),
                list.append("broken,100,x,60,1,1\n").toString());
        press("Look for the best sizes");
        browser.until(
                () -> browser.text("section[aria-labelledby=best-sizes]").contains("width_mm \"x\" is not allowed"));
    }
}
