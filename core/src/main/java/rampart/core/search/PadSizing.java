package rampart.core.search;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import rampart.core.check.BucklingCheck;
import rampart.core.check.StandingCheck;
import rampart.core.layout.CushionForm;
import rampart.core.layout.PadGrid;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.core.quantity.Units;
import rampart.core.verdict.Status;

/**
 * Pads and corner blocks sized face by face for a load at rest. Sides are whole steps of 5 mm and 40 mm at least, or the
 * whole face where that is narrower (common practice, no source). No pad is so small that it folds over, none larger than
 * its part of the face; those at the bottom lie far enough apart for the item to stand.
 */
final class PadSizing {
    /** Loads at rest for which areas are tried, kPa: a geometric row. */
    static final double[] LOADS_KPA = geometric(0.3, 14, 8);

    private static final int[] COUNTS = {4, 2, 1};
    private static final double STEP_MM = 5;
    private static final double LEAST_SIDE_MM = 40;
    private static final double MM2_PER_CM2 = 100;
    private static final double HAIR = 1e-9;

    /** What a check needs to hold: a tenth of margin. */
    private static final double HOLDS = 1 - Status.THIN_BELOW;

    private PadSizing() {}

    private static double[] geometric(double from, double to, int count) {
        double[] row = new double[count];
        for (int i = 0; i < count; i++) {
            row[i] = from * Math.pow(to / from, (double) i / (count - 1));
        }
        return row;
    }

    /** Area that carries this mass at this load, mm2. */
    static double areaMm2(double massKg, double loadKpa) {
        return massKg * Units.STANDARD_GRAVITY / (loadKpa * 1e3) * 1e6;
    }

    /** The area at which a pad of this thickness stands straight with a margin, mm2 (rule 22). */
    private static double straightMm2(double thicknessMm) {
        double side = BucklingCheck.FACTOR * thicknessMm;
        return side * side / HOLDS * (1 + HAIR);
    }

    /** Four, two or one pad on each face; empty where a face is too small for a pad that stands straight. */
    static Optional<CushionForm.Pads> pads(Size body, SixSided thicknessMm, double massKg, double loadKpa) {
        Map<Face, double[]> chosen = new EnumMap<>(Face.class);
        for (Face face : Face.ALL) {
            Optional<double[]> pads = onFace(body, face, thicknessMm.on(face), areaMm2(massKg, loadKpa));
            if (pads.isEmpty()) {
                return Optional.empty();
            }
            chosen.put(face, pads.get());
        }
        return Optional.of(new CushionForm.Pads(
                SixSided.of(face -> chosen.get(face)[0] * chosen.get(face)[1] / MM2_PER_CM2),
                SixSided.of(face -> chosen.get(face)[1])));
    }

    /** Area of a pad in mm2 and their number: the least area in all, and of equal areas the most pads. */
    private static Optional<double[]> onFace(Size body, Face face, double thicknessMm, double areaMm2) {
        double[] best = null;
        double least = Double.POSITIVE_INFINITY;
        for (int count : COUNTS) {
            PadGrid cells = PadGrid.of(body, face, count, 0);
            double cell = cells.cellFirstMm() * cells.cellSecondMm();
            double needed = Math.max(areaMm2 / count, straightMm2(thicknessMm));
            if (face == Face.BOTTOM) {
                needed = Math.max(needed, standingShare(cells) * standingShare(cells) * cell);
            }
            if (straightMm2(thicknessMm) > cell) {
                continue;
            }
            double all = count * Math.min(needed, cell);
            double pad = rounded(cells, Math.min(needed, cell));
            if (all < least * (1 - HAIR) && pad <= cell) {
                least = all;
                best = new double[] {pad, count};
            }
        }
        return Optional.ofNullable(best);
    }

    /** Side of a pad over that of its cell from which the item stands with a margin. */
    private static double standingShare(PadGrid cells) {
        double reach = StandingCheck.LEAST_REACH / HOLDS * (1 + HAIR);
        double share = 0;
        for (Axis axis : new Axis[] {cells.first(), cells.second()}) {
            share = Math.max(share, 1 - cells.cells(axis) * (1 - reach));
        }
        return share;
    }

    /** To whole steps of both sides, upward; the whole cell where that is no larger. */
    private static double rounded(PadGrid cells, double areaMm2) {
        double shorter = Math.min(cells.cellFirstMm(), cells.cellSecondMm());
        double ratio = Math.max(cells.cellFirstMm(), cells.cellSecondMm()) / shorter;
        double side = Math.max(LEAST_SIDE_MM, upward(Math.sqrt(areaMm2 / ratio)));
        if (side >= shorter) {
            return shorter * shorter * ratio;
        }
        double longer = STEP_MM * Math.rint(ratio * side / STEP_MM);
        double area = side * longer;
        // Rounding the longer side down may fall under what is needed.
        return Math.min(area < areaMm2 ? side * (longer + STEP_MM) : area, shorter * shorter * ratio);
    }

    private static double upward(double mm) {
        return STEP_MM * Math.ceil(mm / STEP_MM - HAIR);
    }

    /**
     * Eight blocks at the corners, as long as they are wide and high; along an edge too short for two they meet in its
     * middle. Empty where they would not stand straight, or would meet along all edges.
     */
    static Optional<CushionForm.Corners> corners(Size body, SixSided thicknessMm, double massKg, double loadKpa) {
        double side = Math.max(LEAST_SIDE_MM, upward(Math.sqrt(areaMm2(massKg, loadKpa) / 4)));
        Size block = new Size(
                Math.min(side, body.lengthMm() / 2),
                Math.min(side, body.widthMm() / 2),
                Math.min(side, body.heightMm() / 2));
        boolean apart = block.lengthMm() < body.lengthMm() / 2
                || block.widthMm() < body.widthMm() / 2
                || block.heightMm() < body.heightMm() / 2;
        for (Face face : Face.ALL) {
            if (!apart || block.faceAreaMm2(face) < straightMm2(thicknessMm.on(face))) {
                return Optional.empty();
            }
        }
        return Optional.of(new CushionForm.Corners(block));
    }
}
