package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.Duration;
import java.util.List;
import java.util.function.BooleanSupplier;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.cut.CutList;
import rampart.core.cut.SheetNeeds;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.core.sheet.StockSheet;
import rampart.formats.pack.PackFile;
import rampart.formats.view.Nullable;
import rampart.formats.view.SheetPlanView;
import rampart.server.config.Connections;
import rampart.server.searches.Search;
import rampart.server.searches.Searches;
import rampart.server.stores.PriceList;
import rampart.server.stores.Stores;

/** The sheets that a pack's pieces are cut from; nothing is stored. */
@RestController
class SheetPlanController {
    private static final String WHAT = "sheets";
    private static final double USUAL_LENGTH_MM = 2000;
    private static final double USUAL_WIDTH_MM = 1000;

    /** The best plan found by then is told. */
    private static final Duration LONGEST = Duration.ofSeconds(5);

    private final Catalogue catalogue;
    private final Stores stores;
    private final PriceList prices;
    private final Searches searches;

    SheetPlanController(Catalogue catalogue, Stores stores, PriceList prices, Searches searches) {
        this.searches = searches;
        this.catalogue = catalogue;
        this.stores = stores;
        this.prices = prices;
    }

    /**
     * What sheets there are and how they are cut.
     *
     * @param pinwheel each side of a lining ends against the next, instead of two between the other two
     * @param freely pieces lie anywhere, for a machine; otherwise every cut goes from edge to edge
     */
    record SheetsAsked(
            @DecimalMin(value = "100", message = "a sheet is 100 to 6000 mm long")
            @DecimalMax(value = "6000", message = "a sheet is 100 to 6000 mm long")
            @Nullable
            Double lengthMm,

            @DecimalMin(value = "100", message = "a sheet is 100 to 6000 mm wide")
            @DecimalMax(value = "6000", message = "a sheet is 100 to 6000 mm wide")
            @Nullable
            Double widthMm,

            @DecimalMin(value = "0", message = "a kerf is 0 to 20 mm")
            @DecimalMax(value = "20", message = "a kerf is 0 to 20 mm")
            @Nullable
            Double kerfMm,

            @DecimalMin(value = "0", message = "the edge is trimmed by 0 to 40 mm")
            @DecimalMax(value = "40", message = "the edge is trimmed by 0 to 40 mm")
            @Nullable
            Double trimMm,

            @Nullable Boolean grain,

            @Nullable Boolean freely,

            @Nullable Boolean pinwheel,

            @Min(value = 1, message = "1 to 100 packs") @Max(value = 100, message = "1 to 100 packs") @Nullable
            Integer packs) {
        CutList.Sides sides() {
            return Boolean.TRUE.equals(pinwheel) ? CutList.Sides.PINWHEEL : CutList.Sides.BUTTED;
        }

        StockSheet sheet() {
            return new StockSheet(
                    lengthMm == null ? USUAL_LENGTH_MM : lengthMm,
                    widthMm == null ? USUAL_WIDTH_MM : widthMm,
                    kerfMm == null ? 0 : kerfMm,
                    trimMm == null ? 0 : trimMm,
                    Boolean.TRUE.equals(grain),
                    Boolean.TRUE.equals(freely));
        }
    }

    /** One plan for each foam and thickness of sheet. */
    @PostMapping(
            path = "/api/sheet-plans",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    List<SheetPlanView> plans(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @Valid @ParameterObject SheetsAsked asked,
            HttpServletRequest request) {
        PackFile read = PackFile.read(file);
        Layout layout = LayoutWalk.lay(read.pack().item(), read.pack().layers(), read.catalogue(catalogue));
        int packs = asked.packs() == null ? 1 : asked.packs();
        List<SheetNeeds.Need> needs = SheetNeeds.of(layout, stores.onHand().sheetsMm(), asked.sides());
        return searches
                .run(
                        request.getUserPrincipal().getName(),
                        WHAT,
                        Connections.gone(request),
                        Searches.Onlooker.NONE,
                        search -> planned(needs, asked.sheet(), packs, search))
                .stream()
                .map(planned -> SheetPlanView.of(
                        planned, packs, prices.today().of(planned.need().foam().id())))
                .toList();
    }

    /** Until whoever asked leaves or the time is up; the best so far counts then. */
    private static List<SheetNeeds.Planned> planned(
            List<SheetNeeds.Need> needs, StockSheet sheet, int packs, Search search) {
        long began = System.nanoTime();
        BooleanSupplier stopped = () -> {
            Duration gone = Duration.ofNanos(System.nanoTime() - began);
            search.progress((int) gone.toMillis(), (int) LONGEST.toMillis(), 0);
            return !search.goOn() || gone.compareTo(LONGEST) > 0;
        };
        return needs.stream()
                .map(need -> SheetNeeds.plan(need, sheet, packs, stopped))
                .toList();
    }
}
