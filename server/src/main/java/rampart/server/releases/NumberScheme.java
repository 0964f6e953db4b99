package rampart.server.releases;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How the house makes a number or a name: plain words with places in braces. {@code {number}} is the running number,
 * {@code {number:4}} the same with zeros before it, {@code {year}}, {@code {revision}}, {@code {name}}.
 */
public final class NumberScheme {
    private static final Pattern PLACE = Pattern.compile("\\{(number|year|revision|name)(?::([1-9]))?}");
    private static final Pattern PLAIN = Pattern.compile("[A-Za-z0-9./_ -]*");
    private static final int LONGEST_NUMBER = 40;

    private final String scheme;

    private NumberScheme(String scheme) {
        this.scheme = scheme;
    }

    /**
     * For numbers: they stand in bar codes and addresses, and each is there once.
     *
     * @throws IllegalArgumentException if it says anything but letters, digits, {@code . / _ -} and places, or has no running number
     */
    public static NumberScheme ofNumbers(String scheme) {
        String rest = PLACE.matcher(scheme).replaceAll("");
        if (!PLAIN.matcher(rest).matches() || scheme.length() > LONGEST_NUMBER) {
            throw new IllegalArgumentException("a scheme of numbers has 1 to " + LONGEST_NUMBER
                    + " letters, digits, . / _ - and the places {number}, {number:4}, {year}, {revision}; not \""
                    + scheme
                    + "\"");
        }
        if (!scheme.contains("{number")) {
            throw new IllegalArgumentException(
                    "a scheme of numbers has {number} in it, so that no two are the same; \"" + scheme + "\" has none");
        }
        if (scheme.contains("{name")) {
            throw new IllegalArgumentException("a number cannot hold {name}: names are changed and have any letters");
        }
        return new NumberScheme(scheme);
    }

    /**
     * For names.
     *
     * @throws IllegalArgumentException if braces in it are no places, or it has no {@code {name}}
     */
    public static NumberScheme ofNames(String scheme) {
        String rest = PLACE.matcher(scheme).replaceAll("");
        if (rest.contains("{")
                || rest.contains("}")
                || !scheme.contains("{name}")
                || scheme.length() > 2 * LONGEST_NUMBER) {
            throw new IllegalArgumentException("a scheme of names has up to " + 2 * LONGEST_NUMBER
                    + " letters with {name}, and may have {number}, {year}, {revision}; not \"" + scheme + "\"");
        }
        return new NumberScheme(scheme);
    }

    /** With its places filled. */
    public String of(long number, int year, int revision, String name) {
        return PLACE.matcher(scheme).replaceAll(place -> {
            String value = switch (place.group(1)) {
                case "number" -> String.valueOf(number);
                case "year" -> String.valueOf(year);
                case "revision" -> String.valueOf(revision);
                default -> name;
            };
            int digits = place.group(2) == null ? 0 : Integer.parseInt(place.group(2));
            return Matcher.quoteReplacement("0".repeat(Math.max(0, digits - value.length())) + value);
        });
    }
}
