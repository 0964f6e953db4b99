package rampart.server.api;

import com.fasterxml.jackson.annotation.JsonRawValue;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.util.List;
import java.util.Optional;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.cost.CarrierLine;
import rampart.core.cost.Prices;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.explain.Sensitivity;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Face;
import rampart.core.search.FirstWall;
import rampart.core.search.Orientation;
import rampart.core.search.Remedies;
import rampart.core.search.Stock;
import rampart.core.search.WhyNot;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.words.Wording;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.material.HouseMaterials;
import rampart.formats.pack.PackFile;
import rampart.formats.view.Nullable;
import rampart.formats.view.RemedyView;
import rampart.formats.view.SensitivityView;
import rampart.formats.view.SizeView;
import rampart.formats.view.StatusView;
import rampart.formats.view.WallFiguresView;
import rampart.server.house.CarrierLines;
import rampart.server.messages.Message;
import rampart.server.searches.Searches;
import rampart.server.stores.Materials;
import rampart.server.stores.PriceList;
import rampart.server.stores.Stores;

/** Searches for walls and remedies; nothing is stored. */
@RestController
class SearchController {
    private final Catalogue catalogue;
    private final Materials materials;
    private final PriceList prices;
    private final Stores stores;
    private final CarrierLines carriers;
    private final Searches searches;
    private final LongWork longWork;

    SearchController(
            Catalogue catalogue,
            Materials materials,
            PriceList prices,
            Stores stores,
            CarrierLines carriers,
            Searches searches,
            LongWork longWork) {
        this.longWork = longWork;
        this.searches = searches;
        this.prices = prices;
        this.stores = stores;
        this.carriers = carriers;
        this.catalogue = catalogue;
        this.materials = materials;
    }

    /**
     * A wall to begin with.
     *
     * @param kind {@code stock} in a carton of the house, {@code single} in one made to size, {@code nested} a box in a box
     * @param carton id of the stock carton; null for one made to size
     * @param margin the lowest of all checks
     * @param pack the pack with this wall
     */
    record FirstWallView(
            String kind,
            @Nullable String carton,
            WallFiguresView figures,
            double margin,

            @JsonRawValue @Schema(ref = OpenApiConfig.PACK_FILE)
            String pack) {}

    /**
     * What would have to give for a wall to hold, and what a packer does then.
     *
     * @param demand {@code bears}, {@code fall}, {@code both}, {@code flat}, {@code apart}, or the id of a check
     * @param pack with a wall that holds then
     */
    record WayOutView(
            String demand,
            String because,

            @JsonRawValue @Schema(ref = OpenApiConfig.PACK_FILE)
            String pack) {}

    /**
     * The walls to begin with.
     *
     * @param walls that hold: from stock first, then one carton, then a box in a box where that is worth its trouble
     * @param ways out where none holds, the one that gives least first
     */
    record FirstWallsView(List<FirstWallView> walls, List<WayOutView> ways) {}

    /** The smallest walls that hold for the item and journey of this pack; its own layers do not count. */
    @PostMapping(
            path = "/api/first-walls",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    FirstWallsView firstWalls(
            @org.springframework.web.bind.annotation.RequestBody byte[] bytes,
            @Valid @ParameterObject UnitsAsked units,
            HttpServletRequest request) {
        PackFile file = PackFile.read(bytes);
        Pack pack = file.pack();
        if (pack.item().fragility().leastLimitG().isEmpty()) {
            throw new UnreadableFileException(
                    "/item/fragility/criticalAccelerationG",
                    "is missing; a first wall needs to know what the item bears, a number of G above 0");
        }
        HouseMaterials house = materials.house();
        Stock stock = stores.onHand();
        FirstWall.Answer answer = longWork.run(
                request,
                "first wall",
                watcher -> FirstWall.find(pack.item(), pack.journey(), house.catalogue(), stock, watcher));
        List<CarrierLine> lines = carriers.lines();
        return new FirstWallsView(
                answer.walls().stream()
                        .map(wall -> view(file, wall, house, lines, units.wording()))
                        .toList(),
                answer.whyNot().map(WhyNot::ways).orElse(List.of()).stream()
                        .map(way -> new WayOutView(
                                way.demand(), units.wording().say(way.because()), written(file, way.layers(), house)))
                        .toList());
    }

    private static FirstWallView view(
            PackFile file, FirstWall.Wall wall, HouseMaterials house, List<CarrierLine> lines, Wording wording) {
        Evaluation evaluation = Evaluator.simulate(
                new Pack(file.pack().item(), file.pack().journey(), wall.layers()), house.catalogue());
        return new FirstWallView(
                switch (wall.kind()) {
                    case IN_STOCK_CARTON -> "stock";
                    case ONE_CARTON -> "single";
                    case BOX_IN_BOX -> "nested";
                },
                wall.stock().isEmpty() ? null : wall.stock(),
                WallFiguresView.of(evaluation, lines, wording),
                evaluation.lowestMargin().orElseThrow(),
                written(file, wall.layers(), house));
    }

    private static String written(PackFile file, List<Layer> layers, HouseMaterials house) {
        return new String(file.withLayers(layers, house).write(), StandardCharsets.UTF_8);
    }

    /**
     * What would mend the check, or the weakest check where none is named: one change, two together where one does not do, or
     * a part sent by itself; an empty list where nothing would.
     */
    @PostMapping(
            path = "/api/remedies",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    List<RemedyView> remedies(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @RequestParam(name = "check", required = false) String check,
            @Valid @ParameterObject UnitsAsked units,
            HttpServletRequest request) {
        PackFile read = PackFile.read(file);
        Optional<CheckId> asked = Optional.ofNullable(check).flatMap(CheckId::read);
        if (check != null && asked.isEmpty()) {
            return List.of();
        }
        Prices today = prices.today();
        Stock stock = stores.onHand();
        return longWork
                .run(
                        request,
                        "remedies",
                        watcher -> Remedies.of(read.pack(), read.catalogue(catalogue), today, stock, asked, watcher))
                .stream()
                .map(remedy -> RemedyView.of(remedy, read, units.wording()))
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
                    orientation.evaluation().lowestMargin().orElseThrow(),
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
    List<OrientationView> orientations(
            @org.springframework.web.bind.annotation.RequestBody byte[] file, HttpServletRequest request) {
        PackFile read = PackFile.read(file);
        if (!read.pack().turnable()) {
            throw new ApiException(Message.BED_NOT_TURNED);
        }
        return longWork
                .run(
                        request,
                        "orientations",
                        watcher -> Orientation.all(read.pack(), read.catalogue(catalogue), watcher))
                .stream()
                .map(o -> OrientationView.of(o, new String(read.turned(o.turn()).write(), StandardCharsets.UTF_8)))
                .toList();
    }

    /** Which input matters most to the verdict, and how sure the verdict is. */
    @PostMapping(
            path = "/api/sensitivities",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    SensitivityView sensitivity(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @Valid @ParameterObject UnitsAsked units,
            HttpServletRequest request) {
        PackFile read = PackFile.read(file);
        Sensitivity.Answer answer = longWork.run(
                request, "sensitivities", watcher -> Sensitivity.of(read.pack(), read.catalogue(catalogue), watcher));
        return SensitivityView.of(answer, units.wording());
    }

    /**
     * One of one's own searches.
     *
     * @param place in the queue, 1 for the next; 0 where it runs
     * @param done parts gone through
     * @param of parts in all; 0 where it does not say
     */
    record SearchView(String what, int place, int done, int of, int found) {}

    /** One's own searches that run or wait. */
    @GetMapping(path = "/api/searches", produces = MediaType.APPLICATION_JSON_VALUE)
    List<SearchView> own(Principal who) {
        return searches.of(who.getName()).stream()
                .map(own -> new SearchView(
                        own.search().what(),
                        own.place(),
                        own.search().done(),
                        own.search().of(),
                        own.search().found()))
                .toList();
    }

    /** Ends all of one's own searches. */
    @DeleteMapping("/api/searches")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop(Principal who) {
        searches.stop(who.getName());
    }
}
