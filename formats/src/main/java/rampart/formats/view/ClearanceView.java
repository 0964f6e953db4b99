package rampart.formats.view;

import java.util.List;
import rampart.core.clearance.Clearance;
import rampart.core.clearance.ToleranceStack;
import rampart.core.words.Wording;

/**
 * One box of a pack and what is inside it.
 *
 * @param layer index of the box
 * @param faces what lies between the two, face by face
 * @param stacks for length, width and height
 * @param remarks whether it goes in, how, and what to mind
 */
public record ClearanceView(
        int layer,
        String name,
        List<FaceGapView> faces,
        List<ToleranceStackView> stacks,
        List<ClearanceRemarkView> remarks) {
    /**
     * On one face.
     *
     * @param openMm what nothing fills; below 0 where the box is closed over more than it holds
     * @param wholeMm from what is inside to the board
     */
    public record FaceGapView(String face, double openMm, double wholeMm, List<GapFillingView> filled) {
        static FaceGapView of(Clearance.FaceGap gap) {
            return new FaceGapView(
                    gap.face().word(),
                    gap.openMm(),
                    gap.wholeMm(),
                    gap.filled().stream()
                            .map(f -> new GapFillingView(f.layer(), f.what(), f.mm()))
                            .toList());
        }
    }

    /** What fills a part of a gap, from what is inside outward. */
    public record GapFillingView(int layer, String what, double mm) {}

    /**
     * What may be left along one dimension.
     *
     * @param worstMm all parts off the wrong way at once
     * @param likelyMm the root of the sum of their squares
     * @param leastMm room left at worst
     * @param likelyLeastMm room likely to be left
     */
    public record ToleranceStackView(
            String dimension,
            double insideMm,
            double contentsMm,
            double slackMm,
            double worstMm,
            double likelyMm,
            double leastMm,
            double likelyLeastMm,
            List<TolerancePartView> parts) {
        static ToleranceStackView of(ToleranceStack stack) {
            return new ToleranceStackView(
                    stack.axis().word(),
                    stack.insideMm(),
                    stack.contentsMm(),
                    stack.slackMm(),
                    stack.worstMm(),
                    stack.likelyMm(),
                    stack.leastMm(),
                    stack.likelyLeastMm(),
                    stack.parts().stream()
                            .map(p -> new TolerancePartView(p.what(), p.mm()))
                            .toList());
        }
    }

    /** Something that may be off, so much either way. */
    public record TolerancePartView(String what, double mm) {}

    /** @param caution true where something has to be done about it */
    public record ClearanceRemarkView(boolean caution, String words) {}

    public static ClearanceView of(Clearance clearance, Wording wording) {
        return new ClearanceView(
                clearance.layer(),
                clearance.name(),
                clearance.faces().stream().map(FaceGapView::of).toList(),
                clearance.stacks().stream().map(ToleranceStackView::of).toList(),
                clearance.remarks().stream()
                        .map(r -> new ClearanceRemarkView(r.caution(), wording.say(r.words())))
                        .toList());
    }
}
