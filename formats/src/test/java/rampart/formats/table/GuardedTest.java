package rampart.formats.table;

import static org.assertj.core.api.Assertions.assertThat;

import de.siegmar.fastcsv.reader.CsvReader;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rampart.core.quantity.Size;
import rampart.core.search.CartonSizes;
import rampart.formats.parcel.ParcelCsv;
import rampart.formats.tariff.TariffCsv;

/** Names that a program which calculates would take for formulas (OWASP, CSV Injection, from memory). */
class GuardedTest {
    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+49 30", "-cmd", "@SUM(A1)", "\tx", "\rx", "=HYPERLINK(\"http://x\")"})
    void isGuardedAndComesBack(String name) {
        assertThat(Guarded.text(name)).isEqualTo("'" + name);
        assertThat(Guarded.bare(Guarded.text(name))).isEqualTo(name);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "mug", "-5", "+0.25", "-1.5e-3", "'t is a mug", "a=b", "'"})
    void isLeftAlone(String text) {
        assertThat(Guarded.text(text)).isEqualTo(text);
        assertThat(Guarded.bare(text)).isEqualTo(text);
    }

    /** Through the tables that go out and come back, as an independent reader finds them. */
    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "@SUM(A1)", "-cmd, \"quoted\""})
    void tablesGoOutGuardedAndComeBack(String name) {
        List<CartonSizes.Wanted> sent = List.of(new CartonSizes.Wanted(name, new Size(100, 90, 80), 1.5, 3));
        String parcels = ParcelCsv.write(sent);
        assertThat(firstCells(parcels)).containsExactly("name", "'" + name);
        assertThat(ParcelCsv.read(parcels)).isEqualTo(sent);
        String service = "\"'" + name.replace("\"", "\"\"") + "\"";
        String tariffs = TariffCsv.write(TariffCsv.read(
                "service,kind,what,value,price\n" + service + ",divisor,,5000,\n" + service + ",band,,2,5.5\n"));
        assertThat(firstCells(tariffs))
                .startsWith("service")
                .allMatch(cell -> cell.equals("service") || cell.equals("'" + name));
        assertThat(TariffCsv.read(tariffs))
                .singleElement()
                .satisfies(tariff -> assertThat(tariff.name()).isEqualTo(name));
    }

    /** By another library than the one that writes. */
    private static List<String> firstCells(String table) {
        return CsvReader.builder().ofCsvRecord(table).stream()
                .map(row -> row.getField(0))
                .toList();
    }
}
