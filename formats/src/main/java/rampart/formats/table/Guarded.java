package rampart.formats.table;

import java.io.IOException;
import java.util.Arrays;
import org.apache.commons.csv.CSVPrinter;

/**
 * Cells of a table that goes out. Programs that calculate take a cell that begins with {@code = + - @}, a tab or a return for a formula and do what it
 * says; names are other people's. Such a cell gets an apostrophe before it, as people who type it there put it; it is taken off again where a table
 * comes back. Numbers stay what they are.
 */
public final class Guarded {
    private static final String DANGEROUS = "=+-@\t\r";
    private static final char GUARD = '\'';

    private Guarded() {}

    /** Prints a row, texts guarded. */
    public static void print(CSVPrinter out, Object... cells) throws IOException {
        out.printRecord(Arrays.stream(cells)
                .map(cell -> cell instanceof CharSequence text ? text(text.toString()) : cell)
                .toArray());
    }

    /** A text as it goes out. */
    static String text(String text) {
        return !text.isEmpty() && DANGEROUS.indexOf(text.charAt(0)) >= 0 && !number(text) ? GUARD + text : text;
    }

    /** A text as it was before it went out. */
    public static String bare(String cell) {
        boolean guarded = cell.length() > 1 && cell.charAt(0) == GUARD && DANGEROUS.indexOf(cell.charAt(1)) >= 0;
        return guarded ? cell.substring(1) : cell;
    }

    private static boolean number(String text) {
        return text.matches("[+-]?[0-9]+([.,][0-9]+)?([eE][+-]?[0-9]+)?");
    }
}
