package rampart.server.persistence;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Packs that are packed at the table, and what was done to them; nothing of it is changed once written. */
@Repository
public class PackingRepository {
    private static final String COLUMNS = "SELECT id, number, release_number, steps, begun_at, begun_by, "
            + "cancelled_at, cancelled_by, cancel_reason FROM packing ";
    private static final int MOST = 40;

    private final JdbcClient jdbc;

    PackingRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * One pack at the table.
     *
     * @param number that is scanned
     * @param steps as they were begun, JSON
     * @param cancelled by whom, when and why; empty where it goes on
     */
    public record StoredPacking(
            String id,
            String number,
            String releaseNumber,
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

    /** Holds it until the transaction ends, so that acts follow one another. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Optional<StoredPacking> lock(String id) {
        return jdbc.sql(COLUMNS + "WHERE id = ? FOR UPDATE")
                .param(id)
                .query(PackingRepository::row)
                .optional();
    }

    /** Newest first, forty at most. */
    public List<StoredPacking> newest() {
        return jdbc.sql(COLUMNS + "ORDER BY begun_at DESC, id LIMIT " + MOST)
                .query(PackingRepository::row)
                .list();
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
