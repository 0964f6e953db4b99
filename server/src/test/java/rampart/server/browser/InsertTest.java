package rampart.server.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import rampart.server.demo.DemoAccounts.DemoAccount;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.MissingNode;
import tools.jackson.databind.node.ObjectNode;

/** A bed is cut for an item: from one block to parts of their own, by keys and exact numbers. */
@ExtendWith(RunningRampart.class)
class InsertTest {
    private final Http http = Http.signedIn();
    private Browser browser;
    private String pack;

    @BeforeEach
    void open() {
        pack = http.post("api/packs", Http.demoPack("10-hygrometer"))
                .json()
                .path("id")
                .asString();
        browser = new Browser(RunningRampart.url());
        browser.open("");
        DemoAccount designer = RunningRampart.designer();
        browser.signIn(designer.name(), designer.password());
        browser.open("packs/" + pack + "?at=insert");
    }

    @AfterEach
    void close() {
        assertThat(browser.console()).isEmpty();
        browser.close();
    }

    private JsonNode bed() {
        for (JsonNode layer : http.get("api/packs/" + pack).json().path("pack").path("layers")) {
            if (layer.path("form").asString("").equals("bed")) {
                return layer.path("bed");
            }
        }
        return MissingNode.getInstance();
    }

    @Test
    void aBedBeginsAsTheItemAndIsShapedByKeys() {
        browser.button("Cut a bed for it").click();
        WebElement place = browser.see("circle.place");
        assertThat(browser.driver().findElements(By.cssSelector("circle.place")))
                .hasSize(4);
        place.sendKeys(Keys.ARROW_RIGHT);
        browser.until(() -> bed().at("/parts/0/outlineMm/0/0").asDouble() == -89);
        // A shape that the item does not reach any more is refused where it stands, and the last good one stays drawn.
        browser.driver().findElements(By.cssSelector("circle.place")).get(3).sendKeys(Keys.ARROW_RIGHT);
        browser.until(() -> browser.has(".refused")
                && browser.text(".refused").contains("no part comes within 0.5 mm of the left"));
        browser.see("button[title=Undo]").click();
        browser.until(() -> !browser.has(".refused"));
        // The browser notes that a shape was refused, as it does of every bad field.
        browser.console();
    }

    /** Corners come and go by keys and by pressing twice, each one step to undo. */
    @Test
    void cornersAreAddedAndTakenAway() {
        browser.button("Cut a bed for it").click();
        browser.see("circle.place").sendKeys(Keys.INSERT);
        browser.until(() -> corners() == 5);
        browser.driver().findElements(By.cssSelector("circle.place")).get(1).sendKeys(Keys.DELETE);
        browser.until(() -> corners() == 4);
        WebElement edge = browser.see("path.part.chosen");
        int half = edge.getSize().getHeight() / 2;
        // Just inside its front edge, a quarter from the left of the middle.
        new Actions(browser.driver())
                .moveToElement(edge, -edge.getSize().getWidth() / 4, half - 6)
                .doubleClick()
                .perform();
        browser.until(() -> corners() == 5);
        browser.until(() -> "saved".equals(browser.see("[data-saving]").getDomAttribute("data-saving")));
        assertThat(bed().at("/parts/0/outlineMm/1/0").asDouble()).isNegative();
        new Actions(browser.driver())
                .doubleClick(browser.driver()
                        .findElements(By.cssSelector("circle.place"))
                        .get(1))
                .perform();
        browser.until(() -> corners() == 4);
        browser.console();
    }

    private int corners() {
        return browser.driver().findElements(By.cssSelector("circle.place")).size();
    }

    @Test
    void aWellTakesBearingAreaAway() {
        browser.button("Cut a bed for it").click();
        browser.see("circle.place");
        String whole = browser.text("[aria-label='Where foam bears']");
        browser.button("Another well").click();
        browser.until(() -> bed().path("wells").size() == 1);
        browser.type("[aria-label='Height at which it begins, mm'], [aria-label='Height at which it begins']", "-70");
        browser.until(() -> bed().at("/wells/0/bottomMm").asDouble() == -70);
        browser.until(() -> !browser.text("[aria-label='Where foam bears']").equals(whole));
    }

    /**
     * An outline out of a file becomes a part, and the browser, a reader that is not ours, finds curves of the same length and
     * a page of the same size in the file to cut by.
     */
    @Test
    void fromADrawingToTheFileToCutBy() throws IOException {
        browser.button("Cut a bed for it").click();
        browser.see("circle.place");
        Path drawing = Files.createTempFile("dial", ".svg");
        drawing.toFile().deleteOnExit();
        Files.writeString(
                drawing,
                "<svg xmlns='http://www.w3.org/2000/svg' width='80mm' height='60mm' viewBox='0 0 80 60'>"
                        + "<g id='dial'><path d='M10 30 a20 20 0 0 1 20 -20 h20 a20 20 0 0 1 0 40 h-20 a20 20 0 0 1 -20 -20z'/></g></svg>");
        browser.driver()
                .findElement(By.cssSelector("input[aria-label='Drawing file with outlines']"))
                .sendKeys(drawing.toString());
        browser.see(".import svg path");
        assertThat(browser.text(".import")).contains("dial: 60 mm by 40 mm");
        browser.button("Use as wells").click();
        browser.until(() -> bed().path("wells").size() == 1);
        assertThat(bed().at("/wells/0/name").asString()).isEqualTo("dial");
        theFileHasTheCurvesOfItsPiece();
    }

    /** The base's file as the browser reads it against the piece that the server draws; gives that piece. */
    private JsonNode theFileHasTheCurvesOfItsPiece() {
        browser.until(() -> "saved".equals(browser.see("[data-saving]").getDomAttribute("data-saving")));
        browser.see(".files a[href*='piece=base-1-of']");

        String file = http.get("api/packs/" + pack).json().path("pack").toString();
        JsonNode base = http.post("api/beds/making", file).json().at("/pieces/0");
        double length = 0;
        for (JsonNode layer : base.path("layers")) {
            for (JsonNode outline : layer.path("outlines")) {
                for (int i = 0; i < outline.size(); i++) {
                    JsonNode from = outline.get(i);
                    JsonNode to = outline.get((i + 1) % outline.size());
                    length += Math.hypot(
                            to.get(0).asDouble() - from.get(0).asDouble(),
                            to.get(1).asDouble() - from.get(1).asDouble());
                }
            }
        }
        List<?> read = (List<?>) browser.script(
                """
                return fetch(arguments[0]).then(answer => answer.text()).then(text => {
                  const parsed = new DOMParser().parseFromString(text, 'image/svg+xml');
                  const svg = document.importNode(parsed.documentElement, true);
                  document.body.append(svg);
                  let length = 0;
                  svg.querySelectorAll('path').forEach(path => (length += path.getTotalLength()));
                  // The page holds figures and notes beside the piece as well; of the piece its edge counts.
                  const width = (svg.querySelector('#cut').getBBox().width * svg.width.baseVal.value) / svg.viewBox.baseVal.width;
                  svg.remove();
                  return [length, width];
                });""",
                "/api/packs/" + pack + "/insert-files?file=svg&piece="
                        + base.path("file").asString());
        assertThat(((Number) read.get(0)).doubleValue()).isCloseTo(length, within(length * 1e-4));
        assertThat(((Number) read.get(1)).doubleValue())
                .isCloseTo(base.path("widthMm").asDouble() * 96 / 25.4, within(0.01));
        return base;
    }

    /** Larger than what was typed: the size is taken from it, the box that the bed began as makes room, and the draft goes on. */
    @Test
    void aTracedOutlineLargerThanTheTypedItemGivesItsSize() {
        pack = http.post("api/packs", Http.demoPack("10-hygrometer"))
                .json()
                .path("id")
                .asString();
        browser.open("packs/" + pack + "?at=insert");
        browser.button("Cut a bed for it").click();
        browser.see("circle.place");
        browser.button("a drawing file").click();
        browser.driver()
                .findElement(By.cssSelector("input[aria-label='Drawing file with outlines']"))
                .sendKeys(Path.of("..", "demo", "drawings", "sextant.svg")
                        .toAbsolutePath()
                        .normalize()
                        .toString());
        browser.button("Use as parts, and the size from them").click();
        browser.until(() -> bed().path("parts").size() == 1
                && bed().at("/parts/0/outlineMm").size() > 4);
        JsonNode size = http.get("api/packs/" + pack).json().at("/pack/item/sizeMm");
        assertThat(size.path("length").asDouble()).isGreaterThan(200);
        browser.until(() -> browser.text("main").contains("How to make it"));
    }

    /** An outline out of a photograph becomes a well in a block that has room for it, and is in the file to cut by. */
    @Test
    void fromAPhotographToTheFileToCutBy() {
        ObjectNode roomy = (ObjectNode) Http.MAPPER.readTree(Http.demoPack("10-hygrometer"));
        for (JsonNode layer : roomy.path("layers")) {
            if (layer.path("kind").asString().equals("cushion")) {
                ((ObjectNode) layer).putObject("thicknessMm").put("all", 130);
            }
        }
        pack = http.post("api/packs", roomy.toString()).json().path("id").asString();
        browser.open("packs/" + pack + "?at=insert");
        browser.button("Cut a bed for it").click();
        browser.see("circle.place");
        browser.button("a photograph").click();
        browser.driver()
                .findElement(By.cssSelector("input[aria-label='Photograph with marks']"))
                .sendKeys(Path.of("..", "demo", "photographs", "loan-theodolite.jpg")
                        .toAbsolutePath()
                        .normalize()
                        .toString());
        browser.see(".photograph .picture path");
        assertThat(browser.text(".photograph")).contains("16 marks seen on strip 1, strip 2, strip 3, strip 4");
        browser.type("[aria-label^='Height of the widest outline over the table']", "60");
        // Laid straight when somebody asks for it, not before.
        WebElement straight = browser.driver().findElement(By.xpath("//label[contains(., 'Lay it straight')]/input"));
        assertThat(straight.isSelected()).isFalse();
        straight.click();
        browser.until(() -> Pattern.compile("29[1-5](\\.\\d)? mm by 1(49|50|51)")
                .matcher(browser.text(".photograph"))
                .find());
        browser.button("Use as wells").click();
        browser.until(() -> bed().path("wells").size() == 1);
        assertThat(bed().at("/wells/0/name").asString()).isEqualTo("traced");
        assertThat(bed().at("/wells/0/outlineMm").size()).isBetween(40, 400);
        // The item is 180 mm long: what is cut as long as the theodolite was traced.
        JsonNode base = theFileHasTheCurvesOfItsPiece();
        double longest = 0;
        for (JsonNode layer : base.path("layers")) {
            for (JsonNode outline : layer.path("outlines")) {
                double least = Double.POSITIVE_INFINITY;
                double most = Double.NEGATIVE_INFINITY;
                for (JsonNode place : outline) {
                    least = Math.min(least, place.get(0).asDouble());
                    most = Math.max(most, place.get(0).asDouble());
                }
                if (layer.path("work").asString().equals("pocket")) {
                    longest = Math.max(longest, most - least);
                }
            }
        }
        assertThat(longest).isBetween(290.0, 296.0);
    }

    /** A bed from measurements, shape by shape, with no pointer: a round head and its stem, cut with a notch. */
    @Test
    void aHandMeasuredBedByKeysAlone() {
        Keyboard keys = new Keyboard(browser);
        keys.tabToButton("Cut a bed for it");
        keys.press(Keys.ENTER);
        browser.see("circle.place");
        keys.tabToButton("measurements");
        keys.press(Keys.ENTER);
        browser.see(".measured svg path");
        keys.fill("[aria-label^='Shape 1, length']", "60");
        keys.fill("[aria-label^='Shape 1, width']", "30");
        keys.tabToButton("Another shape");
        keys.press(Keys.ENTER);
        keys.tabTo("[aria-label='Shape 2, what it does']");
        keys.press("Cut");
        keys.fill("[aria-label^='Shape 2, length']", "20");
        keys.fill("[aria-label^='Shape 2, width']", "10");
        keys.fill("[aria-label^='Shape 2, right of the middle']", "30");
        browser.until(() -> browser.text(".measured").contains("60 mm by 30 mm, 8 places"));
        keys.tabToButton("Use as wells");
        keys.press(Keys.ENTER);
        browser.until(() -> bed().path("wells").size() == 1);
        assertThat(bed().at("/wells/0/outlineMm")).hasSize(8);
        // Undone in one step, as everywhere.
        keys.chord("z", Keys.CONTROL);
        browser.until(() -> bed().path("wells").isEmpty());
    }

    /** Tied down at a press, the slots are drawn and the piece to cut has them; a loose thing finds its well. */
    @Test
    void tiedDownWithALooseThingBesideIt() {
        browser.button("Cut a bed for it").click();
        browser.see("circle.place");
        browser.button("Tie it down for me").click();
        browser.until(() -> !bed().path("ties").isEmpty());
        int ties = bed().path("ties").size();
        browser.until(
                () -> browser.driver().findElements(By.cssSelector("path.slot")).size() == 2 * ties);
        assertThat(browser.text("main")).doesNotContain("its slot would leave the block");
        browser.button("A loose thing").click();
        browser.type("[aria-label^='The loose thing, length']", "30");
        browser.type("[aria-label^='The loose thing, width']", "12");
        browser.button("Put it where the foam is thickest").click();
        browser.until(() -> bed().path("wells").size() == 1);
        assertThat(bed().at("/wells/0/name").asString()).isEqualTo("loose part");
        browser.type("[aria-label^='The loose thing, width']", "400");
        browser.button("Put it where the foam is thickest").click();
        browser.until(() -> browser.text("main").contains("No place of the block has enough foam all round for it"));
        assertThat(bed().path("wells")).hasSize(1);
    }

    /** Several things in two layers become one bed of trays, in one step that is undone as one. */
    @Test
    void aKitInTwoLayers() {
        browser.button("several things in it").click();
        browser.see(".kit svg path");
        browser.button("Another thing").click();
        browser.type("[aria-label='Thing 2, how many']", "3");
        browser.type("[aria-label='Layers of the kit']", "2");
        browser.until(() ->
                browser.driver().findElements(By.cssSelector(".trays svg")).size() == 2);
        assertThat(browser.text(".kit")).contains("hinged along the back");
        browser.button("Take it as the item and its bed").click();
        browser.until(() -> bed().path("parts").size() == 4);
        browser.until(() -> browser.text("main").contains("The base is 2 trays"));
        browser.see("button[title=Undo]").click();
        browser.until(() -> bed().isMissingNode());
    }

    /** What is dragged moves at once, and the cut follows before it is let go; all of it is one step to undo. */
    @Test
    void theCutFollowsWhatIsDragged() {
        browser.button("Cut a bed for it").click();
        browser.see("circle.place");
        browser.until(() -> !bed().isMissingNode());
        double corner = bed().at("/parts/0/outlineMm/2/0").asDouble();
        String before = browser.see("path.deep").getDomAttribute("d");
        WebElement place =
                browser.driver().findElements(By.cssSelector("circle.place")).get(2);
        double was = Double.parseDouble(place.getDomAttribute("cx"));
        Actions hand = new Actions(browser.driver());
        hand.clickAndHold(place).moveByOffset(-20, 20).perform();
        browser.until(() -> Double.parseDouble(browser.driver()
                        .findElements(By.cssSelector("circle.place"))
                        .get(2)
                        .getDomAttribute("cx"))
                < was - 10);
        browser.until(() -> browser.driver().findElements(By.cssSelector("path.deep")).stream()
                .noneMatch(path -> path.getDomAttribute("d").equals(before)));
        new Actions(browser.driver()).release().perform();
        browser.until(() -> bed().at("/parts/0/outlineMm/2/0").asDouble() < corner - 1);
        browser.see("button[title=Undo]").click();
        browser.until(() -> bed().at("/parts/0/outlineMm/2/0").asDouble() == corner);
    }
}
