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
import rampart.core.bed.Tying;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.search.BedBeginnings;
import rampart.core.search.Watcher;
import rampart.formats.pack.PackFile;
import rampart.formats.view.BedBeginningView;
import rampart.formats.view.BedView;
import rampart.formats.view.TieView;
import rampart.server.messages.Message;

/** Beds as they are cut; nothing is stored. */
@RestController
class BedController {
    private final Catalogue catalogue;

    BedController(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** The openings of the pack's bed, level by level, and where it bears. */
    @PostMapping(
            path = "/api/beds",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    BedView bed(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @Valid @ParameterObject UnitsAsked units) {
        PackFile read = PackFile.read(file);
        Pack pack = read.pack();
        return LayoutWalk.layUndrawn(pack.item(), pack.layers(), read.catalogue(catalogue))
                .bed()
                .map(bed -> BedView.of(pack.item(), bed, units.wording()))
                .orElseThrow(() -> new ApiException(Message.NO_BED));
    }

    /** Ties that would hold the item in the pack's bed, as they stand in a pack file; none where no line over it carries one. */
    @PostMapping(
            path = "/api/beds/ties",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    List<TieView> ties(@org.springframework.web.bind.annotation.RequestBody byte[] file) {
        PackFile read = PackFile.read(file);
        Pack pack = read.pack();
        LaidCushion laid = LayoutWalk.layUndrawn(pack.item(), pack.layers(), read.catalogue(catalogue))
                .bed()
                .orElseThrow(() -> new ApiException(Message.NO_BED));
        return Tying.of(
                        laid.bed().orElseThrow(),
                        pack.item().massKg(),
                        pack.item().centreOfMass(),
                        laid.lidN())
                .map(tied -> tied.ties().stream().map(TieView::of).toList())
                .orElse(List.of());
    }

    /** Beds to begin with for the pack's item as a block: snug, caps, rails, corner blocks; none where none can lie there. */
    @PostMapping(
            path = "/api/beds/beginnings",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    List<BedBeginningView> beginnings(@org.springframework.web.bind.annotation.RequestBody byte[] file) {
        PackFile read = PackFile.read(file);
        return BedBeginnings.of(read.pack(), read.catalogue(catalogue), Watcher.NONE).stream()
                .map(BedBeginningView::of)
                .toList();
    }
}
