package rampart.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;

/** A person without a pointer: every key goes to whatever has the focus. */
final class Keyboard {
    private static final int MOST_TABS = 250;

    private final Browser browser;

    Keyboard(Browser browser) {
        this.browser = browser;
    }

    void press(CharSequence... keys) {
        new Actions(browser.driver()).sendKeys(keys).perform();
    }

    void chord(CharSequence key, CharSequence... modifiers) {
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
    void tabTo(String css) {
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

    void fill(String css, String text) {
        tabTo(css);
        chord("a", Keys.CONTROL);
        press(text);
    }

    void tabToButton(String text) {
        for (int i = 0; i < MOST_TABS; i++) {
            press(Keys.TAB);
            if (text.equals(String.valueOf(browser.script("return document.activeElement.textContent.trim()")))) {
                return;
            }
        }
        throw new AssertionError("no way to the button " + text + " by Tab");
    }
}
