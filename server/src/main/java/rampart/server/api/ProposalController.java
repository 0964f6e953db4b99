package rampart.server.api;

import com.fasterxml.jackson.annotation.JsonRawValue;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.cost.CarrierLine;
import rampart.core.cost.Prices;
import rampart.core.evaluation.Evaluation;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.search.ProposalLimits;
import rampart.core.search.ProposalMiss;
import rampart.core.search.Proposals;
import rampart.core.verdict.Check;
import rampart.core.words.Wording;
import rampart.formats.json.Problem;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.material.HouseMaterials;
import rampart.formats.pack.PackFile;
import rampart.formats.view.EvaluationView;
import rampart.formats.view.Nullable;
import rampart.formats.view.StatusView;
import rampart.formats.view.WallFiguresView;
import rampart.server.config.Connections;
import rampart.server.house.CarrierLines;
import rampart.server.messages.Message;
import rampart.server.searches.Search;
import rampart.server.searches.SearchRefusedException;
import rampart.server.searches.Searches;
import rampart.server.stores.Materials;
import rampart.server.stores.PriceList;
import rampart.server.stores.Stores;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Proposes walls; nothing is stored. */
@RestController
class ProposalController {
    private static final String LINES = "application/x-ndjson";
    private static final String WHAT = "proposals";

    private final Materials materials;
    private final Stores stores;
    private final PriceList prices;
    private final CarrierLines carriers;
    private final Searches searches;
    private final JsonMapper mapper;

    ProposalController(
            Materials materials,
            Stores stores,
            PriceList prices,
            CarrierLines carriers,
            Searches searches,
            JsonMapper mapper) {
        this.searches = searches;
        this.materials = materials;
        this.stores = stores;
        this.prices = prices;
        this.carriers = carriers;
        this.mapper = mapper;
    }

    /**
     * Within what walls are to be proposed.
     *
     * @param build {@code any}, {@code single} or {@code boxInBox}
     * @param foams ids of foams that may be used; empty for all
     * @param longestMm no outside edge is longer
     * @param lengthAndGirthMm longest edge and twice the sum of the others are no more
     * @param reusable only foams that keep most of their softness over repeats
     * @param handCut only foams that are cut by hand from sheets
     * @param stockOnly outer cartons only from the store
     */
    record LimitsGiven(
            @NotNull(message = "give how many boxes: any, single or boxInBox")
            @Pattern(regexp = "any|single|boxInBox", message = "it is any, single or boxInBox")
            String build,

            @NotNull(message = "give the foams that may be used; an empty list for all")
            List<@NotNull String> foams,

            @DecimalMin(value = "1", message = "an outside edge is 1 to 10000 mm")
            @DecimalMax(value = "10000", message = "an outside edge is 1 to 10000 mm")
            @Nullable
            Double longestMm,

            @DecimalMin(value = "1", message = "length and girth are 1 to 50000 mm")
            @DecimalMax(value = "50000", message = "length and girth are 1 to 50000 mm")
            @Nullable
            Double lengthAndGirthMm,

            boolean reusable,
            boolean handCut,
            boolean stockOnly) {}

    /** The pack whose item and journey count, and of whose layers only the wraps round the item stay. */
    record ProposalRequest(
            @NotNull(message = "give the pack") @Schema(ref = OpenApiConfig.PACK_FILE)
            JsonNode pack,

            @NotNull(message = "give the limits") @Valid LimitsGiven limits) {}

    /**
     * A wall that holds.
     *
     * @param stock id of the stock carton it goes into; null for one made to size
     * @param cost of its material; null where some part has no price
     * @param margin the lowest of all checks
     * @param weakest title of that check
     * @param materials of each layer
     * @param pack the pack with this wall
     */
    record ProposalView(
            @Nullable String stock,
            WallFiguresView figures,
            @Nullable Double cost,
            double margin,
            StatusView verdict,
            @Nullable String weakest,
            List<String> materials,
            List<EvaluationView.SolidView> solids,

            @JsonRawValue @Schema(ref = OpenApiConfig.PACK_FILE)
            String pack) {}

    /**
     * What has to give where nothing holds.
     *
     * @param demand which one
     * @param because the same in words
     * @param wall one that would hold then, as it stands under the demands as they are; null where there is none
     */
    record MissView(String demand, String because, @Nullable ProposalView wall) {}

    /**
     * What was found.
     *
     * @param considered walls gone through
     * @param worked of these, those that had to be worked out blow by blow
     * @param costed true where every part has a price, so that cost was compared
     * @param proposals smallest outside first
     * @param miss the nearest miss; null where something holds
     */
    record ProposalsView(
            long considered,
            long worked,
            boolean costed,
            String currency,
            List<ProposalView> proposals,
            @Nullable MissView miss) {}

    /**
     * A line of the answer while the search runs: its place in the queue or its progress, then, as the last, the answer or
     * what came between.
     *
     * @param waiting place in the queue, 1 for the next; 0 where it runs
     * @param done parts of the search gone through
     * @param of parts in all; 0 where it does not say
     * @param trouble why there is no answer
     */
    record ProposalLine(
            int waiting,
            int done,
            int of,
            int found,
            @Nullable ProposalsView answer,
            @Nullable String trouble) {}

    /** The walls within the limits that hold and that no other outdoes in size, cost, mass and margin. */
    @PostMapping(
            path = "/api/proposals",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    ProposalsView propose(
            @Valid @RequestBody ProposalRequest asked,
            @Valid @ParameterObject UnitsAsked units,
            HttpServletRequest request) {
        Sought sought = new Sought(asked, units.wording());
        return searches.run(
                request.getUserPrincipal().getName(),
                WHAT,
                Connections.gone(request),
                Searches.Onlooker.NONE,
                sought::find);
    }

    /** The same, a line of progress at a time; who closes the connection stops the search. */
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = LINES, schema = @Schema(implementation = ProposalLine.class)))
    @PostMapping(path = "/api/proposals/lines", consumes = MediaType.APPLICATION_JSON_VALUE, produces = LINES)
    void proposeInLines(
            @Valid @RequestBody ProposalRequest asked,
            @Valid @ParameterObject UnitsAsked units,
            HttpServletRequest request,
            HttpServletResponse response) {
        Sought sought = new Sought(asked, units.wording());
        Lines lines = new Lines(response);
        try {
            ProposalsView answer = searches.run(
                    request.getUserPrincipal().getName(),
                    WHAT,
                    () -> lines.broken,
                    (search, place) -> lines.write(
                            new ProposalLine(place, search.done(), search.of(), search.found(), null, null)),
                    sought::find);
            lines.write(new ProposalLine(0, 1, 1, answer.proposals().size(), answer, null));
        } catch (SearchRefusedException e) {
            if (!response.isCommitted()) {
                throw e;
            }
            lines.write(new ProposalLine(0, 0, 0, 0, null, Problems.search(e).text()));
        }
    }

    /** Lines of JSON, each sent at once. */
    private final class Lines {
        private final HttpServletResponse response;
        /** Whoever asked has left. */
        private boolean broken;

        private Lines(HttpServletResponse response) {
            this.response = response;
        }

        private void write(ProposalLine line) {
            try {
                response.setContentType(LINES);
                OutputStream out = response.getOutputStream();
                out.write(mapper.writeValueAsBytes(line));
                out.write('\n');
                out.flush();
            } catch (IOException gone) {
                broken = true;
            }
        }
    }

    /** One search, read and judged before it begins, so that what is wrong is said as a problem. */
    private final class Sought {
        private final PackFile file;
        private final Catalogue catalogue;
        private final ProposalLimits limits;
        private final Prices today;
        private final List<CarrierLine> lines = carriers.lines();
        private final Wording wording;
        private final HouseMaterials house = materials.house();

        private Sought(ProposalRequest request, Wording wording) {
            this.wording = wording;
            file = read(request.pack());
            catalogue = file.catalogue(house.catalogue());
            limits = limits(request.limits(), catalogue);
            today = prices.today();
            if (file.pack().item().fragility().leastLimitG().isEmpty()) {
                throw new UnreadableFileException(
                        "/pack/item/fragility/criticalAccelerationG",
                        "is missing; a proposal needs to know what the item bears, a number of G above 0");
            }
        }

        private ProposalsView find(Search search) {
            Proposals.Answer answer = Proposals.find(file.pack(), catalogue, limits, today, search);
            Optional<ProposalMiss> miss = answer.proposals().isEmpty()
                    ? Optional.of(ProposalMiss.of(file.pack(), catalogue, limits, search))
                    : Optional.empty();
            return new ProposalsView(
                    answer.considered(),
                    answer.evaluated(),
                    answer.costed(),
                    today.currency(),
                    answer.proposals().stream()
                            .map(p -> view(p.layers(), p.stock(), p.cost(), p.evaluation()))
                            .toList(),
                    miss.map(this::view).orElse(null));
        }

        private MissView view(ProposalMiss miss) {
            return new MissView(
                    miss.demand(),
                    wording.say(miss.because()),
                    miss.layers().stream()
                            .findFirst()
                            .map(wall -> view(wall.layers(), "", OptionalDouble.empty(), wall.evaluation()))
                            .orElse(null));
        }

        private ProposalView view(List<Layer> layers, String stock, OptionalDouble cost, Evaluation evaluation) {
            return new ProposalView(
                    stock.isEmpty() ? null : stock,
                    WallFiguresView.of(evaluation, lines, wording),
                    cost.isPresent() ? cost.getAsDouble() : null,
                    evaluation.lowestMargin().orElseThrow(),
                    StatusView.of(evaluation.verdict()),
                    evaluation.weakest().map(Check::title).orElse(null),
                    layers.stream().map(Layer::material).toList(),
                    evaluation.layout().solids().stream()
                            .map(EvaluationView.SolidView::of)
                            .toList(),
                    // On one line: an answer in lines must not break within a pack.
                    mapper.readTree(file.withLayers(layers, house).write()).toString());
        }
    }

    private PackFile read(JsonNode pack) {
        try {
            return PackFile.read(pack.toString().getBytes(StandardCharsets.UTF_8));
        } catch (UnreadableFileException e) {
            throw new UnreadableFileException(e.problems().stream()
                    .map(p -> new Problem("/pack" + p.path(), p.message()))
                    .toList());
        }
    }

    private ProposalLimits limits(LimitsGiven given, Catalogue catalogue) {
        for (int i = 0; i < given.foams().size(); i++) {
            String foam = given.foams().get(i);
            if (catalogue.foams().stream().noneMatch(f -> f.id().equals(foam))) {
                throw new FieldsException(
                        Message.FIELDS,
                        List.of(new Problem(
                                "/limits/foams/" + i,
                                "there is no foam called '" + foam + "' in the stores or in the pack")));
            }
        }
        ProposalLimits.Build build = switch (given.build()) {
            case "single" -> ProposalLimits.Build.SINGLE;
            case "boxInBox" -> ProposalLimits.Build.BOX_IN_BOX;
            default -> ProposalLimits.Build.ANY;
        };
        return new ProposalLimits(
                build,
                Set.copyOf(given.foams()),
                optional(given.longestMm()),
                optional(given.lengthAndGirthMm()),
                given.reusable(),
                given.handCut(),
                given.stockOnly(),
                stores.onHand());
    }

    private static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
