package rampart.formats.view;

import java.util.List;
import java.util.Locale;
import rampart.core.bed.TieSlot;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.insert.BedCut;
import rampart.core.insert.BedRemark;
import rampart.core.item.Item;
import rampart.core.layout.ContactPatch;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.core.words.Wording;

/**
 * A bed as it is cut and as it bears; all in mm from the middle of the item.
 *
 * @param layer index of its layer
 * @param blockMinMm left, front and underside of the block
 * @param blockMaxMm right, back and upper side
 * @param levels base from the bottom up, then the lid
 * @param bears where it bears, for each face that is not bare
 * @param remarks what cannot be as it is drawn
 * @param traysMm heights at which one tray of the base lies on another
 * @param tieSlots for each tie two slots, seen from above, that it is led down through
 */
public record BedView(
        int layer,
        List<Double> blockMinMm,
        List<Double> blockMaxMm,
        double splitMm,
        List<LevelView> levels,
        List<BearingView> bears,
        List<RemarkView> remarks,
        List<Double> traysMm,
        List<TieSlotView> tieSlots) {
    /**
     * The slots of one tie.
     *
     * @param tie index of it
     * @param slots outlines of both
     * @param band outline of it between them
     */
    public record TieSlotView(int tie, List<List<List<Double>>> slots, List<List<Double>> band) {
        static TieSlotView of(TieSlot slot) {
            return new TieSlotView(
                    slot.tie(), List.of(places(slot.first()), places(slot.second())), places(slot.band()));
        }
    }

    /** What cannot be as it is drawn, and where, from above. */
    public record RemarkView(String says, List<Double> atMm) {}

    /**
     * Between two heights the openings stay the same.
     *
     * @param half base or lid
     * @param openings outer edges of what is cut away, each a closed row of x and y
     * @param islands edges of foam that stands within them
     */
    public record LevelView(
            String half,
            double bottomMm,
            double topMm,
            List<List<List<Double>>> openings,
            List<List<List<Double>>> islands,
            double openCm2) {
        static LevelView of(BedCut.Level level) {
            return new LevelView(
                    level.half().name().toLowerCase(Locale.ROOT),
                    level.bottomMm(),
                    level.topMm(),
                    level.open().outlines().stream().map(BedView::places).toList(),
                    level.open().holes().stream().map(BedView::places).toList(),
                    level.open().areaMm2() / 100);
        }
    }

    /**
     * Foam that bears on one face.
     *
     * @param acrossAxis axis of the first figure of each place: x, y or z
     * @param patches rectangles, each {@code [from across, from along, to across, to along, foam behind it]}
     */
    public record BearingView(String face, String acrossAxis, String alongAxis, List<List<Double>> patches) {
        static BearingView of(LaidCushion bed, Face face) {
            Axis across = ContactPatch.first(face);
            Axis along = ContactPatch.second(face);
            double fromAcross = -bed.body().along(across) / 2;
            double fromAlong = -bed.body().along(along) / 2;
            return new BearingView(
                    face.word(),
                    across.name().toLowerCase(Locale.ROOT),
                    along.name().toLowerCase(Locale.ROOT),
                    bed.patches().stream()
                            .filter(patch -> patch.face() == face)
                            .map(patch -> List.of(
                                    fromAcross + patch.firstMm(),
                                    fromAlong + patch.secondMm(),
                                    fromAcross + patch.firstMm() + patch.alongFirstMm(),
                                    fromAlong + patch.secondMm() + patch.alongSecondMm(),
                                    patch.thicknessMm()))
                            .toList());
        }
    }

    public static BedView of(Item item, LaidCushion bed, Wording wording) {
        BedCut cut = BedCut.of(bed);
        return new BedView(
                bed.layer(),
                place(cut.block().min()),
                place(cut.block().max()),
                cut.splitMm(),
                cut.levels().stream().map(LevelView::of).toList(),
                Face.ALL.stream()
                        .filter(bed::cushions)
                        .map(face -> BearingView.of(bed, face))
                        .toList(),
                BedRemark.of(item, bed, cut).stream()
                        .map(remark -> new RemarkView(
                                wording.say(remark.says()),
                                List.of(remark.at().xMm(), remark.at().yMm())))
                        .toList(),
                cut.traysMm(),
                cut.slotsInFoam().stream().map(TieSlotView::of).toList());
    }

    private static List<Double> place(Point point) {
        return List.of(point.xMm(), point.yMm(), point.zMm());
    }

    private static List<List<Double>> places(Outline outline) {
        return places(outline.corners());
    }

    private static List<List<Double>> places(List<PlanPoint> corners) {
        return corners.stream()
                .map(corner -> List.of(corner.xMm(), corner.yMm()))
                .toList();
    }
}
