package rampart.formats.view;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import rampart.core.explain.Sensitivity;
import rampart.core.words.Quantity;
import rampart.core.words.Unit;
import rampart.core.words.Wording;

/**
 * Which input matters most, and how sure the verdict is.
 *
 * @param margin lowest margin as the pack is
 * @param marginLow lowest margin in the worst case of the nominal constants' spread
 * @param marginHigh the same in the best
 * @param influences greatest swing first
 */
public record SensitivityView(
        double margin,
        double marginLow,
        double marginHigh,
        StatusView verdictLow,
        StatusView verdictHigh,
        List<InfluenceView> influences) {

    public static SensitivityView of(Sensitivity.Answer answer, Wording wording) {
        return new SensitivityView(
                answer.margin(),
                answer.marginLow(),
                answer.marginHigh(),
                StatusView.of(answer.verdictLow()),
                StatusView.of(answer.verdictHigh()),
                answer.influences().stream()
                        .map(i -> InfluenceView.of(i, wording))
                        .toList());
    }

    private static final MathContext FOUR_DIGITS = new MathContext(4);

    /**
     * One input; margins with a tenth less and a tenth more of it.
     *
     * @param said the value in the units that were asked for
     * @param swing the most by which either moves the lowest margin
     * @param flipsAt the nearest value at which the verdict changes; null where none does between half and twice as much
     */
    public record InfluenceView(
            String name,
            String unit,
            double value,
            String said,
            String basis,
            double marginLess,
            double marginMore,
            double swing,
            @Nullable Double flipsAt,
            @Nullable String flipsAtSaid,
            StatusView verdictThere) {
        static InfluenceView of(Sensitivity.Influence influence, Wording wording) {
            return new InfluenceView(
                    wording.say(influence.name()),
                    influence.unit(),
                    influence.value(),
                    said(influence.value(), influence.unit(), wording),
                    influence.basis().word(),
                    influence.marginLess(),
                    influence.marginMore(),
                    influence.swing(),
                    influence.flipsAt().isPresent() ? influence.flipsAt().getAsDouble() : null,
                    influence.flipsAt().isPresent()
                            ? said(influence.flipsAt().getAsDouble(), influence.unit(), wording)
                            : null,
                    StatusView.of(influence.verdictThere()));
        }

        private static String said(double value, String unit, Wording wording) {
            Unit known = Unit.of(unit);
            // What has no other unit, such as 1/kPa, is small: four digits tell it.
            return known == Unit.NONE
                    ? new BigDecimal(value, FOUR_DIGITS).stripTrailingZeros().toPlainString() + " " + unit
                    : wording.amount(new Quantity(value, known, Math.abs(value) < 20 ? 2 : 1))
                            .toString();
        }
    }
}
