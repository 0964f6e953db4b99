package rampart.formats.view;

import java.util.List;
import rampart.core.fingers.CaseSpec;
import rampart.core.fingers.FingerCase;
import rampart.formats.cutting.CaseDrawing;
import rampart.formats.cutting.CutDrawing;

/**
 * A case, panel by panel.
 *
 * @param insideMm under the lid
 */
public record CaseView(SizeView outsideMm, SizeView insideMm, List<CasePanelView> panels) {
    /**
     * One panel to cut.
     *
     * @param file name of its files, without an ending
     * @param outlines that are cut, places in mm from the lower left
     */
    public record CasePanelView(
            String file, String name, double widthMm, double heightMm, List<List<List<Double>>> outlines) {}

    public static CaseView of(CaseSpec spec) {
        return new CaseView(
                SizeView.of(spec.outside()),
                SizeView.of(spec.inside()),
                FingerCase.panels(spec).stream()
                        .map(panel -> view(panel.name(), CaseDrawing.of(panel, spec.sheetMm())))
                        .toList());
    }

    private static CasePanelView view(String name, CutDrawing drawing) {
        return new CasePanelView(
                drawing.file(),
                name,
                drawing.widthMm(),
                drawing.heightMm(),
                drawing.layers().get(0).outlines().stream()
                        .map(o -> o.corners().stream()
                                .map(c -> List.of(c.xMm(), c.yMm()))
                                .toList())
                        .toList());
    }
}
