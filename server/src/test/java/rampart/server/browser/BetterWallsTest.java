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
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;

/** From a verdict to believing it and to a better wall: falls in time, what matters, proposals; by keyboard where said. */
@ExtendWith(RunningRampart.class)
class BetterWallsTest {
    private Browser browser;
    private String id;

    @BeforeEach
    void open() {
        browser = Browser.ofDesigner();
    }

    @AfterEach
    void close() {
        List<String> console = browser.console();
        browser.close();
        Http.designer().delete("api/packs/" + id);
        assertThat(console).isEmpty();
    }

    private void bench(String pack) {
        id = Http.designer()
                .post("api/packs", Http.demoPack(pack))
                .json()
                .path("id")
                .asString();
        browser.open("packs/" + id);
        browser.see(".marker");
    }

    @Test
    void heavyBoxesGetTheQuickVerdictFirstAndThenTheOneInTime() {
        bench("40-gravimeter");
        browser.see("[data-timed=there]");
        assertThat(browser.see("[data-verdict]").getDomAttribute("data-verdict"))
                .isEqualTo("thin");
        browser.button("Watch this fall slowly").click();
        WebElement scrub = browser.see(".player input[type=range]");
        String peak = browser.text(".player .now");
        scrub.sendKeys(Keys.HOME);
        browser.until(() -> !browser.text(".player .now").equals(peak));
        assertThat(browser.text(".player .now")).startsWith("0 ms");
        scrub.sendKeys(Keys.END);
        browser.until(() -> !browser.text(".player .now").startsWith("0 ms"));
        assertThat(browser.text(".player")).contains("nominal constants").contains("by the quick reckoning");
    }

    @Test
    void aWallIsProposedComparedAndTakenByKeyboard() {
        bench("20-rain-gauge");
        browser.button("Walls").sendKeys(Keys.ENTER);
        browser.button("Propose walls").sendKeys(Keys.ENTER);
        browser.see(".plane .piece");
        List<WebElement> boxes = browser.driver().findElements(By.cssSelector(".walls tbody input[type=checkbox]"));
        assertThat(boxes).hasSizeGreaterThan(3);
        boxes.get(0).sendKeys(Keys.SPACE);
        boxes.get(3).sendKeys(Keys.SPACE);
        browser.until(() ->
                browser.driver().findElements(By.cssSelector(".pair article")).size() == 2);
        assertThat(browser.text(".pair")).contains("better");
        browser.button("Take this wall").sendKeys(Keys.ENTER);
        browser.until(() -> "holds".equals(browser.see("[data-verdict]").getDomAttribute("data-verdict")));
        browser.see("[data-saving=saved]");
        String stored = Http.designer().get("api/packs/" + id + "/file").body();
        assertThat(Http.designer()
                        .post("api/evaluations", stored)
                        .json()
                        .path("verdict")
                        .asString())
                .isEqualTo("holds");
        browser.see("button[title=Undo]").sendKeys(Keys.ENTER);
        browser.until(() -> "thin".equals(browser.see("[data-verdict]").getDomAttribute("data-verdict")));
    }

    @Test
    void whatMattersIsSaidAndTheNumbersAreTakenAway() throws Exception {
        bench("20-rain-gauge");
        browser.button("Work out which input matters most").click();
        browser.see(".matters li");
        assertThat(browser.text(".matters")).contains("a tenth less").contains("between");
        browser.button("as a table (CSV)").click();
        Path file = browser.downloads().resolve("rain-gauge-funnel-apart-evaluation.csv");
        browser.until(() -> Files.exists(file));
        assertThat(Files.readString(file)).startsWith("line,id,name");
    }
}
