package rampart.server.browser;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import org.openqa.selenium.By;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.WebDriver;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.logging.LogEntry;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.support.ui.Wait;
import org.openqa.selenium.support.ui.WebDriverWait;
import rampart.server.demo.DemoAccounts.DemoAccount;
import rampart.server.support.RunningRampart;

/**
 * Debian's Chromium without a window, at 1280 x 800. Starting one takes longer than many a test, so one that is closed is
 * handed on, with another tab and nothing that it remembered, to the next test.
 */
public final class Browser implements AutoCloseable {
    private static final Duration PATIENCE = Duration.ofSeconds(15);

    /** What is waited for is mostly there at once. */
    private static final Duration GLANCE = Duration.ofMillis(40);

    private static final Queue<Chromium> IDLE = new ConcurrentLinkedQueue<>();

    private final String address;
    private final Chromium chromium;
    private final ChromeDriver driver;

    /** On the shelf of the house under test, signed in as its designer. */
    static Browser ofDesigner() {
        Browser browser = new Browser(RunningRampart.url());
        DemoAccount designer = RunningRampart.designer();
        browser.open("");
        browser.see("form");
        browser.signIn(designer.name(), designer.password());
        browser.see("h1");
        return browser;
    }

    public Browser(String address) {
        this.address = address;
        Chromium idle = IDLE.poll();
        chromium = idle == null ? Chromium.start() : idle;
        driver = chromium.driver();
        size(1280, 800);
    }

    public void size(int width, int height) {
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", false));
    }

    public ChromeDriver driver() {
        return driver;
    }

    public Path downloads() {
        return chromium.downloads();
    }

    public void open(String path) {
        driver.get(address + path);
    }

    /** The first element that matches, as soon as it is there and shown. */
    public WebElement see(String css) {
        return waiting().until(d -> {
            List<WebElement> found = d.findElements(By.cssSelector(css));
            return found.stream().filter(WebElement::isDisplayed).findFirst().orElse(null);
        });
    }

    /** The button or link with this text, as soon as it is there and shown. */
    public WebElement button(String text) {
        String xpath = "//*[self::button or self::a or self::summary][normalize-space(.)='" + text + "']";
        return waiting().until(d -> {
            List<WebElement> found = d.findElements(By.xpath(xpath));
            return found.stream().filter(WebElement::isDisplayed).findFirst().orElse(null);
        });
    }

    /** The same, once it can be pressed: it rests while an answer is on its way. */
    public WebElement ready(String text) {
        return waiting().until(d -> {
            WebElement found = button(text);
            return found.isEnabled() ? found : null;
        });
    }

    /** Waits until the condition holds. */
    public void until(java.util.function.BooleanSupplier condition) {
        waiting().until(d -> condition.getAsBoolean());
    }

    /** What is looked at may be put anew just then: it is looked for again. */
    private Wait<WebDriver> waiting() {
        return new WebDriverWait(driver, PATIENCE, GLANCE)
                .ignoring(org.openqa.selenium.StaleElementReferenceException.class);
    }

    public boolean has(String css) {
        return !driver.findElements(By.cssSelector(css)).isEmpty();
    }

    public String text(String css) {
        return see(css).getText();
    }

    /** Replaces what stands in a field, key by key as a person would. */
    public void type(String css, String text) {
        WebElement field = see(css);
        field.sendKeys(org.openqa.selenium.Keys.chord(org.openqa.selenium.Keys.CONTROL, "a"), text);
    }

    /** What the page's script returns. */
    public Object script(String script, Object... arguments) {
        return driver.executeScript(script, arguments);
    }

    public void picture(Path file) {
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            Files.write(file, driver.getScreenshotAs(OutputType.BYTES));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Everything the console has said since it was last asked. */
    public List<String> console() {
        return driver.manage().logs().get(LogType.BROWSER).getAll().stream()
                .map(LogEntry::getMessage)
                .toList();
    }

    public void signIn(String name, String password) {
        open("");
        see("form");
        List<WebElement> fields = driver.findElements(By.cssSelector("form input"));
        fields.get(0).sendKeys(name);
        fields.get(1).sendKeys(password);
        button("Sign in").click();
        see("main.shelf");
    }

    @Override
    public void close() {
        chromium.forget(address);
        IDLE.add(chromium);
    }
}
