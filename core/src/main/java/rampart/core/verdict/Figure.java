package rampart.core.verdict;

import rampart.core.quantity.Basis;
import rampart.core.words.Say;
import rampart.core.words.Sentence;

/**
 * One number in the working of a check.
 *
 * @param symbol as it stands in the formula
 * @param name what it is, in words
 * @param unit its unit; empty for a plain number
 * @param source where it comes from, where there is more to say than the basis
 */
public record Figure(String symbol, Sentence name, double value, String unit, Basis basis, String source) {
    public static Figure of(String symbol, Say name, double value, String unit, Basis basis, String source) {
        return new Figure(symbol, name.of(), value, unit, basis, source);
    }

    public static Figure law(String symbol, Say name, double value, String unit) {
        return law(symbol, name.of(), value, unit);
    }

    public static Figure law(String symbol, Sentence name, double value, String unit) {
        return new Figure(symbol, name, value, unit, Basis.LAW, "");
    }

    public static Figure input(String symbol, Say name, double value, String unit) {
        return input(symbol, name.of(), value, unit);
    }

    public static Figure input(String symbol, Sentence name, double value, String unit) {
        return new Figure(symbol, name, value, unit, Basis.INPUT, "");
    }

    public static Figure assumed(String symbol, Say name, double value, String unit, String source) {
        return assumed(symbol, name.of(), value, unit, source);
    }

    public static Figure assumed(String symbol, Sentence name, double value, String unit, String source) {
        return new Figure(symbol, name, value, unit, Basis.ASSUMED, source);
    }

    public static Figure std(String symbol, Say name, double value, String unit, String source) {
        return std(symbol, name.of(), value, unit, source);
    }

    public static Figure std(String symbol, Sentence name, double value, String unit, String source) {
        return new Figure(symbol, name, value, unit, Basis.STD, source);
    }

    public static Figure nominal(String symbol, Say name, double value, String unit, String source) {
        return nominal(symbol, name.of(), value, unit, source);
    }

    public static Figure nominal(String symbol, Sentence name, double value, String unit, String source) {
        return new Figure(symbol, name, value, unit, Basis.NOMINAL, source);
    }
}
