package rampart.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Rectangle;
import org.openqa.selenium.WebElement;
import rampart.server.demo.DemoAccounts.DemoAccount;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;
import rampart.server.support.ServerProcess;
import rampart.server.support.TestDatabase;
import tools.jackson.databind.JsonNode;

/** The packing table by touch: on a telephone with the network cut half way, on a tablet with the server killed half way. */
@ExtendWith(RunningRampart.class)
class PackingTableTest {
    private static final String ACCOUNT =
            "{\"code\":\"%s\",\"name\":\"keeper\",\"password\":\"a long enough password\"}";

    @TempDir
    Path folder;

    private Browser browser;

    private static String released(Http who) {
        JsonNode pack =
                who.post("api/packs", Http.demoPack("85-loan-theodolite")).json();
        return who.post(
                        "api/packs/" + pack.path("id").asString() + "/releases",
                        "{\"note\":\"\",\"reason\":\"\"}",
                        "If-Match",
                        Http.tag(pack.path("version").asLong()))
                .json()
                .path("number")
                .asString();
    }

    private Path picture() throws IOException {
        BufferedImage image = new BufferedImage(320, 240, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        // No two alike: the same picture twice would be one.
        g.setColor(new Color((int) (System.nanoTime() & 0xffffff)));
        g.fillRect(0, 0, 320, 240);
        g.dispose();
        Path file = folder.resolve("picture.png");
        ImageIO.write(image, "png", file.toFile());
        return file;
    }

    private void touch(int width, int height) {
        browser.size(width, height);
        cdp("Emulation.setTouchEmulationEnabled", Map.of("enabled", true));
    }

    private void cdp(String command, Map<String, Object> parameters) {
        browser.driver().executeCdpCommand(command, parameters);
    }

    private void network(boolean there) {
        cdp("Network.enable", Map.of());
        cdp(
                "Network.emulateNetworkConditions",
                Map.of("offline", !there, "latency", 0, "downloadThroughput", -1, "uploadThroughput", -1));
    }

    /** A finger on the middle of it. */
    private void tap(WebElement element) {
        browser.script("arguments[0].scrollIntoView({block: 'center'})", element);
        Rectangle at = element.getRect();
        Number scrolled =
                (Number) browser.script("return window.scrollY + (document.querySelector('.app')?.scrollTop ?? 0)");
        Object box = browser.script(
                "const r = arguments[0].getBoundingClientRect(); return [r.x + r.width / 2, r.y + r.height / 2]",
                element);
        List<?> middle = (List<?>) box;
        assertThat(at.getHeight()).as("a target for a finger, " + scrolled).isGreaterThanOrEqualTo(24);
        Map<String, Object> point = Map.of(
                "x", ((Number) middle.get(0)).doubleValue(),
                "y", ((Number) middle.get(1)).doubleValue());
        cdp("Input.dispatchTouchEvent", Map.of("type", "touchStart", "touchPoints", List.of(point)));
        cdp("Input.dispatchTouchEvent", Map.of("type", "touchEnd", "touchPoints", List.of()));
    }

    private void tap(String button) {
        tap(browser.button(button));
    }

    private String step() {
        return browser.see("article[data-step]").getDomAttribute("data-step");
    }

    private boolean shows(String css) {
        return !browser.driver().findElements(By.cssSelector(css)).isEmpty();
    }

    /** It rests for a moment after each act, so that a second tap does not do the next step. */
    private void rested() {
        browser.until(() -> browser.button("Done").isEnabled()
                && !"true".equals(browser.button("Done").getDomAttribute("aria-disabled")));
    }

    private WebElement wide(String words) {
        return browser.driver().findElements(By.cssSelector(".ask button")).stream()
                .filter(button -> button.getText().startsWith(words))
                .findFirst()
                .orElse(null);
    }

    /** Does the step that is shown as it asks, and waits for the next. */
    private void doStep() throws IOException {
        String step = step();
        if (wide("all ") != null) {
            tap(wide("all "));
        } else if (shows("[aria-label='One more']")) {
            tap(browser.see("[aria-label='One more']"));
        } else if (wide("nothing moves") != null) {
            tap(wide("nothing moves"));
        } else if (wide("Read the scale") != null || shows(".ask input[type='text']")) {
            String expected = browser.text(".ask p").replaceAll("^[A-Za-z]+ ([0-9.]+) .*$", "$1");
            browser.type(".ask input[type='text']", expected);
        }
        if (browser.text(".camera").startsWith("Photograph")) {
            browser.driver()
                    .findElement(By.cssSelector(".camera input"))
                    .sendKeys(picture().toString());
            browser.until(() -> browser.has(".camera + span"));
        }
        rested();
        tap("Done");
        browser.until(() -> {
            // Asked in one go: between two questions the last step can give way to what is finished.
            Object next = browser.script(
                    "return document.querySelector('.finished') ? 'finished' : document.querySelector('article[data-step]')?.dataset.step");
            return next != null && !next.equals(step);
        });
    }

    private void reset() {
        network(true);
        cdp("Emulation.setTouchEmulationEnabled", Map.of("enabled", false));
        browser.close();
    }

    private static void packed(Http who, String id, int steps) {
        JsonNode packing = who.get("api/packings/" + id).json();
        assertThat(packing.path("complete").asBoolean()).isTrue();
        Set<String> done = new HashSet<>();
        packing.path("steps").forEach(each -> {
            assertThat(each.path("state").asString())
                    .as("%s", each.at("/step/id"))
                    .isEqualTo("done");
            done.add(each.at("/step/id").asString());
        });
        assertThat(done).hasSize(steps);
        int photographs = 0;
        for (JsonNode each : packing.path("steps")) {
            photographs += each.at("/step/ask/kind").asString().equals("photograph") ? 1 : 0;
        }
        assertThat(packing.path("photographs"))
                .as("one for each step that asks for one, none twice")
                .hasSize(photographs);
    }

    private String packing() {
        String url = browser.driver().getCurrentUrl();
        return url.substring(url.lastIndexOf('/') + 1);
    }

    private void waits(int things) {
        browser.until(() -> String.valueOf(things)
                .equals(browser.driver()
                        .findElement(By.cssSelector(".connection"))
                        .getDomAttribute("data-waiting")));
    }

    @Test
    void onATelephoneWithTheNetworkCutHalfWay() throws IOException {
        Http designer = Http.signedIn();
        String number = released(designer);
        DemoAccount packer = RunningRampart.packer();
        browser = new Browser(RunningRampart.url());
        try {
            browser.signIn(packer.name(), packer.password());
            touch(390, 844);
            browser.open("table");
            browser.type("#scanned", number);
            tap("Find it");
            browser.see("article[data-step]");
            int steps = Integer.parseInt(browser.text(".how-far span").replaceAll("^.* of ([0-9]+),.*$", "$1"));
            assertThat((Boolean) browser.script(
                            "return document.documentElement.scrollWidth <= document.documentElement.clientWidth"))
                    .as("nothing sticks out at the side")
                    .isTrue();
            // What must be done has no way round it.
            assertThat(browser.driver().findElements(By.xpath("//button[normalize-space(.)='Skip']")))
                    .isEmpty();
            for (int i = 0; i < 4; i++) {
                doStep();
            }
            assertThat(browser.console()).isEmpty();
            network(false);
            for (int i = 0; i < 4; i++) {
                doStep();
            }
            waits(4);
            assertThat(browser.text(".connection")).contains("kept on this device");
            network(true);
            waits(0);
            // The page is left and taken up again in the middle.
            browser.open("table");
            tap(browser.see("main section a"));
            while (!browser.has(".finished")) {
                doStep();
            }
            waits(0);
            packed(designer, packing(), steps);
            designer.get("api/releases?size=200").json().path("items").forEach(each -> {
                if (each.path("number").asString().equals(number)) {
                    designer.delete("api/packs/" + each.path("packId").asString());
                }
            });
        } finally {
            reset();
        }
    }

    private String begun(Http designer) throws IOException {
        String number = released(designer);
        browser.signIn(RunningRampart.packer().name(), RunningRampart.packer().password());
        touch(390, 844);
        browser.open("table");
        browser.type("#scanned", number);
        tap("Find it");
        browser.see("article[data-step]");
        return number;
    }

    private long states(Http who, String id, String state) {
        long count = 0;
        for (JsonNode each : who.get("api/packings/" + id).json().path("steps")) {
            count += each.path("state").asString().equals(state) ? 1 : 0;
        }
        return count;
    }

    @Test
    void twoTapsAreOneStepAndWhatMovesStopsItWithoutAConnection() throws IOException {
        Http designer = Http.signedIn();
        browser = new Browser(RunningRampart.url());
        try {
            begun(designer);
            String id = packing();
            doStep();
            // Three taps of one finger, as fast as they come.
            browser.until(() -> browser.button("Done").isEnabled() || wide("all ") != null);
            while (browser.has(".ask [aria-label='How many there are']")
                    || !browser.button("Done").isEnabled()) {
                doStep();
            }
            rested();
            long before = states(designer, id, "done");
            Object middle = browser.script(
                    "const r = [...document.querySelectorAll('.deeds button')].find(b => b.textContent.trim() === 'Done')"
                            + ".getBoundingClientRect(); return [r.x + r.width / 2, r.y + r.height / 2]");
            Map<String, Object> point = Map.of(
                    "x", ((Number) ((List<?>) middle).get(0)).doubleValue(),
                    "y", ((Number) ((List<?>) middle).get(1)).doubleValue());
            for (int i = 0; i < 3; i++) {
                cdp("Input.dispatchTouchEvent", Map.of("type", "touchStart", "touchPoints", List.of(point)));
                cdp("Input.dispatchTouchEvent", Map.of("type", "touchEnd", "touchPoints", List.of()));
            }
            browser.until(() -> states(designer, id, "done") > before);
            waits(0);
            assertThat(states(designer, id, "done")).isEqualTo(before + 1);
            while (!browser.text(".ask").contains("something moves")) {
                doStep();
            }
            String shake = step();
            network(false);
            tap(wide("something moves"));
            browser.type(".note input", "it is all right");
            rested();
            tap("Done");
            browser.until(() -> browser.text("article .wrong").contains("Something moves"));
            assertThat(step()).isEqualTo(shake);
            // The page is loaded anew with the network gone: it opens, and the step stands where it stood.
            browser.driver().navigate().refresh();
            browser.see("article[data-step]");
            assertThat(step()).isEqualTo(shake);
            doStep();
            doStep();
            waits(2);
            browser.driver().navigate().refresh();
            browser.see("article[data-step]");
            waits(2);
            network(true);
            waits(0);
            assertThat(states(designer, id, "differs")).isZero();
        } finally {
            reset();
        }
    }

    @Test
    void twoDevicesSeeEachOtherAndARefusedActHoldsNothingUp() throws IOException {
        Http designer = Http.signedIn();
        browser = new Browser(RunningRampart.url());
        try {
            begun(designer);
            String id = packing();
            int first = Integer.parseInt(browser.text(".how-far span").replaceAll("^Step ([0-9]+) of.*$", "$1"));
            JsonNode step =
                    designer.get("api/packings/" + id).json().path("steps").get(first - 1);
            designer.post(
                    "api/packings/" + id + "/acts",
                    "{\"acts\":[{\"id\":\"" + java.util.UUID.randomUUID() + "\",\"step\":\""
                            + step.at("/step/id").asString()
                            + "\",\"deed\":\"done\",\"value\":null,\"note\":\"by another hand\",\"doneAt\":\"2026-11-29T10:00:00Z\"}]}");
            // Done on the other device: this one goes on with the next by itself.
            browser.until(() -> !step().equals(step.at("/step/id").asString()));
            // What an older page kept, and no server ever takes, is told at its step and let go.
            String kept = "rampart.table.acts." + id;
            network(false);
            browser.script(
                    "localStorage.setItem(arguments[0], JSON.stringify([{id: '" + java.util.UUID.randomUUID()
                            + "', step: 'measure', deed: 'done', value: 300000, note: '', doneAt: 'no time at all'}]))",
                    kept);
            browser.driver().navigate().refresh();
            browser.see("article[data-step]");
            network(true);
            waits(0);
            doStep();
            waits(0);
            assertThat((String) browser.script("return localStorage.getItem(arguments[0])", kept))
                    .isNull();
        } finally {
            reset();
        }
    }

    @Test
    void onATabletWithTheServerKilledHalfWay() throws IOException {
        try (TestDatabase database = new TestDatabase()) {
            ServerProcess server = ServerProcess.start(database);
            browser = new Browser(server.url());
            try {
                Http keeper = Http.browser(server.url());
                keeper.get("api/session");
                assertThat(keeper.post("api/first-account", ACCOUNT.formatted(server.firstCode()))
                                .status())
                        .isEqualTo(200);
                keeper.get("api/session");
                String number = released(keeper);
                browser.signIn("keeper", "a long enough password");
                touch(1024, 768);
                browser.open("table");
                browser.type("#scanned", number);
                tap("Find it");
                browser.see("article[data-step]");
                int steps = Integer.parseInt(browser.text(".how-far span").replaceAll("^.* of ([0-9]+),.*$", "$1"));
                for (int i = 0; i < 3; i++) {
                    doStep();
                }
                waits(0);
                server.kill();
                for (int i = 0; i < 3; i++) {
                    doStep();
                }
                waits(3);
                server = server.again(database);
                waits(0);
                while (!browser.has(".finished")) {
                    doStep();
                }
                waits(0);
                packed(keeper, packing(), steps);
            } finally {
                reset();
                server.close();
            }
        }
    }
}
