package rampart.server.config;

import jakarta.servlet.ServletException;
import jakarta.servlet.ServletRequest;
import java.io.IOException;
import java.util.function.BooleanSupplier;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * What only the container can do with a connection: tell long work whether whoever asked for it is still there (it looks without
 * waiting: once the whole request has been read, there is nothing to come but its end), and close it after the answer.
 */
@Component
public class Connections implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private static final String ATTRIBUTE = "rampart.gone";
    private static final String HANG_UP = "rampart.hang-up";

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addEngineValves(new Watch());
        // No address takes a form; looking for a field in one would read the body, waiting for it.
        factory.addConnectorCustomizers(connector -> connector.setParseBodyMethods(""));
    }

    /** True once the other side has closed this request's connection; asked from the thread that serves it. */
    public static BooleanSupplier gone(ServletRequest request) {
        return request.getAttribute(ATTRIBUTE) instanceof BooleanSupplier gone ? gone : () -> false;
    }

    /** Closes this request's connection after its answer, without reading what was not read of its body. */
    public static Runnable hangUp(ServletRequest request) {
        return request.getAttribute(HANG_UP) instanceof Runnable hangUp ? hangUp : () -> {};
    }

    private static final class Watch extends ValveBase {
        private Watch() {
            super(true);
        }

        @Override
        public void invoke(Request request, Response response) throws IOException, ServletException {
            org.apache.coyote.Request connection = request.getCoyoteRequest();
            request.setAttribute(ATTRIBUTE, (BooleanSupplier) () -> {
                connection.action(ActionCode.AVAILABLE, true);
                return connection.getAvailable() > 0;
            });
            request.setAttribute(HANG_UP, (Runnable) () -> {
                connection.action(ActionCode.DISABLE_SWALLOW_INPUT, null);
                // The container calls that an error, and would write its page over the answer.
                response.setErrorReported();
            });
            getNext().invoke(request, response);
        }
    }
}
