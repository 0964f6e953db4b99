package rampart.core.journey;

import java.util.Arrays;
import java.util.List;
import rampart.core.quantity.Units;

/**
 * Design drop heights by gross mass (rule 4). Classes in lb; above the last class the last height applies.
 * Sources, all from memory: ISTA 1A; ASTM D4169 manual handling, assurance levels I to III; MIL-HDBK-304.
 */
public enum DropHeights {
    PARCEL_1A(
            "ISTA 1A packaged products up to 150 lb, from memory",
            false,
            List.of(21.0, 41.0, 61.0, 100.0),
            List.of(760.0, 610.0, 460.0, 310.0, 200.0)),
    MANUAL_I(
            "ASTM D4169 manual handling level I, from memory",
            true,
            List.of(20.0, 40.0, 60.0, 80.0, 100.0),
            inches(24, 21, 18, 15, 12, 10)),
    MANUAL_II(
            "ASTM D4169 manual handling level II, from memory",
            true,
            List.of(20.0, 40.0, 60.0, 80.0, 100.0),
            inches(15, 13, 12, 10, 9, 7)),
    MANUAL_III(
            "ASTM D4169 manual handling level III, from memory",
            true,
            List.of(20.0, 40.0, 60.0, 80.0, 100.0),
            inches(9, 8, 7, 6, 5, 4)),
    HANDLING(
            "MIL-HDBK-304 by handling, from memory",
            true,
            List.of(20.0, 50.0, 250.0, 500.0, 1000.0),
            inches(42, 36, 30, 24, 18, 12));

    /** The greatest gross mass that ISTA 1A speaks of, lb (from memory). */
    public static final double PARCEL_SCOPE_LB = 150;

    private final String source;
    private final boolean upToAndIncluding;
    private final List<Double> classesLb;
    private final List<Double> heightsMm;

    DropHeights(String source, boolean upToAndIncluding, List<Double> classesLb, List<Double> heightsMm) {
        this.source = source;
        this.upToAndIncluding = upToAndIncluding;
        this.classesLb = classesLb;
        this.heightsMm = heightsMm;
    }

    /** Where the table comes from. */
    public String source() {
        return source;
    }

    /** Drop height for a pack of this gross mass, mm. */
    public double heightMm(double grossMassKg) {
        double lb = Units.roundTo9Decimals(grossMassKg / Units.KG_PER_LB);
        int i = 0;
        while (i < classesLb.size() && (upToAndIncluding ? lb > classesLb.get(i) : lb >= classesLb.get(i))) {
            i++;
        }
        return heightsMm.get(i);
    }

    /** True where the pack is heavier than the table was written for. */
    public boolean outOfScope(double grossMassKg) {
        return this == PARCEL_1A && Units.roundTo9Decimals(grossMassKg / Units.KG_PER_LB) > PARCEL_SCOPE_LB;
    }

    private static List<Double> inches(double... in) {
        return Arrays.stream(in).map(x -> x * Units.MM_PER_IN).boxed().toList();
    }
}
