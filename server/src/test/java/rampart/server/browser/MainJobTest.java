package rampart.server.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import rampart.server.demo.DemoAccounts.DemoAccount;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;

/** The main job in a real browser, as a person does it. */
@ExtendWith(RunningRampart.class)
class MainJobTest {
    private static Browser browser;

    @BeforeAll
    static void open() {
        browser = new Browser(RunningRampart.url());
        DemoAccount designer = RunningRampart.designer();
        browser.signIn(designer.name(), designer.password());
    }

    @AfterAll
    static void close() {
        browser.close();
    }

    @AfterEach
    void theConsoleStaysEmpty() {
        assertThat(browser.console()).isEmpty();
    }

    private static void openPack(String name) {
        // Other tests may have put more on the shelf than its first page shows.
        browser.open("");
        browser.type("input[type='search']", name);
        browser.see("a[aria-label='Open " + name + "']").click();
        browser.see(".marker");
    }

    private void newPlainPack() {
        browser.see("a[href='/new']").click();
        browser.button("Start from a plain wall").click();
    }

    private static String verdict() {
        return browser.see("[data-verdict]").getAttribute("data-verdict");
    }

    private static void saved() {
        browser.until(() -> "saved".equals(browser.see("[data-saving]").getAttribute("data-saving")));
    }

    /** What the blows say on screen, in order. */
    private static String blows() {
        return browser.driver().findElements(By.cssSelector("[aria-labelledby='blow-map-title'] button")).stream()
                .map(e -> e.getAttribute("aria-label"))
                .reduce("", (a, b) -> a + "\n" + b);
    }

    private static String packId() {
        return browser.driver().getCurrentUrl().replaceAll(".*/packs/", "");
    }

    @Test
    void newPackChangeReviseReloadExportDeleteImport() throws IOException {
        browser.open("");
        newPlainPack();
        browser.see(".marker");
        assertThat(verdict()).isEqualTo("holds");

        browser.type("[aria-label='Thickness on all sides, mm']", "1 in");
        browser.until(() -> verdict().equals("breaks"));
        saved();
        assertThat(Http.signedIn()
                        .get("api/packs/" + packId())
                        .json()
                        .at("/pack/layers/0/thicknessMm/all")
                        .asDouble())
                .isEqualTo(25.4);

        browser.button("Revisions").click();
        browser.see("dialog[open] input").sendKeys("one inch, too thin");
        browser.button("Save revision").click();
        browser.until(() -> browser.text("dialog[open] [role='status']").equals("Revision 1 is made."));
        browser.see("dialog[open] [aria-label='Close']").click();

        String before = blows();
        browser.driver().navigate().refresh();
        browser.see(".marker");
        assertThat(blows()).isEqualTo(before);
        assertThat(browser.text("[data-saving]")).contains("as in revision 1");

        String id = packId();
        browser.button("Export").click();
        Path file = downloaded();
        String exact =
                Http.signedIn().post("api/evaluations", Files.readString(file)).body();

        browser.open("");
        browser.see("[data-pack='" + id + "'] [aria-label^='Delete']").click();
        browser.until(() -> !browser.has("[data-pack='" + id + "']"));
        browser.driver().findElement(By.cssSelector("input[type='file']")).sendKeys(file.toString());
        browser.until(
                () -> browser.text(".cards li:first-child .drawing + .said").contains("breaks"));
        browser.see(".cards li:first-child a.drawing").click();
        browser.see(".marker");
        assertThat(packId()).isNotEqualTo(id);
        assertThat(blows()).isEqualTo(before);
        String again = Http.signedIn().get("api/packs/" + packId() + "/file").body();
        assertThat(Http.signedIn().post("api/evaluations", again).body()).isEqualTo(exact);
    }

    private static Path downloaded() throws IOException {
        browser.until(() -> {
            try (Stream<Path> files = Files.list(browser.downloads())) {
                return files.anyMatch(f -> f.toString().endsWith(".json"));
            } catch (IOException e) {
                return false;
            }
        });
        try (Stream<Path> files = Files.list(browser.downloads())) {
            return files.findFirst().orElseThrow();
        }
    }

    /** The section is measured: every solid in the plane of the view is drawn where the evaluation has it, nothing else. */
    @Test
    void theSectionIsTrueToScaleInAllThreeViews() {
        for (String name : List.of("Rain gauge, funnel apart", "Gravimeter, three boxes")) {
            openPack(name);
            JsonNode evaluation = Http.signedIn()
                    .post(
                            "api/evaluations",
                            Http.signedIn()
                                    .get("api/packs/" + packId() + "/file")
                                    .body())
                    .json();
            measure(evaluation, "From the front", 0, 2, Set.of("left", "right", "top", "bottom"));
            measure(evaluation, "From the side", 1, 2, Set.of("front", "back", "top", "bottom"));
            measure(evaluation, "From above", 0, 1, Set.of("left", "right", "front", "back"));
        }
    }

    private static void measure(JsonNode evaluation, String view, int across, int up, Set<String> faces) {
        browser.button(view).click();
        @SuppressWarnings("unchecked")
        List<Map<String, Object>> drawn = (List<Map<String, Object>>) browser.script("""
                return [...document.querySelectorAll('.stage rect[data-solid]')].map(r => {
                  const b = r.getBoundingClientRect();
                  const stroke = 0;
                  return { index: +r.dataset.solid, x: +r.getAttribute('x'), y: +r.getAttribute('y'),
                           width: +r.getAttribute('width'), height: +r.getAttribute('height'), seen: b.width > 0 && b.height > 0 };
                });
                """);
        List<JsonNode> solids = evaluation.path("solids").valueStream().toList();
        List<Integer> expected = new java.util.ArrayList<>();
        for (int i = 0; i < solids.size(); i++) {
            if (solids.get(i).path("face").isNull()
                    || faces.contains(solids.get(i).path("face").asString())) {
                expected.add(i);
            }
        }
        assertThat(drawn.stream().map(d -> ((Number) d.get("index")).intValue()))
                .containsExactlyInAnyOrderElementsOf(expected);

        Map<String, Object> item = drawn.stream()
                .filter(d -> solids.get(((Number) d.get("index")).intValue())
                        .path("part")
                        .asString()
                        .equals("item"))
                .findFirst()
                .orElseThrow();
        JsonNode itemSolid = solids.get(((Number) item.get("index")).intValue());
        double scale = number(item, "width") / extent(itemSolid, across);
        assertThat(scale).isGreaterThan(0.2);
        double zeroX = number(item, "x") - itemSolid.path("minMm").get(across).asDouble() * scale;
        double zeroY = number(item, "y") + itemSolid.path("maxMm").get(up).asDouble() * scale;
        for (Map<String, Object> rect : drawn) {
            JsonNode solid = solids.get(((Number) rect.get("index")).intValue());
            assertThat(rect.get("seen")).isEqualTo(true);
            assertThat(number(rect, "width")).isCloseTo(extent(solid, across) * scale, within(1e-6));
            assertThat(number(rect, "height")).isCloseTo(extent(solid, up) * scale, within(1e-6));
            assertThat(number(rect, "x"))
                    .isCloseTo(zeroX + solid.path("minMm").get(across).asDouble() * scale, within(1e-6));
            assertThat(number(rect, "y"))
                    .isCloseTo(zeroY - solid.path("maxMm").get(up).asDouble() * scale, within(1e-6));
        }
    }

    private static double number(Map<String, Object> rect, String key) {
        return ((Number) rect.get(key)).doubleValue();
    }

    private static double extent(JsonNode solid, int axis) {
        return solid.path("maxMm").get(axis).asDouble()
                - solid.path("minMm").get(axis).asDouble();
    }

    @Test
    void wrongInputStaysWithItsReasonAndTheLastGoodValueDrives() {
        openPack("Hygrometer head");
        String before = blows();
        browser.type("[aria-label='Mass of the item, kg']", "heavy");
        assertThat(browser.text("[role='alert']")).contains("\"heavy\" is not a mass");
        assertThat(blows()).isEqualTo(before);

        browser.type("[aria-label='Mass of the item, kg']", "-2");
        browser.until(() -> browser.has("[aria-label='Mass of the item, kg'][aria-invalid='true']"));
        browser.until(() -> browser.text(".field [role='alert']").contains("at least 0.000001"));
        assertThat(blows()).isEqualTo(before);
        assertThat(browser.see("[data-saving]").getAttribute("data-saving")).isEqualTo("refused");

        browser.type("[aria-label='Mass of the item, kg']", "2.2");
        browser.until(() -> !browser.has("[aria-invalid='true']"));
        saved();
        assertThat(blows()).isEqualTo(before);
        // The browser itself writes a line about the refused call; that is what was tried here.
        assertThat(browser.console()).allMatch(line -> line.contains("api/evaluations") && line.contains("400"));
    }

    @Test
    void undoAndRedoByButtonAndKey() {
        openPack("Hygrometer head");
        String before = blows();
        browser.see("[aria-label='Thickness on all sides, mm']").sendKeys(Keys.ARROW_DOWN);
        browser.until(() -> !blows().equals(before));
        String after = blows();
        browser.button("Undo").click();
        browser.until(() -> blows().equals(before));
        browser.button("Redo").click();
        browser.until(() -> blows().equals(after));
        browser.see("h1").click();
        browser.driver().findElement(By.tagName("body")).sendKeys(Keys.chord(Keys.CONTROL, "z"));
        browser.until(() -> blows().equals(before));
        saved();
    }

    @Test
    void layersArePutInMovedAndRemoved() {
        browser.open("");
        newPlainPack();
        browser.see(".marker");
        browser.see("[aria-label^='Add a layer inside C flute']").click();
        browser.button("A box").click();
        browser.until(
                () -> browser.driver().findElements(By.cssSelector(".chip")).size() == 3);
        browser.see("[aria-label='Move the layer inward']").click();
        browser.until(() -> browser.text(".chip:nth-of-type(2)").contains("box"));
        browser.see("[aria-label='Remove the layer']").click();
        browser.until(
                () -> browser.driver().findElements(By.cssSelector(".chip")).size() == 2);
        assertThat(browser.see("[aria-label='Thickness on all sides, mm']").getAttribute("value"))
                .isEqualTo("60");
        saved();
    }

    @Test
    void everyBlowShowsItsWallAndEveryMarginOpens() {
        openPack("Rain gauge, funnel apart");
        // Once its falls have been worked in time the margins stand in another order.
        browser.see("[data-timed=there]");
        for (WebElement cell :
                browser.driver().findElements(By.cssSelector("[aria-labelledby='blow-map-title'] button"))) {
            cell.click();
            String label = cell.getAttribute("aria-label").replaceAll(":.*", "").replace("Falls", "falls");
            assertThat(browser.text("#path-title")).endsWith(label);
            int struck = label.contains("corner") ? 3 : label.contains("edge") ? 2 : 1;
            assertThat(browser.driver().findElements(By.cssSelector("[data-wall]")))
                    .hasSize(struck);
            assertThat(cell.getAttribute("aria-pressed")).isEqualTo("true");
        }
        int rows = browser.driver()
                .findElements(By.cssSelector("[aria-labelledby='margins-title'] .row"))
                .size();
        assertThat(rows).isGreaterThan(8);
        for (int i = 1; i <= rows; i++) {
            // By key: what is still loading above it may move it from under a pointer.
            browser.see("[aria-labelledby='margins-title'] li:nth-child(" + i + ") .row")
                    .sendKeys(Keys.ENTER);
            assertThat(browser.text(".detail p")).endsWith(".");
            browser.button("The working").sendKeys(Keys.ENTER);
            assertThat(browser.text(".detail .formulas")).contains("=");
            assertThat(browser.driver()
                            .findElements(By.cssSelector(".detail tbody .tag"))
                            .size())
                    .isPositive();
        }
    }

    @Test
    void twoTabsKeepBothVersions() {
        openPack("Tide-recorder clockwork");
        String id = packId();
        String file = Http.signedIn().get("api/packs/" + id + "/file").body();
        long version =
                Http.signedIn().get("api/packs/" + id).json().path("version").asLong();
        String theirs = file.replace("\"massKg\" : 3.6", "\"massKg\" : 3.9");
        assertThat(Http.signedIn()
                        .put("api/packs/" + id + "/draft", theirs, "If-Match", Http.tag(version))
                        .status())
                .isEqualTo(200);

        browser.type("[aria-label='Mass of the item, kg']", "4.1");
        browser.see("dialog[open] table");
        assertThat(browser.text("dialog[open] p")).contains("designer saved it at");
        assertThat(browser.text("dialog[open] tbody tr"))
                .contains("Item's mass")
                .contains("4.1 to 3.9 kg");
        browser.button("Take all of theirs").click();
        browser.until(() -> browser.see("[aria-label='Mass of the item, kg']")
                .getAttribute("value")
                .equals("3.9"));
        browser.button("Undo").click();
        browser.until(() -> browser.see("[aria-label='Mass of the item, kg']")
                .getAttribute("value")
                .equals("4.1"));
        saved();
        assertThat(Http.signedIn()
                        .get("api/packs/" + id)
                        .json()
                        .at("/pack/item/massKg")
                        .asDouble())
                .isEqualTo(4.1);
        assertThat(browser.console()).allMatch(line -> line.contains("/draft") && line.contains("409"));
    }

    @Test
    void aPackerReadsAndChangesNothing() {
        try (Browser other = new Browser(RunningRampart.url())) {
            DemoAccount packer = RunningRampart.packer();
            other.open("");
            other.button(packer.name()).click();
            other.see(".card-of-pack a").click();
            other.see(".marker");
            assertThat(other.driver().findElements(By.cssSelector("main input:not([disabled])")))
                    .isEmpty();
            assertThat(other.has("[aria-label='Remove the layer']")).isFalse();
            other.open("new");
            other.see("#new-name");
            assertThat((String) other.script("return document.body.innerText"))
                    .contains("New pack")
                    .doesNotContain("Start from a plain wall");
            other.see("[aria-label^='Sign out']").click();
            other.see("input[type=password]");
            assertThat(other.console()).isEmpty();
        }
    }

    @Test
    void anAddressThatLeadsNowhereSaysSo() {
        browser.open("cellar/third-door");
        assertThat(browser.text("main")).contains("There is no page here");
    }
}
