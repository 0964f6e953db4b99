package rampart.core.bed;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rampart.core.geometry.PlanPoint;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * Grooves that take away bearing area where a snug bed is too stiff for a light item: between them ribs stand, evenly spread,
 * one at either end. Under the item and over it they run across, beside it they run up and down, so that all can be cut from
 * the parting plane or the face. Widths and depths are common practice, no source.
 */
public final class Relief {
    /** A thinner rib tears and folds over, mm. */
    private static final double LEAST_RIB_MM = 15;

    /** About so wide are ribs where there is room for several, mm. */
    private static final double USUAL_RIB_MM = 25;

    private static final double LEAST_GROOVE_MM = 8;

    /** What is left outside a groove, mm. */
    private static final double FLOOR_MM = 13;

    /** Of the foam's thickness: pressed farther in, the floor of the groove would bear too. */
    private static final double DEEPEST = 0.75;

    /** Places that lie deeper inside than this are bridged, not followed, mm. */
    private static final double FOLLOWED_MM = 5;

    private static final int MOST_WELLS = 60;
    private static final double HAIR = 1e-6;

    private Relief() {}

    /**
     * The same bed with grooves on these faces, so that no more than this area bears on each.
     *
     * @param thicknessMm of the foam
     * @param wrapsMm of wraps between the item and the foam
     * @return empty where no face bears more, or none has room for ribs and grooves
     */
    public static Optional<BedShape> of(
            BedShape bed, SixSided thicknessMm, double wrapsMm, Set<Face> faces, double bearingMm2) {
        List<BedWell> wells = new ArrayList<>(bed.wells());
        for (Face face : Face.ALL) {
            if (faces.contains(face)) {
                wells.addAll(grooves(bed, face, thicknessMm.on(face) + wrapsMm, bearingMm2));
            }
        }
        if (wells.size() == bed.wells().size() || wells.size() > MOST_WELLS) {
            return Optional.empty();
        }
        return Optional.of(new BedShape(bed.size(), bed.parts(), wells, bed.splitMm(), bed.holdDownMm(), bed.ties()));
    }

    private static List<BedWell> grooves(BedShape bed, Face face, double thickMm, double bearingMm2) {
        BedContact contact = bed.contact();
        double bears = contact.bearingMm2(face);
        double depth = Math.min(thickMm - FLOOR_MM, DEEPEST * thickMm);
        if (bearingMm2 >= bears || depth < LEAST_GROOVE_MM) {
            return List.of();
        }
        boolean flat = face.axis() == Axis.Z;
        Axis one = face.axis() == Axis.X ? Axis.Y : Axis.X;
        Axis other = flat ? Axis.Y : Axis.Z;
        BedContact.Spread first = contact.spread(face, one);
        BedContact.Spread second = contact.spread(face, other);
        boolean swap = flat && second.reachMm() > first.reachMm();
        BedContact.Spread along = swap ? second : first;
        BedContact.Spread across = swap ? first : second;
        double ribs = along.reachMm() * bearingMm2 / bears;
        int count = (int) Math.max(2, Math.round(ribs / USUAL_RIB_MM));
        while (count > 2 && ribs / count < LEAST_RIB_MM) {
            count--;
        }
        double rib = Math.max(LEAST_RIB_MM, ribs / count);
        double groove = (along.reachMm() - count * rib) / (count - 1);
        if (groove < LEAST_GROOVE_MM) {
            return List.of();
        }
        double inward = contact.runs(face).stream()
                .mapToDouble(BedContact.Run::depthMm)
                .map(mm -> Math.min(mm, FOLLOWED_MM))
                .max()
                .orElse(0);
        List<BedWell> wells = new ArrayList<>();
        for (int i = 0; i < count - 1; i++) {
            double from = along.middleMm() - along.reachMm() / 2 + rib + i * (rib + groove);
            wells.add(new BedWell(
                    "relief " + face.word() + " " + (i + 1),
                    prism(
                            bed.size(),
                            face,
                            swap,
                            new double[] {tenth(from), tenth(from + groove)},
                            new double[] {
                                // Never beyond the item, so that grooves of two faces do not meet at its edge.
                                Math.ceil((across.middleMm() - across.reachMm() / 2) * 10) / 10,
                                Math.floor((across.middleMm() + across.reachMm() / 2) * 10) / 10
                            },
                            new double[] {-inward - HAIR, Math.floor(depth * 10) / 10})));
        }
        return wells;
    }

    private static double tenth(double mm) {
        return Math.rint(mm * 10) / 10;
    }

    /**
     * A groove on a face.
     *
     * @param swap under or over the item, along its length instead of across
     * @param along where it lies among its fellows
     * @param across from end to end
     * @param out how far outward of the item's plane it begins and ends
     */
    private static Prism prism(Size size, Face face, boolean swap, double[] along, double[] across, double[] out) {
        double half = size.along(face.axis()) / 2;
        double near = face.sign() * (half + out[0]);
        double far = face.sign() * (half + out[1]);
        double low = Math.min(near, far);
        double high = Math.max(near, far);
        return switch (face.axis()) {
            case Z ->
                swap
                        ? new Prism(rectangle(across[0], along[0], across[1], along[1]), low, high)
                        : new Prism(rectangle(along[0], across[0], along[1], across[1]), low, high);
            case X -> new Prism(rectangle(low, along[0], high, along[1]), across[0], across[1]);
            case Y -> new Prism(rectangle(along[0], low, along[1], high), across[0], across[1]);
        };
    }

    private static List<PlanPoint> rectangle(double x1, double y1, double x2, double y2) {
        return List.of(new PlanPoint(x1, y1), new PlanPoint(x2, y1), new PlanPoint(x2, y2), new PlanPoint(x1, y2));
    }
}
