package rampart.server.support;

import java.lang.annotation.Annotation;
import java.nio.file.Path;
import java.util.Collection;
import java.util.List;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import rampart.server.RampartApplication;
import rampart.server.demo.DemoAccounts;

/**
 * The real application, once for all tests, on a throwaway database, as the demo: with its accounts and its packs.
 * Spring's own test extension needs a later JUnit; tests speak HTTP to this instead.
 */
public final class RunningRampart implements BeforeAllCallback {
    private static RunningRampart shared;

    private TestDatabase database;
    private ConfigurableApplicationContext context;

    /** One for all the classes that run in this JVM; it ends with it. */
    @Override
    public void beforeAll(ExtensionContext extension) {
        synchronized (RunningRampart.class) {
            if (shared == null) {
                RunningRampart started = new RunningRampart();
                started.database = new TestDatabase();
                started.context = start(
                        started.database,
                        "--rampart.demo=true",
                        "--rampart.demo-packs=" + Path.of("../demo/packs").toAbsolutePath());
                Runtime.getRuntime().addShutdownHook(new Thread(() -> {
                    started.context.close();
                    started.database.close();
                }));
                shared = started;
            }
        }
    }

    /** An application on this database, on a port of its own. */
    public static ConfigurableApplicationContext start(TestDatabase database, String... settings) {
        return new SpringApplicationBuilder(RampartApplication.class).run(arguments(database, settings));
    }

    /** What an application on this database is started with. */
    public static String[] arguments(TestDatabase database, String... settings) {
        List<String> arguments = new java.util.ArrayList<>(List.of(
                "--server.port=0",
                // It would only take the machine from the tests.
                "--rampart.warm-up=false",
                "--spring.datasource.url=" + database.url(),
                "--spring.datasource.username=rampart",
                "--spring.datasource.password=" + database.password()));
        arguments.addAll(List.of(settings));
        return arguments.toArray(String[]::new);
    }

    public static String url() {
        return url(shared.context);
    }

    public static String url(ConfigurableApplicationContext context) {
        return "http://127.0.0.1:"
                + ((WebServerApplicationContext) context).getWebServer().getPort() + "/";
    }

    public static TestDatabase database() {
        return shared.database;
    }

    public static DemoAccounts.DemoAccount designer() {
        return shared.context.getBean(DemoAccounts.class).offered().get(0);
    }

    public static DemoAccounts.DemoAccount packer() {
        return shared.context.getBean(DemoAccounts.class).offered().get(1);
    }

    public static DemoAccounts.DemoAccount keeper() {
        return shared.context.getBean(DemoAccounts.class).offered().get(2);
    }

    public static Collection<Object> beansWith(Class<? extends Annotation> annotation) {
        return shared.context.getBeansWithAnnotation(annotation).values();
    }

    public static <T> T bean(Class<T> type) {
        return shared.context.getBean(type);
    }
}
