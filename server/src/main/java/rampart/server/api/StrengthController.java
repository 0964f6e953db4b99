package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import java.util.List;
import java.util.OptionalDouble;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.material.Board;
import rampart.core.search.BoardChoices;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckKind;
import rampart.formats.json.Problem;
import rampart.formats.pack.PackFile;
import rampart.formats.view.Nullable;
import rampart.formats.view.SizeView;
import rampart.formats.view.StatusView;
import rampart.server.messages.Message;
import rampart.server.stores.Materials;
import rampart.server.stores.PriceList;

/** What the outer carton carries in every board: double wall beside single. */
@RestController
class StrengthController {
    private final Materials materials;
    private final PriceList prices;

    private final Patience patience;

    StrengthController(Materials materials, PriceList prices, Patience patience) {
        this.patience = patience;
        this.materials = materials;
        this.prices = prices;
    }

    /**
     * The pack with its outer carton of a board.
     *
     * @param dryN what it carries new and dry; null where its style has no formula
     * @param longN the same by the long form; null without the board's bending stiffness
     * @param pileMargin of the check of the pile; null where there is none, or it is unknown
     * @param gradeMargin of the limits of the grade
     * @param edgeCrushKnPerM edge crush strength
     * @param punctureJ energy that goes through it; null where nobody measured
     * @param cost of its board; null without a price
     */
    record BoardChoiceView(
            String board,
            String name,
            boolean doubleWall,
            boolean taken,
            double caliperMm,
            double edgeCrushKnPerM,
            @Nullable Double punctureJ,
            @Nullable Double dryN,
            @Nullable Double longN,
            @Nullable Double pileMargin,
            @Nullable Double gradeMargin,
            StatusView verdict,
            SizeView outsideMm,
            double cartonKg,
            @Nullable Double cost) {}

    /**
     * What a laboratory measured of the boards, where the long form is wanted; both or neither.
     *
     * @param alongNm flexural rigidity per width along the machine, N m
     * @param acrossNm likewise across it
     */
    record BendingAsked(
            @Nullable
            @DecimalMin(value = "0.01", message = "bending stiffness along the machine is 0.01 to 1000 N m")
            @DecimalMax(value = "1000", message = "bending stiffness along the machine is 0.01 to 1000 N m")
            Double alongNm,

            @Nullable
            @DecimalMin(value = "0.01", message = "bending stiffness across the machine is 0.01 to 1000 N m")
            @DecimalMax(value = "1000", message = "bending stiffness across the machine is 0.01 to 1000 N m")
            Double acrossNm) {}

    /** The outer carton of every corrugated board of the house, in the order of the stores. */
    @PostMapping(
            path = "/api/board-choices",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    List<BoardChoiceView> choices(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @Valid @ParameterObject BendingAsked bending,
            HttpServletRequest request) {
        if ((bending.alongNm() == null) != (bending.acrossNm() == null)) {
            throw new FieldsException(
                    Message.FIELDS,
                    List.of(new Problem(
                            bending.alongNm() == null ? "/alongNm" : "/acrossNm",
                            "missing; the long form takes the bending stiffness in both directions")));
        }
        PackFile read = PackFile.read(file);
        // Some twenty evaluations of one pack: no longer than one with its drops worked in time, and no search.
        return patience
                .run(
                        request,
                        watcher -> BoardChoices.of(
                                read.pack(), read.catalogue(materials.house().catalogue()), watcher))
                .stream()
                .map(choice -> view(choice, bending))
                .toList();
    }

    private BoardChoiceView view(BoardChoices.Choice choice, BendingAsked bending) {
        Board board = choice.board();
        OptionalDouble cost = choice.cost(prices.today());
        OptionalDouble longForm = bending.alongNm() == null || bending.acrossNm() == null
                ? OptionalDouble.empty()
                : choice.longN(bending.alongNm(), bending.acrossNm());
        return new BoardChoiceView(
                board.id(),
                board.name(),
                board.flute().doubleWall(),
                choice.taken(),
                board.caliperMm(),
                board.edgeCrushKnPerM(),
                orNull(board.panel().punctureJ()),
                orNull(choice.dryN()),
                orNull(longForm),
                orNull(margin(choice, CheckKind.STACK)),
                orNull(margin(choice, CheckKind.BOARD_LIMITS)),
                StatusView.of(choice.evaluation().verdict()),
                SizeView.of(choice.evaluation().layout().outside()),
                choice.cartonKg(),
                orNull(cost));
    }

    private static OptionalDouble margin(BoardChoices.Choice choice, CheckKind check) {
        return choice.evaluation().checks().stream()
                .filter(c -> c.id().kind() == check)
                .map(Check::margin)
                .findFirst()
                .orElse(OptionalDouble.empty());
    }

    private static Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }
}
