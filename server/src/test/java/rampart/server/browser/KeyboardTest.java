package rampart.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;

/** The whole job without a pointer: every key goes to whatever has the focus. */
@ExtendWith(RunningRampart.class)
class KeyboardTest {
    private static final int MOST_TABS = 250;

    private Browser browser;

    @BeforeEach
    void open() {
        browser = new Browser(RunningRampart.url());
        browser.open("");
        browser.see("form");
    }

    @AfterEach
    void close() {
        browser.close();
    }

    private void press(CharSequence... keys) {
        new Actions(browser.driver()).sendKeys(keys).perform();
    }

    private void chord(CharSequence key, CharSequence... modifiers) {
        Actions actions = new Actions(browser.driver());
        for (CharSequence modifier : modifiers) {
            actions.keyDown(modifier);
        }
        actions.sendKeys(key);
        for (CharSequence modifier : modifiers) {
            actions.keyUp(modifier);
        }
        actions.perform();
    }

    /** Tabs on until what the selector names has the focus, and sees that the focus shows. */
    private void tabTo(String css) {
        for (int i = 0; i < MOST_TABS; i++) {
            press(Keys.TAB);
            if (Boolean.TRUE.equals(browser.script("return document.activeElement.matches(arguments[0])", css))) {
                assertThat(
                                browser.script(
                                        "const s = getComputedStyle(document.activeElement); return s.outlineStyle !== 'none' || document.activeElement.matches('input[type=file]')"))
                        .as("focus shows on " + css)
                        .isEqualTo(true);
                return;
            }
        }
        throw new AssertionError("no way to " + css + " by Tab; the focus is on "
                + browser.script("return document.activeElement.outerHTML.slice(0, 200)"));
    }

    private void fill(String css, String text) {
        tabTo(css);
        chord("a", Keys.CONTROL);
        press(text);
    }

    @Test
    void theWholeJob() {
        fill("form input[autocomplete='username']", RunningRampart.designer().name());
        fill("form input[type='password']", RunningRampart.designer().password());
        press(Keys.ENTER);
        browser.see("main.shelf");

        tabTo("a[href='/new']");
        press(Keys.ENTER);
        browser.see("#new-name");
        fill("#new-name", "Lamp by keys");
        fill("[aria-label='Length of the item, mm']", "12 in");
        fill("[aria-label='Width of the item, mm']", "200");
        fill("[aria-label='Height of the item, mm']", "23 cm");
        fill("[aria-label='Mass of the item, kg']", "4.8");
        tabTo("input[name='delicacy']");
        press(Keys.SPACE);
        press(Keys.ARROW_DOWN, Keys.ARROW_DOWN, Keys.ARROW_DOWN);
        browser.until(() -> browser.see("[aria-label='First wall']").getText().contains("Holds"));
        // The wall made to size: its thickness is the same all round.
        tabTo("input[name='wall']");
        press(Keys.ARROW_DOWN);
        tabToButton("Put it on the bench");
        press(Keys.ENTER);
        browser.see(".marker");
        String id = String.valueOf(browser.script("return location.pathname.split('/')[2]"));

        // Another blow, another view, another station: single keys outside fields.
        Object blow =
                browser.script("return document.querySelector('.cell[aria-pressed=true]').getAttribute('aria-label')");
        press("b");
        browser.until(() -> !String.valueOf(blow)
                .equals(browser.script(
                        "return document.querySelector('.cell[aria-pressed=true]').getAttribute('aria-label')")));
        press("1");
        browser.see("[aria-label='Name of the item']");
        press("3");

        fill("[aria-label='Thickness on all sides, mm']", "25");
        browser.until(() -> verdict().equals("breaks"));
        // A letter typed into a field is no command.
        press("4");
        assertThat(browser.script("return document.activeElement.value")).isEqualTo("254");
        press(Keys.BACK_SPACE);
        browser.until(() -> verdict().equals("breaks"));

        tabToButton("What would mend it");
        press(Keys.ENTER);
        browser.see(".remedy");
        tabTo(".remedy");
        assertThat(browser.see(".ghost").isDisplayed()).isTrue();
        String before = outside();
        press(Keys.ENTER);
        browser.until(() -> !outside().equals(before));
        browser.script("document.activeElement.blur()");
        chord("z", Keys.CONTROL);
        browser.until(() -> outside().equals(before));
        chord("z", Keys.CONTROL, Keys.SHIFT);
        browser.until(() -> !outside().equals(before));

        tabToButton("Revisions");
        press(Keys.ENTER);
        browser.see("dialog[open]");
        fill("dialog input", "by keys");
        press(Keys.ENTER);
        browser.until(() -> browser.text("dialog[open]").contains("Revision 1 is made"));
        press(Keys.ESCAPE);
        browser.until(() -> !browser.has("dialog[open]"));

        tabTo("a[href$='/page']");
        press(Keys.ENTER);
        browser.see(".paper");
        tabTo("a[href*='page.pdf']");
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
        tabTo("main input[type='checkbox']");
        press(Keys.SPACE);
        browser.open("");
        browser.see(".card-of-pack a").click();
        browser.see(".marker");
        press("1");
        press("2");
        assertThat(browser.see(".stations [aria-current]").getText()).isEqualTo("Cushion");
    }

    private void tabToButton(String text) {
        for (int i = 0; i < MOST_TABS; i++) {
            press(Keys.TAB);
            if (text.equals(String.valueOf(browser.script("return document.activeElement.textContent.trim()")))) {
                return;
            }
        }
        throw new AssertionError("no way to the button " + text + " by Tab");
    }

    private String outside() {
        return browser.see("[data-figure='outside']").getText();
    }

    private String verdict() {
        return browser.see("[data-verdict]").getDomAttribute("data-verdict");
    }
}
