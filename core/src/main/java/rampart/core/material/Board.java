package rampart.core.material;

import rampart.core.quantity.Units;

/**
 * A corrugated board.
 *
 * @param edgeCrushLbPerIn edge crush strength, lb/in
 * @param grammageGm2 mass per area, g/m2 (nominal)
 * @param limitLb most gross mass its grade allows, lb
 * @param limitIn most outside length + width + height its grade allows, in
 */
public record Board(
        String id, Flute flute, double edgeCrushLbPerIn, double grammageGm2, double limitLb, double limitIn) {

    /** Thickness of the board, mm. */
    public double caliperMm() {
        return flute.caliperMm();
    }

    /** Edge crush strength, N/mm. */
    public double edgeCrushNPerMm() {
        return edgeCrushLbPerIn * Units.N_PER_MM_PER_LB_PER_IN;
    }

    /** Edge crush strength, kN/m: the same number as N/mm. */
    public double edgeCrushKnPerM() {
        return edgeCrushNPerMm();
    }

    public String name() {
        return flute.letters() + " flute, ECT " + Math.round(edgeCrushLbPerIn) + " lb/in";
    }
}
