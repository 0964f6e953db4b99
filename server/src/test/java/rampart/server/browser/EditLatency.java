package rampart.server.browser;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** How long the figures on screen take to follow an edit: key press to paint, three-box pack, 200 edits. Reported only. */
public final class EditLatency {
    private static final int EDITS = 200;

    /** Marks each key press, and the first frame after the blow map has changed. */
    private static final String WATCH = """
            window.rampartTimes = [];
            let pressed = 0;
            document.addEventListener('keydown', e => { pressed = e.timeStamp; }, true);
            new MutationObserver(() => {
              if (!pressed) return;
              const start = pressed;
              pressed = 0;
              requestAnimationFrame(() => {
                const channel = new MessageChannel();
                channel.port1.onmessage = () => window.rampartTimes.push(performance.now() - start);
                channel.port2.postMessage(0);
              });
            }).observe(document.querySelector('aside'), { subtree: true, childList: true, characterData: true, attributes: true });
            """;

    private EditLatency() {}

    public static void main(String[] args) throws IOException {
        JsonNode run = JsonMapper.shared().readTree(Files.readAllBytes(Path.of(args[0])));
        JsonNode account = run.path("accounts").get(0);
        try (Browser browser = new Browser(run.path("url").asString())) {
            browser.signIn(
                    account.path("name").asString(), account.path("password").asString());
            browser.see("a[aria-label='Open Gravimeter, three boxes']").click();
            browser.see(".marker");
            browser.script("performance.setResourceTimingBufferSize(2000)");
            browser.script(WATCH);
            WebElement field = browser.see("[aria-label='Thickness on all sides, mm']");
            for (int i = 0; i < EDITS; i++) {
                int before = taken(browser);
                // Up and down, so that the pack ends as it began.
                field.sendKeys(i % 20 < 10 ? Keys.ARROW_UP : Keys.ARROW_DOWN);
                browser.until(() -> taken(browser) > before);
            }
            @SuppressWarnings("unchecked")
            List<Number> times = (List<Number>) browser.script("return window.rampartTimes");
            double[] sorted =
                    times.stream().mapToDouble(Number::doubleValue).sorted().toArray();
            System.out.printf(
                    Locale.ROOT,
                    "%d edits, key press to paint: median %.1f ms, 95th percentile %.1f ms, greatest %.1f ms%n",
                    sorted.length,
                    sorted[sorted.length / 2],
                    sorted[(int) Math.ceil(sorted.length * 0.95) - 1],
                    sorted[sorted.length - 1]);
        }
    }

    private static int taken(Browser browser) {
        return ((Number) browser.script("return window.rampartTimes.length")).intValue();
    }
}
