package rampart.formats.paper;

import java.util.ArrayList;
import java.util.List;
import rampart.core.geometry.PlanPoint;
import rampart.core.layout.ContactPatch;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Face;
import rampart.core.quantity.Size;

/** Where the pads of a cushion lie on each face of what they bear on, seen from outside; faces that are alike are drawn once. */
final class PadPlan {
    private static final double ROOM_MM = 42;

    private PadPlan() {}

    static List<Block> blocks(PaperSource source) {
        List<Block> blocks = new ArrayList<>();
        for (LaidCushion cushion : source.layout().cushions()) {
            if (cushion.inPads() && !cushion.patches().isEmpty()) {
                plan(blocks, cushion, source);
            }
        }
        return blocks;
    }

    private static void plan(List<Block> blocks, LaidCushion cushion, PaperSource source) {
        Size body = cushion.body();
        double longest = body.longestMm();
        double ratio = PackPaper.ratio(longest, longest, ROOM_MM, ROOM_MM);
        blocks.add(Block.Text.of(
                Block.Text.Weight.STRONG,
                "Plan of the pads, layer " + (cushion.layer() + 1) + ", "
                        + cushion.foam().name()));
        List<List<ContactPatch>> faces = new ArrayList<>();
        List<String> names = new ArrayList<>();
        for (Face face : Face.ALL) {
            List<ContactPatch> on = cushion.patches().stream()
                    .filter(patch -> patch.face() == face)
                    .toList();
            int alike = -1;
            for (int i = 0; i < faces.size(); i++) {
                alike = sameFace(faces.get(i), on) ? i : alike;
            }
            if (!on.isEmpty() && alike < 0) {
                faces.add(on);
                names.add(face.word());
            } else if (alike >= 0) {
                names.set(alike, names.get(alike) + " and " + face.word());
            }
        }
        List<Drawing> row = new ArrayList<>();
        for (int i = 0; i < faces.size(); i++) {
            row.add(drawing(faces.get(i), names.get(i), body, ratio));
            if (row.size() == 3 || i == faces.size() - 1) {
                blocks.add(PackPaper.drawings(row, ratio, source.wording()));
                row = new ArrayList<>();
            }
        }
    }

    private static boolean sameFace(List<ContactPatch> one, List<ContactPatch> other) {
        if (one.size() != other.size()
                || other.isEmpty()
                || one.get(0).face().axis() != other.get(0).face().axis()) {
            return false;
        }
        for (int i = 0; i < one.size(); i++) {
            ContactPatch a = one.get(i);
            ContactPatch b = other.get(i);
            if (a.firstMm() != b.firstMm()
                    || a.secondMm() != b.secondMm()
                    || a.alongFirstMm() != b.alongFirstMm()
                    || a.alongSecondMm() != b.alongSecondMm()) {
                return false;
            }
        }
        return true;
    }

    private static Drawing drawing(List<ContactPatch> patches, String name, Size body, double ratio) {
        Face face = patches.get(0).face();
        double wide = body.along(ContactPatch.first(face));
        double high = body.along(ContactPatch.second(face));
        List<Drawing.Shape> shapes = new ArrayList<>();
        shapes.add(rectangle(0, 0, wide, high, high, ratio, 0));
        for (ContactPatch patch : patches) {
            shapes.add(rectangle(
                    patch.firstMm(), patch.secondMm(), patch.alongFirstMm(), patch.alongSecondMm(), high, ratio, 0.2));
        }
        return new Drawing(
                "pads-" + face.word(), "pads on the " + name, wide / ratio, high / ratio, List.of(), shapes, List.of());
    }

    private static Drawing.Shape rectangle(
            double x, double y, double along, double across, double high, double ratio, double tone) {
        double top = high - y - across;
        return new Drawing.Shape(
                List.of(
                        new PlanPoint(x / ratio, top / ratio),
                        new PlanPoint((x + along) / ratio, top / ratio),
                        new PlanPoint((x + along) / ratio, (top + across) / ratio),
                        new PlanPoint(x / ratio, (top + across) / ratio)),
                tone,
                false,
                0.2);
    }
}
