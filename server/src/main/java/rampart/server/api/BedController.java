package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
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
import rampart.core.quantity.Size;
import rampart.core.search.BedBeginnings;
import rampart.core.search.LooseWell;
import rampart.formats.pack.PackFile;
import rampart.formats.view.BedBeginningView;
import rampart.formats.view.BedView;
import rampart.formats.view.LooseWellView;
import rampart.formats.view.TieView;
import rampart.server.messages.Message;
import rampart.server.stores.PriceList;

/** Beds as they are cut; nothing is stored. */
@RestController
class BedController {
    private final Catalogue catalogue;
    private final PriceList prices;

    private final Patience patience;

    BedController(Catalogue catalogue, PriceList prices, Patience patience) {
        this.patience = patience;
        this.catalogue = catalogue;
        this.prices = prices;
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
        return BedView.of(read.pack().item(), laid(read), units.wording());
    }

    private LaidCushion laid(PackFile read) {
        Pack pack = read.pack();
        return LayoutWalk.layUndrawn(pack.item(), pack.layers(), read.catalogue(catalogue))
                .bed()
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
        LaidCushion laid = laid(read);
        return Tying.of(
                        laid.bed().orElseThrow(),
                        pack.item().massKg(),
                        pack.item().centreOfMass(),
                        laid.lidN())
                .map(tied -> tied.ties().stream().map(TieView::of).toList())
                .orElse(List.of());
    }

    /** Something loose that goes along, as it will lie. */
    record LooseAsked(
            @DecimalMin(value = "3", message = "a loose thing is 3 to 3000 mm long")
            @DecimalMax(value = "3000", message = "a loose thing is 3 to 3000 mm long")
            @NotNull
            Double lengthMm,

            @DecimalMin(value = "3", message = "a loose thing is 3 to 3000 mm wide")
            @DecimalMax(value = "3000", message = "a loose thing is 3 to 3000 mm wide")
            @NotNull
            Double widthMm,

            @DecimalMin(value = "3", message = "a loose thing is 3 to 3000 mm high")
            @DecimalMax(value = "3000", message = "a loose thing is 3 to 3000 mm high")
            @NotNull
            Double heightMm) {
        Size size() {
            return new Size(lengthMm, widthMm, heightMm);
        }
    }

    /** A well for something loose, where the most foam is round it; none where the block has no room for one. */
    @PostMapping(
            path = "/api/beds/wells",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    List<LooseWellView> wells(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @Valid @ParameterObject LooseAsked thing,
            HttpServletRequest request) {
        PackFile read = PackFile.read(file);
        laid(read);
        return patience
                .run(request, watcher -> LooseWell.of(read.pack(), read.catalogue(catalogue), thing.size(), watcher))
                .stream()
                .map(LooseWellView::of)
                .toList();
    }

    /** Beds to begin with for the pack's item as a block: snug, caps, rails, corner blocks; none where none can lie there. */
    @PostMapping(
            path = "/api/beds/beginnings",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    List<BedBeginningView> beginnings(
            @org.springframework.web.bind.annotation.RequestBody byte[] file, HttpServletRequest request) {
        PackFile read = PackFile.read(file);
        return patience
                .run(request, watcher -> BedBeginnings.of(read.pack(), read.catalogue(catalogue), watcher))
                .stream()
                .map(beginning -> BedBeginningView.of(
                        beginning,
                        prices.today()
                                .of(beginning
                                        .evaluation()
                                        .layout()
                                        .bed()
                                        .orElseThrow()
                                        .foam()
                                        .id())))
                .toList();
    }
}
