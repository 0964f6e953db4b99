package rampart.server.persistence;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import rampart.server.persistence.PageOrder.Form;

/** Packs that are packed at the table, and what was done to them; nothing of it is changed once written. */
@Repository
public class PackingRepository {
    private static final String COLUMNS = "SELECT id, number, release_number, "
            + "(SELECT r.name FROM released r WHERE r.number = release_number) AS release_name, steps, begun_at, begun_by, "
            + "cancelled_at, cancelled_by, cancel_reason FROM packing ";
    private static final PageOrder BEGUN_LAST_FIRST =
            PageOrder.by().falling("begun_at", Form.TIME).rising("id", Form.TEXT);

    private final JdbcClient jdbc;

    PackingRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * One pack at the table.
     *
     * @param number that is scanned
     * @param name of the release
     * @param steps as they were begun, JSON
     * @param cancelled by whom, when and why; empty where it goes on
     */
    public record StoredPacking(
            String id,
            String number,
            String releaseNumber,
            String name,
            String steps,
            Instant begunAt,
            String begunBy,
            Optional<Cancellation> cancelled) {}

    /** A packing that was given up. */
    public record Cancellation(Instant at, String by, String reason) {}

    /**
     * Something that was done.
     *
     * @param id that the device gave
     * @param place in the order in which acts were received, from 1
     * @param document JSON
     * @param doneAt by the clock of the device
     */
    public record StoredAct(
            String id, long place, String step, String document, Instant doneAt, Instant receivedAt, String doneBy) {}

    /** False where this number is there already. */
    public boolean add(StoredPacking packing) {
        return jdbc.sql("INSERT IGNORE INTO packing (id, number, release_number, steps, begun_at, begun_by) "
                                + "VALUES (?, ?, ?, ?, ?, ?)")
                        .params(
                                packing.id(),
                                packing.number(),
                                packing.releaseNumber(),
                                packing.steps(),
                                Times.toColumn(packing.begunAt()),
                                packing.begunBy())
                        .update()
                == 1;
    }

    public Optional<StoredPacking> byId(String id) {
        return jdbc.sql(COLUMNS + "WHERE id = ?")
                .param(id)
                .query(PackingRepository::row)
                .optional();
    }

    /** As it stands now, also where another transaction has written it since this one began to read. */
    public Optional<StoredPacking> byNumberNow(String number) {
        return jdbc.sql(COLUMNS + "WHERE number = ? LOCK IN SHARE MODE")
                .param(number)
                .query(PackingRepository::row)
                .optional();
    }

    public Optional<StoredPacking> byNumber(String number) {
        return jdbc.sql(COLUMNS + "WHERE number = ?")
                .param(number)
                .query(PackingRepository::row)
                .optional();
    }

    /** Those of these numbers that were begun. */
    public List<StoredPacking> byNumbers(List<String> numbers) {
        return numbers.isEmpty()
                ? List.of()
                : jdbc.sql(COLUMNS + "WHERE number IN (:numbers)")
                        .param("numbers", numbers)
                        .query(PackingRepository::row)
                        .list();
    }

    /** Which of these numbers were begun. */
    public Set<String> begun(List<String> numbers) {
        return numbers.isEmpty()
                ? Set.of()
                : jdbc.sql("SELECT number FROM packing WHERE number IN (:numbers)")
                        .param("numbers", numbers)
                        .query(String.class)
                        .set();
    }

    /** Holds it until the transaction ends, so that acts follow one another. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Optional<StoredPacking> lock(String id) {
        return jdbc.sql(COLUMNS + "WHERE id = ? FOR UPDATE")
                .param(id)
                .query(PackingRepository::row)
                .optional();
    }

    /**
     * Those begun last first whose number, or the name of whose release, holds the text.
     *
     * @param after where the page before ended; empty for the first
     * @throws RefusedMarkException if that is no mark of this list
     */
    public Listed<StoredPacking> page(String text, Optional<Mark> after, int most) {
        List<Object> values = new ArrayList<>();
        String found = "FROM packing p WHERE TRUE";
        if (!text.isEmpty()) {
            found += " AND (p.number LIKE ? ESCAPE '!' OR p.release_number IN (SELECT r.number FROM released r "
                    + "WHERE r.name LIKE ? ESCAPE '!'))";
            String pattern = Like.anywhere(text);
            values.addAll(List.of(pattern, pattern));
        }
        long total = jdbc.sql("SELECT COUNT(*) " + found)
                .params(values)
                .query(Long.class)
                .single();
        if (total == 0) {
            return PageOrder.none();
        }
        String farther = after.map(mark -> " AND " + BEGUN_LAST_FIRST.after(mark, values))
                .orElse("");
        List<PageOrder.Marked<StoredPacking>> page = jdbc.sql(COLUMNS + "JOIN (SELECT p.id AS listed " + found + farther
                        + " ORDER BY " + BEGUN_LAST_FIRST.sql() + " LIMIT " + (most + 1)
                        + ") l ON l.listed = id ORDER BY " + BEGUN_LAST_FIRST.sql())
                .params(values)
                .query((row, i) -> new PageOrder.Marked<>(row(row, i), BEGUN_LAST_FIRST.mark(row)))
                .list();
        return PageOrder.page(page, most, total);
    }

    public int countOf(String releaseNumber) {
        return jdbc.sql("SELECT COUNT(*) FROM packing WHERE release_number = ?")
                .param(releaseNumber)
                .query(Integer.class)
                .single();
    }

    /** Of each of these packings, in the order in which they were received; a packing without acts is not among them. */
    public Map<String, List<StoredAct>> acts(List<String> packingIds) {
        Map<String, List<StoredAct>> acts = new HashMap<>();
        if (!packingIds.isEmpty()) {
            jdbc.sql("SELECT packing_id, id, place, step, document, done_at, received_at, done_by FROM packing_act "
                            + "WHERE packing_id IN (:ids) ORDER BY packing_id, place")
                    .param("ids", packingIds)
                    .query(row -> {
                        acts.computeIfAbsent(row.getString("packing_id"), id -> new ArrayList<>())
                                .add(new StoredAct(
                                        row.getString("id"),
                                        row.getLong("place"),
                                        row.getString("step"),
                                        row.getString("document"),
                                        Times.fromColumn(row, "done_at"),
                                        Times.fromColumn(row, "received_at"),
                                        row.getString("done_by")));
                    });
        }
        return acts;
    }

    /** @param act of a packing that the transaction holds, so that its place is free */
    @Transactional(propagation = Propagation.MANDATORY)
    public void add(String packingId, StoredAct act) {
        jdbc.sql("INSERT INTO packing_act (packing_id, id, place, step, document, done_at, received_at, done_by) "
                        + "VALUES (?, ?, ?, ?, ?, ?, ?, ?)")
                .params(
                        packingId,
                        act.id(),
                        act.place(),
                        act.step(),
                        act.document(),
                        Times.toColumn(act.doneAt()),
                        Times.toColumn(act.receivedAt()),
                        act.doneBy())
                .update();
    }

    /**
     * Gives a packing up; its number is another from now on, so that the one it had can be begun anew.
     *
     * @param freed number that it has from now on
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void cancel(String id, String freed, Cancellation cancellation) {
        jdbc.sql("UPDATE packing SET number = ?, cancelled_at = ?, cancelled_by = ?, cancel_reason = ? WHERE id = ?")
                .params(freed, Times.toColumn(cancellation.at()), cancellation.by(), cancellation.reason(), id)
                .update();
    }

    private static StoredPacking row(ResultSet row, int index) throws SQLException {
        return new StoredPacking(
                row.getString("id"),
                row.getString("number"),
                row.getString("release_number"),
                row.getString("release_name"),
                row.getString("steps"),
                Times.fromColumn(row, "begun_at"),
                row.getString("begun_by"),
                row.getString("cancelled_by") == null
                        ? Optional.empty()
                        : Optional.of(new Cancellation(
                                Times.fromColumn(row, "cancelled_at"),
                                row.getString("cancelled_by"),
                                row.getString("cancel_reason"))));
    }
}
