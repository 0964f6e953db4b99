package rampart.server.persistence;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * An order in which a list is read page by page: columns, the last of which tells all rows apart. A page begins after the
 * last row of the one before and not after so many rows, so that an index leads to each page at once.
 */
final class PageOrder {
    /** How a column is written in a mark. */
    enum Form {
        TEXT {
            @Override
            Object value(String text) {
                return text;
            }

            @Override
            String text(ResultSet row, String column) throws SQLException {
                return row.getString(column);
            }
        },
        WHOLE {
            @Override
            Object value(String text) {
                return Long.valueOf(text);
            }

            @Override
            String text(ResultSet row, String column) throws SQLException {
                return String.valueOf(row.getLong(column));
            }
        },
        NUMBER {
            @Override
            Object value(String text) {
                double value = Double.parseDouble(text);
                if (!Double.isFinite(value)) {
                    throw new NumberFormatException(text);
                }
                return value;
            }

            @Override
            String text(ResultSet row, String column) throws SQLException {
                return String.valueOf(row.getDouble(column));
            }
        },
        TIME {
            @Override
            Object value(String text) {
                Instant time = Instant.parse(text);
                if (time.isBefore(Instant.EPOCH) || time.isAfter(Times.LAST)) {
                    throw new DateTimeException(text);
                }
                return Times.toColumn(time);
            }

            @Override
            String text(ResultSet row, String column) throws SQLException {
                return Times.fromColumn(row, column).toString();
            }
        };

        abstract Object value(String text);

        abstract String text(ResultSet row, String column) throws SQLException;
    }

    private record Column(String name, boolean falling, Form form) {}

    private final List<Column> columns;

    private PageOrder(List<Column> columns) {
        this.columns = columns;
    }

    static PageOrder by() {
        return new PageOrder(List.of());
    }

    PageOrder rising(String column, Form form) {
        return with(new Column(column, false, form));
    }

    PageOrder falling(String column, Form form) {
        return with(new Column(column, true, form));
    }

    private PageOrder with(Column column) {
        List<Column> more = new ArrayList<>(columns);
        more.add(column);
        return new PageOrder(List.copyOf(more));
    }

    /** What stands after ORDER BY. */
    String sql() {
        return sql("");
    }

    /** The same of the columns of one table of a join, such as {@code c.}. */
    String sql(String table) {
        return columns.stream()
                .map(column -> table + column.name() + (column.falling() ? " DESC" : ""))
                .collect(Collectors.joining(", "));
    }

    /**
     * True of the rows after a mark: the first column is farther, or it is equal and the next is farther, and so on.
     *
     * @param values what its places stand for is added
     * @throws RefusedMarkException if the mark is of another order
     */
    String after(Mark mark, List<Object> values) {
        List<String> texts = mark.values();
        if (texts.size() != columns.size()) {
            throw new RefusedMarkException();
        }
        List<Object> marked = new ArrayList<>();
        for (int i = 0; i < texts.size(); i++) {
            try {
                marked.add(columns.get(i).form().value(texts.get(i)));
            } catch (NumberFormatException | DateTimeException none) {
                throw new RefusedMarkException();
            }
        }
        StringBuilder farther = new StringBuilder("(");
        for (int i = 0; i < columns.size(); i++) {
            farther.append(i == 0 ? "" : " OR ").append('(');
            for (int equal = 0; equal < i; equal++) {
                farther.append(columns.get(equal).name()).append(" = ? AND ");
                values.add(marked.get(equal));
            }
            Column column = columns.get(i);
            farther.append(column.name())
                    .append(column.falling() ? " < ?" : " > ?")
                    .append(')');
            values.add(marked.get(i));
        }
        return farther.append(')').toString();
    }

    /** The mark of a row that has the columns of the order. */
    Mark mark(ResultSet row) throws SQLException {
        List<String> values = new ArrayList<>();
        for (Column column : columns) {
            values.add(column.form().text(row, column.name()));
        }
        return new Mark(values);
    }

    /** A row with its mark. */
    record Marked<T>(T row, Mark mark) {}

    static <T> Listed<T> none() {
        return new Listed<>(List.of(), 0, Optional.empty());
    }

    /** A page of so many rows, of one more that were read to see whether there are more. */
    static <T> Listed<T> page(List<Marked<T>> read, int most, long total) {
        boolean more = read.size() > most;
        List<Marked<T>> page = more ? read.subList(0, most) : read;
        return new Listed<>(
                page.stream().map(Marked::row).toList(),
                total,
                more ? Optional.of(page.get(most - 1).mark()) : Optional.empty());
    }
}
