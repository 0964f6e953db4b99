package rampart.core.pack;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import rampart.core.words.Sentence;

/**
 * How a demand came about.
 *
 * @param formula gives the demand: {@code symbol = expression} of + - * / ^, parentheses and sqrt, exp, ln
 * @param steps formulas that give figures used in it, in the same form
 * @param figures every symbol with its value
 * @param notes what was neglected or lies outside the tested range
 */
public record Working(String formula, List<String> steps, List<Figure> figures, List<Sentence> notes) {
    private static final MathContext FOUR_DIGITS = new MathContext(4, RoundingMode.HALF_EVEN);
    private static final int PLAIN_FROM = -6;
    private static final int PLAIN_TO = 7;
    private static final Pattern SYMBOL = Pattern.compile("[A-Za-z][A-Za-z0-9_]*(?![A-Za-z0-9_]*\\()");

    public Working {
        steps = List.copyOf(steps);
        figures = List.copyOf(figures);
        notes = List.copyOf(notes);
    }

    /** A working whose notes are plain words. */
    static Working noted(String formula, List<String> steps, List<Figure> figures, String... notes) {
        return new Working(
                formula,
                steps,
                figures,
                List.of(notes).stream().map(Sentence::plain).toList());
    }

    /** The right side of a formula of this working with the numbers put in. */
    public String withNumbers(String line) {
        Map<String, Double> values =
                figures.stream().collect(Collectors.toMap(Figure::symbol, Figure::value, (first, second) -> first));
        String right = line.substring(line.indexOf('=') + 1).trim();
        return SYMBOL.matcher(right)
                .replaceAll(match -> Matcher.quoteReplacement(
                        values.containsKey(match.group()) ? shortly(values.get(match.group())) : match.group()));
    }

    /** Four significant digits without trailing zeros, in powers of ten where a plain number would be long. */
    private static String shortly(double value) {
        if (value == 0) {
            return "0";
        }
        BigDecimal rounded = new BigDecimal(value, FOUR_DIGITS).stripTrailingZeros();
        int exponent = rounded.precision() - rounded.scale() - 1;
        return exponent >= PLAIN_FROM && exponent < PLAIN_TO ? rounded.toPlainString() : rounded.toString();
    }
}
