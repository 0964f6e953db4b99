package rampart.core.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * What one of each unit is in the other, from its definition: 1 in = 25.4 mm, 1 lb = 0.45359237 kg, standard gravity 9.80665 m/s2 (International
 * yard and pound agreement of 1959; 3rd CGPM of 1901).
 */
class WordingTest {
    @ParameterizedTest
    @CsvSource({
        "MM, 25.4, in",
        "CUT_MM, 25.4, in",
        "CM2, 6.4516, in²",
        "M2, 0.09290304, ft²",
        "M, 0.3048, ft",
        "LITRE, 28.316846592, ft³",
        "KG, 0.45359237, lb",
        "KPA, 6.894757293168361, psi",
        "N, 4.4482216152605, lbf",
        "NM, 0.1129848290276167, lbf in",
        "N_PER_MM, 0.1751268352464764, lb/in",
        "MPS, 0.0254, in/s",
        "PER_KPA, 0.1450377377302092, 1/psi",
        "KG_PER_M3, 16.01846337396014, lb/ft³",
        "G_PER_M2, 4.88242763638305, lb/1000 ft²"
    })
    void oneOfTheOther(Unit unit, double inCore, String other) {
        Wording.Scale scale = Wording.IMPERIAL.scale(unit);
        assertThat(scale.factor() * inCore).isCloseTo(1, within(1e-12));
        assertThat(scale.unit()).isEqualTo(other);
        assertThat(Wording.METRIC.scale(unit)).isEqualTo(new Wording.Scale(1, unit.symbol()));
    }

    /** Boards and their grades are kept in inches and pounds; a metric house reads them in its own units. */
    @ParameterizedTest
    @CsvSource({"IN, 25.4, mm", "LB, 0.45359237, kg", "LB_PER_IN, 0.1751268352464764, kN/m"})
    void whatIsKeptInInchesOrPounds(Unit unit, double oneIs, String other) {
        Wording.Scale scale = Wording.METRIC.scale(unit);
        assertThat(scale.factor()).isCloseTo(oneIs, within(1e-12));
        assertThat(scale.unit()).isEqualTo(other);
        assertThat(Wording.IMPERIAL.scale(unit)).isEqualTo(new Wording.Scale(1, unit.symbol()));
    }

    /** Those that are the same everywhere stay, in each of the eight ways; nothing is both changed and unchanged. */
    @ParameterizedTest
    @EnumSource
    void whatIsTheSameEverywhereStays(Unit unit) {
        Set<Unit> same = EnumSet.of(Unit.NONE, Unit.J, Unit.G, Unit.DEG_C, Unit.HZ, Unit.S, Unit.HOURS, Unit.PERCENT);
        boolean changes = Wording.all().stream().anyMatch(wording -> wording.changes(unit));
        assertThat(changes).isEqualTo(!same.contains(unit));
    }

    @Test
    void numbersTakeTheSignOfTheHouse() {
        Wording comma = new Wording(Wording.Lengths.mm, Wording.Masses.kg, Wording.Decimal.comma);
        assertThat(comma.amount(new Quantity(1.5, Unit.KG_PER_M3, 1)).toString())
                .isEqualTo("1,5 kg/m³");
        assertThat(Wording.IMPERIAL.amount(new Quantity(28, Unit.KG_PER_M3, 0)).toString())
                .isEqualTo("1.75 lb/ft³");
        assertThat(Wording.IMPERIAL.amount(Quantity.cut(12.7)).toString()).isEqualTo("1/2 in");
        assertThat(Wording.IMPERIAL.amount(Quantity.wholeMm(50)).toString()).isEqualTo("2 in");
    }
}
