package rampart.formats.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import rampart.core.fingers.CaseCoupon;
import rampart.core.fingers.CasePanel;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.CutWork;
import rampart.core.geometry.Outline;

/** Panels of a case, and the trial of their fit, as drawings. */
public final class CaseDrawing {
    private static final double TEXT_MM = 5;

    private CaseDrawing() {}

    /** One panel, its allowance in it. */
    public static CutDrawing of(CasePanel panel, double sheetMm) {
        Bounds b = panel.outline().bounds();
        List<Outline> cuts = new ArrayList<>();
        panel.openings().forEach(o -> cuts.add(o.moved(-b.minXMm(), -b.minYMm())));
        cuts.add(panel.outline().moved(-b.minXMm(), -b.minYMm()));
        return new CutDrawing(
                "case-" + panel.name().toLowerCase(Locale.ROOT).replace(' ', '-'),
                "Case, " + panel.name() + ", sheet " + CutDrawing.figure(sheetMm) + " mm",
                b.widthMm(),
                b.heightMm(),
                List.of(CutDrawing.Layer.closed("cut", CutWork.CUT, sheetMm, cuts)),
                List.of(),
                List.of("Sheet " + CutDrawing.figure(sheetMm)
                        + " mm thick; one of it in each case. The allowance of its edges is in the lines: cut on them,"
                        + " without kerf."));
    }

    /** Both combs of the trial, one above the other, each pair with its allowance written on it. */
    public static CutDrawing of(CaseCoupon coupon, double sheetMm) {
        Bounds lower = coupon.fingers().bounds();
        double above = lower.heightMm() + 5;
        Bounds upper = coupon.gaps().bounds();
        double pitch = lower.widthMm() / coupon.allowancesMm().size();
        List<CutDrawing.Text> texts = new ArrayList<>();
        for (int i = 0; i < coupon.allowancesMm().size(); i++) {
            String words =
                    String.format(Locale.ROOT, "%.2f", coupon.allowancesMm().get(i));
            texts.add(new CutDrawing.Text((i + .5) * pitch - 6, 3, TEXT_MM, words));
            texts.add(new CutDrawing.Text((i + .5) * pitch - 6, above + 2, TEXT_MM, words));
        }
        return new CutDrawing(
                "case-fit-trial",
                "Fit trial, sheet " + CutDrawing.figure(sheetMm) + " mm: allowance of each edge in mm",
                lower.widthMm(),
                above + upper.heightMm(),
                List.of(CutDrawing.Layer.closed(
                        "cut",
                        CutWork.CUT,
                        sheetMm,
                        List.of(coupon.fingers(), coupon.gaps().moved(0, above)))),
                texts,
                List.of(
                        "Cut on the lines, without kerf; the pair that goes together as it should tells the allowance."));
    }
}
