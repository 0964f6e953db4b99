package rampart.core.bed;

import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * What is cut out of a block of foam, in mm from the middle of the item: x to the right, y to the back, z up. What follows
 * from it is worked out once, when it is first asked for.
 */
public final class BedShape {
    private final Size size;
    private final List<BedPart> parts;
    private final List<BedWell> wells;
    private final double splitMm;
    private final double holdDownMm;
    private final List<Tie> ties;
    private volatile BedContact contact;

    /**
     * A bed.
     *
     * @param size of the item
     * @param parts of the item
     * @param wells left empty
     * @param splitMm height of the parting plane between base and lid
     * @param holdDownMm how much the lid presses the strong parts, 0 or more
     * @param ties bands across the item
     */
    public BedShape(
            Size size, List<BedPart> parts, List<BedWell> wells, double splitMm, double holdDownMm, List<Tie> ties) {
        this.size = size;
        this.parts = List.copyOf(parts);
        this.wells = List.copyOf(wells);
        this.splitMm = splitMm;
        this.holdDownMm = holdDownMm;
        this.ties = List.copyOf(ties);
    }

    public Size size() {
        return size;
    }

    public List<BedPart> parts() {
        return parts;
    }

    public List<BedWell> wells() {
        return wells;
    }

    /** Height of the parting plane between base and lid. */
    public double splitMm() {
        return splitMm;
    }

    /** How much the lid presses the strong parts. */
    public double holdDownMm() {
        return holdDownMm;
    }

    /** The same with a lid that presses by so much. */
    public BedShape pressed(double byMm) {
        return new BedShape(size, parts, wells, splitMm, byMm, ties);
    }

    /** The same with these ties. */
    public BedShape tied(List<Tie> by) {
        return new BedShape(size, parts, wells, splitMm, holdDownMm, by);
    }

    public List<Tie> ties() {
        return ties;
    }

    /**
     * True where no well leaves a block of this thickness.
     *
     * @param thicknessMm of the foam
     * @param wrapsMm of wraps between the item and the foam
     */
    public boolean liesWithin(SixSided thicknessMm, double wrapsMm) {
        return wells.stream().allMatch(well -> {
            Prism prism = well.prism();
            return prism.bottomMm() >= -size.heightMm() / 2 - wrapsMm - thicknessMm.bottom()
                    && prism.topMm() <= size.heightMm() / 2 + wrapsMm + thicknessMm.top()
                    && prism.outline().stream()
                            .allMatch(place -> place.xMm() >= -size.lengthMm() / 2 - wrapsMm - thicknessMm.left()
                                    && place.xMm() <= size.lengthMm() / 2 + wrapsMm + thicknessMm.right()
                                    && place.yMm() >= -size.widthMm() / 2 - wrapsMm - thicknessMm.front()
                                    && place.yMm() <= size.widthMm() / 2 + wrapsMm + thicknessMm.back());
        });
    }

    /** Where it bears. */
    public BedContact contact() {
        BedContact known = contact;
        if (known == null) {
            known = new BedContact(this);
            contact = known;
        }
        return known;
    }

    /** True where something holds the item down. */
    public boolean holdsDown() {
        return holdDownMm > 0 || !ties.isEmpty();
    }

    /** The least clearance of the strong parts, mm; empty where there is none. */
    public OptionalDouble leastStrongClearanceMm() {
        return parts.stream()
                .filter(BedPart::strong)
                .mapToDouble(BedPart::clearanceMm)
                .min();
    }

    /** What a lid that presses so on what bears on top holds the item with, N (rule 54). */
    public double lidN(double kpa) {
        return kpa * contact().bearingMm2(Face.TOP) / 1000;
    }

    /** What all ties hold the item with, both ends of each, N (rule 54). */
    public double tiesN() {
        return ties.stream().mapToDouble(tie -> 2 * tie.tensionN()).sum();
    }

    @Override
    public boolean equals(Object other) {
        return this == other
                || (other instanceof BedShape that
                        && size.equals(that.size)
                        && parts.equals(that.parts)
                        && wells.equals(that.wells)
                        && splitMm == that.splitMm
                        && holdDownMm == that.holdDownMm
                        && ties.equals(that.ties));
    }

    @Override
    public int hashCode() {
        return Objects.hash(size, parts, wells, splitMm, holdDownMm, ties);
    }
}
