package rampart.server.scale;

import java.io.IOException;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import rampart.server.demo.DemoAccounts;

/** Which scale there is: the one whose port is named, in the demo a simulated one, else none. */
@Configuration(proxyBeanMethods = false)
class ScaleConfig {
    private static final long SEED = 4812;

    @Bean(destroyMethod = "close")
    SimulatedScaleHolder simulatedScale(DemoAccounts demo, @Value("${rampart.scale-port:0}") int port)
            throws IOException {
        return new SimulatedScaleHolder(
                demo.isDemo() && port == 0 ? Optional.of(new SimulatedScale(0, SEED)) : Optional.empty());
    }

    @Bean
    ScaleReader scaleReader(SimulatedScaleHolder simulated, @Value("${rampart.scale-port:0}") int port) {
        return new ScaleReader(
                simulated.scale().map(SimulatedScale::port).orElse(port),
                simulated.scale().isPresent());
    }

    /** Ends with the application. */
    record SimulatedScaleHolder(Optional<SimulatedScale> scale) implements AutoCloseable {
        @Override
        public void close() throws IOException {
            if (scale.isPresent()) {
                scale.get().close();
            }
        }
    }
}
