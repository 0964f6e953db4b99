package rampart.core.bed;

import java.util.ArrayList;
import java.util.List;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;

/**
 * Where foam would bear on a strong part and cannot, because neither half can be closed round the item there: what is wider
 * passes on its way in, or the parting plane lies on the other side (rule 47).
 *
 * @param part index of it
 * @param face from which it is seen
 * @param xMm middle of the places, from the middle of the item; on a side that of the size
 * @param yMm the same to the back
 */
public record ShutOut(int part, Face face, double xMm, double yMm) {
    /** Fewer than one in so many of a face's rays are not worth telling (assumed, as a bare face). */
    private static final int TOLD_FROM_ONE_IN = 50;

    static List<ShutOut> of(BedShape bed, FaceRays rays) {
        List<ShutOut> all = new ArrayList<>();
        for (int part = 0; part < bed.parts().size(); part++) {
            long count = 0;
            long sum = 0;
            long others = 0;
            for (int first = 0; first < rays.firstCells(); first++) {
                for (int second = 0; second < rays.secondCells(); second++) {
                    int ray = rays.index(first, second);
                    if (rays.isShutOut(ray) && rays.part(ray) == part) {
                        count++;
                        sum += first;
                        others += second;
                    }
                }
            }
            if (count > 0 && TOLD_FROM_ONE_IN * count >= rays.count()) {
                double first = middle(bed, rays.first(), rays.firstCellMm(), (double) sum / count);
                Face face = rays.face();
                double out = face.sign() * bed.size().along(face.axis()) / 2;
                all.add(
                        switch (face.axis()) {
                            case X -> new ShutOut(part, face, out, first);
                            case Y -> new ShutOut(part, face, first, out);
                            case Z ->
                                new ShutOut(
                                        part,
                                        face,
                                        first,
                                        middle(bed, rays.second(), rays.secondCellMm(), (double) others / count));
                        });
            }
        }
        return all;
    }

    private static double middle(BedShape bed, Axis axis, double cellMm, double cell) {
        return -bed.size().along(axis) / 2 + (cell + 0.5) * cellMm;
    }
}
