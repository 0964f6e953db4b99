package rampart.server.persistence;

import java.time.Instant;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Counts failed sign-ins by subject: an account or an address. In the database, so that a second server counts too. */
@Repository
public class SignInFailureRepository {
    private final JdbcClient jdbc;

    SignInFailureRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Failures of this subject, if the last of them was since then. */
    public int count(String subject, Instant since) {
        return jdbc.sql("SELECT failures FROM sign_in_failure WHERE subject = ? AND last_at >= ?")
                .params(subject, Times.toColumn(since))
                .query(Integer.class)
                .optional()
                .orElse(0);
    }

    /** One more; the count begins anew where the last failure was before {@code since}. */
    public void add(String subject, Instant since, Instant now) {
        jdbc.sql(
                        "INSERT INTO sign_in_failure (subject, failures, last_at) VALUES (?, 1, ?) "
                                + "ON DUPLICATE KEY UPDATE failures = IF(last_at < ?, 1, failures + 1), last_at = VALUES(last_at)")
                .params(subject, Times.toColumn(now), Times.toColumn(since))
                .update();
    }

    public void forget(String subject) {
        jdbc.sql("DELETE FROM sign_in_failure WHERE subject = ?").param(subject).update();
    }

    public void forgetBefore(Instant since) {
        jdbc.sql("DELETE FROM sign_in_failure WHERE last_at < ?")
                .param(Times.toColumn(since))
                .update();
    }
}
