package rampart.formats.view;

import rampart.core.verdict.Check;
import rampart.core.words.Wording;

/**
 * Demand and limit as they are said.
 *
 * @param limit null where nobody knows
 * @param unit of both; % for a fraction
 */
public record SaidView(String demand, @Nullable String limit, String unit) {
    static SaidView of(Check check, Wording wording) {
        Wording.Amount demand = wording.amount(check.demandSaid());
        return new SaidView(
                demand.number(),
                check.limitSaid().map(limit -> wording.amount(limit).number()).orElse(null),
                demand.unit());
    }
}
