package rampart.server.store;

import java.time.Instant;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Accounts in the database. */
@Repository
public class AccountRepository {
    private final JdbcClient jdbc;

    AccountRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** A person who may sign in. */
    public record Account(String name, String passwordHash, String role) {}

    public Optional<Account> byName(String name) {
        return jdbc.sql("SELECT name, password_hash, role FROM account WHERE name = ?")
                .param(name)
                .query((row, i) ->
                        new Account(row.getString("name"), row.getString("password_hash"), row.getString("role")))
                .optional();
    }

    public long count() {
        return jdbc.sql("SELECT COUNT(*) FROM account").query(Long.class).single();
    }

    public void add(Account account, Instant now) {
        jdbc.sql("INSERT INTO account (name, password_hash, role, created_at) VALUES (?, ?, ?, ?)")
                .params(account.name(), account.passwordHash(), account.role(), Times.toColumn(now))
                .update();
    }

    /** Removes every account and ends every session. */
    public void removeAll() {
        jdbc.sql("DELETE FROM account").update();
        jdbc.sql("DELETE FROM SPRING_SESSION").update();
    }
}
