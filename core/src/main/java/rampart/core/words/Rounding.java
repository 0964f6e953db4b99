package rampart.core.words;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/**
 * Rounds as {@link BigDecimal} does, mostly without its exact arithmetic: some hundred numbers are written of each
 * evaluation. What lies near a tie, or far out, is left to {@link BigDecimal} itself.
 */
public final class Rounding {
    private static final double[] TENS = {1, 1e1, 1e2, 1e3, 1e4, 1e5, 1e6, 1e7, 1e8, 1e9, 1e10, 1e11, 1e12};

    /** A product below this is off by less than {@link #NEAR_A_TIE}. */
    private static final double MOST = 1e11;

    private static final double NEAR_A_TIE = 1e-3;
    private static final int DIGITS = 4;
    private static final MathContext FOUR_DIGITS = new MathContext(DIGITS, RoundingMode.HALF_EVEN);

    private Rounding() {}

    /** At this many decimals, as the shortest decimal number that reads back as the value is rounded half up. */
    public static BigDecimal decimals(double value, int places) {
        if (places < TENS.length) {
            double scaled = value * TENS[places];
            if (Math.abs(scaled) < MOST && isClear(scaled)) {
                return BigDecimal.valueOf(Math.round(scaled), places);
            }
        }
        return BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP);
    }

    /** Four significant digits of the value itself, without trailing zeros. */
    public static BigDecimal fourDigits(double value) {
        double size = Math.abs(value);
        if (size > 1e-6 && size < 1e9) {
            int scale = DIGITS - 1 - (int) Math.floor(Math.log10(size));
            double scaled = scale < 0 ? value / TENS[-scale] : value * TENS[scale];
            if (Math.abs(scaled) >= TENS[DIGITS - 1] && Math.abs(scaled) < TENS[DIGITS] && isClear(scaled)) {
                return BigDecimal.valueOf(Math.round(scaled), scale).stripTrailingZeros();
            }
        }
        return new BigDecimal(value, FOUR_DIGITS).stripTrailingZeros();
    }

    private static boolean isClear(double scaled) {
        double part = Math.abs(scaled) % 1;
        return Math.abs(part - 0.5) > NEAR_A_TIE;
    }
}
