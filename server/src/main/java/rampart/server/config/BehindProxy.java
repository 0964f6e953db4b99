package rampart.server.config;

import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * Where a proxy of this machine or its private network speaks TLS for Rampart, who asks is whom the proxy names: without it all would have
 * one address, and one guesser would slow everybody.
 */
@Component
@ConditionalOnProperty("rampart.tls")
class BehindProxy implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        RemoteIpValve named = new RemoteIpValve();
        named.setProtocolHeader("X-Forwarded-Proto");
        named.setAsyncSupported(true);
        factory.addEngineValves(named);
    }
}
