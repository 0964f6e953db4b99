package rampart.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.Keys;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Every page at every width, with a long name: nothing lies off the screen where no finger reaches it. */
@ExtendWith(RunningRampart.class)
class EveryWidthTest {
    private static final String LONG =
            "Barograph of the eastern observatory, with slate plinth, glass cover and a Donaudampfschiffahrtsgesellschaftskapitaenspen";

    private final Browser browser = new Browser(RunningRampart.url());
    private final Http http = Http.signedIn();
    private String pack = "";

    @AfterEach
    void close() {
        if (!pack.isEmpty()) {
            http.delete("api/packs/" + pack);
        }
        browser.close();
    }

    /** What reaches beyond the right edge of the screen and lies in nothing that can be scrolled sideways by itself. */
    private static final String OFF = """
            return [...document.querySelectorAll('body *')].filter((e) => {
              const r = e.getBoundingClientRect();
              if (r.width === 0 || r.height === 0 || r.right <= innerWidth + 1) return false;
              for (let p = e; p && !p.matches('html, body, .app'); p = p.parentElement) {
                const s = getComputedStyle(p);
                if (s.overflowX !== 'visible' || s.position === 'fixed' || s.clipPath !== 'none') return false;
              }
              return true;
            }).slice(0, 4).map((e) => e.outerHTML.slice(0, 110)).join(' | ')
            """;

    private void fits(String view) {
        assertThat((String) browser.script(OFF)).as(view).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"390, 844", "640, 400", "1024, 768", "1280, 800"})
    void everyPage(int width, int height) {
        ObjectNode named = (ObjectNode) Http.MAPPER.readTree(Http.demoPack("60-barograph"));
        named.put("name", LONG);
        ((ObjectNode) named.path("item")).put("name", LONG);
        pack = http.post("api/packs", named.toString()).json().path("id").asString();
        browser.size(width, height);
        browser.signIn(RunningRampart.keeper().name(), RunningRampart.keeper().password());
        browser.see(".card-of-pack");
        fits("shelf");
        for (String page : List.of("new", "table", "sending", "stores", "journeys", "house", "help")) {
            browser.open(page);
            browser.see("main");
            browser.until(() -> !browser.text("main").isBlank());
            fits(page);
            assertThat((Boolean) browser.script(
                            "const r = document.querySelector(\"[aria-label^='Sign out']\").getBoundingClientRect();"
                                    + " return r.left >= 0 && r.right <= innerWidth"))
                    .as("signing out is within reach on " + page)
                    .isTrue();
        }
        for (String station : List.of("item", "journey", "cushion", "insert", "carton", "walls", "release")) {
            browser.open("packs/" + pack + "?at=" + station);
            browser.see("[data-verdict]");
            fits("bench, " + station);
        }
        browser.open("packs/" + pack + "/page?kind=specification");
        browser.see(".paper");
        fits("specification");
    }

    /** 100, then 155 typed and taken; what Ctrl and Z take back is the edit, not a letter of the number. */
    @Test
    void undoInANumberThatWasTakenIsTheEditUndone() {
        JsonNode added = http.post("api/packs", Http.demoPack("20-rain-gauge")).json();
        pack = added.path("id").asString();
        browser.signIn(RunningRampart.keeper().name(), RunningRampart.keeper().password());
        browser.open("packs/" + pack + "?at=cushion");
        browser.see("[data-verdict]");
        var field = browser.see("input[aria-label^='Thickness on all sides']");
        String before = field.getDomProperty("value");
        field.click();
        field.sendKeys(Keys.chord(Keys.CONTROL, "a"), "155", Keys.ENTER);
        browser.until(() -> "155".equals(field.getDomProperty("value")));
        field.sendKeys(Keys.chord(Keys.CONTROL, "z"), Keys.TAB);
        browser.until(() -> before.equals(field.getDomProperty("value")));
        assertThat(field.getDomProperty("value")).isEqualTo(before);
    }

    /** The answers of the questions stay for who comes back; the bench names what comes next; last answers stay. */
    @Test
    void afterAFirstWallTheNextStepIsNamedAndBackLosesNothing() {
        browser.signIn(RunningRampart.keeper().name(), RunningRampart.keeper().password());
        browser.open("new");
        browser.see("#new-name");
        Screenshots.answer(browser);
        browser.until(() -> browser.see("[aria-label='First wall']").getText().contains("Holds"));
        String said = String.valueOf(browser.script("return sessionStorage.getItem('rampart.new-pack')"));
        browser.ready("Put it on the bench").click();
        browser.see(".marker");
        pack = String.valueOf(browser.script("return location.pathname.split('/')[2]"));
        assertThat(browser.text("[aria-label='What comes next']"))
                .contains("what to buy")
                .contains("labels");
        browser.button("Carton").click();
        browser.see(".thing");
        browser.button("Item").click();
        browser.button("Carton").click();
        assertThat(browser.has(".thing")).as("what was worked out stays").isTrue();
        browser.driver().navigate().back();
        browser.open("new");
        browser.see("#new-name");
        assertThat(browser.script("return sessionStorage.getItem('rampart.new-pack')"))
                .isEqualTo(said);
    }
}
