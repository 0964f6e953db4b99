package rampart.core.check;

import java.util.List;
import java.util.OptionalDouble;
import rampart.core.box.Carton;
import rampart.core.box.DividerStrength;
import rampart.core.box.McKee;
import rampart.core.item.Pieces;
import rampart.core.layout.LaidBox;
import rampart.core.quantity.Size;

/**
 * What the outer carton carries new and dry (rules 25 and 59).
 *
 * @param wallsN of its walls: measured, or by the formula; empty where it was not tested and the formula does not hold
 * @param measured true where it was tested
 * @param dividerN what a divider under its top adds
 */
record DryStrength(OptionalDouble wallsN, boolean measured, double dividerN) {
    /** A divider this close under the top carries with the walls, mm (assumed). */
    private static final double REACHES_MM = 3;

    static DryStrength of(EvaluationContext context) {
        LaidBox outer = context.layout().outer();
        Carton carton = outer.carton();
        OptionalDouble tested = outer.box().build().compressionN();
        if (tested.isPresent()) {
            return new DryStrength(tested, true, 0);
        }
        OptionalDouble walls = carton.style().uprightFlutes()
                ? OptionalDouble.of(McKee.shortForm(
                        carton.board().edgeCrushNPerMm(), carton.board().caliperMm(), carton.perimeterMm()))
                : OptionalDouble.empty();
        return new DryStrength(walls, false, walls.isPresent() ? dividerN(context, outer) : 0);
    }

    /** In all, N; empty where nobody knows. */
    OptionalDouble newtons() {
        return wallsN.isPresent() ? OptionalDouble.of(wallsN.getAsDouble() + dividerN) : OptionalDouble.empty();
    }

    private static double dividerN(EvaluationContext context, LaidBox outer) {
        List<Pieces> divided = context.pack().item().properties().pieces().stream()
                .filter(p -> p.arrangement() == Pieces.Arrangement.GRID && p.levels() == 1)
                .filter(p -> p.dividerBoard().isPresent())
                .toList();
        double free = outer.slack().heightMm();
        boolean reaches = context.layout().cushions().isEmpty()
                && context.layout().boxes().size() == 1
                && free >= 0
                && free <= REACHES_MM;
        if (divided.isEmpty() || !reaches) {
            return 0;
        }
        Pieces pieces = divided.get(0);
        Size size = context.pack().item().size();
        return DividerStrength.newtons(
                context.catalogue().board(pieces.dividerBoard().orElseThrow()),
                size.lengthMm(),
                size.widthMm(),
                pieces.columns(),
                pieces.rows());
    }
}
