package rampart.core.check;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import rampart.core.bed.BedShape;
import rampart.core.item.Pieces;
import rampart.core.layout.LaidBox;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Size;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Working;
import rampart.core.words.CheckWords;
import rampart.core.words.FigureWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/** What can move will wear: the largest clearance of any box against 10 mm (rule 33). */
public final class MovementCheck implements CheckRule {
    public static final double LIMIT_MM = 10;

    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.MOVEMENT);
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        LaidBox loosest = context.layout().boxes().get(0);
        for (LaidBox box : context.layout().boxes()) {
            if (box.largestSlackMm() > loosest.largestSlackMm()) {
                loosest = box;
            }
        }
        // Less than no play is none, in stock cartons too: one that is too small breaks by its fit.
        double slack = Math.max(0, loosest.largestSlackMm());
        Optional<LaidCushion> bed = context.layout().bed();
        double play = bed.map(cushion -> playMm(cushion.bed().orElseThrow())).orElse(0.0);
        double pieces = context.pack()
                .item()
                .properties()
                .pieces()
                .map(p -> playMm(context, p))
                .orElse(0.0);
        if (pieces > Math.max(play, slack)) {
            return List.of(check(Check.Where.PACK, pieces, "cell of a piece"));
        }
        if (play > slack) {
            return List.of(check(Check.Where.layer(bed.orElseThrow().layer()), play, "bed"));
        }
        boolean outer = loosest.layer() == context.layout().outer().layer();
        return List.of(check(Check.Where.layer(loosest.layer()), slack, outer ? "outer carton" : "inner box"));
    }

    /** Play of the item in its bed: to both sides; upward it is half as much, and never the greatest (rule 56). */
    private static double playMm(BedShape bed) {
        return 2 * Math.max(0, bed.leastStrongClearanceMm().orElse(0));
    }

    /** Of a piece among the others, along the loosest axis (rule 63). */
    private static double playMm(EvaluationContext context, Pieces pieces) {
        double caliper = PiecesFitCheck.caliperMm(context, pieces);
        Size size = context.pack().item().size();
        return Arrays.stream(Axis.values())
                .mapToDouble(axis -> pieces.playMm(size, caliper, axis))
                .max()
                .orElseThrow();
    }

    private static Check check(Check.Where where, double slack, String box) {
        Supplier<List<Sentence>> because = () -> List.of(
                slack <= 0
                        ? CheckWords.NO_PLAY.of(Term.name(box))
                        : (slack > LIMIT_MM ? CheckWords.TOO_MUCH_PLAY : CheckWords.PLAY)
                                .of(Term.name(box), Quantity.mm(slack), Quantity.wholeMm(LIMIT_MM)));
        Supplier<Working> working = () -> Working.noted(
                "D = x",
                List.of(),
                List.of(
                        Figure.input("x", FigureWords.LARGEST_CLEARANCE, slack, "mm"),
                        Figure.assumed("L", FigureWords.MOST_SETTLING, LIMIT_MM, "mm", "rule 33")),
                CheckWords.NOTE_SETTLING_FOAM_FILL);
        return Check.judged(
                CheckId.of(CheckKind.MOVEMENT),
                "Room to move",
                where,
                slack,
                OptionalDouble.of(LIMIT_MM),
                "mm",
                because,
                working);
    }
}
