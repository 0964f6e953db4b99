package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.box.StockCarton;
import rampart.core.cost.Tariff;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.search.ThinnerCushions;
import rampart.core.verdict.Check;
import rampart.formats.pack.PackChange;
import rampart.formats.pack.PackFile;
import rampart.formats.view.Nullable;
import rampart.formats.view.SizeView;
import rampart.formats.view.StatusView;
import rampart.server.config.Connections;
import rampart.server.house.Tariffs;
import rampart.server.messages.Message;
import rampart.server.searches.Searches;
import rampart.server.stores.Materials;
import rampart.server.stores.StoredCarton;
import rampart.server.stores.Stores;

/** Which smaller stock cartons a slightly thinner cushion would reach; nothing is stored. */
@RestController
class ThinnerController {
    private final Stores stores;
    private final Materials materials;
    private final Tariffs tariffs;
    private final Searches searches;

    ThinnerController(Stores stores, Materials materials, Tariffs tariffs, Searches searches) {
        this.stores = stores;
        this.materials = materials;
        this.tariffs = tariffs;
        this.searches = searches;
    }

    /**
     * A stock carton that a thinner cushion reaches.
     *
     * @param insideMm as it is put in; length and width may have changed places
     * @param offMm what comes off the cushion in length, width and height
     * @param price what the cheapest service of the house charges; null where none takes it
     * @param pack the pack file so
     */
    record ReachedView(
            String name,
            SizeView insideMm,
            SizeView offMm,
            @Nullable Double price,
            StatusView verdict,
            @Nullable String weakest,
            @Nullable Double margin,
            SizeView outsideMm,

            @Schema(ref = OpenApiConfig.PACK_FILE) @com.fasterxml.jackson.annotation.JsonRawValue
            String pack) {
        static ReachedView of(ThinnerCushions.Reached reached, PackFile file) {
            var evaluation = reached.evaluation();
            return new ReachedView(
                    reached.carton().name(),
                    SizeView.of(reached.carton().inside()),
                    SizeView.of(reached.offMm()),
                    reached.price().isPresent() ? reached.price().getAsDouble() : null,
                    StatusView.of(evaluation.verdict()),
                    evaluation.weakest().map(Check::title).orElse(null),
                    evaluation.lowestMargin().isPresent()
                            ? evaluation.lowestMargin().getAsDouble()
                            : null,
                    SizeView.of(evaluation.layout().outside()),
                    new String(file.with(PackChange.of(reached)).write(), StandardCharsets.UTF_8));
        }
    }

    /** Stock cartons smaller than the pack's that its outermost cushion, a little thinner, goes into, the best first. */
    @PostMapping(
            path = "/api/thinner-cushions",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    List<ReachedView> thinner(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @RequestParam("layer") int layer,
            HttpServletRequest request) {
        PackFile read = PackFile.read(file);
        Catalogue catalogue = read.catalogue(materials.house().catalogue());
        List<StockCarton> cartons =
                stores.cartons().stream().map(StoredCarton::carton).toList();
        List<Tariff> charged = tariffs.all();
        List<Layer> layers = read.pack().layers();
        if (layer < 0 || layer >= layers.size() || !(layers.get(layer) instanceof Layer.Box)) {
            throw new ApiException(Message.NOT_A_BOX, layer);
        }
        return searches
                .run(
                        request.getUserPrincipal().getName(),
                        "thinner cushions",
                        Connections.gone(request),
                        Searches.Onlooker.NONE,
                        watcher -> ThinnerCushions.of(read.pack(), layer, cartons, charged, catalogue, watcher))
                .stream()
                .map(reached -> ReachedView.of(reached, read))
                .toList();
    }
}
