package rampart.core.pack;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Locale;

/** Numbers as they stand in sentences and formulas. Made for each drop of each evaluation, so without a formatter. */
final class Say {
    private static final MathContext FOUR_DIGITS = new MathContext(4, RoundingMode.HALF_EVEN);
    private static final int PLAIN_FROM = -6;
    private static final int PLAIN_TO = 7;

    private Say() {}

    static String whole(double value) {
        return decimals(value, 0);
    }

    static String oneDecimal(double value) {
        return decimals(value, 1);
    }

    static String threeDecimals(double value) {
        return decimals(value, 3);
    }

    static String twoDecimals(double value) {
        return decimals(value, 2);
    }

    /** A G or what else with as many places as tell it from its limit. */
    static String g(double value) {
        return value < 20 ? oneDecimal(value) : whole(value);
    }

    /** A title inside a sentence. */
    static String lower(String title) {
        return title.substring(0, 1).toLowerCase(Locale.ROOT) + title.substring(1);
    }

    /** Four significant digits without trailing zeros, in powers of ten where a plain number would be long. */
    static String shortly(double value) {
        if (value == 0) {
            return "0";
        }
        BigDecimal rounded = new BigDecimal(value, FOUR_DIGITS).stripTrailingZeros();
        int exponent = rounded.precision() - rounded.scale() - 1;
        return exponent >= PLAIN_FROM && exponent < PLAIN_TO ? rounded.toPlainString() : rounded.toString();
    }

    /** At most so many decimals, no trailing zeros. */
    private static String decimals(double value, int places) {
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP);
        return rounded.signum() == 0
                ? "0"
                : places == 0
                        ? rounded.toPlainString()
                        : rounded.stripTrailingZeros().toPlainString();
    }
}
