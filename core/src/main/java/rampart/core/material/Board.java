package rampart.core.material;

import java.util.OptionalDouble;
import rampart.core.quantity.Basis;
import rampart.core.quantity.Units;

/**
 * A corrugated board.
 *
 * @param caliperMm thickness of the board, mm
 * @param edgeCrushLbPerIn edge crush strength, lb/in
 * @param grammageGm2 mass per area, g/m2
 * @param limitLb most gross mass its grade allows, lb
 * @param limitIn most outside length + width + height its grade allows, in
 * @param basis what caliper and grammage rest on
 * @param source where the limits of the grade come from
 * @param panel what is known of it as a rigid board
 */
public record Board(
        String id,
        String name,
        Flute flute,
        double caliperMm,
        double edgeCrushLbPerIn,
        double grammageGm2,
        double limitLb,
        double limitIn,
        Basis basis,
        String source,
        Panel panel) {
    /**
     * What is known of it as a rigid board on flat work.
     *
     * @param bendingNm flexural rigidity per width, N m; empty where nobody measured
     * @param punctureJ energy that goes through it in a puncture test, J; empty likewise
     */
    public record Panel(OptionalDouble bendingNm, OptionalDouble punctureJ) {
        public static final Panel UNKNOWN = new Panel(OptionalDouble.empty(), OptionalDouble.empty());
    }

    /** Edge crush strength, N/mm. */
    public double edgeCrushNPerMm() {
        return edgeCrushLbPerIn * Units.N_PER_MM_PER_LB_PER_IN;
    }

    /** Edge crush strength, kN/m: the same number as N/mm. */
    public double edgeCrushKnPerM() {
        return edgeCrushNPerMm();
    }

    /** What the limits of the grade rest on: a published table for the boards of the catalogue. */
    public Basis limitsBasis() {
        return basis == Basis.NOMINAL ? Basis.STD : basis;
    }
}
