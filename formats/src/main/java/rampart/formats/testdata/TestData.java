package rampart.formats.testdata;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import rampart.core.material.CreepPoint;
import rampart.core.material.DropPoint;
import rampart.core.material.TransmissibilityPoint;
import rampart.formats.json.Problem;
import rampart.formats.json.UnreadableFileException;

/**
 * Tables of test data: a heading with units, then one reading in a row, parted by commas, with a decimal point. A table is
 * read whole or not at all.
 */
public final class TestData {
    private static final int MOST_ROWS = 10_000;

    private static final List<TestColumn> DROPS = List.of(
            TestColumn.DROP_HEIGHT,
            TestColumn.THICKNESS,
            TestColumn.STATIC_STRESS,
            TestColumn.PEAK,
            TestColumn.IMPACT,
            TestColumn.TEMPERATURE);
    private static final List<TestColumn> CREEP = List.of(TestColumn.STATIC_STRESS, TestColumn.TIME, TestColumn.STRAIN);
    private static final List<TestColumn> VIBRATION =
            List.of(TestColumn.STATIC_STRESS, TestColumn.THICKNESS, TestColumn.FREQUENCY, TestColumn.TRANSMISSIBILITY);

    private final List<TestColumn> columns;
    private final List<Problem> problems = new ArrayList<>();

    private TestData(List<TestColumn> columns) {
        this.columns = columns;
    }

    /** What a table holds. */
    public enum Kind {
        DROPS,
        CREEP,
        VIBRATION;

        private List<TestColumn> columns() {
            return switch (this) {
                case DROPS -> TestData.DROPS;
                case CREEP -> TestData.CREEP;
                case VIBRATION -> TestData.VIBRATION;
            };
        }
    }

    /**
     * One reading with the row it stands in.
     *
     * @param row counted from 1, the heading included
     */
    public record Row<T>(int row, T point) {}

    /** @throws UnreadableFileException with every row that is wrong, and why */
    public static List<Row<DropPoint>> drops(String text) {
        return new TestData(DROPS)
                .read(
                        text,
                        v -> new DropPoint(
                                v.get(TestColumn.DROP_HEIGHT),
                                v.get(TestColumn.THICKNESS),
                                v.get(TestColumn.STATIC_STRESS),
                                v.get(TestColumn.PEAK),
                                whole(v.get(TestColumn.IMPACT)),
                                v.get(TestColumn.TEMPERATURE)));
    }

    /** @throws UnreadableFileException with every row that is wrong, and why */
    public static List<Row<CreepPoint>> creep(String text) {
        return new TestData(CREEP)
                .read(
                        text,
                        v -> new CreepPoint(
                                v.get(TestColumn.STATIC_STRESS), v.get(TestColumn.TIME), v.get(TestColumn.STRAIN)));
    }

    /** @throws UnreadableFileException with every row that is wrong, and why */
    public static List<Row<TransmissibilityPoint>> vibration(String text) {
        return new TestData(VIBRATION)
                .read(
                        text,
                        v -> new TransmissibilityPoint(
                                v.get(TestColumn.STATIC_STRESS),
                                v.get(TestColumn.THICKNESS),
                                v.get(TestColumn.FREQUENCY),
                                v.get(TestColumn.TRANSMISSIBILITY)));
    }

    /** A table with the heading alone, to fill in; {@code inches} in inches and psi where there is a choice. */
    public static String template(Kind kind, boolean inches) {
        return kind.columns().stream()
                        .map(c -> TestColumn.heading(c.name(), c.units().get(inches && isImperial(c) ? 1 : 0)))
                        .reduce((a, b) -> a + "," + b)
                        .orElseThrow()
                + "\r\n";
    }

    private static boolean isImperial(TestColumn column) {
        return column.units().size() > 1
                && List.of("in", "psi", "degF").contains(column.units().get(1).symbol());
    }

    private static int whole(double value) {
        if (value != Math.rint(value)) {
            throw new IllegalArgumentException("impact number is " + value + "; it must be a whole number");
        }
        return (int) value;
    }

    private <T> List<Row<T>> read(String text, Function<Map<TestColumn, Double>, T> point) {
        List<Row<T>> rows = new ArrayList<>();
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        CSVFormat format =
                CSVFormat.RFC4180.builder().setIgnoreEmptyLines(false).get();
        try (CSVParser parser = CSVParser.parse(plain.stripTrailing(), format)) {
            List<Heading> headings = null;
            for (CSVRecord record : parser) {
                int row = (int) record.getRecordNumber();
                if (row == 1) {
                    headings = headings(record);
                } else if (row > MOST_ROWS + 1) {
                    wrong(row, "there are more than " + MOST_ROWS + " readings; take fewer");
                    break;
                } else if (headings != null) {
                    reading(record, row, headings, point).ifPresent(rows::add);
                }
            }
        } catch (CSVException | java.io.UncheckedIOException e) {
            wrong(0, "a quote is not closed or stands where none may be; take the quotes out");
        } catch (IOException e) {
            throw new java.io.UncheckedIOException("a text in memory cannot fail", e);
        }
        if (rows.isEmpty() && problems.isEmpty()) {
            wrong(2, "there are no readings under the heading");
        }
        if (!problems.isEmpty()) {
            throw new UnreadableFileException(problems);
        }
        return rows;
    }

    private record Heading(TestColumn column, TestColumn.Unit unit) {}

    /** What stands in each column; null where the heading is wrong, so that no row is judged by it. */
    private List<Heading> headings(CSVRecord record) {
        if (record.size() == 1) {
            String line = record.get(0);
            for (String separator : List.of(";", "\t", "|")) {
                if (line.contains(separator)) {
                    String shown = separator.equals("\t") ? "tabs" : "'" + separator + "'";
                    wrong(1, "the columns are parted by " + shown + "; part them by commas, with a decimal point");
                    return null;
                }
            }
        }
        List<Heading> headings = new ArrayList<>();
        for (String text : record) {
            Optional<Heading> heading = columns.stream()
                    .flatMap(c -> c.unitOf(text).map(unit -> new Heading(c, unit)).stream())
                    .findFirst();
            if (heading.isEmpty()) {
                Optional<TestColumn> near =
                        columns.stream().filter(c -> c.named(text)).findFirst();
                wrong(
                        1,
                        "'" + text.strip() + "' is no heading here; "
                                + near.map(c -> "it must be " + c.allowed()).orElse("there are " + allHeadings()));
            } else if (headings.stream().anyMatch(h -> h.column.equals(heading.get().column))) {
                wrong(1, "'" + text.strip() + "' stands twice");
            } else {
                headings.add(heading.get());
            }
        }
        for (TestColumn column : columns) {
            if (column.otherwise().isEmpty()
                    && problems.isEmpty()
                    && headings.stream().noneMatch(h -> h.column.equals(column))) {
                wrong(1, "the column " + column.allowed() + " is missing");
            }
        }
        return problems.isEmpty() ? headings : null;
    }

    private String allHeadings() {
        return String.join(", ", columns.stream().map(TestColumn::allowed).toList());
    }

    private <T> Optional<Row<T>> reading(
            CSVRecord record, int row, List<Heading> headings, Function<Map<TestColumn, Double>, T> point) {
        if (record.size() == 1 && record.get(0).isBlank()) {
            wrong(row, "the row is blank; take it out");
            return Optional.empty();
        }
        if (record.size() != headings.size()) {
            wrong(
                    row,
                    "there are " + record.size() + " values under " + headings.size() + " headings"
                            + (record.size() > headings.size() ? "; write a decimal point, not a comma" : ""));
            return Optional.empty();
        }
        Map<TestColumn, Double> values = new LinkedHashMap<>();
        columns.forEach(column -> column.otherwise().ifPresent(value -> values.put(column, value)));
        boolean whole = true;
        for (int i = 0; i < headings.size(); i++) {
            Heading heading = headings.get(i);
            String text = record.get(i).strip();
            Optional<Double> value = number(text);
            if (value.isEmpty()) {
                wrong(row, heading.column.name() + " is '" + text + "'; it must be a number" + hint(text));
                whole = false;
            } else {
                values.put(heading.column, heading.unit.toFirst().applyAsDouble(value.get()));
            }
        }
        if (!whole) {
            return Optional.empty();
        }
        try {
            return Optional.of(new Row<>(row, point.apply(values)));
        } catch (IllegalArgumentException e) {
            wrong(row, e.getMessage());
            return Optional.empty();
        }
    }

    private static String hint(String text) {
        return text.matches("-?[0-9]+,[0-9]+") ? " with a decimal point, such as " + text.replace(',', '.') : "";
    }

    private static Optional<Double> number(String text) {
        if (!text.matches("[-+]?([0-9]+\\.?[0-9]*|\\.[0-9]+)([eE][-+]?[0-9]{1,3})?")) {
            return Optional.empty();
        }
        double value = Double.parseDouble(text);
        return Double.isInfinite(value) ? Optional.empty() : Optional.of(value);
    }

    private void wrong(int row, String message) {
        problems.add(new Problem("/rows/" + row, (row > 0 ? "row " + row + ": " : "") + message));
    }
}
