package rampart.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;

/** Two people change different parts of one pack at once: the second chooses part by part, and nothing is lost. */
@ExtendWith(RunningRampart.class)
class TwoPeopleTest {
    @Test
    void eachKeepsTheirPart() {
        String id = Http.signedIn()
                .post("api/packs", Http.demoPack("50-tide-recorder"))
                .json()
                .path("id")
                .asString();
        try (Browser first = new Browser(RunningRampart.url());
                Browser second = new Browser(RunningRampart.url())) {
            first.signIn(
                    RunningRampart.designer().name(), RunningRampart.designer().password());
            second.signIn(
                    RunningRampart.keeper().name(), RunningRampart.keeper().password());
            first.open("packs/" + id);
            second.open("packs/" + id);
            first.see(".marker");
            second.see(".marker");

            first.type("[aria-label='Mass of the item, kg']", "3.9");
            first.until(() -> "saved".equals(first.see("[data-saving]").getDomAttribute("data-saving")));
            second.type("[aria-label='What the item bears, G']", "77");
            second.see("dialog[open] table");
            String table = second.text("dialog[open] table");
            assertThat(second.text("dialog[open] p")).contains("designer saved it at");
            assertThat(table).contains("Item's mass").contains("to 3.9 kg").contains("What the item bears");
            // What only the other changed is theirs to begin with, what only I changed is mine.
            second.button("Keep what is chosen").click();
            second.until(() -> !second.has("dialog[open]"));
            second.until(() -> "saved".equals(second.see("[data-saving]").getDomAttribute("data-saving")));

            JsonNode kept = Http.signedIn().get("api/packs/" + id).json().path("pack");
            assertThat(kept.at("/item/massKg").asDouble()).isEqualTo(3.9);
            assertThat(kept.at("/item/fragility/criticalAccelerationG").asDouble())
                    .isEqualTo(77);
            assertThat(second.see("[aria-label='Mass of the item, kg']").getDomProperty("value"))
                    .isEqualTo("3.9");

            // Both change the same part: mine is chosen by hand to be theirs.
            first.driver().navigate().refresh();
            first.see(".marker");
            first.type("[aria-label='Mass of the item, kg']", "4.4");
            first.until(() -> "saved".equals(first.see("[data-saving]").getDomAttribute("data-saving")));
            second.type("[aria-label='Mass of the item, kg']", "4.2");
            second.see("dialog[open] table");
            second.see("dialog[open] td.choice label:last-child input").click();
            second.button("Keep what is chosen").click();
            second.until(() -> "4.4"
                    .equals(second.see("[aria-label='Mass of the item, kg']").getDomProperty("value")));
            second.button("Undo").click();
            second.until(() -> "4.2"
                    .equals(second.see("[aria-label='Mass of the item, kg']").getDomProperty("value")));
        }
        Http.signedIn().delete("api/packs/" + id);
    }
}
