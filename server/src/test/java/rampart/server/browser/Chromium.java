package rampart.server.browser;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.logging.Level;
import java.util.stream.Stream;
import org.openqa.selenium.WindowType;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.logging.LoggingPreferences;

/** A running Chromium with a profile and a folder for downloads of its own; it ends with this JVM. */
record Chromium(ChromeDriver driver, Path downloads) {
    static Chromium start() {
        try {
            Path home = Files.createTempDirectory("rampart-chromium");
            Path downloads = Files.createDirectory(home.resolve("downloads"));
            ChromeOptions options = new ChromeOptions();
            options.setBinary("/usr/bin/chromium");
            options.addArguments(
                    "--headless=new",
                    "--no-sandbox",
                    "--disable-gpu",
                    "--disable-quic",
                    "--no-first-run",
                    "--disable-background-networking",
                    "--disable-component-update",
                    "--disable-sync",
                    "--disable-dev-shm-usage",
                    "--hide-scrollbars",
                    "--force-device-scale-factor=1",
                    "--user-data-dir=" + home.resolve("profile"));
            options.setExperimentalOption("prefs", Map.of("download.default_directory", downloads.toString()));
            LoggingPreferences logging = new LoggingPreferences();
            logging.enable(LogType.BROWSER, Level.ALL);
            options.setCapability("goog:loggingPrefs", logging);
            ChromeDriver driver = new ChromeDriver(
                    new ChromeDriverService.Builder()
                            .usingDriverExecutable(
                                    Path.of("/usr/bin/chromedriver").toFile())
                            .build(),
                    options);
            Runtime.getRuntime().addShutdownHook(new Thread(driver::quit));
            return new Chromium(driver, downloads);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Leaves one empty tab; cookies, what pages stored, what the console said and downloads are gone. */
    void forget(String address) {
        driver.switchTo().newWindow(WindowType.TAB);
        String fresh = driver.getWindowHandle();
        for (String tab : List.copyOf(driver.getWindowHandles())) {
            if (!tab.equals(fresh)) {
                driver.switchTo().window(tab).close();
            }
        }
        driver.switchTo().window(fresh);
        driver.executeCdpCommand("Network.clearBrowserCookies", Map.of());
        driver.executeCdpCommand("Storage.clearDataForOrigin", Map.of("origin", address, "storageTypes", "all"));
        driver.manage().logs().get(LogType.BROWSER);
        try (Stream<Path> files = Files.list(downloads)) {
            for (Path file : files.toList()) {
                Files.delete(file);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
