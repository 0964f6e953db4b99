package rampart.core.box;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rampart.core.material.Board;
import rampart.core.material.StandardCatalogue;
import rampart.core.quantity.Size;

/** Cartons against hand calculations and the tables, which are quoted from memory. */
class CartonTest {
    private static Board board(String id) {
        return StandardCatalogue.get().board(id);
    }

    /** Worked by hand: inside 760 x 760 x 125, C board 4 mm: outside 768 x 768 x 141, blank 3091 x 897. */
    @Test
    void outsideAndBlankOfAFlatCarton() {
        RegularSlotted carton = new RegularSlotted(new Size(760, 760, 125), board("c-32"));
        assertThat(carton.outside()).isEqualTo(new Size(768, 768, 141));
        assertThat(carton.blankAreaMm2()).isCloseTo(3091.0 * 897, within(1e-6));
        assertThat(carton.massKg()).isCloseTo(3.091 * 0.897 * 0.540, within(1e-9));
    }

    @Test
    void theLongerOfLengthAndWidthIsTheLengthOfTheBlank() {
        RegularSlotted one = new RegularSlotted(new Size(300, 500, 200), board("bc-48"));
        RegularSlotted turned = new RegularSlotted(new Size(500, 300, 200), board("bc-48"));
        assertThat(one.blankAreaMm2()).isEqualTo(turned.blankAreaMm2());
    }

    /**
     * McKee 1963 in pounds and inches, as it was published (from memory): BCT = 5.87 ECT sqrt(caliper perimeter). C
     * flute of 32 lb/in, 4 mm, 20 x 15 in inside, worked in those units.
     */
    @Test
    void mckeeInPoundsAndInches() {
        double lbf = 5.87 * 32 * Math.sqrt(4 / 25.4 * 2 * (20 + 15));
        RegularSlotted carton = new RegularSlotted(new Size(20 * 25.4, 15 * 25.4, 300), board("c-32"));
        double perimeterMm = 2 * (carton.inside().lengthMm() + carton.inside().widthMm());
        double newtons =
                McKee.shortForm(carton.board().edgeCrushNPerMm(), carton.board().caliperMm(), perimeterMm);
        assertThat(newtons).isCloseTo(lbf * 0.45359237 * 9.80665, within(1e-6));
    }

    /** Fibre Box Handbook, from memory: 10, 30, 90, 180 days; between them straight in the logarithm. */
    @ParameterizedTest
    @CsvSource({"0.5, .63", "10, .63", "30, .60", "90, .55", "180, .50", "360, .45", "1e6, .30"})
    void daysUnderLoad(double days, double factor) {
        assertThat(StackStrength.daysFactor(days)).isCloseTo(factor, within(1e-12));
    }

    @Test
    void daysBetweenPointsAreStraightInTheLogarithm() {
        assertThat(StackStrength.daysFactor(Math.sqrt(10 * 30))).isCloseTo(0.615, within(1e-12));
        assertThat(StackStrength.daysFactor(Math.sqrt(30 * 90))).isCloseTo(0.575, within(1e-12));
    }

    /** Fibre Box Handbook, from memory; 100 % added by the rules. */
    @ParameterizedTest
    @CsvSource({"0, 1", "0.5, 1", "0.55, .95", "0.6, .90", "0.7, .80", "0.8, .68", "0.9, .48", "1, .15", "0.95, .315"})
    void humidity(double humidity, double factor) {
        assertThat(StackStrength.humidityFactor(humidity)).isCloseTo(factor, within(1e-12));
    }

    /** Item 222 / Rule 41, from memory: most gross lb and most united inches by grade. */
    @ParameterizedTest
    @CsvSource({
        "e-23, 20, 40, 1.6",
        "b-26, 35, 50, 3.2",
        "b-29, 50, 60, 3.2",
        "b-32, 65, 75, 3.2",
        "c-29, 50, 60, 4.0",
        "c-32, 65, 75, 4.0",
        "c-40, 80, 85, 4.0",
        "c-44, 95, 95, 4.0",
        "c-55, 120, 105, 4.0",
        "bc-42, 80, 85, 7.0",
        "bc-48, 100, 95, 7.0",
        "bc-51, 120, 105, 7.0",
        "bc-61, 140, 110, 7.0",
        "bc-71, 160, 115, 7.0",
        "bc-82, 180, 120, 7.0",
        "eb-42, 80, 85, 4.7"
    })
    void limitsOfTheGrades(String id, double lb, double inches, double caliperMm) {
        assertThat(board(id).limitLb()).isEqualTo(lb);
        assertThat(board(id).limitIn()).isEqualTo(inches);
        assertThat(board(id).caliperMm()).isEqualTo(caliperMm);
        assertThat(id).endsWith("-" + Math.round(board(id).edgeCrushLbPerIn()));
        assertThat(board(id).flute().doubleWall()).isEqualTo(id.startsWith("bc") || id.startsWith("eb"));
    }

    /** Two trays 60 mm deep where nothing is said (rule 58), by hand: 304 x 204, walls 2 x 508 x 62, four tabs of 35 x 60. */
    @Test
    void capsAreSixtyMillimetresDeep() {
        double tray = 304 * 204 + 2 * 508 * 62 + 4 * 35 * 60;
        Carton caps = CartonStyle.CAPS.of(
                new Size(300, 200, 300), StandardCatalogue.get().board("c-32"));
        assertThat(caps.blankAreaMm2()).isCloseTo(2 * tray, within(1e-6));
    }
}
