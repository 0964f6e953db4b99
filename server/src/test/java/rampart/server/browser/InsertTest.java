package rampart.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import rampart.server.demo.DemoAccounts.DemoAccount;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.MissingNode;

/** A bed is cut for an item: from one block to parts of their own, by keys and exact numbers. */
@ExtendWith(RunningRampart.class)
class InsertTest {
    private final Http http = Http.signedIn();
    private Browser browser;
    private String pack;

    @BeforeEach
    void open() {
        pack = http.post("api/packs", Http.demoPack("10-hygrometer"))
                .json()
                .path("id")
                .asString();
        browser = new Browser(RunningRampart.url());
        browser.open("");
        DemoAccount designer = RunningRampart.designer();
        browser.signIn(designer.name(), designer.password());
        browser.open("packs/" + pack + "?at=insert");
    }

    @AfterEach
    void close() {
        assertThat(browser.console()).isEmpty();
        browser.close();
    }

    private JsonNode bed() {
        for (JsonNode layer : http.get("api/packs/" + pack).json().path("pack").path("layers")) {
            if (layer.path("form").asString("").equals("bed")) {
                return layer.path("bed");
            }
        }
        return MissingNode.getInstance();
    }

    @Test
    void aBedBeginsAsTheItemAndIsShapedByKeys() {
        browser.button("Cut a bed for it").click();
        WebElement place = browser.see("circle.place");
        assertThat(browser.driver().findElements(By.cssSelector("circle.place")))
                .hasSize(4);
        place.sendKeys(Keys.ARROW_RIGHT);
        browser.until(() -> bed().at("/parts/0/outlineMm/0/0").asDouble() == -89);
        // A shape that the item does not reach any more is refused where it stands, and the last good one stays drawn.
        browser.driver().findElements(By.cssSelector("circle.place")).get(3).sendKeys(Keys.ARROW_RIGHT);
        browser.until(() -> browser.has(".refused")
                && browser.text(".refused").contains("no part comes within 0.5 mm of the left"));
        browser.see("button[title=Undo]").click();
        browser.until(() -> !browser.has(".refused"));
        // The browser notes that a shape was refused, as it does of every bad field.
        browser.console();
    }

    @Test
    void aWellTakesBearingAreaAway() {
        browser.button("Cut a bed for it").click();
        browser.see("circle.place");
        String whole = browser.text("[aria-label='Where foam bears']");
        browser.button("Another well").click();
        browser.until(() -> bed().path("wells").size() == 1);
        browser.type("[aria-label='Height at which it begins, mm'], [aria-label='Height at which it begins']", "-70");
        browser.until(() -> bed().at("/wells/0/bottomMm").asDouble() == -70);
        browser.until(() -> !browser.text("[aria-label='Where foam bears']").equals(whole));
    }
}
