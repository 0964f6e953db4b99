package rampart.core.cut;

import java.util.ArrayList;
import java.util.List;
import rampart.core.blank.Blank;
import rampart.core.geometry.Bounds;
import rampart.core.quantity.Require;
import rampart.core.words.BoardWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;

/**
 * A blank cut from sheets that may be smaller than it: where its joints fall. Joints run straight through, overlap, and keep away
 * from the scores; the sheet lies with its flutes as those of the blank.
 *
 * @param acrossMm places of the joints that run along the flutes, from the left of the blank: there the next part begins, and this one goes on
 *     by the lap
 * @param alongMm places of those that run across the flutes, from its lower edge, likewise
 * @param clearMm from the nearer edge of a lap to the nearest score that it runs beside, 0 where a score runs through it; infinite where there is
 *     none
 * @param leftAcrossMm what is left of the sheet across the flutes beside the widest part
 * @param leftAlongMm likewise along the flutes
 */
public record JoinedBlank(
        List<Double> acrossMm, List<Double> alongMm, double clearMm, double leftAcrossMm, double leftAlongMm) {
    /** Parts overlap by the width of a glue tab, mm (nominal). */
    public static final double LAP_MM = 35;

    /** A joint nearer to a score opens where the board bends, mm (assumed). */
    public static final double KEEP_MM = 40;

    /** Smaller sheets are scraps, mm (assumed). */
    private static final double LEAST_SHEET_MM = 100;

    private static final double LARGEST_SHEET_MM = 10_000;
    private static final int HALVINGS = 60;

    public JoinedBlank {
        acrossMm = List.copyOf(acrossMm);
        alongMm = List.copyOf(alongMm);
    }

    /**
     * The fewest parts, and of all ways to make so many that whose joints lie farthest from the scores.
     *
     * @param sheetAcrossMm size of the sheet across its flutes, 100 to 10000
     * @param sheetAlongMm size of the sheet along its flutes, 100 to 10000
     */
    public static JoinedBlank of(Blank blank, double sheetAcrossMm, double sheetAlongMm) {
        Require.within(sheetAcrossMm, LEAST_SHEET_MM, LARGEST_SHEET_MM, "sheet across its flutes in mm");
        Require.within(sheetAlongMm, LEAST_SHEET_MM, LARGEST_SHEET_MM, "sheet along its flutes in mm");
        Bounds b = blank.bounds();
        List<Double> upright = blank.scoresMm(true);
        List<Double> level = blank.scoresMm(false);
        List<Double> across = joints(b.widthMm(), sheetAcrossMm, upright);
        List<Double> along = joints(b.heightMm(), sheetAlongMm, level);
        return new JoinedBlank(
                across,
                along,
                Math.min(clearance(across, upright), clearance(along, level)),
                sheetAcrossMm - widest(b.widthMm(), across),
                sheetAlongMm - widest(b.heightMm(), along));
    }

    /** How many parts it is made of. */
    public int parts() {
        return (acrossMm.size() + 1) * (alongMm.size() + 1);
    }

    /** True where no joint lies too near to a score. */
    public boolean sound() {
        return clearMm >= KEEP_MM;
    }

    /** How it is cut, and what is wrong with it, in a sentence. */
    public Sentence said() {
        if (parts() == 1) {
            return BoardWords.FROM_ONE_SHEET.of(Quantity.cut(leftAcrossMm), Quantity.cut(leftAlongMm));
        }
        if (!sound()) {
            return BoardWords.JOINT_ON_SCORE.of(Quantity.cut(clearMm), Quantity.cut(KEEP_MM));
        }
        return Double.isFinite(clearMm)
                ? BoardWords.FROM_PARTS.of(Quantity.count(parts()), Quantity.cut(LAP_MM), Quantity.cut(clearMm))
                : BoardWords.FROM_PLAIN_PARTS.of(Quantity.count(parts()), Quantity.cut(LAP_MM));
    }

    private static double clearance(List<Double> joints, List<Double> scores) {
        return joints.stream()
                .flatMap(joint ->
                        scores.stream().map(score -> Math.max(0, Math.max(joint - score, score - joint - LAP_MM))))
                .min(Double::compare)
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** The widest part with its lap: every part but the last has one. */
    private static double widest(double longMm, List<Double> joints) {
        double widest = 0;
        double from = 0;
        for (double joint : joints) {
            widest = Math.max(widest, joint - from + LAP_MM);
            from = joint;
        }
        return Math.max(widest, longMm - from);
    }

    /**
     * By halving the distance to the scores that is asked for: what can be kept with the fewest joints. Whether a distance can
     * be kept is settled by always taking the farthest place allowed.
     */
    static List<Double> joints(double longMm, double sheetMm, List<Double> scores) {
        if (longMm <= sheetMm) {
            return List.of();
        }
        List<Double> best = reach(longMm, sheetMm, List.of(), 0);
        double kept = 0;
        double asked = longMm;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (kept + asked) / 2;
            List<Double> joints = reach(longMm, sheetMm, scores, middle);
            if (!joints.isEmpty() && joints.size() <= best.size()) {
                best = joints;
                kept = middle;
            } else {
                asked = middle;
            }
        }
        return best;
    }

    /** Joints whose laps keep so far from every score; none where that cannot be done. */
    private static List<Double> reach(double longMm, double sheetMm, List<Double> scores, double keepMm) {
        List<Double> joints = new ArrayList<>();
        double from = 0;
        while (longMm - from > sheetMm) {
            double place = from + sheetMm - LAP_MM;
            for (int i = scores.size() - 1; i >= 0; i--) {
                double score = scores.get(i);
                if (place - keepMm < score && score < place + LAP_MM + keepMm) {
                    place = score - keepMm - LAP_MM;
                }
            }
            if (place <= from) {
                return List.of();
            }
            joints.add(place);
            from = place;
        }
        return joints;
    }
}
