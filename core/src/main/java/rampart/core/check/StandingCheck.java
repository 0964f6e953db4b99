package rampart.core.check;

import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.PadGrid;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Units;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Status;
import rampart.core.verdict.Working;
import rampart.core.words.CheckWords;
import rampart.core.words.FigureWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/** What stands on pads that lie too close together rocks: how far apart they reach at the bottom (rule 22). */
public final class StandingCheck implements CheckRule {
    /** Share of the length and the width over which the pads must reach (assumed). */
    public static final double LEAST_REACH = 0.5;

    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.STAND);
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        return context.layout().cushions().stream()
                .filter(cushion -> cushion.cushions(Face.BOTTOM))
                .flatMap(StandingCheck::reaches)
                .min(Comparator.comparingDouble(Reach::rounded))
                .map(StandingCheck::check)
                .map(List::of)
                .orElse(List.of());
    }

    /** How far the pads under one cushion reach along one axis. */
    private record Reach(LaidCushion cushion, PadGrid grid, Axis axis) {
        double rounded() {
            return Units.roundTo9Decimals(grid.reach(axis));
        }
    }

    /** What lies all round or at the corners stands. */
    private static Stream<Reach> reaches(LaidCushion cushion) {
        return cushion.form()
                .match(
                        full -> Stream.empty(),
                        pads -> {
                            PadGrid grid = pads.grid(cushion.body(), Face.BOTTOM);
                            return Stream.of(
                                    new Reach(cushion, grid, grid.first()), new Reach(cushion, grid, grid.second()));
                        },
                        corners -> Stream.empty(),
                        // Where its bearing lies is rule 57's.
                        bed -> Stream.empty());
    }

    private static Check check(Reach least) {
        LaidCushion cushion = least.cushion();
        PadGrid grid = least.grid();
        Axis axis = least.axis();
        double reach = grid.reach(axis);
        double body = cushion.body().along(axis);
        String dimension = axis.word();
        boolean rocks = reach < LEAST_REACH;
        Supplier<List<Sentence>> because = () -> List.of((rocks ? CheckWords.ROCKS : CheckWords.STANDS)
                .of(Quantity.wholeMm(reach * body), Quantity.wholeMm(body), Term.name(dimension)));
        Supplier<Working> working = () -> Working.noted(
                "D = R",
                List.of("L = (B - q + q*p)/B"),
                List.of(
                        Figure.assumed("R", FigureWords.LEAST_SHARE_THAT_STANDS, LEAST_REACH, "", "half of each side"),
                        Figure.law("B", FigureWords.SIDE_ON_PADS, body, "mm"),
                        Figure.law("q", FigureWords.PART_FOR_EACH_PAD, body / grid.cells(axis), "mm"),
                        Figure.law("p", FigureWords.SHARE_PART_PAD, grid.scale(), ""),
                        Figure.law("L", FigureWords.REACH_OF_PADS, reach, "")),
                CheckWords.NOTE_PADS_ROWS_COLUMNS);
        Check check = Check.judged(
                CheckId.of(CheckKind.STAND),
                "Standing on its pads",
                Check.Where.layerFace(cushion.layer(), Face.BOTTOM),
                LEAST_REACH,
                OptionalDouble.of(reach),
                "",
                because,
                working);
        return check.status() == Status.BREAKS ? check.withStatus(Status.THIN, CheckWords.RULE_ROCKS) : check;
    }
}
