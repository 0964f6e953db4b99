package rampart.formats.testdata;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import de.siegmar.fastcsv.reader.CsvReader;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rampart.core.material.DropPoint;
import rampart.core.material.FirstRamp;
import rampart.formats.json.Problem;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.material.FitBasis;

/** Tables of test data: read whole, or refused with every row that is wrong. */
class TestDataTest {
    private static final String HEAD =
            "drop height (mm),thickness (mm),static stress (kPa),peak (G),impact,temperature (degC)\n";

    private static List<Problem> refused(String text) {
        try {
            TestData.drops(text);
        } catch (UnreadableFileException e) {
            return e.problems();
        }
        throw new AssertionError("it was read");
    }

    @Test
    void aTableInMillimetresIsReadAsItStands() {
        List<TestData.Row<DropPoint>> rows = TestData.drops(HEAD + "760,50,3.5,48,1,23\n600,50,2.5,55.5,2,-10\n");
        assertThat(rows).hasSize(2);
        assertThat(rows.get(1)).isEqualTo(new TestData.Row<>(3, new DropPoint(600, 50, 2.5, 55.5, 2, -10)));
    }

    /** 30 in are 762 mm, 2 in 50.8 mm, 1 psi 6.894757 kPa (six decimals), 50 degF 10 degC. */
    @Test
    void inchesAndPsiAreTheSameInOtherUnits() {
        String text =
                "Thickness (in), DROP HEIGHT (IN),static stress (psi),peak (G),temperature (°F)\r\n2,30,1,48,50\r\n";
        DropPoint point = TestData.drops(text).get(0).point();
        assertThat(point.heightMm()).isEqualTo(762);
        assertThat(point.thicknessMm()).isEqualTo(50.8);
        assertThat(point.staticStressKpa()).isCloseTo(6.894757, within(5e-7));
        assertThat(point.temperatureC()).isCloseTo(10, within(1e-12));
        assertThat(point.impact()).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "760,50,3.5,48,1,23 ; 760;50 | row 1: the columns are parted by ';'",
                "HEAD 760,50,3,5,48,1,23 | row 2: there are 7 values under 6 headings; write a decimal point",
                "HEAD 760,50,\"3,5\",48,1,23 | row 2: static stress is '3,5'; it must be a number with a decimal point, such as 3.5",
                "HEAD 760,50,3.5,48,1,23 NL NL 600,50,3.5,48,1,23 | row 3: the row is blank",
                "HEAD 760,50,3.5,,1,23 | row 2: peak is ''; it must be a number",
                "HEAD 760,50,3.5,abc,1,23 | row 2: peak is 'abc'",
                "HEAD 76000,50,3.5,48,1,23 | row 2: drop height in mm is 76000.0; it must be from 10",
                "HEAD 760,50,-3.5,48,1,23 | row 2: static stress in kPa is -3.5",
                "HEAD 760,50,3.5,48,1.5,23 | row 2: impact number is 1.5; it must be a whole number",
                "HEAD 760,50,3.5,1e999,1,23 | row 2: peak is '1e999'",
                "HEAD 760,50,3.5,NaN,1,23 | row 2: peak is 'NaN'",
                "HEAD 760,50,\"3.5,48,1,23 | a quote is not closed",
                "HEAD | row 2: there are no readings",
                "drop height (cm),thickness (mm),static stress (kPa),peak (G) NL 76,50,3.5,48 | 'drop height (cm)' is no heading here; it must be 'drop height (mm)' or 'drop height (in)'",
                "drop height (mm),thickness (mm),peak (G) NL 760,50,48 | row 1: the column 'static stress (kPa)' or 'static stress (psi)' is missing",
                "drop height (mm),drop height (in) NL 760,30 | row 1: 'drop height (in)' stands twice",
                "height,thickness NL 1,2 | row 1: 'height' is no heading here; there are 'drop height (mm)'"
            })
    void whatIsWrongIsSaidWithItsRow(String text, String message) {
        String table = text.contains(";")
                ? HEAD.replace(',', ';') + "760;50;3.5;48;1;23\n"
                : text.replace("HEAD ", HEAD)
                        .replace("HEAD", HEAD)
                        .replace(" NL ", "\n")
                        .replace("NL ", "\n");
        assertThat(refused(table)).anySatisfy(p -> assertThat(p.message()).contains(message));
    }

    @Test
    void everyWrongRowIsNamedAtOnceAndNothingIsTaken() {
        List<Problem> problems = refused(HEAD + "760,50,3.5,48,1,23\n0,50,3.5,48,1,23\n760,50,x,48,1,23\n");
        assertThat(problems).extracting(Problem::path).containsExactly("/rows/3", "/rows/4");
    }

    /** The template is a table that another reader takes apart, and that ours takes back once a row stands under it. */
    @Test
    void aTemplateComesBack() {
        for (boolean inches : new boolean[] {false, true}) {
            String template = TestData.template(TestData.Kind.DROPS, inches);
            try (CsvReader<?> reader = CsvReader.builder().ofCsvRecord(template)) {
                assertThat(reader.stream()).hasSize(1);
            } catch (java.io.IOException e) {
                throw new AssertionError(e);
            }
            assertThat(TestData.drops(template + (inches ? "30,2,0.5,48,1,70" : "760,50,3.5,48,1,23")))
                    .hasSize(1);
        }
        assertThat(TestData.creep(TestData.template(TestData.Kind.CREEP, false) + "3.5,100,4")
                        .get(0)
                        .point()
                        .strain())
                .isEqualTo(0.04);
        assertThat(TestData.vibration(TestData.template(TestData.Kind.VIBRATION, true) + "0.5,2,20,1.5"))
                .hasSize(1);
    }

    /** Points of a known law in, the law out; what does not fit is told of, and impacts after the fifth fit nothing. */
    @Test
    void aFoamIsFittedFromItsTables() {
        StringBuilder text = new StringBuilder(HEAD);
        for (int impact : new int[] {1, 2, 9}) {
            for (double s = 1; s < 6; s += 0.5) {
                double b = impact == 1 ? 0.0151 : 0.018;
                double wrong = impact == 1 && s == 3 ? 1.5 : 1 + 0.01 * Math.sin(10 * s);
                text.append("600,50,").append(s).append(',').append(100 / s * Math.exp(b * s * 12) * wrong);
                text.append(',').append(impact).append(",23\n");
            }
        }
        TestedFoam tested = TestedFoam.of(text.toString(), "", "", new FitBasis(-0.004, FirstRamp.straight(0.08)));
        assertThat(tested.measured().repeated().orElseThrow().line().bPerKpa()).isCloseTo(0.018, within(3e-4));
        assertThat(tested.drops())
                .filteredOn(TestedFoam.Judged::outlier)
                .singleElement()
                .satisfies(d -> {
                    assertThat(d.point().staticStressKpa()).isEqualTo(3);
                    assertThat(d.used()).isTrue();
                });
        assertThat(tested.drops()).filteredOn(d -> !d.used()).hasSize(10);
        assertThat(tested.measured().first().orElseThrow().points()).isEqualTo(10);
    }

    @Test
    void troubleInEveryTableIsToldTogether() {
        assertThatThrownBy(() -> TestedFoam.of(
                        "x\n1\n", "static stress (kPa)\n1\n", "y", new FitBasis(-0.004, FirstRamp.straight(0.08))))
                .isInstanceOfSatisfying(
                        UnreadableFileException.class,
                        e -> assertThat(e.problems())
                                .extracting(p -> p.path().substring(0, 5))
                                .contains("/drop", "/cree", "/vibr"));
    }
}
