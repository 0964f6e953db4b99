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
 * Tells long work whether whoever asked for it is still there. The container looks at the connection without waiting: once
 * the whole request has been read, there is nothing to come but its end.
 */
@Component
public class Connections implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private static final String ATTRIBUTE = "rampart.gone";

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addEngineValves(new Watch());
    }

    /** True once the other side has closed this request's connection; asked from the thread that serves it. */
    public static BooleanSupplier gone(ServletRequest request) {
        return request.getAttribute(ATTRIBUTE) instanceof BooleanSupplier gone ? gone : () -> false;
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
            getNext().invoke(request, response);
        }
    }
}
