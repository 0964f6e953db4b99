package rampart.core.check;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import rampart.core.item.Pieces;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Size;
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

/** Do the pieces, wrapped and divided, go into the size that is given for all of them (rule 63)? */
final class PiecesFitCheck implements CheckRule {
    /** What a last digit may take away, mm. */
    private static final double HAIR_MM = 1e-6;

    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.PIECES_FIT);
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        return context.pack().item().properties().pieces().stream()
                .map(pieces -> check(context.pack().item().size(), pieces, caliperMm(context, pieces)))
                .toList();
    }

    /** Of what stands between the pieces; 0 where nothing does. */
    static double caliperMm(EvaluationContext context, Pieces pieces) {
        return pieces.dividerBoard()
                .map(id -> context.catalogue().board(id).caliperMm())
                .orElse(0.0);
    }

    private static Check check(Size size, Pieces pieces, double caliperMm) {
        Size needed = pieces.needed(caliperMm);
        Axis tightest = Axis.X;
        for (Axis axis : Axis.values()) {
            if (ratio(needed, size, axis) > ratio(needed, size, tightest)) {
                tightest = axis;
            }
        }
        Axis axis = tightest;
        double needs = needed.along(axis);
        double has = size.along(axis);
        boolean fits = needs <= has + HAIR_MM;
        Term dimension = Term.name(axis.word());
        Supplier<List<Sentence>> because = () -> List.of((fits ? CheckWords.PIECES_FIT : CheckWords.PIECES_DO_NOT_FIT)
                .of(dimension, Quantity.mm(needs), Quantity.mm(has)));
        Supplier<Working> working = () -> new Working(
                "D = C",
                List.of(),
                List.of(
                        Figure.law("C", CheckWords.NEEDED_BY_PIECES.of(dimension), needs, "mm"),
                        Figure.input("I", CheckWords.ROOM_FOR_PIECES.of(dimension), has, "mm"),
                        Figure.law(
                                "w",
                                FigureWords.LENGTH_WRAPPED,
                                pieces.wrapped().lengthMm(),
                                "mm"),
                        Figure.law("t", FigureWords.BETWEEN_TWO, caliperMm, "mm")),
                List.of());
        Check check = Check.judged(
                CheckId.of(CheckKind.PIECES_FIT),
                "Pieces in their cells",
                Check.Where.PACK,
                needs,
                OptionalDouble.of(has),
                "mm",
                because,
                working);
        return fits ? check.withStatus(Status.HOLDS).withMargin(1) : check.withStatus(Status.BREAKS);
    }

    private static double ratio(Size needed, Size size, Axis axis) {
        return Units.roundTo9Decimals(needed.along(axis) / size.along(axis));
    }
}
