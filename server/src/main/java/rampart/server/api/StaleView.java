package rampart.server.api;

import com.fasterxml.jackson.annotation.JsonRawValue;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import rampart.formats.view.Nullable;
import rampart.server.messages.Message;
import rampart.server.persistence.PackRepository.StoredPack;

/**
 * A refused save, in the form of a problem: somebody saved in between.
 *
 * @param version the stored version, to save over it knowingly
 * @param theirs the stored draft
 * @param yours the draft that was to be saved; null where the request carried none
 */
public record StaleView(
        String type,
        String title,
        int status,
        String detail,
        long version,
        Instant savedAt,
        String savedBy,
        @JsonRawValue @Schema(ref = OpenApiConfig.PACK_FILE) String theirs,

        @Nullable @JsonRawValue @Schema(ref = OpenApiConfig.PACK_FILE)
        String yours) {

    static StaleView of(StaleDraftException e) {
        StoredPack theirs = e.theirs();
        return new StaleView(
                "about:blank",
                "Conflict",
                409,
                Message.SAVED_MEANWHILE.text(theirs.savedBy()),
                theirs.version(),
                theirs.savedAt(),
                theirs.savedBy(),
                theirs.draft(),
                e.yours().isEmpty() ? null : e.yours());
    }
}
