package rampart.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.By;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.springframework.context.ConfigurableApplicationContext;
import rampart.server.demo.DemoAccounts.DemoAccount;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;
import rampart.server.support.TestDatabase;
import tools.jackson.databind.JsonNode;

/**
 * Every view through axe-core, an accessibility checker this project did not write: all its rules, the whole page, no
 * violation; and once more in the dark theme, which differs in nothing but colour, for contrast.
 */
@ExtendWith(RunningRampart.class)
class AccessibilityTest {
    private static final Path CHECKER = Path.of("../web/node_modules/axe-core/axe.min.js");

    private final List<String> violations = new ArrayList<>();
    private Browser browser;

    @BeforeEach
    void open() {
        browser = new Browser(RunningRampart.url());
    }

    @AfterEach
    void close() {
        browser.close();
    }

    private void signIn(DemoAccount account) {
        browser.signIn(account.name(), account.password());
    }

    /** Checks what is shown, by day and by night. */
    private void check(String view) throws IOException {
        if (!Boolean.TRUE.equals(browser.script("return typeof axe === 'object'"))) {
            browser.script(Files.readString(CHECKER));
        }
        check(view, "paper", "{resultTypes: ['violations']}", 5);
        check(view, "lamplight", "{resultTypes: ['violations'], runOnly: ['color-contrast']}", 0);
        browser.script("document.documentElement.dataset.theme = 'paper'");
    }

    private void check(String view, String theme, String options, int moreThan) {
        browser.script("document.documentElement.dataset.theme = arguments[0]", theme);
        Object found = ((JavascriptExecutor) browser.driver()).executeAsyncScript("""
                const done = arguments[arguments.length - 1];
                // Colours that are still changing are nobody's: the checker looks when they have settled.
                Promise.all(document.getAnimations().map(a => a.finished.catch(() => {}))).then(() =>
                axe.run(document, OPTIONS).then(
                  r => done({passes: r.passes.length, violations: r.violations.map(v =>
                    v.id + ': ' + v.nodes.slice(0, 3).map(n => n.html.slice(0, 160) + ' ' + (n.any[0]?.message ?? n.all[0]?.message ?? n.none[0]?.message ?? '')).join(' | '))}),
                  e => done({passes: 0, violations: [String(e)]})))
                """.replace("OPTIONS", options));
        Map<?, ?> result = (Map<?, ?>) found;
        assertThat((Long) result.get("passes"))
                .as("rules that had something to look at on " + view + ", " + theme)
                .isGreaterThan(moreThan);
        for (Object violation : (List<?>) result.get("violations")) {
            violations.add(view + ", " + theme + ": " + violation);
        }
    }

    @Test
    void theBenchAndWhatOpensOnIt() throws IOException {
        browser.open("");
        browser.see("form");
        check("sign-in");
        signIn(RunningRampart.designer());
        browser.see(".card-of-pack");
        check("shelf");
        browser.type("input[type='search']", "Seismometer, glazed");
        browser.see("a[aria-label='Open Seismometer, glazed front']").click();
        browser.see(".marker");
        check("bench, cushion");
        for (String station : List.of("Item", "Journey", "Insert", "Carton")) {
            browser.button(station).click();
            browser.see("details.help summary").click();
            check("bench, " + station);
            browser.see("details.help summary").click();
        }
        browser.button("Insert").click();
        browser.button("Cut a bed for it").click();
        browser.see("circle.place");
        browser.button("A tie across it").click();
        browser.button("Another well").click();
        browser.see("[aria-label='Direction of tie 1']");
        check("bench, a bed");
        browser.see("button[title=Undo]").click();
        browser.see("button[title=Undo]").click();
        browser.see("button[title=Undo]").click();
        browser.button("Item").click();
        browser.button("Which way should it lie?").click();
        browser.see("dialog[open] tbody tr");
        check("bench, ways to lie");
        browser.see("dialog[open] [aria-label='Close']").click();
        browser.button("Carton").click();
        browser.button("Look in stock").click();
        browser.see(".fit");
        check("bench, stock");
        browser.button("Cut it from sheets, or from another carton").click();
        browser.see("[aria-label='Where it is cut from'] [role=status]");
        browser.see("fieldset input[type=checkbox]").click();
        check("bench, carton from sheets and fittings");
        browser.see("button[title=Undo]").click();
        browser.button("Clearances").click();
        browser.see("section[aria-label='Outer carton'] table");
        check("bench, clearances");
        browser.button("Whole pack").click();
        browser.see("[aria-label='Layers taken off']").sendKeys(Keys.ARROW_RIGHT);
        check("bench, whole pack");
        browser.button("Board and strength").click();
        browser.see("tr.taken");
        check("bench, boards");
        browser.button("What carriers charge").click();
        browser.see("section[aria-label='What carriers charge']");
        check("bench, prices");
        browser.button("Rigid case").click();
        browser.see(".panels svg");
        check("bench, rigid case");
        browser.button("Walls").click();
        browser.type("[aria-label='Longest outside edge, mm']", "100");
        browser.button("Propose walls").click();
        browser.see(".miss");
        check("bench, walls, nearest miss");
        browser.button("Cushion").click();
        browser.button("Watch this fall slowly").click();
        browser.see(".player svg path");
        browser.button("Work out which input matters most").click();
        browser.see(".matters li");
        check("bench, a fall played and what matters");
        browser.button("What would mend it").click();
        browser.see(".remedy");
        check("bench, remedies");
        browser.button("The working").click();
        browser.see(".detail .formulas");
        check("bench, working");
        browser.button("Revisions").click();
        browser.see("dialog[open]");
        check("revisions");
        browser.see("dialog[open] [aria-label='Close']").click();
        browser.button("Page").click();
        browser.see(".paper");
        check("page");
        assertThat(violations).isEmpty();
    }

    @Test
    void theConflict() throws IOException {
        String id = Http.signedIn()
                .post("api/packs", Http.demoPack("50-tide-recorder"))
                .json()
                .path("id")
                .asString();
        signIn(RunningRampart.designer());
        browser.open("packs/" + id);
        browser.see(".marker");
        String stored = Http.signedIn().get("api/packs/" + id + "/file").body();
        Http.signedIn()
                .put(
                        "api/packs/" + id + "/draft",
                        stored.replace("\"massKg\" : 3.6", "\"massKg\" : 3.9"),
                        "If-Match",
                        Http.tag(1));
        browser.type("[aria-label='Mass of the item, kg']", "4.1");
        browser.see("dialog[open] table");
        check("conflict");
        Http.signedIn().delete("api/packs/" + id);
        assertThat(violations).isEmpty();
    }

    @Test
    void newPackStoresHouseAndHelp() throws IOException {
        signIn(RunningRampart.keeper());
        browser.open("new");
        browser.see("#new-name");
        check("new pack, empty");
        Screenshots.answer(browser);
        check("new pack, answered");
        browser.open("stores");
        browser.see("figure svg path.curve");
        check("stores, foams");
        for (String room : List.of("Boards and wraps", "Stock cartons", "Sheets", "Consumables", "Prices")) {
            browser.button(room).click();
            check("stores, " + room);
        }
        browser.button("Foams").click();
        browser.see(".foams .list button").click();
        browser.see("figure path.law");
        check("stores, a tested foam");
        browser.button("Change it").click();
        browser.see(".editor svg");
        check("stores, a foam being changed");
        browser.open("journeys");
        browser.see("summary").click();
        browser.button("Copy it").click();
        browser.see("form[aria-label=Journey]");
        check("journeys, one being copied");
        browser.open("help/materials");
        browser.see(".doc h1");
        check("docs");
        browser.open("house");
        browser.see("section[aria-labelledby='trail-title'] li");
        check("house");
        browser.see("[aria-label='Remove packer']").click();
        browser.see("dialog[open]");
        check("house, removing somebody");
        browser.open("help");
        browser.see("kbd");
        check("help");
        browser.open("cellar");
        check("nowhere");
        assertThat(violations).isEmpty();
    }

    @Test
    void releasesPapersTheTableAndWhatTravels() throws IOException {
        Http keeper = Http.signedIn(RunningRampart.keeper());
        JsonNode pack = keeper.post("api/packs", Http.demoPack("60-barograph")).json();
        String id = pack.path("id").asString();
        signIn(RunningRampart.keeper());
        browser.open("packs/" + id + "?at=release");
        browser.see("textarea");
        check("release, something breaks");
        browser.type("textarea", "carried by hand");
        browser.button("Release it").click();
        browser.see("td a");
        check("release, released");
        browser.button("Steps").click();
        browser.see("li textarea");
        check("release, steps");
        browser.button("Parts and trips").click();
        browser.button("All parts are there: it goes out").click();
        browser.see("td input");
        check("release, parts that are away");
        browser.button("Quote").click();
        browser.see(".total");
        check("release, quote");
        for (String kind : List.of(
                "specification",
                "drawings",
                "materials",
                "cutting",
                "packing",
                "unpacking",
                "inspection",
                "labels",
                "parts")) {
            browser.open("packs/" + id + "/page?kind=" + kind + "&revision=1");
            browser.see(".paper header");
            check("paper, " + kind);
        }
        String number = keeper.get("api/packs/" + id + "/releases")
                .json()
                .get(0)
                .path("number")
                .asString();
        keeper.post(
                "api/consignments",
                "{\"receiver\":[\"Tide Museum\"],\"note\":\"\",\"entries\":[{\"release\":\"" + number
                        + "\",\"count\":2,\"contents\":\"\"}]}");
        browser.open("sending");
        browser.see("td");
        check("sending");
        browser.button("New consignment").click();
        browser.see("form select");
        check("sending, a new consignment");
        browser.open("table");
        browser.type("#scanned", "no such number");
        browser.button("Find it").click();
        browser.see(".trouble");
        check("table, nothing found");
        browser.type("#scanned", number);
        browser.button("Find it").click();
        browser.see("article[data-step]");
        check("table, the first step");
        browser.button("All steps").click();
        browser.see("ol button");
        check("table, all steps");
        browser.driver().findElements(By.cssSelector("ol button")).stream()
                .filter(step -> step.getText().contains("Weigh it"))
                .findFirst()
                .orElseThrow()
                .click();
        browser.type(".ask input[type='text']", "1");
        browser.button("Done").click();
        browser.see("article .wrong");
        check("table, a step refused");
        browser.size(390, 844);
        check("table, 390 px");
        browser.open("table");
        browser.see("#scanned");
        check("table, list, 390 px");
        keeper.delete("api/packs/" + id);
        assertThat(violations).isEmpty();
    }

    @Test
    void whatAPackerSeesAndNarrowScreens() throws IOException {
        signIn(RunningRampart.packer());
        check("shelf, packer");
        browser.open("house");
        browser.see("section[aria-labelledby='visits-title'] li");
        check("house, packer");
        browser.open("stores");
        browser.button("Stock cartons").click();
        check("stock cartons, packer");
        browser.size(390, 844);
        for (String page : List.of("", "stores", "journeys", "house", "help", "help/method")) {
            browser.open(page);
            browser.see("main");
            check("390 px, /" + page);
        }
        browser.open("");
        browser.see(".card-of-pack a").click();
        browser.see(".marker");
        check("390 px, bench");
        assertThat(violations).isEmpty();
    }

    @Test
    void theEmptyShelfWithItsTourAndTheFirstStart() throws IOException {
        try (TestDatabase database = new TestDatabase();
                ConfigurableApplicationContext house = RunningRampart.start(database);
                Browser fresh = new Browser(RunningRampart.url(house))) {
            browser.close();
            browser = fresh;
            fresh.open("");
            fresh.see("form");
            check("first start");
            NewcomerTest.firstAccount(fresh, house);
            fresh.see(".tour");
            check("empty shelf");
            assertThat(violations).isEmpty();
        }
    }
}
