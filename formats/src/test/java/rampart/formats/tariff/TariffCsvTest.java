package rampart.formats.tariff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rampart.core.cost.Extent;
import rampart.core.cost.Tariff;
import rampart.formats.json.Problem;
import rampart.formats.table.UnreadableTableException;

class TariffCsvTest {
    private static final String HEAD = "service,kind,what,value,price\n";
    private static final String WHOLE = HEAD
            + "Try,invented,,,\nTry,divisor,,5000,\nTry,band,,2,5.5\nTry,band,,10,9\n"
            + "Try,limit,longest-mm,1000,\nTry,surcharge,sum-mm,914.4,11\n";

    @Test
    void aTableComesBackAsItWas() {
        List<Tariff> read = TariffCsv.read(WHOLE);
        assertThat(read).singleElement().satisfies(tariff -> {
            assertThat(tariff.invented()).isTrue();
            assertThat(tariff.bands()).containsExactly(new Tariff.Band(2, 5.5), new Tariff.Band(10, 9));
            assertThat(tariff.limits()).containsEntry(Extent.LONGEST_MM, 1000.0);
        });
        assertThat(TariffCsv.write(read)).isEqualTo(WHOLE);
    }

    /** As spreadsheets write it: a mark before the first column, lines that end in two signs. */
    @Test
    void aTableOutOfASpreadsheetIsRead() {
        assertThat(TariffCsv.read("\uFEFF" + WHOLE.replace("\n", "\r\n"))).isEqualTo(TariffCsv.read(WHOLE));
    }

    @Test
    void aColumnThatIsMissingIsNamed() {
        assertThatThrownBy(() -> TariffCsv.read("service,kind,what,value\nTry,band,,2\n"))
                .isInstanceOfSatisfying(
                        UnreadableTableException.class,
                        e -> assertThat(e.problems()).singleElement().satisfies(p -> {
                            assertThat(p.path()).isEqualTo("/rows/1");
                            assertThat(p.message()).endsWith("missing: price");
                        }));
    }

    /** Holes and nonsense, each told with its line. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Try,band,,2, | /rows/2 | price",
                "Try,band,,x,5 | /rows/2 | value \"x\"",
                "Try,band,,-1,5 | /rows/2 | from 0 to",
                "Try,divisor,,0, | /rows/2 | from 1 to",
                "Try,limit,girth,10, | /rows/2 | length-and-girth-mm",
                "Try,fee,,1,2 | /rows/2 | kind \"fee\"",
                ",band,,1,2 | /rows/2 | name of 1 to 100",
                "Try,band,,1 | /rows/2 | 4 columns",
                "Try,divisor,,5000, | /rows | no row of kind band",
                "Try,band,,1,2 | /rows | no row of kind divisor",
                "Try,divisor,,5000,;Try,divisor,,6000, | /rows/3 | has a divisor already, 5000",
                "Try,limit,litres,80,;Try,limit,litres,90, | /rows/3 | has a limit of its volume already, 80",
                "Try,band,,NaN,2 | /rows/2 | not allowed",
            })
    void whatIsWrongIsToldByItsLine(String row, String path, String says) {
        assertThatThrownBy(() -> TariffCsv.read(HEAD + row.replace(';', '\n') + "\n"))
                .isInstanceOfSatisfying(
                        UnreadableTableException.class,
                        e -> assertThat(e.problems()).anySatisfy((Problem p) -> {
                            assertThat(p.path()).isEqualTo(path);
                            assertThat(p.message()).contains(says);
                        }));
    }

    @Test
    void bandsThatFallAreToldByTheirLine() {
        assertThatThrownBy(() -> TariffCsv.read(HEAD + "Try,divisor,,5000,\nTry,band,,5,1\nTry,band,,4,2\n"))
                .isInstanceOfSatisfying(
                        UnreadableTableException.class,
                        e -> assertThat(e.problems()).singleElement().satisfies(p -> {
                            assertThat(p.path()).isEqualTo("/rows/4");
                            assertThat(p.message()).contains("4 kg follows 5.0 kg");
                        }));
    }

    @ParameterizedTest
    @CsvSource({"'service,kind'", "''", "'\"'", "'a,a\n1,2'"})
    void whatIsNoTableIsToldSo(String text) {
        assertThatThrownBy(() -> TariffCsv.read(text)).isInstanceOf(UnreadableTableException.class);
    }
}
