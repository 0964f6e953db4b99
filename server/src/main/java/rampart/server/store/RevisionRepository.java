package rampart.server.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rampart.core.pack.Evaluation;
import rampart.formats.CatalogueFile;

/** Revisions: rows that are made and read, never changed. */
@Repository
public class RevisionRepository {
    private static final String COLUMNS =
            "SELECT number, document, note, author, made_at, catalogue_hash, rules_edition FROM revision ";

    private final JdbcClient jdbc;
    private final CatalogueRepository catalogues;

    RevisionRepository(JdbcClient jdbc, CatalogueRepository catalogues) {
        this.jdbc = jdbc;
        this.catalogues = catalogues;
    }

    /** A frozen state of a pack, with the catalogue and the edition of the rules it was made on. */
    public record Revision(
            int number,
            String document,
            String note,
            String author,
            Instant madeAt,
            String catalogueHash,
            int rulesEdition) {}

    /** Document of the catalogue that a revision was made on. */
    public String catalogue(Revision revision) {
        return catalogues.byHash(revision.catalogueHash());
    }

    /** Newest first. */
    public List<Revision> of(String packId) {
        return jdbc.sql(COLUMNS + "WHERE pack_id = ? ORDER BY number DESC")
                .param(packId)
                .query(RevisionRepository::row)
                .list();
    }

    public Optional<Revision> byNumber(String packId, int number) {
        return jdbc.sql(COLUMNS + "WHERE pack_id = ? AND number = ?")
                .params(packId, number)
                .query(RevisionRepository::row)
                .optional();
    }

    /**
     * Freezes the draft if it is still at this version. The pack's row is locked meanwhile, so that numbers follow one
     * another and nobody saves in between.
     */
    @Transactional
    public Optional<Revision> freeze(
            String packId, long version, CatalogueFile catalogue, String note, String author, Instant now) {
        Optional<String> draft = jdbc.sql(
                        "SELECT draft FROM pack WHERE id = ? AND version = ? AND deleted_at IS NULL FOR UPDATE")
                .params(packId, version)
                .query(String.class)
                .optional();
        if (draft.isEmpty()) {
            return Optional.empty();
        }
        catalogues.keep(catalogue);
        jdbc.sql(
                        "INSERT INTO revision (pack_id, number, document, note, author, made_at, catalogue_hash, rules_edition) "
                                + "SELECT ?, COALESCE(MAX(number), 0) + 1, ?, ?, ?, ?, ?, ? FROM revision WHERE pack_id = ?")
                .params(
                        packId,
                        draft.get(),
                        note,
                        author,
                        Times.toColumn(now),
                        catalogue.hash(),
                        Evaluation.RULES_EDITION,
                        packId)
                .update();
        return of(packId).stream().findFirst();
    }

    private static Revision row(ResultSet row, int index) throws SQLException {
        return new Revision(
                row.getInt("number"),
                row.getString("document"),
                row.getString("note"),
                row.getString("author"),
                Times.fromColumn(row, "made_at"),
                row.getString("catalogue_hash"),
                row.getInt("rules_edition"));
    }
}
