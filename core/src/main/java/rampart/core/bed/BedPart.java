package rampart.core.bed;

/**
 * One part of the item, for its bed.
 *
 * @param clearanceMm foam stays so far from it; below 0 it grips
 */
public record BedPart(String name, Prism prism, Nature nature, double clearanceMm) {
    /** A part thinner than this may slip between rays: it counts for every struck face, mm (rule 51). */
    static final double SLIGHT_MM = 5;

    boolean strong() {
        return nature == Nature.STRONG;
    }

    /** True where it may slip between the rays. */
    public boolean slight() {
        return prism.leastExtentMm() < SLIGHT_MM;
    }

    /** What the clearance takes of the foam: a grip takes nothing (rule 47). */
    double gapMm() {
        return Math.max(0, clearanceMm);
    }
}
