package rampart.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.springframework.context.ConfigurableApplicationContext;
import rampart.server.access.FirstStart;
import rampart.server.support.RunningRampart;
import rampart.server.support.TestDatabase;

/** Someone who has never done this: seven answers, a wall that holds; and a broken pack mended by one change. */
@ExtendWith(RunningRampart.class)
class NewcomerTest {
    private Browser browser;

    @BeforeEach
    void open() {
        browser = new Browser(RunningRampart.url());
        browser.signIn(
                RunningRampart.designer().name(), RunningRampart.designer().password());
    }

    @AfterEach
    void close() {
        browser.close();
    }

    private void say(String label, String text) {
        WebElement field = browser.see("[aria-label='" + label + "']");
        field.sendKeys(Keys.chord(Keys.CONTROL, "a"), text);
    }

    private void answer(String mass) {
        browser.see("#new-name").sendKeys("Tripod head");
        say("Length of the item, mm", "32 cm");
        say("Width of the item, mm", "7 7/8 in");
        say("Height of the item, mm", "230");
        say("Mass of the item, kg", mass);
        browser.see("input[value='MODERATELY_DELICATE']").click();
    }

    private String wall() {
        return browser.see("[aria-label='First wall']").getText();
    }

    @Test
    void sevenAnswersMakeAWallThatHolds() {
        browser.see("a[href='/new']").click();
        browser.until(() -> wall().contains("how big it is, how heavy it is and how delicate it is"));
        answer("4.8");
        browser.until(() -> wall().contains("minutes at the table"));
        String first = wall();

        // A wrong answer is changed, and no other is lost, not even by leaving the page.
        browser.see("input[value='MODERATELY_RUGGED']").click();
        browser.until(() -> wall().contains("minutes at the table") && !wall().equals(first));
        String thinner = wall();
        browser.driver().navigate().refresh();
        browser.until(() -> wall().equals(thinner));
        assertThat(browser.see("#new-name").getDomProperty("value")).isEqualTo("Tripod head");

        browser.ready("Put it on the bench").click();
        browser.see(".marker");
        assertThat(browser.see("[data-verdict]").getDomAttribute("data-verdict"))
                .isEqualTo("holds");
        assertThat(browser.see("h1").getText()).isEqualTo("Tripod head");
        assertThat(browser.console()).isEmpty();
    }

    /**
     * What packers send every day, from the answers to a page that says where each piece goes: the print's pads lie in the
     * middle of their parts of each face; the house's cartons and sheets are taken where they will do.
     */
    @Test
    void aMugAPrintAndAnInstrumentComeToAPageToWorkFrom() {
        int stocked = 0;
        for (String[] thing : new String[][] {
            {"Mug", "120", "90", "100", "0.35", "MODERATELY_RUGGED", ""},
            {"Print", "900", "700", "25", "3.5", "test", "60"},
            {"Instrument", "300", "250", "200", "8", "MODERATELY_DELICATE", ""}
        }) {
            browser.open("new");
            browser.see("#new-name").sendKeys(thing[0]);
            say("Length of the item, mm", thing[1]);
            say("Width of the item, mm", thing[2]);
            say("Height of the item, mm", thing[3]);
            say("Mass of the item, kg", thing[4]);
            browser.see("input[value='" + thing[5] + "']").click();
            if (!thing[6].isEmpty()) {
                say("What the item bears, G", thing[6]);
            }
            browser.until(() -> wall().contains("Holds") && wall().contains("minutes at the table"));
            // An answer that is bettered while the next one is on its way rests; the last one counts.
            WebElement put = browser.ready("Put it on the bench");
            stocked += wall().contains("In your carton") ? 1 : 0;
            put.click();
            browser.see(".marker");
            // Where a box between cushions is heavy, the quick verdict comes first.
            browser.until(() -> "holds".equals(browser.see("[data-verdict]").getDomAttribute("data-verdict")));
            browser.button("Page").click();
            browser.until(() -> browser.text(".paper").contains("Pieces to cut")
                    || browser.text(".paper").contains("To fill in"));
            if (thing[0].equals("Print")) {
                assertThat(browser.text(".paper")).contains("from the left");
            }
        }
        assertThat(stocked).as("walls in a carton of the house").isPositive();
        assertThat(browser.console()).isEmpty();
    }

    /** Makes the first account of a new house on its sign-in page. */
    static void firstAccount(Browser fresh, ConfigurableApplicationContext house) {
        fresh.open("");
        fresh.see("form");
        List<WebElement> fields = fresh.driver().findElements(By.cssSelector("form input"));
        fields.get(0).sendKeys(house.getBean(FirstStart.class).code());
        fields.get(1).sendKeys("keeper");
        fields.get(2).sendKeys("a long password");
        fresh.button("Make the account").click();
        fresh.see("main.shelf");
    }

    @Test
    void fromTheEmptyShelfToAPrintedPageInTenAnswers() throws Exception {
        browser.close();
        try (TestDatabase database = new TestDatabase();
                ConfigurableApplicationContext house = RunningRampart.start(database)) {
            browser = new Browser(RunningRampart.url(house));
            firstAccount(browser, house);
            assertThat(browser.text(".tour")).contains("A pack in five minutes");
            browser.button("Leave the tour; it stays under Help").click();
            browser.until(() -> !browser.has(".tour"));
            browser.see("a[href='/help']").click();
            assertThat(browser.text(".tour")).contains("A pack in five minutes");
            browser.see("a[href='/']").click();

            browser.see("a[href='/new']").click();
            answer("4.8");
            browser.until(() -> wall().contains("Holds"));
            Number answers = (Number) browser.script("const i = [...document.querySelectorAll('.questions input')];"
                    + "return new Set(i.map(e => e.type === 'radio' ? e.name : e.id)).size");
            assertThat(answers.intValue()).isBetween(5, 10);
            browser.ready("Put it on the bench").click();
            browser.see(".marker");
            browser.button("Page").click();
            browser.see(".paper");
            browser.see("a[href*='page.pdf'][href*='a4']").click();
            browser.until(() -> pdf().isPresent());
            Path file = pdf().orElseThrow();
            assertThat(file.getFileName()).hasToString("Tripod head.pdf");
            Process reader = new ProcessBuilder("pdftotext", "-layout", file.toString(), "-").start();
            assertThat(new String(reader.getInputStream().readAllBytes(), StandardCharsets.UTF_8))
                    .contains("Tripod head")
                    .contains("Holds, weakest")
                    .containsAnyOf("Pieces to cut", "To fill in")
                    .contains("320 × 200 × 230 mm");
            assertThat(browser.console()).isEmpty();
        }
    }

    private Optional<Path> pdf() {
        try (Stream<Path> files = Files.list(browser.downloads())) {
            return files.filter(f -> f.toString().endsWith(".pdf")).findFirst();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void saysWhatHasToGiveAndKeepsTheAnswers() {
        browser.see("a[href='/new']").click();
        answer("62 lb");
        browser.until(() -> wall().contains("Two people would have to carry it"));
        say("Mass of the item, kg", "4.8");
        browser.until(() -> wall().contains("Holds"));
        browser.see("input[name='delicacy'][value='test']").click();
        browser.until(() -> wall().contains("how delicate it is"));
        say("What the item bears, G", "75");
        browser.until(() -> wall().contains("Holds"));
        assertThat(browser.console()).isEmpty();
    }

    @Test
    void aRemedyIsSeenBeforeItIsTakenAndIsOneStepToUndo() {
        browser.see("a[href='/new']").click();
        browser.button("Start from a plain wall").click();
        browser.see(".marker");
        browser.type("[aria-label='Thickness on all sides, mm']", "30");
        browser.until(() -> verdict().equals("breaks"));

        browser.button("What would mend it").click();
        browser.see(".remedy");
        List<WebElement> remedies = browser.driver().findElements(By.cssSelector(".remedy"));
        WebElement thicker = remedies.stream()
                .filter(r -> r.getText().contains("all round: "))
                .findFirst()
                .orElseThrow();
        browser.script("arguments[0].focus()", thicker);
        assertThat(browser.see(".ghost").isDisplayed()).isTrue();
        String before = figure("outside");
        thicker.sendKeys(Keys.ENTER);
        browser.until(() -> !figure("outside").equals(before));
        assertThat(browser.driver().findElements(By.cssSelector(".ghost"))).isEmpty();
        browser.until(() -> !verdict().equals("breaks"));

        browser.button("Undo").click();
        browser.until(() -> figure("outside").equals(before));
        browser.until(() -> verdict().equals("breaks"));
        assertThat(browser.console()).isEmpty();
    }

    private String verdict() {
        return browser.see("[data-verdict]").getDomAttribute("data-verdict");
    }

    private String figure(String name) {
        return browser.see("[data-figure='" + name + "']").getText();
    }
}
