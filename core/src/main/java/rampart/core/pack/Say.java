package rampart.core.pack;

import java.util.Locale;

/** Numbers as they stand in sentences. */
final class Say {
    private Say() {}

    static String whole(double value) {
        return String.format(Locale.ROOT, "%.0f", value);
    }

    static String oneDecimal(double value) {
        return trimmed(String.format(Locale.ROOT, "%.1f", value));
    }

    static String twoDecimals(double value) {
        return trimmed(String.format(Locale.ROOT, "%.2f", value));
    }

    private static String trimmed(String text) {
        return text.replaceAll("\\.?0+$", "");
    }

    /** A G or what else with as many places as tell it from its limit. */
    static String g(double value) {
        return value < 20 ? oneDecimal(value) : whole(value);
    }
}
