package rampart.formats.cutting;

import java.util.ArrayList;
import java.util.List;
import rampart.core.geometry.CutWork;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;

/**
 * A small trial before the real cut: a plug of 30 mm and openings from 1 mm too tight to 2 mm too loose on every side. The one
 * in which the plug sits as it should tells what the material and the machine add or take: that figure goes in as clearance.
 * The lines are cut as they stand, without kerf.
 */
public final class FitCoupon {
    private static final double PLUG_MM = 30;
    private static final double[] CLEARANCES_MM = {-1, -0.5, 0, 0.5, 1, 1.5, 2};
    private static final double PITCH_MM = 50;
    private static final double HEIGHT_MM = 60;
    private static final double LETTER_MM = 5;

    private FitCoupon() {}

    /** The coupon, to be cut out of the foam that will be used, in its thickness. */
    public static CutDrawing drawing() {
        List<Outline> cuts = new ArrayList<>();
        List<CutDrawing.Text> texts = new ArrayList<>();
        double width = PITCH_MM * (CLEARANCES_MM.length + 1);
        for (int i = 0; i < CLEARANCES_MM.length; i++) {
            double side = PLUG_MM + 2 * CLEARANCES_MM[i];
            double x = PITCH_MM * (i + 0.5);
            cuts.add(Outline.rectangle(new PlanPoint(x, HEIGHT_MM / 2 + 4), side, side, 0));
            texts.add(new CutDrawing.Text(
                    x - 8, 4, LETTER_MM, (CLEARANCES_MM[i] > 0 ? "+" : "") + CutDrawing.figure(CLEARANCES_MM[i])));
        }
        cuts.add(Outline.rectangle(new PlanPoint(width - PITCH_MM / 2, HEIGHT_MM / 2 + 4), PLUG_MM, PLUG_MM, 0));
        texts.add(new CutDrawing.Text(width - PITCH_MM / 2 - 8, 4, LETTER_MM, "plug"));
        cuts.add(Outline.rectangle(new PlanPoint(width / 2, HEIGHT_MM / 2), width, HEIGHT_MM, 0));
        return new CutDrawing(
                "fit-coupon",
                "fit coupon: clearance on every side in mm, and the plug to try",
                width,
                HEIGHT_MM,
                List.of(CutDrawing.Layer.closed("cut", CutWork.CUT, 0, cuts)),
                texts,
                List.of("Cut on the lines, without kerf, in the foam that will be used."));
    }
}
