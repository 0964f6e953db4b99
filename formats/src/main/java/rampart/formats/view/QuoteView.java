package rampart.formats.view;

import java.util.List;
import java.util.OptionalDouble;
import rampart.core.cost.Extent;
import rampart.core.cost.Quote;
import rampart.core.cost.Tariff;

/**
 * What one service charges.
 *
 * @param invented true where its figures are no carrier's
 * @param toKg end of the band; null where no band reaches so far
 * @param price null where the parcel is not taken
 * @param refusedBy why it is not taken, in words
 */
public record QuoteView(
        String service,
        boolean invented,
        double volumetricKg,
        double billedKg,
        boolean byVolume,
        @Nullable Double toKg,
        @Nullable Double price,
        List<SurchargeView> surcharges,
        List<String> refusedBy,
        @Nullable PriceStepView below,
        @Nullable PriceStepView above) {

    /** What is added, and for what. */
    public record SurchargeView(String what, double over, String unit, double price) {
        static SurchargeView of(Tariff.Surcharge surcharge) {
            Extent extent = surcharge.extent();
            return new SurchargeView(extent.words(), surcharge.over(), extent.unit(), surcharge.price());
        }
    }

    /**
     * Another charge, and what leads to it.
     *
     * @param kg by how much the gross mass has to fall, or may rise
     * @param price with surcharges, where the mass alone is changed; null where it is not taken then, or edges have to shrink as well
     * @param edges by how much one edge alone has to shrink, or may grow
     */
    public record PriceStepView(double kg, @Nullable Double price, List<EdgeView> edges) {
        static PriceStepView of(Quote.Step step) {
            return new PriceStepView(
                    step.kg(),
                    number(step.price()),
                    step.edges().stream()
                            .map(e -> new EdgeView(e.axis().word(), e.mm(), number(e.price())))
                            .toList());
        }
    }

    /**
     * One outside edge of the pack.
     *
     * @param price with surcharges, then; null where it is not taken
     */
    public record EdgeView(String edge, double mm, @Nullable Double price) {}

    /** A quote as the screen shows it. */
    public static QuoteView of(Quote quote) {
        return new QuoteView(
                quote.tariff().name(),
                quote.tariff().invented(),
                quote.volumetricKg(),
                quote.billedKg(),
                quote.byVolume(),
                quote.band().map(Tariff.Band::toKg).orElse(null),
                number(quote.price()),
                quote.surcharges().stream().map(SurchargeView::of).toList(),
                quote.refusedBy().stream().map(Extent::words).toList(),
                quote.below().map(PriceStepView::of).orElse(null),
                quote.above().map(PriceStepView::of).orElse(null));
    }

    private static Double number(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }
}
