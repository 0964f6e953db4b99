package rampart.formats.view;

import java.util.List;
import rampart.core.pack.Sensitivity;

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

    public static SensitivityView of(Sensitivity.Answer answer) {
        return new SensitivityView(
                answer.margin(),
                answer.marginLow(),
                answer.marginHigh(),
                StatusView.of(answer.verdictLow()),
                StatusView.of(answer.verdictHigh()),
                answer.influences().stream().map(InfluenceView::of).toList());
    }

    /**
     * One input; margins with a tenth less and a tenth more of it.
     *
     * @param swing the most by which either moves the lowest margin
     * @param flipsAt the nearest value at which the verdict changes; null where none does between half and twice as much
     */
    public record InfluenceView(
            String name,
            String unit,
            double value,
            String basis,
            double marginLess,
            double marginMore,
            double swing,
            @Nullable Double flipsAt,
            StatusView verdictThere) {
        static InfluenceView of(Sensitivity.Influence influence) {
            return new InfluenceView(
                    influence.name(),
                    influence.unit(),
                    influence.value(),
                    influence.basis().word(),
                    influence.marginLess(),
                    influence.marginMore(),
                    influence.swing(),
                    influence.flipsAt().isPresent() ? influence.flipsAt().getAsDouble() : null,
                    StatusView.of(influence.verdictThere()));
        }
    }
}
