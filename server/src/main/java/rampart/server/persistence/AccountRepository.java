package rampart.server.persistence;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Accounts in the database, and the browsers they were used from. */
@Repository
public class AccountRepository {
    private static final String COLUMNS = "SELECT id, name, password_hash, role, created_at FROM account ";

    private final JdbcClient jdbc;

    AccountRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** A person who may sign in. */
    public record Account(long id, String name, String passwordHash, String role, Instant createdAt) {}

    public Optional<Account> byName(String name) {
        return jdbc.sql(COLUMNS + "WHERE name = ?")
                .param(name)
                .query(AccountRepository::row)
                .optional();
    }

    public Optional<Account> byId(long id) {
        return jdbc.sql(COLUMNS + "WHERE id = ?")
                .param(id)
                .query(AccountRepository::row)
                .optional();
    }

    /** Everybody, in order of name. */
    public List<Account> all() {
        return jdbc.sql(COLUMNS + "ORDER BY name").query(AccountRepository::row).list();
    }

    public long count() {
        return jdbc.sql("SELECT COUNT(*) FROM account").query(Long.class).single();
    }

    /** How many have this role; their rows stay locked until the transaction ends. */
    public int lockAllOf(String role) {
        return jdbc.sql("SELECT id FROM account WHERE role = ? FOR UPDATE")
                .param(role)
                .query(Long.class)
                .list()
                .size();
    }

    public void add(String name, String passwordHash, String role, Instant now) {
        jdbc.sql("INSERT INTO account (name, password_hash, role, created_at) VALUES (?, ?, ?, ?)")
                .params(name, passwordHash, role, Times.toColumn(now))
                .update();
    }

    public void setPassword(long id, String passwordHash) {
        jdbc.sql("UPDATE account SET password_hash = ? WHERE id = ?")
                .params(passwordHash, id)
                .update();
        jdbc.sql("DELETE FROM known_browser WHERE account_id = ?").param(id).update();
    }

    public void setRole(long id, String role) {
        jdbc.sql("UPDATE account SET role = ? WHERE id = ?").params(role, id).update();
    }

    public void remove(long id) {
        jdbc.sql("DELETE FROM account WHERE id = ?").param(id).update();
    }

    /** Removes every account and ends every session. */
    public void removeAll() {
        jdbc.sql("DELETE FROM account").update();
        jdbc.sql("DELETE FROM SPRING_SESSION").update();
    }

    /** Whether this account was used from a browser with this token. */
    public boolean knows(String name, String tokenHash) {
        return jdbc.sql("SELECT COUNT(*) FROM known_browser b JOIN account a ON a.id = b.account_id "
                                + "WHERE b.token_hash = ? AND a.name = ?")
                        .params(tokenHash, name)
                        .query(Long.class)
                        .single()
                > 0;
    }

    /** Remembers the browser for this account, and forgets those not seen since then. */
    public void remember(String name, String tokenHash, Instant now, Instant forgetBefore) {
        jdbc.sql(
                        "INSERT INTO known_browser (token_hash, account_id, seen_at) "
                                + "SELECT ?, id, ? FROM account WHERE name = ? ON DUPLICATE KEY UPDATE seen_at = VALUES(seen_at)")
                .params(tokenHash, Times.toColumn(now), name)
                .update();
        jdbc.sql("DELETE FROM known_browser WHERE seen_at < ?")
                .param(Times.toColumn(forgetBefore))
                .update();
    }

    private static Account row(ResultSet row, int index) throws SQLException {
        return new Account(
                row.getLong("id"),
                row.getString("name"),
                row.getString("password_hash"),
                row.getString("role"),
                Times.fromColumn(row, "created_at"));
    }
}
