package rampart.server.config;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Requests that the container refuses before any filter sees them are answered as problems too, not as its page. */
@Component
class ContainerErrors implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(
                context -> ((StandardHost) context.getParent()).setErrorReportValveClass(AsProblem.class.getName()));
    }

    /** Writes the status as a problem; made by the container by name. */
    public static final class AsProblem extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, Throwable failure) {
            if (response.getStatus() < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            byte[] problem = """
                    {"title":"Refused","status":%d,"detail":"The request is not one that Rampart takes. Nothing was changed."}""".formatted(response.getStatus()).getBytes(StandardCharsets.UTF_8);
            response.setContentType("application/problem+json");
            try {
                response.getOutputStream().write(problem);
                response.finishResponse();
            } catch (IOException e) {
                getContainer().getLogger().debug("the other side is gone", e);
            }
        }
    }
}
