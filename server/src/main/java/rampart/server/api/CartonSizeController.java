package rampart.server.api;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.layout.LaidBox;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.search.CartonSizes;
import rampart.formats.json.Problem;
import rampart.formats.pack.PackFile;
import rampart.formats.parcel.ParcelCsv;
import rampart.formats.view.Nullable;
import rampart.formats.view.SizeView;
import rampart.server.messages.Message;
import rampart.server.packs.PackShelf;
import rampart.server.searches.Search;
import rampart.server.stores.Materials;
import rampart.server.stores.Stores;

/** Which carton sizes are worth keeping for all that a house sends; nothing is stored. */
@RestController
class CartonSizeController {
    private final Catalogue catalogue;
    private final Stores stores;
    private final Materials materials;
    private final PackShelf shelf;
    private final LongWork longWork;

    CartonSizeController(Catalogue catalogue, Stores stores, Materials materials, PackShelf shelf, LongWork longWork) {
        this.catalogue = catalogue;
        this.stores = stores;
        this.materials = materials;
        this.shelf = shelf;
        this.longWork = longWork;
    }

    /** A list as comma-separated values: name, length_mm, width_mm, height_mm, mass_kg, count. */
    record ParcelTable(String table) {}

    /** What the packs on the shelf need inside their outer cartons, each once. */
    @GetMapping(path = "/api/carton-sizes/shelf", produces = MediaType.APPLICATION_JSON_VALUE)
    ParcelTable shelf(HttpServletRequest request) {
        return longWork.run(request, "sizes of the shelf", this::wanted);
    }

    private ParcelTable wanted(Search search) {
        List<CartonSizes.Wanted> all = new ArrayList<>();
        shelf.newest(ParcelCsv.MOST_ROWS).takeWhile(next -> search.goOn()).forEach(stored -> {
            PackFile file = stored.file();
            Layout layout =
                    LayoutWalk.layUndrawn(file.pack().item(), file.pack().layers(), file.catalogue(catalogue));
            LaidBox outer = layout.outer();
            all.add(new CartonSizes.Wanted(
                    stored.name(),
                    outer.contents(),
                    layout.grossMassKg() - outer.carton().massKg(),
                    1));
        });
        return new ParcelTable(ParcelCsv.write(all));
    }

    /**
     * What is sent and what it costs.
     *
     * @param perM2 price of the board
     * @param perKg price of a billed kilogram
     * @param divisor cm3 to a kilogram of volumetric mass
     * @param keepingCost of one size more, in the time that the counts are for
     * @param upright true where contents keep their top up
     */
    record CartonSizesAsked(
            @NotNull(message = "give the list") @Size(max = 500_000, message = "the list has at most 500000 characters")
            String table,

            @NotNull(message = "give the board") String board,

            @DecimalMin(value = "0", message = "the price of board is 0 to 1000")
            @DecimalMax(value = "1000", message = "the price of board is 0 to 1000")
            double perM2,

            @DecimalMin(value = "0", message = "the price of a billed kilogram is 0 to 1000")
            @DecimalMax(value = "1000", message = "the price of a billed kilogram is 0 to 1000")
            double perKg,

            @DecimalMin(value = "1000", message = "the divisor is 1000 to 10000 cm3 to a kilogram")
            @DecimalMax(value = "10000", message = "the divisor is 1000 to 10000 cm3 to a kilogram")
            double divisor,

            @DecimalMin(value = "0", message = "the cost of keeping a size is 0 to 1000000")
            @DecimalMax(value = "1000000", message = "the cost of keeping a size is 0 to 1000000")
            double keepingCost,

            boolean upright,

            @Min(value = 1, message = "1 to 20 sizes are looked at")
            @Max(value = 20, message = "1 to 20 sizes are looked at")
            int most) {}

    /**
     * A size to keep.
     *
     * @param contents how many kinds go into it
     * @param names of the first of them
     */
    record KeptSizeView(SizeView insideMm, int contents, String names, double cost) {}

    /**
     * So many sizes.
     *
     * @param cost of all parcels
     * @param withKeeping and of keeping the sizes
     */
    record SizesView(int count, double cost, double withKeeping, List<KeptSizeView> sizes) {}

    /**
     * Which sizes are worth keeping.
     *
     * @param worth the number of sizes that costs least with their keeping
     * @param stock the cartons in store, those that something goes into; null where there are none
     * @param intoNone what goes into none of these, by name
     */
    record CartonSizesView(
            int rows,
            int worth,
            List<SizesView> divisions,
            @Nullable SizesView stock,
            List<String> intoNone) {}

    @PostMapping(
            path = "/api/carton-sizes",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    CartonSizesView sizes(@Valid @RequestBody CartonSizesAsked asked, HttpServletRequest request) {
        List<CartonSizes.Wanted> wanted = ParcelCsv.read(asked.table());
        Board board = materials.house().catalogue().boards().stream()
                .filter(b -> b.id().equals(asked.board()))
                .findFirst()
                .orElseThrow(() -> new FieldsException(
                        Message.FIELDS,
                        List.of(new Problem("/board", "there is no board called '" + asked.board() + "'"))));
        CartonSizes.Costs costs =
                new CartonSizes.Costs(board, asked.perM2(), asked.perKg(), asked.divisor(), asked.upright());
        List<CartonSizes.Division> divisions =
                longWork.run(request, "carton sizes", watcher -> CartonSizes.of(wanted, costs, asked.most(), watcher));
        List<SizesView> views = divisions.stream()
                .map(division -> view(division, wanted, asked.keepingCost()))
                .toList();
        CartonSizes.Division there = CartonSizes.among(
                wanted, stores.cartons().stream().map(c -> c.carton().inside()).toList(), costs);
        return new CartonSizesView(
                wanted.size(),
                CartonSizes.worth(divisions, asked.keepingCost()).sizes().size(),
                views,
                there.sizes().isEmpty() ? null : view(there, wanted, asked.keepingCost()),
                there.left().stream().map(i -> wanted.get(i).name()).toList());
    }

    private static SizesView view(CartonSizes.Division division, List<CartonSizes.Wanted> wanted, double keeping) {
        List<KeptSizeView> sizes = division.sizes().stream()
                .map(size -> new KeptSizeView(
                        SizeView.of(size.inside()),
                        size.members().size(),
                        size.members().stream()
                                .limit(3)
                                .map(i -> wanted.get(i).name())
                                .collect(Collectors.joining(", ")),
                        size.cost()))
                .toList();
        return new SizesView(sizes.size(), division.cost(), division.withKeeping(keeping), sizes);
    }
}
