package rampart.server.access;

import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;
import org.springframework.transaction.support.TransactionOperations;

/** Keeps sessions in the database cheap: every request touches its session, and a durable commit costs milliseconds. */
@Configuration(proxyBeanMethods = false)
class SessionConfig {
    /** Times to the whole minute: a second request in the same minute changes no row, so nothing is written. */
    private static final String TOUCH = """
            UPDATE %TABLE_NAME%
            SET SESSION_ID = ?, LAST_ACCESS_TIME = ? DIV 60000 * 60000, MAX_INACTIVE_INTERVAL = ?,
                EXPIRY_TIME = ? DIV 60000 * 60000, PRINCIPAL_NAME = ?
            WHERE PRIMARY_ID = ?
            """;

    @Bean
    CookieSerializer visitCookie(Tls tls) {
        DefaultCookieSerializer cookie = new DefaultCookieSerializer();
        cookie.setCookieName(tls.cookie("RAMPART"));
        cookie.setCookiePath("/");
        cookie.setSameSite("Strict");
        cookie.setUseHttpOnlyCookie(true);
        cookie.setUseSecureCookie(tls.on());
        return cookie;
    }

    @Bean
    SessionRepositoryCustomizer<JdbcIndexedSessionRepository> touchOnceAMinute() {
        return sessions -> sessions.setUpdateSessionQuery(TOUCH);
    }

    /**
     * Each statement stands for itself: one trip to the database instead of four. A session that lost its attributes to
     * a crash is merely not signed in.
     */
    @Bean
    @Qualifier("springSessionTransactionOperations")
    TransactionOperations springSessionTransactionOperations() {
        return TransactionOperations.withoutTransaction();
    }
}
