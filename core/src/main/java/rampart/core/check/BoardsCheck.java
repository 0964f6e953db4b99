package rampart.core.check;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import rampart.core.layout.LaidBoards;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Units;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Working;
import rampart.core.words.CheckWords;
import rampart.core.words.FigureWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;

/** Rigid boards on flat work: do they keep it from bending when it is lifted, and a corner from coming through (rule 62)? */
final class BoardsCheck implements CheckRule {
    /** What handling makes of the weight (assumed). */
    private static final double HANDLING = 2;

    /** Flat work may bend by its length over this (assumed). */
    private static final double BENDS_BY = 200;

    /** A corner of one kilogram from 0.4 m (assumed), J. */
    private static final double HIT_J = 4;

    /** Of a beam on two supports under its even load: 5/384. */
    private static final double BEAM = 5.0 / 384;

    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.BOARDS_BEND, CheckKind.BOARDS_PUNCTURE);
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        return context.layout().boards().stream()
                .flatMap(laid -> List.of(bend(laid), puncture(laid)).stream())
                .toList();
    }

    private static Check bend(LaidBoards laid) {
        Axis across = laid.boards().across();
        double[] edges = List.of(Axis.values()).stream()
                .filter(axis -> axis != across)
                .mapToDouble(axis -> laid.size().along(axis))
                .sorted()
                .toArray();
        double shorterM = edges[0] / 1000;
        double longerM = edges[1] / 1000;
        double loadN = HANDLING * (laid.betweenKg() + laid.massKg()) * Units.STANDARD_GRAVITY;
        double needed = BEAM * loadN * longerM * longerM * BENDS_BY / shorterM;
        OptionalDouble board = laid.board().panel().bendingNm();
        double work = laid.boards().workStiffnessNm();
        int count = 2 * laid.boards().plies();
        OptionalDouble limit = board.isPresent() || work > 0
                ? OptionalDouble.of(count * board.orElse(0) + work)
                : OptionalDouble.empty();
        Supplier<List<Sentence>> because = () -> List.of(
                limit.isPresent()
                        ? CheckWords.BOARDS_STIFF.of(Quantity.nm(needed), Quantity.nm(limit.getAsDouble()))
                        : CheckWords.BOARDS_STIFFNESS_UNKNOWN.of(Quantity.nm(needed)));
        Supplier<Working> working = () -> Working.noted(
                "D = 5/384*F*a^2*n/b",
                List.of(),
                List.of(
                        Figure.law("F", FigureWords.WEIGHT_WORK_BOARDS, loadN, "N"),
                        Figure.law("a", FigureWords.LONGER_EDGE_BOARDS, longerM, "m"),
                        Figure.law("b", FigureWords.SHORTER_EDGE, shorterM, "m"),
                        Figure.assumed("n", FigureWords.MOST_BEND, BENDS_BY, "", "rule 62"),
                        Figure.assumed("h", FigureWords.FACTOR_OF_HANDLING, HANDLING, "", "rule 62"),
                        Figure.law("N", FigureWords.COUNT_OF_BOARDS, count, ""),
                        Figure.input("Dw", FigureWords.STIFFNESS_WORK_ITSELF, work, "Nm")),
                CheckWords.NOTE_HELD_TWO_ENDS);
        return Check.judged(
                CheckId.of(CheckKind.BOARDS_BEND),
                "Flat work that is lifted",
                Check.Where.layer(laid.layer()),
                needed,
                limit,
                "Nm",
                because,
                working);
    }

    private static Check puncture(LaidBoards laid) {
        OptionalDouble board = laid.board().panel().punctureJ();
        OptionalDouble limit = board.isPresent()
                ? OptionalDouble.of(laid.boards().plies() * board.getAsDouble())
                : OptionalDouble.empty();
        Supplier<List<Sentence>> because = () -> List.of(
                limit.isPresent()
                        ? CheckWords.PUNCTURE.of(Quantity.joule(HIT_J), Quantity.joule(limit.getAsDouble()))
                        : CheckWords.PUNCTURE_UNKNOWN.of(Quantity.joule(HIT_J)));
        Supplier<Working> working = () -> Working.noted(
                "D = E",
                List.of(),
                List.of(
                        Figure.assumed("E", FigureWords.CORNER_FALLS, HIT_J, "J", "rule 62"),
                        Figure.law(
                                "N", FigureWords.BOARDS_ON_FACE, laid.boards().plies(), "")),
                CheckWords.NOTE_CARTON_CUSHION_FRONT);
        return Check.judged(
                CheckId.of(CheckKind.BOARDS_PUNCTURE),
                "A corner against flat work",
                Check.Where.layer(laid.layer()),
                HIT_J,
                limit,
                "J",
                because,
                working);
    }
}
