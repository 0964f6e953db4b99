package rampart.server.api;

import com.fasterxml.jackson.annotation.JsonRawValue;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.material.Catalogue;
import rampart.core.pack.Check;
import rampart.core.pack.FirstWall;
import rampart.core.pack.Orientation;
import rampart.core.pack.Pack;
import rampart.core.pack.Remedies;
import rampart.core.pack.Sensitivity;
import rampart.core.quantity.Face;
import rampart.formats.HouseMaterials;
import rampart.formats.PackFile;
import rampart.formats.UnreadableFileException;
import rampart.formats.view.Nullable;
import rampart.formats.view.RemedyView;
import rampart.formats.view.SensitivityView;
import rampart.formats.view.SizeView;
import rampart.formats.view.StatusView;
import rampart.server.stores.Materials;
import rampart.server.stores.PriceList;

/** Searches for walls and remedies; nothing is stored. */
@RestController
class SearchController {
    private final Catalogue catalogue;
    private final Materials materials;
    private final PriceList prices;

    SearchController(Catalogue catalogue, Materials materials, PriceList prices) {
        this.prices = prices;
        this.catalogue = catalogue;
        this.materials = materials;
    }

    /**
     * A wall to begin with.
     *
     * @param holds false where no wall does
     * @param because why none does and what would have to give; null where one holds
     * @param relax id of the check that would have to give, {@code drop} for all drops; null where one holds or no
     *     single one would do
     * @param pack the pack with that wall; null where there is none
     */
    record FirstWallView(
            boolean holds,
            @Nullable String because,
            @Nullable String relax,

            @Nullable @JsonRawValue @Schema(ref = OpenApiConfig.PACK_FILE)
            String pack) {}

    /** The smallest wall that holds for the item and journey of this pack; its own layers do not count. */
    @PostMapping(
            path = "/api/first-walls",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    FirstWallView firstWall(@org.springframework.web.bind.annotation.RequestBody byte[] bytes) {
        PackFile file = PackFile.read(bytes);
        Pack pack = file.pack();
        if (pack.item().fragility().leastLimitG().isEmpty()) {
            throw new UnreadableFileException(
                    "/item/fragility/criticalAccelerationG",
                    "is missing; a first wall needs to know what the item bears, a number of G above 0");
        }
        HouseMaterials house = materials.house();
        FirstWall.Answer answer = FirstWall.find(pack.item(), pack.journey(), house.catalogue());
        Optional<FirstWall.Relaxed> relax = answer.relax();
        return new FirstWallView(
                answer.holds(),
                relax.map(FirstWall.Relaxed::because).orElse(null),
                relax.map(FirstWall.Relaxed::check)
                        .filter(check -> !check.isEmpty())
                        .orElse(null),
                answer.layers().isEmpty()
                        ? null
                        : new String(file.withLayers(answer.layers(), house).write(), StandardCharsets.UTF_8));
    }

    /** What one change would mend the check, or the weakest check where none is named; an empty list where none would. */
    @PostMapping(
            path = "/api/remedies",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    List<RemedyView> remedies(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @RequestParam(name = "check", required = false) String check) {
        PackFile read = PackFile.read(file);
        return Remedies.of(read.pack(), read.catalogue(catalogue), prices.today(), Optional.ofNullable(check)).stream()
                .map(RemedyView::of)
                .toList();
    }

    /**
     * The item lying another way in the same walls.
     *
     * @param up the face of the item, as it lies now, that would look up
     * @param front the face of the item that would look to the front
     * @param asNow true for the way it lies now
     * @param bottomCm2 what it would stand on, cm2
     * @param hits share of blows likely to strike a delicate face (assumed mix of blows)
     * @param pack the pack file so
     */
    record OrientationView(
            String up,
            String front,
            boolean asNow,
            StatusView verdict,
            @Nullable String weakest,
            double margin,
            double bottomCm2,
            double hits,
            SizeView outsideMm,

            @JsonRawValue @Schema(ref = "#/components/schemas/PackFile")
            String pack) {
        static OrientationView of(Orientation orientation, String pack) {
            Face up = orientation.turn().from(Face.TOP);
            Face front = orientation.turn().from(Face.FRONT);
            return new OrientationView(
                    up.word(),
                    front.word(),
                    up == Face.TOP && front == Face.FRONT,
                    StatusView.of(orientation.evaluation().verdict()),
                    orientation.evaluation().weakest().map(Check::title).orElse(null),
                    orientation.evaluation().lowestMargin(),
                    orientation.bottomCm2(),
                    orientation.hits(),
                    SizeView.of(orientation.evaluation().layout().outside()),
                    pack);
        }
    }

    /** The item lying each of the 24 ways in the same walls, the best first. */
    @PostMapping(
            path = "/api/orientations",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    List<OrientationView> orientations(@org.springframework.web.bind.annotation.RequestBody byte[] file) {
        PackFile read = PackFile.read(file);
        return Orientation.all(read.pack(), read.catalogue(catalogue)).stream()
                .map(o -> OrientationView.of(o, new String(read.turned(o.turn()).write(), StandardCharsets.UTF_8)))
                .toList();
    }

    /** Which input matters most to the verdict, and how sure the verdict is. */
    @PostMapping(
            path = "/api/sensitivities",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    SensitivityView sensitivity(@org.springframework.web.bind.annotation.RequestBody byte[] file) {
        PackFile read = PackFile.read(file);
        return SensitivityView.of(Sensitivity.of(read.pack(), read.catalogue(catalogue)));
    }
}
