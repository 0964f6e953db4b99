package rampart.server.api;

import jakarta.validation.constraints.Pattern;
import java.util.Locale;
import rampart.core.words.Wording;
import rampart.formats.view.Nullable;

/**
 * In what units an answer is to be said; numbers in fields that name their unit stay in it.
 *
 * @param units mm for mm, kg, kPa and N; in for in, lb, psi and lbf
 * @param masses kg or lb, where it is not as {@code units} has it
 * @param decimal point or comma
 */
record UnitsAsked(
        @Nullable @Pattern(regexp = "(?i)mm|in", message = "it is mm or in")
        String units,

        @Nullable @Pattern(regexp = "(?i)kg|lb", message = "it is kg or lb")
        String masses,

        @Nullable @Pattern(regexp = "(?i)point|comma", message = "it is point or comma")
        String decimal) {
    Wording wording() {
        boolean inches = "in".equalsIgnoreCase(units);
        String mass = masses == null ? (inches ? "lb" : "kg") : masses.toLowerCase(Locale.ROOT);
        return new Wording(
                inches ? Wording.Lengths.in : Wording.Lengths.mm,
                Wording.Masses.valueOf(mass),
                "comma".equalsIgnoreCase(decimal) ? Wording.Decimal.comma : Wording.Decimal.point);
    }
}
