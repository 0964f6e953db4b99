package rampart.core.verdict;

import rampart.core.quantity.Basis;
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
    public static Figure of(String symbol, String name, double value, String unit, Basis basis, String source) {
        return new Figure(symbol, Sentence.plain(name), value, unit, basis, source);
    }

    public static Figure law(String symbol, String name, double value, String unit) {
        return law(symbol, Sentence.plain(name), value, unit);
    }

    public static Figure law(String symbol, Sentence name, double value, String unit) {
        return new Figure(symbol, name, value, unit, Basis.LAW, "");
    }

    public static Figure input(String symbol, String name, double value, String unit) {
        return input(symbol, Sentence.plain(name), value, unit);
    }

    public static Figure input(String symbol, Sentence name, double value, String unit) {
        return new Figure(symbol, name, value, unit, Basis.INPUT, "");
    }

    public static Figure assumed(String symbol, String name, double value, String unit, String source) {
        return assumed(symbol, Sentence.plain(name), value, unit, source);
    }

    public static Figure assumed(String symbol, Sentence name, double value, String unit, String source) {
        return new Figure(symbol, name, value, unit, Basis.ASSUMED, source);
    }

    public static Figure std(String symbol, String name, double value, String unit, String source) {
        return std(symbol, Sentence.plain(name), value, unit, source);
    }

    public static Figure std(String symbol, Sentence name, double value, String unit, String source) {
        return new Figure(symbol, name, value, unit, Basis.STD, source);
    }

    public static Figure nominal(String symbol, String name, double value, String unit, String source) {
        return nominal(symbol, Sentence.plain(name), value, unit, source);
    }

    public static Figure nominal(String symbol, Sentence name, double value, String unit, String source) {
        return new Figure(symbol, name, value, unit, Basis.NOMINAL, source);
    }
}
