package rampart.formats.parcel;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import rampart.core.quantity.Size;
import rampart.core.search.CartonSizes;
import rampart.formats.table.Guarded;
import rampart.formats.table.NamedTable;
import rampart.formats.table.UnreadableTableException;

/**
 * What a house sends, one kind of contents a row: {@code name,length_mm,width_mm,height_mm,mass_kg,count}. Sizes are those that
 * the contents need inside a carton, cushioned; count is how often, 1 where it is left out.
 */
public final class ParcelCsv {
    /** No list is longer. */
    public static final int MOST_ROWS = 2000;

    private static final String COUNT = "count";
    private static final List<String> REQUIRED = List.of("name", "length_mm", "width_mm", "height_mm", "mass_kg");
    private static final double MOST_MM = 5000;
    private static final double MOST_KG = 1000;
    private static final double MOST_COUNT = 1e9;

    private ParcelCsv() {}

    /**
     * The rows of a table.
     *
     * @throws UnreadableTableException with one problem for each row that is wrong; its path is {@code /rows/N}, N the line
     */
    public static List<CartonSizes.Wanted> read(String text) {
        NamedTable table = new NamedTable();
        List<CartonSizes.Wanted> rows = new ArrayList<>();
        table.read(text, REQUIRED, MOST_ROWS, row -> row(table, row, rows));
        if (rows.isEmpty() && table.isWhole()) {
            table.wrong("the list is empty; it must have at least one row under its head");
        }
        table.whole();
        return List.copyOf(rows);
    }

    private static void row(NamedTable table, CSVRecord row, List<CartonSizes.Wanted> rows) {
        OptionalDouble length = table.number(row, "length_mm", 1, MOST_MM);
        OptionalDouble width = table.number(row, "width_mm", 1, MOST_MM);
        OptionalDouble height = table.number(row, "height_mm", 1, MOST_MM);
        OptionalDouble mass = table.number(row, "mass_kg", 0, MOST_KG);
        OptionalDouble count = row.isMapped(COUNT) && !row.get(COUNT).isBlank()
                ? table.number(row, COUNT, 0, MOST_COUNT)
                : OptionalDouble.of(1);
        if (length.isPresent() && width.isPresent() && height.isPresent() && mass.isPresent() && count.isPresent()) {
            rows.add(new CartonSizes.Wanted(
                    Guarded.bare(row.get("name")),
                    new Size(length.getAsDouble(), width.getAsDouble(), height.getAsDouble()),
                    mass.getAsDouble(),
                    count.getAsDouble()));
        }
    }

    /** The table of these. */
    public static String write(List<CartonSizes.Wanted> all) {
        StringWriter text = new StringWriter();
        try (CSVPrinter out = new CSVPrinter(
                text, CSVFormat.DEFAULT.builder().setRecordSeparator("\n").get())) {
            Guarded.print(out, "name", "length_mm", "width_mm", "height_mm", "mass_kg", COUNT);
            for (CartonSizes.Wanted w : all) {
                Guarded.print(
                        out,
                        w.name(),
                        tenths(w.inside().lengthMm()),
                        tenths(w.inside().widthMm()),
                        tenths(w.inside().heightMm()),
                        String.format(Locale.ROOT, "%.3f", w.massKg()),
                        String.format(Locale.ROOT, "%.0f", w.count()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /** Rounded up, so that what fits the table fits the thing. */
    private static String tenths(double mm) {
        return String.format(Locale.ROOT, "%.1f", Math.ceil(mm * 10 - 1e-6) / 10);
    }
}
