package rampart.core.clearance;

import java.util.List;
import rampart.core.quantity.Axis;

/**
 * What may be left between a box and its contents along one axis when everything is as far off as it may be.
 *
 * @param insideMm of the box as drawn
 * @param contentsMm as drawn
 * @param parts what may be off, either way
 */
public record ToleranceStack(Axis axis, double insideMm, double contentsMm, List<Part> parts) {
    public ToleranceStack {
        parts = List.copyOf(parts);
    }

    /**
     * Something that is not just as it was drawn.
     *
     * @param mm either way
     */
    public record Part(String what, double mm) {}

    /** Room as drawn; below 0 the contents are squeezed, mm. */
    public double slackMm() {
        return insideMm - contentsMm;
    }

    /** All parts off the wrong way at once, mm. */
    public double worstMm() {
        return parts.stream().mapToDouble(Part::mm).sum();
    }

    /** As parts that know nothing of each other add up: the root of the sum of the squares, mm. */
    public double likelyMm() {
        return Math.sqrt(parts.stream().mapToDouble(p -> p.mm() * p.mm()).sum());
    }

    /** Room that is left at worst, mm. */
    public double leastMm() {
        return slackMm() - worstMm();
    }

    /** Room that is likely to be left, mm. */
    public double likelyLeastMm() {
        return slackMm() - likelyMm();
    }
}
