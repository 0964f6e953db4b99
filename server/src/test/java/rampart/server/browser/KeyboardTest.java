package rampart.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.Keys;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;

/** The whole job without a pointer: every key goes to whatever has the focus. */
@ExtendWith(RunningRampart.class)
class KeyboardTest {
    private Browser browser;
    private Keyboard keys;

    @BeforeEach
    void open() {
        browser = new Browser(RunningRampart.url());
        keys = new Keyboard(browser);
        browser.open("");
        browser.see("form");
    }

    @AfterEach
    void close() {
        browser.close();
    }

    @Test
    void theWholeJob() {
        keys.fill(
                "form input[autocomplete='username']", RunningRampart.designer().name());
        keys.fill("form input[type='password']", RunningRampart.designer().password());
        keys.press(Keys.ENTER);
        browser.see("main.shelf");

        keys.tabTo("a[href='/new']");
        keys.press(Keys.ENTER);
        browser.see("#new-name");
        keys.fill("#new-name", "Lamp by keys");
        keys.fill("[aria-label='Length of the item, mm']", "12 in");
        keys.fill("[aria-label='Width of the item, mm']", "200");
        keys.fill("[aria-label='Height of the item, mm']", "23 cm");
        keys.fill("[aria-label='Mass of the item, kg']", "4.8");
        keys.tabTo("input[name='delicacy']");
        keys.press(Keys.SPACE);
        keys.press(Keys.ARROW_DOWN, Keys.ARROW_DOWN, Keys.ARROW_DOWN);
        browser.until(() -> browser.see("[aria-label='First wall']").getText().contains("Holds"));
        // The wall made to size: its thickness is the same all round.
        keys.tabTo("input[name='wall']");
        keys.press(Keys.ARROW_DOWN);
        keys.tabToButton("Put it on the bench");
        keys.press(Keys.ENTER);
        browser.see(".marker");
        String id = String.valueOf(browser.script("return location.pathname.split('/')[2]"));

        // Another blow, another view, another station: single keys outside fields.
        Object blow =
                browser.script("return document.querySelector('.cell[aria-pressed=true]').getAttribute('aria-label')");
        keys.press("b");
        browser.until(() -> !String.valueOf(blow)
                .equals(browser.script(
                        "return document.querySelector('.cell[aria-pressed=true]').getAttribute('aria-label')")));
        keys.press("1");
        browser.see("[aria-label='Name of the item']");
        keys.press("3");

        keys.fill("[aria-label='Thickness on all sides, mm']", "25");
        browser.until(() -> verdict().equals("breaks"));
        // A letter typed into a field is no command.
        keys.press("4");
        assertThat(browser.script("return document.activeElement.value")).isEqualTo("254");
        keys.press(Keys.BACK_SPACE);
        browser.until(() -> verdict().equals("breaks"));

        keys.tabToButton("What would mend it");
        keys.press(Keys.ENTER);
        browser.see(".remedy");
        keys.tabTo(".remedy");
        assertThat(browser.see(".ghost").isDisplayed()).isTrue();
        String before = outside();
        keys.press(Keys.ENTER);
        browser.until(() -> !outside().equals(before));
        browser.script("document.activeElement.blur()");
        keys.chord("z", Keys.CONTROL);
        browser.until(() -> outside().equals(before));
        keys.chord("z", Keys.CONTROL, Keys.SHIFT);
        browser.until(() -> !outside().equals(before));

        keys.tabToButton("Revisions");
        keys.press(Keys.ENTER);
        browser.see("dialog[open]");
        keys.fill("dialog input", "by keys");
        keys.press(Keys.ENTER);
        browser.until(() -> browser.text("dialog[open]").contains("Revision 1 is made"));
        keys.press(Keys.ESCAPE);
        browser.until(() -> !browser.has("dialog[open]"));

        keys.tabTo("a[href$='/page']");
        keys.press(Keys.ENTER);
        browser.see(".paper");
        keys.tabTo("a[href*='page.pdf']");
        assertThat(Http.signedIn().get("api/packs/" + id + "/revisions").json()).hasSize(1);
        assertThat(browser.console()).isEmpty();
        Http.signedIn().delete("api/packs/" + id);
    }

    @Test
    void singleKeysAreSwitchedOffOnTheHelpPage() {
        browser.signIn(
                RunningRampart.designer().name(), RunningRampart.designer().password());
        browser.open("help");
        browser.see("kbd");
        keys.tabTo("main input[type='checkbox']");
        keys.press(Keys.SPACE);
        browser.open("");
        browser.see(".card-of-pack a").click();
        browser.see(".marker");
        keys.press("1");
        keys.press("2");
        assertThat(browser.see(".stations [aria-current]").getText()).isEqualTo("Cushion");
    }

    @Test
    void thePackingTable() {
        Http designer = Http.signedIn();
        JsonNode pack =
                designer.post("api/packs", Http.demoPack("85-loan-theodolite")).json();
        String id = pack.path("id").asString();
        browser.signIn(
                RunningRampart.designer().name(), RunningRampart.designer().password());
        browser.open("packs/" + id + "?at=release");
        browser.see(".stations");
        keys.tabToButton("Release it");
        keys.press(Keys.ENTER);
        browser.see("td a");
        String number = designer.get("api/packs/" + id + "/releases")
                .json()
                .get(0)
                .path("number")
                .asString();
        browser.open("table");
        browser.see("#scanned");
        // A scanner is a keyboard that ends with Enter; the field has the focus by itself.
        browser.until(() -> "scanned".equals(browser.script("return document.activeElement.id")));
        keys.press(number, Keys.ENTER);
        browser.see("article[data-step]");
        String first = browser.see("article").getDomAttribute("data-step");
        keys.fill(".note input", "no camera at this table");
        keys.tabToButton("Done");
        keys.press(Keys.ENTER);
        browser.until(() -> !browser.see("article").getDomAttribute("data-step").equals(first));
        keys.tabToButton("Skip");
        // The buttons rest for a moment after each act, and keep the focus.
        browser.until(() -> !"true".equals(browser.button("Skip").getDomAttribute("aria-disabled")));
        keys.press(Keys.ENTER);
        browser.until(() -> browser.text(".how-far").contains("Step 3 of"));
        assertThat(browser.console()).isEmpty();
        designer.delete("api/packs/" + id);
    }

    private String outside() {
        return browser.see("[data-figure='outside']").getText();
    }

    private String verdict() {
        return browser.see("[data-verdict]").getDomAttribute("data-verdict");
    }
}
