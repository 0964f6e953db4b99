package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.validation.Valid;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.clearance.Clearances;
import rampart.core.clearance.FittedBox;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.core.words.Wording;
import rampart.formats.pack.PackFile;
import rampart.formats.view.ClearanceView;
import rampart.formats.view.SizeView;

/** What lies between the boxes of a pack, and what of board and strap goes into them and round them. */
@RestController
class ClearanceController {
    private final Catalogue catalogue;

    ClearanceController(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** Every box and what is inside it, from the item outward. */
    @PostMapping(
            path = "/api/clearances",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    List<ClearanceView> clearances(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @Valid @ParameterObject UnitsAsked units) {
        PackFile read = PackFile.read(file);
        return Clearances.of(read.pack(), layout(read), read.catalogue(catalogue)).stream()
                .map(c -> ClearanceView.of(c, units.wording()))
                .toList();
    }

    /**
     * What is put into a box and round it.
     *
     * @param takesMm what it takes of the inside
     * @param said whether there is room for it, and how straps are pulled
     * @param holds false where something has to change
     * @param straps where straps go, in words; empty where there are none
     * @param strapMm length of strap in all
     * @param doubled true where each strap goes round twice
     */
    record FittingsView(
            int layer,
            SizeView takesMm,
            List<String> said,
            boolean holds,
            List<String> straps,
            double strapMm,
            boolean doubled) {
        static FittingsView of(FittedBox box, Wording wording) {
            return new FittingsView(
                    box.box().layer(),
                    SizeView.of(box.takesMm()),
                    box.said().stream().map(wording::say).toList(),
                    box.holds(),
                    box.strapPlaces().stream().map(wording::say).toList(),
                    box.strapMm(),
                    box.strapped() && box.strapping().doubled());
        }
    }

    /** What is put into the boxes of a pack and round them: those boxes that have something, from the item outward. */
    @PostMapping(
            path = "/api/fittings",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    List<FittingsView> fittings(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @Valid @ParameterObject UnitsAsked units) {
        return FittedBox.all(layout(PackFile.read(file))).stream()
                .map(box -> FittingsView.of(box, units.wording()))
                .toList();
    }

    private Layout layout(PackFile file) {
        return LayoutWalk.layUndrawn(file.pack().item(), file.pack().layers(), file.catalogue(catalogue));
    }
}
