package rampart.server.persistence;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import rampart.core.evaluation.Evaluation;
import rampart.formats.material.CatalogueFile;
import rampart.server.persistence.PackRepository.StoredPack;

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

    /** The revision that was made from this version of the draft. */
    public Optional<Revision> ofDraft(String packId, long version) {
        return jdbc.sql(COLUMNS + "WHERE pack_id = ? AND draft_version = ?")
                .params(packId, version)
                .query(RevisionRepository::row)
                .optional();
    }

    /**
     * Freezes a draft as the next revision.
     *
     * @param pack locked by the transaction that is under way, so that numbers follow one another
     * @param reports what is said of it, as JSON, by the name of the wording
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public Revision freeze(
            StoredPack pack,
            CatalogueFile catalogue,
            Map<String, byte[]> reports,
            String note,
            String author,
            Instant now) {
        catalogues.keep(catalogue);
        jdbc.sql("INSERT INTO revision (pack_id, number, document, note, author, made_at, catalogue_hash, "
                        + "rules_edition, draft_version) "
                        + "SELECT ?, COALESCE(MAX(number), 0) + 1, ?, ?, ?, ?, ?, ?, ? FROM revision WHERE pack_id = ?")
                .params(
                        pack.id(),
                        pack.draft(),
                        note,
                        author,
                        Times.toColumn(now),
                        catalogue.hash(),
                        Evaluation.RULES_EDITION,
                        pack.version(),
                        pack.id())
                .update();
        Revision made = ofDraft(pack.id(), pack.version()).orElseThrow();
        reports.forEach((wording, report) -> jdbc.sql(
                        "INSERT INTO revision_report (pack_id, number, wording, report) VALUES (?, ?, ?, ?)")
                .params(pack.id(), made.number(), wording, Gzip.pack(report))
                .update());
        return made;
    }

    /** What was said of a revision when it was made; empty for those made before that was kept. */
    public Optional<byte[]> report(String packId, int number, String wording) {
        return jdbc.sql("SELECT report FROM revision_report WHERE pack_id = ? AND number = ? AND wording = ?")
                .params(packId, number, wording)
                .query((row, i) -> Gzip.unpack(row.getBytes(1)))
                .optional();
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
