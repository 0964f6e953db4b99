package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.box.StockCarton;
import rampart.core.cost.Tariff;
import rampart.core.cushion.CushionCurve;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.search.StockFits;
import rampart.formats.json.Problem;
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
import rampart.server.stores.StoredSheet;
import rampart.server.stores.Stores;

/** What lies in the stores: cushion curves of the foams, stock cartons and how they fit, sheets. */
@RestController
class StoresController {
    private final Stores stores;
    private final Materials materials;
    private final Tariffs tariffs;
    private final Searches searches;

    StoresController(Stores stores, Materials materials, Tariffs tariffs, Searches searches) {
        this.tariffs = tariffs;
        this.searches = searches;
        this.stores = stores;
        this.materials = materials;
    }

    /** Cartons and sheets of the house. */
    record StoresView(List<CartonView> cartons, List<SheetView> sheets) {}

    /** A stock carton; sizes are inside. */
    record CartonView(String id, String name, SizeView insideMm, String board, String source, long version) {
        static CartonView of(StoredCarton stored) {
            StockCarton carton = stored.carton();
            return new CartonView(
                    carton.id(),
                    carton.name(),
                    SizeView.of(carton.inside()),
                    carton.board(),
                    stored.source(),
                    stored.version());
        }
    }

    /** A thickness in which a foam lies in the store. */
    record SheetView(String foam, double thicknessMm, String source) {
        static SheetView of(StoredSheet sheet) {
            return new SheetView(sheet.foam(), sheet.thicknessMm(), sheet.source());
        }
    }

    /** Inside size of a carton. */
    record InsideGiven(
            @NotNull(message = "give the length inside")
            @DecimalMin(value = "1", message = "a carton is 1 to 10000 mm inside")
            @DecimalMax(value = "10000", message = "a carton is 1 to 10000 mm inside")
            Double length,

            @NotNull(message = "give the width inside")
            @DecimalMin(value = "1", message = "a carton is 1 to 10000 mm inside")
            @DecimalMax(value = "10000", message = "a carton is 1 to 10000 mm inside")
            Double width,

            @NotNull(message = "give the height inside")
            @DecimalMin(value = "1", message = "a carton is 1 to 10000 mm inside")
            @DecimalMax(value = "10000", message = "a carton is 1 to 10000 mm inside")
            Double height) {}

    /** A carton to add, or what it is to be. */
    record CartonGiven(
            @NotNull(message = "give a name")
            @Pattern(regexp = "(?s).*\\S.*", message = "a name is not blank")
            @Size(max = 100, message = "a name has 1 to 100 characters")
            String name,

            @NotNull(message = "give the inside size") @Valid
            InsideGiven insideMm,

            @NotNull(message = "give the board") String board,

            @NotNull(message = "give where the figures come from; it may be empty")
            @Size(max = 200, message = "the source has at most 200 characters")
            String source) {}

    /** A sheet to add. */
    record SheetGiven(
            @NotNull(message = "give the foam") String foam,

            @NotNull(message = "give the thickness")
            @DecimalMin(value = "1", message = "a sheet is 1 to 1000 mm thick")
            @DecimalMax(value = "1000", message = "a sheet is 1 to 1000 mm thick")
            Double thicknessMm,

            @NotNull(message = "give where the figures come from; it may be empty")
            @Size(max = 200, message = "the source has at most 200 characters")
            String source) {}

    /**
     * A stock carton tried as a box of a pack.
     *
     * @param insideMm inside size as it is put in; length and width may have changed places
     * @param slackMm room left; negative where it does not go in
     * @param lackingMm the most it is too small by, 0 where it fits
     * @param cutFromMm inside height in the store, where it is cut down; null where it is left as it is
     * @param price what the cheapest service of the house charges; null where none takes it
     */
    record FitView(
            String id,
            String name,
            String board,
            SizeView insideMm,
            boolean fits,
            SizeView slackMm,
            double lackingMm,
            @Nullable Double cutFromMm,
            @Nullable Double price,
            StatusView verdict,
            @Nullable String weakest,
            SizeView outsideMm,
            double grossMassKg) {
        static FitView of(StockFits.Fit fit) {
            var evaluation = fit.evaluation();
            return new FitView(
                    fit.carton().id(),
                    fit.carton().name(),
                    fit.carton().board(),
                    SizeView.of(fit.carton().inside()),
                    fit.fits(),
                    SizeView.of(fit.slack()),
                    fit.lackingMm(),
                    fit.cutFromMm().isPresent() ? fit.cutFromMm().getAsDouble() : null,
                    fit.price().isPresent() ? fit.price().getAsDouble() : null,
                    StatusView.of(evaluation.verdict()),
                    evaluation.weakest().map(check -> check.title()).orElse(null),
                    SizeView.of(evaluation.layout().outside()),
                    evaluation.layout().grossMassKg());
        }
    }

    /**
     * A foam's cushion curve.
     *
     * @param points pairs of static stress in kPa and peak G
     * @param band static stresses that stay within the limit, from and to in kPa; null where none does or no limit is given
     */
    record CushionCurveView(
            String foam,
            double heightMm,
            double thicknessMm,
            List<List<Double>> points,
            double bestKpa,
            double leastG,
            @Nullable List<Double> band) {
        static CushionCurveView of(String foam, double heightMm, double thicknessMm, CushionCurve curve) {
            return new CushionCurveView(
                    foam,
                    heightMm,
                    thicknessMm,
                    curve.points().stream()
                            .map(p -> List.of(p.staticStressKpa(), p.g()))
                            .toList(),
                    curve.bestKpa(),
                    curve.leastG(),
                    curve.band().map(b -> List.of(b.lowKpa(), b.highKpa())).orElse(null));
        }
    }

    @GetMapping(path = "/api/stores", produces = MediaType.APPLICATION_JSON_VALUE)
    StoresView all() {
        return new StoresView(
                stores.cartons().stream().map(CartonView::of).toList(),
                stores.sheets().stream().map(SheetView::of).toList());
    }

    @GetMapping(path = "/api/stores/foams/{id}/curve", produces = MediaType.APPLICATION_JSON_VALUE)
    CushionCurveView curve(
            @PathVariable("id") String id,
            @RequestParam("heightMm")
                    @DecimalMin(value = "1", message = "a fall is 1 to 10000 mm high")
                    @DecimalMax(value = "10000", message = "a fall is 1 to 10000 mm high")
                    double heightMm,
            @RequestParam("thicknessMm")
                    @DecimalMin(value = "1", message = "a cushion is 1 to 1000 mm thick")
                    @DecimalMax(value = "1000", message = "a cushion is 1 to 1000 mm thick")
                    double thicknessMm,
            @RequestParam(name = "temperatureC", defaultValue = "23")
                    @DecimalMin(value = "-80", message = "temperatures are -80 to 120 degC")
                    @DecimalMax(value = "120", message = "temperatures are -80 to 120 degC")
                    double temperatureC,
            @RequestParam(name = "repeated", defaultValue = "false") boolean repeated,
            @RequestParam(name = "limitG", required = false)
                    @DecimalMin(value = "0.1", message = "a limit is 0.1 to 100000 G")
                    @DecimalMax(value = "100000", message = "a limit is 0.1 to 100000 G")
                    Double limitG) {
        Catalogue catalogue = materials.house().catalogue();
        if (catalogue.foams().stream().noneMatch(foam -> foam.id().equals(id))) {
            throw new ApiException(Message.NO_FOAM, id);
        }
        return CushionCurveView.of(
                id,
                heightMm,
                thicknessMm,
                CushionCurve.of(
                        catalogue.foam(id),
                        heightMm,
                        thicknessMm,
                        temperatureC,
                        repeated,
                        limitG == null ? OptionalDouble.empty() : OptionalDouble.of(limitG)));
    }

    /** Tries every stock carton as the box that is this layer of the pack; those that fit come first. */
    @PostMapping(
            path = "/api/stock-fits",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    List<FitView> fits(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @RequestParam("layer") int layer,
            HttpServletRequest request) {
        PackFile read = PackFile.read(file);
        Catalogue catalogue = read.catalogue(materials.house().catalogue());
        List<StockCarton> cartons =
                stores.cartons().stream().map(StoredCarton::carton).toList();
        List<Tariff> charged = tariffs.all();
        List<Layer> layers = read.pack().layers();
        if (layer < 0
                || layer >= layers.size()
                || !layers.get(layer).match(wrap -> false, cushion -> false, box -> true, boards -> false)) {
            throw new ApiException(Message.NOT_A_BOX, layer);
        }
        return searches
                .run(
                        request.getUserPrincipal().getName(),
                        "stock fits",
                        Connections.gone(request),
                        Searches.Onlooker.NONE,
                        watcher -> StockFits.of(read.pack(), layer, cartons, charged, catalogue, watcher))
                .stream()
                .map(FitView::of)
                .toList();
    }

    @PostMapping(
            path = "/api/stores/cartons",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    CartonView addCarton(@Valid @org.springframework.web.bind.annotation.RequestBody CartonGiven given, Principal who) {
        knownBoard(given.board());
        return CartonView.of(
                stores.addCarton(given.name(), inside(given), given.board(), given.source(), who.getName()));
    }

    /** Changes a carton; {@code If-Match} holds the version that was seen. */
    @PutMapping(
            path = "/api/stores/cartons/{id}",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    CartonView changeCarton(
            @PathVariable("id") String id,
            @RequestHeader(name = HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @org.springframework.web.bind.annotation.RequestBody CartonGiven given,
            Principal who) {
        knownBoard(given.board());
        StockCarton carton = new StockCarton(id, given.name(), inside(given), given.board());
        Optional<StoredCarton> changed =
                stores.changeCarton(carton, given.source(), Versions.read(ifMatch), who.getName());
        return CartonView.of(changed.orElseThrow(() -> stale(id)));
    }

    @DeleteMapping("/api/stores/cartons/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeCarton(@PathVariable("id") String id, Principal who) {
        if (!stores.removeCarton(id, who.getName())) {
            throw gone();
        }
    }

    @PostMapping(
            path = "/api/stores/sheets",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    SheetView addSheet(@Valid @org.springframework.web.bind.annotation.RequestBody SheetGiven given, Principal who) {
        if (materials.house().catalogue().foams().stream().noneMatch(f -> f.id().equals(given.foam()))) {
            throw unknown("/foam", given.foam(), "foam");
        }
        StoredSheet sheet = new StoredSheet(given.foam(), given.thicknessMm(), given.source());
        if (!stores.addSheet(sheet, who.getName())) {
            throw new ApiException(Message.SHEET_IS_THERE);
        }
        return SheetView.of(sheet);
    }

    @DeleteMapping("/api/stores/sheets")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeSheet(
            @RequestParam("foam") String foam, @RequestParam("thicknessMm") double thicknessMm, Principal who) {
        if (!stores.removeSheet(foam, thicknessMm, who.getName())) {
            throw new ApiException(Message.NO_SHEET);
        }
    }

    private void knownBoard(String board) {
        if (materials.house().catalogue().boards().stream().noneMatch(b -> b.id().equals(board))) {
            throw unknown("/board", board, "board");
        }
    }

    private static FieldsException unknown(String path, String id, String kind) {
        return new FieldsException(
                Message.FIELDS,
                List.of(new Problem(path, "there is no " + kind + " called '" + id + "' in the stores")));
    }

    private ApiException stale(String id) {
        return stores.carton(id).isEmpty() ? gone() : new ApiException(Message.CARTON_CHANGED);
    }

    private static ApiException gone() {
        return new ApiException(Message.NO_CARTON);
    }

    private static rampart.core.quantity.Size inside(CartonGiven given) {
        InsideGiven inside = given.insideMm();
        return new rampart.core.quantity.Size(inside.length(), inside.width(), inside.height());
    }
}
