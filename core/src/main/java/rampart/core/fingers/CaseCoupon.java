package rampart.core.fingers;

import java.util.ArrayList;
import java.util.List;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;

/**
 * Two small combs by which the allowance of a sheet and a machine is found: each finger and its gap with an allowance of its own.
 * The right one joins by light tapping, stays, and leaves room for glue; larger is tighter.
 *
 * @param allowancesMm from left to right
 * @param fingers the comb with fingers
 * @param gaps the comb with the gaps that they go into
 */
public record CaseCoupon(List<Double> allowancesMm, Outline fingers, Outline gaps) {
    private static final double PITCH_MM = 20;
    private static final double BODY_MM = 15;

    /** A finger of the trial, mm. */
    public static final double FINGER_MM = 10;

    /**
     * A trial for a sheet.
     *
     * @param fromMm least allowance, such as 0.07
     * @param stepMm such as 0.01
     */
    public static CaseCoupon of(double sheetMm, double fromMm, double stepMm, int count) {
        List<Double> allowances = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            allowances.add(fromMm + i * stepMm);
        }
        return new CaseCoupon(List.copyOf(allowances), comb(allowances, sheetMm, 1), comb(allowances, sheetMm, -1));
    }

    /** @param outward 1 for fingers that stand up, -1 for gaps that go down; both are drawn with the allowance outward */
    private static Outline comb(List<Double> allowances, double sheetMm, int outward) {
        List<PlanPoint> edge = new ArrayList<>();
        double width = allowances.size() * PITCH_MM;
        edge.add(new PlanPoint(0, 0));
        edge.add(new PlanPoint(width, 0));
        edge.add(new PlanPoint(width, BODY_MM));
        for (int i = allowances.size() - 1; i >= 0; i--) {
            double middle = (i + 0.5) * PITCH_MM;
            double half = FINGER_MM / 2 + outward * allowances.get(i);
            double to = BODY_MM + outward * sheetMm;
            edge.add(new PlanPoint(middle + half, BODY_MM));
            edge.add(new PlanPoint(middle + half, to));
            edge.add(new PlanPoint(middle - half, to));
            edge.add(new PlanPoint(middle - half, BODY_MM));
        }
        edge.add(new PlanPoint(0, BODY_MM));
        return Outline.polygon(edge);
    }
}
