package rampart.formats.table;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import rampart.formats.json.Problem;

/**
 * A table whose first row names its columns. What is wrong is gathered row by row; the path of a problem is {@code /rows/N}, N the
 * line.
 */
public final class NamedTable {
    private static final String ROWS = "/rows";

    private final List<Problem> problems = new ArrayList<>();
    private String path = ROWS;

    /**
     * Gives each row to the reader of rows.
     *
     * @throws UnreadableTableException if it is no such table, lacks a column or has too many rows
     */
    public void read(String text, List<String> columns, int mostRows, Consumer<CSVRecord> reader) {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true)
                .get();
        // Spreadsheets put a mark before the first column.
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        List<CSVRecord> rows = new ArrayList<>();
        List<Long> lines = new ArrayList<>();
        List<String> names;
        try (CSVParser parser = format.parse(new StringReader(plain))) {
            names = parser.getHeaderNames();
            for (CSVRecord row : parser) {
                rows.add(row);
                lines.add(parser.getCurrentLineNumber());
            }
        } catch (IOException | IllegalArgumentException | UncheckedIOException e) {
            throw new UnreadableTableException(ROWS, "this is no table of comma-separated values that can be read");
        }
        List<String> missing =
                columns.stream().filter(column -> !names.contains(column)).toList();
        if (!missing.isEmpty()) {
            throw new UnreadableTableException(
                    ROWS + "/1",
                    "the first row must name the columns " + String.join(", ", columns) + "; missing: "
                            + String.join(", ", missing));
        }
        if (rows.size() > mostRows) {
            throw new UnreadableTableException(ROWS, "a table has at most " + mostRows + " rows, not " + rows.size());
        }
        for (int i = 0; i < rows.size(); i++) {
            path = ROWS + "/" + lines.get(i);
            if (rows.get(i).isConsistent()) {
                reader.accept(rows.get(i));
            } else {
                wrong("the row has " + rows.get(i).size() + " columns; the first row has " + names.size());
            }
        }
        path = ROWS;
    }

    /** Something is wrong with the row that is read, or with the whole where none is. */
    public void wrong(String what) {
        problems.add(new Problem(path, what));
    }

    /** A number of the row; empty where it is none that is allowed, which is told. */
    public OptionalDouble number(CSVRecord row, String column, double least, double most) {
        String text = row.get(column);
        try {
            double value = Double.parseDouble(text);
            if (value >= least && value <= most) {
                return OptionalDouble.of(value);
            }
        } catch (NumberFormatException e) {
            // Told below, as any other value that is not one.
        }
        wrong(String.format(
                Locale.ROOT,
                "%s \"%s\" is not allowed; it must be a number from %.0f to %.0f",
                column,
                text,
                least,
                most));
        return OptionalDouble.empty();
    }

    /** @throws UnreadableTableException if anything was wrong, with all of it */
    public void whole() {
        if (!problems.isEmpty()) {
            throw new UnreadableTableException(problems);
        }
    }

    public boolean isWhole() {
        return problems.isEmpty();
    }
}
