package rampart.server.browser;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Takes the pictures in docs/screenshots again, from a running demo. */
public final class Screenshots {
    private Screenshots() {}

    public static void main(String[] args) throws IOException {
        JsonNode run = JsonMapper.shared().readTree(Files.readAllBytes(Path.of(args[0])));
        Path target = Path.of(args[1]);
        String url = run.path("url").asString();
        JsonNode account = run.path("accounts").get(0);
        try (Browser browser = new Browser(url)) {
            browser.open("");
            browser.see("form");
            browser.signIn(
                    account.path("name").asString(), account.path("password").asString());
            browser.see(".card-of-pack");
            browser.picture(target.resolve("shelf.png"));
            newPack(browser);
            browser.picture(target.resolve("new-pack.png"));
            browser.open("");
            bench(browser, "Rain gauge, funnel apart");
            browser.picture(target.resolve("bench-cushion.png"));
            browser.see("a[href$='/page']").click();
            browser.see(".paper");
            browser.picture(target.resolve("page.png"));
            browser.driver().navigate().back();
            browser.see(".marker");
            browser.button("Carton").click();
            browser.button("Whole pack").click();
            browser.see("[aria-label='Layers drawn apart']")
                    .sendKeys(Keys.ARROW_RIGHT, Keys.ARROW_RIGHT, Keys.ARROW_RIGHT);
            browser.see("[aria-label='Change to night']").click();
            browser.picture(target.resolve("bench-whole-night.png"));
            browser.button("Boxes and blanks").click();
            browser.see("[aria-label='Change to day']").click();
            for (String station : new String[] {"Item", "Carton"}) {
                browser.button(station).click();
                if (station.equals("Carton")) {
                    browser.see("[aria-label='How far it is folded']").sendKeys(Keys.PAGE_UP, Keys.PAGE_UP);
                    browser.script("document.querySelector('.pieces').scrollIntoView({block: 'end'})");
                }
                browser.picture(target.resolve("bench-" + station.toLowerCase(java.util.Locale.ROOT) + ".png"));
            }
            revisions(browser);
            browser.picture(target.resolve("revisions.png"));
            browser.see("dialog[open] [aria-label='Close']").click();
            walls(browser);
            browser.picture(target.resolve("bench-walls.png"));
            browser.open("stores");
            browser.see(".foams .list button").click();
            browser.see("figure path.law");
            browser.script("document.querySelector('.app').scrollTop = 430");
            browser.picture(target.resolve("stores.png"));
            browser.open("journeys");
            browser.see("summary").click();
            browser.see("dl");
            browser.picture(target.resolve("journeys.png"));
            browser.open("sending");
            browser.see("td");
            browser.picture(target.resolve("sending.png"));
            browser.open("");
            bench(browser, "Loan theodolite");
            browser.button("Release").click();
            browser.see("td a");
            browser.picture(target.resolve("bench-release.png"));
            table(browser);
            browser.picture(target.resolve("table.png"));
            browser.open("");
            bench(browser, "Sextant in a rigid case");
            browser.button("Insert").click();
            browser.see("circle.section-handle");
            browser.picture(target.resolve("bench-insert.png"));
            photograph(browser);
            browser.picture(target.resolve("bench-photograph.png"));
            browser.open("");
            bench(browser, "Survey sledge, model");
            conflict(url, run.path("accounts"), browser, target);
            browser.picture(target.resolve("conflict.png"));
            browser.button("Take all of theirs").click();
            browser.until(() -> !browser.has("dialog[open]"));
            browser.open("");
            bench(browser, "Gravimeter, three boxes");
            browser.see("[data-view]");
            browser.see("[data-timed=there]");
            browser.button("Watch this fall slowly").click();
            browser.see(".player svg path");
            browser.script("document.querySelector('.player').scrollIntoView({block: 'end'})");
            browser.picture(target.resolve("bench-fall.png"));
            browser.console().forEach(System.err::println);
        }
    }

    /** The step at which the item is laid into its bed. */
    private static void table(Browser browser) {
        browser.open("table");
        browser.see("main section a").click();
        browser.button("All steps").click();
        browser.driver().findElements(By.cssSelector("ol button")).stream()
                .filter(step -> step.getText().contains("Lay the item in"))
                .findFirst()
                .orElseThrow()
                .click();
        browser.see("article svg");
    }

    /** Walls proposed for the rain gauge, two of them side by side. */
    private static void walls(Browser browser) {
        browser.open("");
        bench(browser, "Rain gauge, wall proposed");
        browser.button("Walls").click();
        browser.button("Propose walls").click();
        browser.see(".plane .piece");
        browser.driver().findElements(By.cssSelector(".walls tbody input[type=checkbox]")).stream()
                .limit(2)
                .forEach(box -> box.click());
        browser.until(() ->
                browser.driver().findElements(By.cssSelector(".pair article")).size() == 2);
        browser.script("document.querySelector('.plane').scrollIntoView({block: 'start'})");
    }

    /** A revision is made, the wall made thinner, and both compared. */
    private static void photograph(Browser browser) {
        browser.button("a photograph").click();
        browser.driver()
                .findElement(By.cssSelector("input[aria-label='Photograph with marks']"))
                .sendKeys(java.nio.file.Path.of("demo", "photographs", "loan-theodolite.jpg")
                        .toAbsolutePath()
                        .toString());
        browser.see(".photograph .picture path");
        browser.type("[aria-label^='Height of the widest outline over the table']", "60");
        browser.driver()
                .findElement(By.xpath("//label[contains(., 'Lay it straight')]/input"))
                .click();
        browser.until(() -> java.util.regex.Pattern.compile("29[1-5](\\.\\d)? mm by 1(49|50|51)")
                .matcher(browser.text(".photograph"))
                .find());
        browser.script("document.querySelector('.photograph').scrollIntoView({block: 'start'})");
    }

    private static void revisions(Browser browser) {
        browser.button("Cushion").click();
        browser.button("Revisions").click();
        browser.see("dialog[open]");
        browser.type("dialog input", "as it was sent in spring");
        browser.button("Save revision").click();
        browser.until(() -> browser.text("dialog[open]").contains("is made"));
        browser.see("dialog[open] [aria-label='Close']").click();
        browser.type("[aria-label='Front thickness, mm']", "30");
        browser.until(() -> "saved".equals(browser.see("[data-saving]").getDomAttribute("data-saving")));
        browser.button("Revisions").click();
        browser.see("dialog[open] .differences");
    }

    /** The keeper saves the mass of a pack while the designer has it open and changes what it bears. */
    private static void conflict(String url, JsonNode accounts, Browser browser, Path target) {
        browser.open("");
        bench(browser, "Tide-recorder clockwork");
        try (Browser other = new Browser(url)) {
            JsonNode keeper = accounts.get(2);
            other.signIn(keeper.path("name").asString(), keeper.path("password").asString());
            bench(other, "Tide-recorder clockwork");
            other.type("[aria-label='Mass of the item, kg']", "3.9");
            other.until(() -> "saved".equals(other.see("[data-saving]").getDomAttribute("data-saving")));
            other.open("house");
            other.see("section[aria-labelledby='trail-title'] li");
            other.picture(target.resolve("house.png"));
        }
        browser.type("[aria-label='What the item bears, G']", "70");
        browser.see("dialog[open] table");
    }

    /** The hygrometer head of the demo, asked as a newcomer is. */
    private static void newPack(Browser browser) {
        browser.see("a[href='/new']").click();
        answer(browser);
    }

    /** The seven answers on the page of a new pack. */
    static void answer(Browser browser) {
        browser.see("#new-name").sendKeys("Hygrometer head");
        String[][] answers = {
            {"Length of the item, mm", "180"},
            {"Width of the item, mm", "140"},
            {"Height of the item, mm", "120"},
            {"Mass of the item, kg", "2.2"}
        };
        for (String[] answer : answers) {
            browser.type("[aria-label='" + answer[0] + "']", answer[1]);
        }
        browser.see("input[value='MODERATELY_DELICATE']").click();
        browser.see("ol.layers");
    }

    private static void bench(Browser browser, String name) {
        browser.see("a[aria-label='Open " + name + "']").click();
        browser.see(".marker");
        browser.see("footer");
    }
}
