package rampart.core.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Drop heights against the tables, which are quoted from memory: ISTA 1A, ASTM D4169, MIL-HDBK-304. */
class DropHeightsTest {
    private static final double KG_PER_LB = 0.45359237;

    @ParameterizedTest
    @CsvSource({
        // ISTA 1A, from memory: below 21, 41, 61, 100 lb
        "PARCEL_1A, 0.1, 760",
        "PARCEL_1A, 20.999, 760",
        "PARCEL_1A, 21, 610",
        "PARCEL_1A, 40.9, 610",
        "PARCEL_1A, 41, 460",
        "PARCEL_1A, 60.9, 460",
        "PARCEL_1A, 61, 310",
        "PARCEL_1A, 99.9, 310",
        "PARCEL_1A, 100, 200",
        "PARCEL_1A, 400, 200",
        // ASTM D4169 manual handling, from memory: up to and including 20, 40, 60, 80, 100 lb
        "MANUAL_I, 20, 609.6",
        "MANUAL_I, 20.01, 533.4",
        "MANUAL_I, 40, 533.4",
        "MANUAL_I, 60, 457.2",
        "MANUAL_I, 80, 381",
        "MANUAL_I, 100, 304.8",
        "MANUAL_I, 100.1, 254",
        "MANUAL_I, 900, 254",
        "MANUAL_II, 20, 381",
        "MANUAL_II, 40, 330.2",
        "MANUAL_II, 60, 304.8",
        "MANUAL_II, 80, 254",
        "MANUAL_II, 100, 228.6",
        "MANUAL_II, 200, 177.8",
        "MANUAL_III, 20, 228.6",
        "MANUAL_III, 40, 203.2",
        "MANUAL_III, 60, 177.8",
        "MANUAL_III, 80, 152.4",
        "MANUAL_III, 100, 127",
        "MANUAL_III, 200, 101.6",
        // MIL-HDBK-304, from memory: up to and including 20, 50, 250, 500, 1000 lb
        "HANDLING, 20, 1066.8",
        "HANDLING, 50, 914.4",
        "HANDLING, 250, 762",
        "HANDLING, 500, 609.6",
        "HANDLING, 1000, 457.2",
        "HANDLING, 1000.1, 304.8"
    })
    void followsTheTable(DropHeights table, double lb, double heightMm) {
        assertThat(table.heightMm(lb * KG_PER_LB)).isCloseTo(heightMm, within(1e-9));
    }

    @Test
    void aMassOnAClassLimitStaysThereWhateverTheUnitChangeDid() {
        assertThat(DropHeights.MANUAL_I.heightMm(Math.nextUp(20 * KG_PER_LB))).isEqualTo(24 * 25.4);
        assertThat(DropHeights.PARCEL_1A.heightMm(Math.nextDown(21 * KG_PER_LB)))
                .isEqualTo(610);
    }

    @Test
    void parcelTableSaysWhereItEnds() {
        assertThat(DropHeights.PARCEL_1A.outOfScope(150 * KG_PER_LB)).isFalse();
        assertThat(DropHeights.PARCEL_1A.outOfScope(150.1 * KG_PER_LB)).isTrue();
        assertThat(DropHeights.HANDLING.outOfScope(5000)).isFalse();
    }
}
