package rampart.server.api;

import com.fasterxml.jackson.annotation.JsonRawValue;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import rampart.formats.view.EvaluationView;
import rampart.formats.view.Nullable;
import rampart.formats.view.SizeView;
import rampart.formats.view.StatusView;
import rampart.server.packs.Kind;
import rampart.server.packs.PackShelf;
import rampart.server.packs.Summary;
import rampart.server.persistence.CardRepository;
import rampart.server.persistence.PackRepository.StoredPack;
import rampart.server.persistence.RevisionRepository.Revision;

/** What the pack resource answers. */
final class PackViews {
    private PackViews() {}

    /**
     * One page of the shelf.
     *
     * @param waiting packs of which it is not known yet what they come to: they are not among those asked for by it, and last in its orders
     * @param next mark of the next page; null where this is the last
     */
    public record Page(
            List<Card> items,
            long total,
            long waiting,
            @Nullable String next) {}

    /**
     * A pack as its card shows it.
     *
     * @param note what people want to remember of the item
     * @param photograph hash of its first photograph
     * @param materials material of each layer, in order
     * @param trouble why nothing can be said of it; null where something can
     */
    public record Card(
            String id,
            String name,
            long version,
            Instant savedAt,
            String savedBy,
            @Nullable Integer revision,
            String note,
            @Nullable String photograph,
            @Nullable Kind kind,
            StatusView verdict,
            @Nullable String weakest,
            @Nullable SizeView outsideMm,
            @Nullable Double grossMassKg,
            List<String> materials,
            List<EvaluationView.SolidView> solids,
            @Nullable String trouble) {
        static Card of(PackShelf.OnShelf pack) {
            CardRepository.Header header = pack.header();
            Summary summary = pack.summary();
            return new Card(
                    header.id(),
                    header.name(),
                    header.version(),
                    header.savedAt(),
                    header.savedBy(),
                    header.newestRevision().orElse(null),
                    header.note(),
                    header.photograph().orElse(null),
                    summary.kind().orElse(null),
                    StatusView.of(summary.verdict()),
                    summary.weakest().orElse(null),
                    summary.outsideMm().orElse(null),
                    summary.grossMassKg().isPresent() ? summary.grossMassKg().getAsDouble() : null,
                    summary.materials(),
                    summary.solids(),
                    summary.trouble().orElse(null));
        }
    }

    /** A pack with its draft. */
    public record Detail(
            String id,
            long version,
            Instant savedAt,
            String savedBy,
            @Nullable Integer revision,
            String note,

            @JsonRawValue @Schema(ref = OpenApiConfig.PACK_FILE)
            String pack) {
        static Detail of(StoredPack stored) {
            return new Detail(
                    stored.id(),
                    stored.version(),
                    stored.savedAt(),
                    stored.savedBy(),
                    stored.newestRevision().orElse(null),
                    stored.note(),
                    stored.draft());
        }
    }

    /** A save that went through. */
    public record Save(long version, Instant savedAt, String savedBy) {
        static Save of(StoredPack stored) {
            return new Save(stored.version(), stored.savedAt(), stored.savedBy());
        }
    }

    /** A revision without its document. */
    public record RevisionInfo(int number, String note, String author, Instant madeAt, String catalogue, int rules) {
        static RevisionInfo of(Revision revision) {
            return new RevisionInfo(
                    revision.number(),
                    revision.note(),
                    revision.author(),
                    revision.madeAt(),
                    revision.catalogueHash(),
                    revision.rulesEdition());
        }
    }

    /** A revision with its document. */
    public record RevisionDetail(
            int number,
            String note,
            String author,
            Instant madeAt,
            String catalogue,
            int rules,

            @JsonRawValue @Schema(ref = OpenApiConfig.PACK_FILE)
            String pack) {
        static RevisionDetail of(Revision revision) {
            return new RevisionDetail(
                    revision.number(),
                    revision.note(),
                    revision.author(),
                    revision.madeAt(),
                    revision.catalogueHash(),
                    revision.rulesEdition(),
                    revision.document());
        }
    }
}
