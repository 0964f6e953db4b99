package rampart.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;

/** On a telephone (390 px), and at 200 % zoom of 1280 x 800, which is a page of 640 x 400: nothing is lost. */
@ExtendWith(RunningRampart.class)
class NarrowTest {
    private final Browser browser = new Browser(RunningRampart.url());

    @AfterEach
    void close() {
        browser.close();
    }

    private void fits(String view) {
        Number wide = (Number) browser.script("return document.scrollingElement.scrollWidth - window.innerWidth");
        assertThat(wide.intValue())
                .as(
                        view + " is wider than the screen; widest: "
                                + browser.script(
                                        "return [...document.querySelectorAll('main *, header *')].filter(e => e.getBoundingClientRect().right > innerWidth + 1).slice(0, 4).map(e => e.outerHTML.slice(0, 90)).join(' | ')"))
                .isLessThanOrEqualTo(0);
    }

    @ParameterizedTest
    @CsvSource({"390, 844", "640, 400"})
    void theWholeJob(int width, int height) {
        browser.size(width, height);
        browser.open("");
        browser.see("form");
        fits("sign-in");
        browser.signIn(RunningRampart.keeper().name(), RunningRampart.keeper().password());
        browser.see(".card-of-pack");
        fits("shelf");
        for (String page : List.of("stores", "house", "help")) {
            browser.open(page);
            browser.see("main section");
            fits(page);
        }
        browser.open("stores");
        for (String room : List.of("Boards and wraps", "Stock cartons", "Sheets")) {
            browser.button(room).click();
            fits(room);
        }
        browser.open("new");
        browser.see("#new-name");
        Screenshots.answer(browser);
        browser.until(() -> browser.see("[aria-label='First wall']").getText().contains("Holds"));
        fits("new pack");
        browser.ready("Put it on the bench").click();
        browser.see(".marker");
        String id = String.valueOf(browser.script("return location.pathname.split('/')[2]"));
        for (String station : List.of("Item", "Journey", "Carton", "Cushion")) {
            browser.button(station).click();
            fits("bench, " + station);
        }
        browser.type("[aria-label='Thickness on all sides, mm']", "25");
        browser.until(() -> "breaks".equals(browser.see("[data-verdict]").getDomAttribute("data-verdict")));
        browser.button("What would mend it").click();
        browser.see(".remedy").click();
        browser.until(() -> browser.driver()
                .findElement(org.openqa.selenium.By.cssSelector("button[title=Undo]"))
                .isEnabled());
        browser.button("Revisions").click();
        browser.see("dialog[open]");
        fits("revisions");
        browser.see("dialog[open] [aria-label='Close']").click();
        browser.button("Page").click();
        browser.see(".paper");
        fits("page");
        assertThat(browser.console()).isEmpty();
        Http.signedIn().delete("api/packs/" + id);
    }

    /** A bed with all that can be opened beside it. */
    @ParameterizedTest
    @CsvSource({"390, 844", "640, 400"})
    void theInsert(int width, int height) {
        String id = Http.signedIn()
                .post("api/packs", Http.demoPack("80-sextant"))
                .json()
                .path("id")
                .asString();
        browser.size(width, height);
        browser.signIn(RunningRampart.keeper().name(), RunningRampart.keeper().password());
        browser.open("packs/" + id + "?at=insert");
        browser.see("#making-title");
        fits("insert");
        for (String panel : List.of(
                "measurements",
                "a photograph",
                "a drawing file",
                "several things in it",
                "A loose thing",
                "telescope")) {
            browser.button(panel).click();
            fits("insert, " + panel);
        }
        browser.button("Another thing").click();
        browser.see(".trays path");
        fits("insert, a kit of two");
        browser.open("packs/" + id + "?at=cushion");
        browser.button("Sheets it is cut from").click();
        browser.see(".sheets svg");
        fits("sheets");
        assertThat(browser.console()).isEmpty();
        Http.signedIn().delete("api/packs/" + id);
    }

    @Test
    void withMotionReducedNothingMoves() {
        browser.driver()
                .executeCdpCommand(
                        "Emulation.setEmulatedMedia",
                        Map.of("features", List.of(Map.of("name", "prefers-reduced-motion", "value", "reduce"))));
        browser.signIn(
                RunningRampart.designer().name(), RunningRampart.designer().password());
        browser.see(".card-of-pack a").click();
        browser.see(".marker");
        Object moving = browser.script(
                "return [...document.querySelectorAll('*')].filter(e => { const s = getComputedStyle(e); return s.animationName !== 'none' || s.transitionDuration !== '0s'; }).length");
        assertThat(((Number) moving).intValue()).isZero();
    }
}
