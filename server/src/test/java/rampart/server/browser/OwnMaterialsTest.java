package rampart.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
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

/** A designer's own foam from a table of test data to a verdict, journeys, surfaces and ways to lie; by keyboard where said. */
@ExtendWith(RunningRampart.class)
class OwnMaterialsTest {
    private static final String DROPS = """
            drop height (mm),thickness (mm),static stress (kPa),peak (G)
            760,50,1,118
            760,50,2,79
            760,50,3,71
            760,50,4,70
            760,50,5,73
            760,50,6,79
            """;

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
        for (JsonNode material : http.get("api/stores/materials").json()) {
            if (material.path("name").asString().startsWith("Bench foam")) {
                String version = "\"" + material.path("version").asLong() + "\"";
                String path = "api/stores/materials/" + material.path("id").asString();
                http.send("DELETE", path, null, "If-Match", version);
            }
        }
        assertThat(console.stream().filter(line -> !line.contains("409") && !line.contains("400")))
                .isEmpty();
    }

    private void bench(String pack) {
        id = http.post("api/packs", Http.demoPack(pack)).json().path("id").asString();
        browser.open("packs/" + id);
        browser.see(".marker");
    }

    private void foamInStores(String name) {
        browser.open("stores");
        browser.button("New foam, from test data").sendKeys(Keys.ENTER);
        browser.see(".editor input").sendKeys(name);
        browser.see("textarea").sendKeys(DROPS);
        browser.see(".editor svg");
    }

    @Test
    void aFoamIsMadeOfTestDataAndUsedOnTheBench() {
        browser.open("stores");
        browser.button("New foam, from test data").sendKeys(Keys.ENTER);
        browser.see(".editor input").sendKeys("Bench foam");
        // What is wrong is told with its row while it is typed, and goes when it is mended.
        WebElement table = browser.see("textarea");
        table.sendKeys(DROPS.replace("760,50,3,71", "760;50;3;71"));
        browser.until(() -> browser.text(".editor [role=alert]").contains("row 4"));
        table.clear();
        table.sendKeys(DROPS);
        browser.see(".editor svg");
        assertThat(browser.text(".editor dl")).contains("6 points").contains("R²");
        browser.button("Save foam").sendKeys(Keys.ENTER);
        browser.until(
                () -> browser.has("#foam-name") && browser.text("#foam-name").equals("Bench foam"));
        assertThat(browser.text("section[aria-labelledby=foam-name]")).contains("The law is measured");

        bench("20-rain-gauge");
        new Select(browser.see("select[aria-label=Foam]")).selectByVisibleText("Bench foam");
        browser.see("[data-saving=saved]");
        JsonNode file = http.get("api/packs/" + id + "/file").json();
        assertThat(file.path("format").asString()).isEqualTo("rampart-pack/5");
        assertThat(file.at("/materials/foams/0/tests/first/points").asInt()).isEqualTo(6);

        // Somebody changes the foam: the bench says so, and takes today's figures only when asked.
        JsonNode material = file.at("/materials/foams/0");
        String given = http.get("api/stores/materials")
                .json()
                .valueStream()
                .filter(m -> m.path("id").equals(material.path("id")))
                .map(m -> "{\"document\":"
                        + m.path("document").toString().replace("\"creepLimitKpa\":4.8", "\"creepLimitKpa\":2.8") + "}")
                .findFirst()
                .orElseThrow();
        assertThat(http.put("api/stores/materials/" + material.path("id").asString(), given, "If-Match", "\"1\"")
                        .status())
                .isEqualTo(200);
        browser.driver().navigate().refresh();
        browser.see(".notice");
        assertThat(browser.text(".notice")).contains("creep limit 4.8 to 2.8 kPa");
        browser.button("Take the figures of today").sendKeys(Keys.ENTER);
        browser.until(() -> !browser.has(".notice"));
        browser.see("[data-saving=saved]");
        assertThat(http.get("api/packs/" + id + "/file")
                        .json()
                        .at("/materials/foams/0/version")
                        .asInt())
                .isEqualTo(2);
    }

    @Test
    void twoPeopleAtOneFoamSeeEachOther() {
        foamInStores("Bench foam of two");
        browser.button("Save foam").click();
        browser.until(
                () -> browser.has("#foam-name") && browser.text("#foam-name").equals("Bench foam of two"));
        browser.button("Change it").click();
        browser.until(() -> browser.see("textarea").getDomProperty("value").contains("760,50,6,79"));
        JsonNode stored = http.get("api/stores/materials")
                .json()
                .valueStream()
                .filter(m -> m.path("name").asString().equals("Bench foam of two"))
                .findFirst()
                .orElseThrow();
        String theirs = "{\"document\":"
                + stored.path("document").toString().replace("\"densityKgM3\":28", "\"densityKgM3\":31") + "}";
        String path = "api/stores/materials/" + stored.path("id").asString();
        assertThat(http.put(path, theirs, "If-Match", "\"1\"").status()).isEqualTo(200);
        browser.type("[aria-label^='Thins in time']", "5.5");
        browser.button("Save foam").click();
        browser.see(".conflict");
        assertThat(browser.text(".conflict")).contains("changed this foam in the meantime");
        assertThat(browser.see("[aria-label^='Thins in time']").getDomProperty("value"))
                .isEqualTo("5.5");
        browser.button("Write mine over it").click();
        browser.until(() -> browser.has("#foam-name"));
        JsonNode history = http.get(path + "/history").json();
        assertThat(history.size()).isEqualTo(3);
        assertThat(history.at("/1/changes").toString()).contains("density 28 to 31");
        assertThat(history.at("/0/changes").toString()).contains("creep limit 4.8 to 5.5");
    }

    @Test
    void surfacesAndWaysToLieReachTheVerdictByKeyboard() {
        bench("20-rain-gauge");
        browser.button("Item").sendKeys(Keys.ENTER);
        By surfaces = By.xpath("//summary[starts-with(normalize-space(.), 'Its surface')]");
        browser.until(() -> !browser.driver().findElements(surfaces).isEmpty());
        browser.driver().findElement(surfaces).sendKeys(Keys.ENTER);
        browser.driver()
                .findElement(By.xpath("//label[contains(., 'silver')]/input"))
                .sendKeys(Keys.SPACE);
        // Three days with urethane by silver want watching.
        browser.until(() -> browser.has("[data-line=material]")
                && browser.text("[data-line=material]").contains("something wants watching"));
        browser.button("Which way should it lie?").sendKeys(Keys.ENTER);
        browser.see("dialog[open] tbody tr");
        assertThat(browser.text("dialog[open] table")).contains("as it lies now");
        browser.driver()
                .findElements(By.cssSelector("dialog[open] tbody button"))
                .get(0)
                .sendKeys(Keys.ENTER);
        browser.until(() -> !browser.has("dialog[open]"));
        browser.see("button[title=Undo]").sendKeys(Keys.ENTER);
        browser.see("[data-saving=saved]");
    }

    @Test
    void aJourneyIsCopiedAndTakenByKeyboard() {
        browser.open("journeys");
        browser.see("summary").sendKeys(Keys.ENTER);
        browser.until(() -> browser.text("main").contains("ISTA 1A"));
        browser.button("Copy it").sendKeys(Keys.ENTER);
        browser.see("form[aria-label=Journey]");
        browser.type("form[aria-label=Journey] input", "by our own van");
        browser.type("[aria-label='Days in the pile, days']", "3");
        browser.button("Save as a new journey").sendKeys(Keys.ENTER);
        browser.until(() -> browser.text("main").contains("by our own van: saved."));
        bench("20-rain-gauge");
        browser.button("Journey").sendKeys(Keys.ENTER);
        browser.until(() -> browser.has("select[aria-label='A journey to take'] option:nth-child(9)"));
        new Select(browser.see("select[aria-label='A journey to take']")).selectByVisibleText("by our own van");
        browser.see("[data-saving=saved]");
        browser.until(() -> http.get("api/packs/" + id + "/file")
                        .json()
                        .at("/journey/stack/days")
                        .asInt()
                == 3);
        JsonNode own = http.get("api/beginnings")
                .json()
                .path("journeys")
                .valueStream()
                .filter(j -> j.path("words").asString().equals("by our own van"))
                .findFirst()
                .orElseThrow();
        http.send("DELETE", "api/journeys/" + own.path("id").asString(), null, "If-Match", "\"1\"");
    }

    @Test
    void theDocsAndTheTemplateAreThere() throws Exception {
        for (String page : List.of("verdicts", "method", "materials", "pack-file", "rules", "api")) {
            browser.open("help/" + page);
            browser.see(".doc h1");
        }
        browser.open("stores");
        browser.button("New foam, from test data").click();
        browser.see("a[download='drops.csv']").click();
        Path file = browser.downloads().resolve("drops.csv");
        browser.until(() -> Files.exists(file));
        assertThat(Files.readString(file)).startsWith("drop height (mm),");
    }
}
