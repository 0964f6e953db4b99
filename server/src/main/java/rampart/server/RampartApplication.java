package rampart.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import rampart.core.material.Catalogue;
import rampart.core.material.StandardCatalogue;

/** Starts the web application. */
@SpringBootApplication(proxyBeanMethods = false)
public class RampartApplication {
    public static void main(String[] args) {
        SpringApplication.run(RampartApplication.class, args);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    @Bean
    Catalogue catalogue() {
        return StandardCatalogue.get();
    }
}
