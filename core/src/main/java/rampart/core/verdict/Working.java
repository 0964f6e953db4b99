package rampart.core.verdict;

import java.math.BigDecimal;
import java.util.List;
import rampart.core.words.Rounding;
import rampart.core.words.Say;
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
    private static final int PLAIN_FROM = -6;
    private static final int PLAIN_TO = 7;

    public Working {
        steps = List.copyOf(steps);
        figures = List.copyOf(figures);
        notes = List.copyOf(notes);
    }

    /** A working whose notes name no quantity. */
    public static Working noted(String formula, List<String> steps, List<Figure> figures, Say... notes) {
        return new Working(
                formula, steps, figures, List.of(notes).stream().map(Say::of).toList());
    }

    /** The right side of a formula of this working with the numbers put in. */
    public String withNumbers(String line) {
        int end = line.length();
        StringBuilder text = new StringBuilder(end);
        int at = line.indexOf('=') + 1;
        while (at < end) {
            char sign = line.charAt(at);
            if (!isLetter(sign)) {
                text.append(sign);
                at++;
                continue;
            }
            int begin = at;
            while (at < end && isOfASymbol(line.charAt(at))) {
                at++;
            }
            boolean isFunction = at < end && line.charAt(at) == '(';
            String symbol = line.substring(begin, at);
            text.append(isFunction ? symbol : number(symbol));
        }
        return text.toString().trim();
    }

    private static boolean isLetter(char sign) {
        return (sign >= 'a' && sign <= 'z') || (sign >= 'A' && sign <= 'Z');
    }

    private static boolean isOfASymbol(char sign) {
        return isLetter(sign) || (sign >= '0' && sign <= '9') || sign == '_';
    }

    /** What stands for a symbol: its value, or itself where it has none here. */
    private String number(String symbol) {
        for (Figure figure : figures) {
            if (figure.symbol().equals(symbol)) {
                return shortly(figure.value());
            }
        }
        return symbol;
    }

    /** Four significant digits without trailing zeros, in powers of ten where a plain number would be long. */
    private static String shortly(double value) {
        if (value == 0) {
            return "0";
        }
        BigDecimal rounded = Rounding.fourDigits(value);
        int exponent = rounded.precision() - rounded.scale() - 1;
        return exponent >= PLAIN_FROM && exponent < PLAIN_TO ? rounded.toPlainString() : rounded.toString();
    }
}
