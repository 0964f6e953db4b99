package rampart.server.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PastOrPresent;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.insert.HotCutting;
import rampart.core.material.Foam;
import rampart.server.history.Version;
import rampart.server.messages.Message;
import rampart.server.stores.DataSheets;
import rampart.server.stores.DataSheets.KeptDataSheet;
import rampart.server.stores.Materials;

/** Which foams may be cut by heat, and who says so. */
@RestController
class DataSheetController {
    private final DataSheets sheets;
    private final Materials materials;

    DataSheetController(DataSheets sheets, Materials materials) {
        this.sheets = sheets;
        this.materials = materials;
    }

    /** A data sheet that somebody has read. */
    record ConfirmedView(String title, String dated, Instant confirmedAt, String confirmedBy) {
        static ConfirmedView of(Version<KeptDataSheet> sheet) {
            return new ConfirmedView(
                    sheet.value().title(), sheet.value().dated(), sheet.changedAt(), sheet.changedBy());
        }
    }

    /**
     * Whether a foam may be cut by heat.
     *
     * @param unknown true where nobody could know without its data sheet, or where it holds chlorine
     */
    record HotCuttingView(boolean allowed, boolean unknown, String madeOf, List<ConfirmedView> confirmed) {}

    /** Which sheet was read. */
    record ConfirmationGiven(
            @NotBlank(message = "name the data sheet, with its maker")
            @Size(max = 200, message = "the name of the data sheet has at most 200 characters")
            String title,

            @NotNull(message = "give the date that stands on the data sheet, as 2026-11-28")
            @PastOrPresent(message = "a data sheet is not dated in the future")
            LocalDate dated) {}

    @GetMapping(path = "/api/stores/data-sheets/{foam}", produces = MediaType.APPLICATION_JSON_VALUE)
    HotCuttingView of(@PathVariable("foam") String id) {
        Foam foam = foam(id);
        return new HotCuttingView(
                sheets.mayBeCutHot(foam),
                HotCutting.of(foam.substance()) == HotCutting.NOT_UNTIL_CONFIRMED,
                foam.substance().words(),
                sheets.of(id).stream().map(ConfirmedView::of).toList());
    }

    /** Says, by name and date, that the data sheet allows it: kept, and told in the trail. */
    @PostMapping(
            path = "/api/stores/data-sheets/{foam}",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    ConfirmedView confirm(@PathVariable("foam") String id, @Valid @RequestBody ConfirmationGiven given, Principal who) {
        return ConfirmedView.of(sheets.confirm(foam(id), given.title().strip(), given.dated(), who.getName()));
    }

    private Foam foam(String id) {
        return materials.house().catalogue().foams().stream()
                .filter(foam -> foam.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new ApiException(Message.NO_MATERIAL, id));
    }
}
