package rampart.core.check;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import rampart.core.bed.BedShape;
import rampart.core.layout.LaidBox;
import rampart.core.layout.LaidCushion;
import rampart.core.verdict.Check;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Working;
import rampart.core.words.Quantity;
import rampart.core.words.Say;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/** What can move will wear: the largest clearance of any box against 10 mm (rule 33). */
public final class MovementCheck implements CheckRule {
    public static final double LIMIT_MM = 10;

    @Override
    public String id() {
        return "movement";
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
        if (play > slack) {
            return List.of(check(bed.orElseThrow().layer(), play, "bed"));
        }
        boolean outer = loosest.layer() == context.layout().outer().layer();
        return List.of(check(loosest.layer(), slack, outer ? "outer carton" : "inner box"));
    }

    /** Play of the item in its bed: to both sides; upward it is half as much, and never the greatest (rule 56). */
    private static double playMm(BedShape bed) {
        return 2 * Math.max(0, bed.leastStrongClearanceMm().orElse(0));
    }

    private static Check check(int layer, double slack, String box) {
        Supplier<List<Sentence>> because = () -> List.of(
                slack <= 0
                        ? Say.NO_PLAY.of(Term.name(box))
                        : (slack > LIMIT_MM ? Say.TOO_MUCH_PLAY : Say.PLAY)
                                .of(Term.name(box), Quantity.mm(slack), Quantity.wholeMm(LIMIT_MM)));
        Supplier<Working> working = () -> Working.noted(
                "D = x",
                List.of(),
                List.of(
                        Figure.input("x", "largest clearance", slack, "mm"),
                        Figure.assumed("L", "most that stays put", LIMIT_MM, "mm", "rule 33")),
                "Settling of foam and fill is not counted.");
        return Check.judged(
                "movement",
                "Room to move",
                Check.Where.layer(layer),
                slack,
                OptionalDouble.of(LIMIT_MM),
                "mm",
                because,
                working);
    }
}
