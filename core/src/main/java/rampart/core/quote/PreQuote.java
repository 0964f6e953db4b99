package rampart.core.quote;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import rampart.core.clearance.FittedBox;
import rampart.core.cost.Quote;
import rampart.core.cost.Tariff;
import rampart.core.layout.Layout;
import rampart.core.pack.Pack;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Require;
import rampart.core.quantity.Size;
import rampart.core.steps.PredictedMass;
import rampart.core.verdict.Status;

/**
 * What it comes to to pack and send an item that is not packed yet. Margins and chances are assumed until the house has a record of
 * its own; ranges are added end to end, so the whole lies within them more surely than each part.
 *
 * @param edgesMm of the closed pack, longest first
 * @param material empty where some part has no price
 * @param service the cheapest that takes it even at its largest; empty where none does or none is known
 * @param expectedLoss value times the chance of damage
 * @param total of what is known
 */
public record PreQuote(
        List<Range> edgesMm,
        Range massKg,
        Optional<Range> material,
        Range minutes,
        Range labour,
        Optional<Service> service,
        Range cover,
        Range chance,
        Range expectedLoss,
        Range total) {
    /** A closed carton bulges and gives by so much (common practice, no source). */
    private static final double EDGE_MM = 10;

    /** Off-cuts and spoilt pieces (assumed). */
    private static final double WASTE = 0.15;

    /** How far packing times are off (assumed). */
    private static final double TIMES = 0.3;

    /** Chances of damage on a trip are known so well: by this factor up and down (assumed). */
    private static final double CHANCE_FACTOR = 3;

    /**
     * A carrier's service.
     *
     * @param price at the smallest, the likely and the largest that the pack may be
     */
    public record Service(String name, boolean invented, Range price) {}

    /**
     * What the house reckons with.
     *
     * @param ratePerHour of labour
     * @param value of the item
     * @param coverShare of the value that cover costs, 0 to 1
     */
    public record Rates(double ratePerHour, double value, double coverShare) {
        public Rates {
            Require.notNegative(ratePerHour, "rate an hour");
            Require.notNegative(value, "value");
            Require.within(coverShare, 0, 1, "share of the value that cover costs");
        }
    }

    /**
     * For a pack as it is designed.
     *
     * @param material cost of it; empty where some part has no price
     * @param minutes at the table, cutting with it
     */
    public static PreQuote of(
            Pack pack,
            Layout layout,
            OptionalDouble material,
            double minutes,
            Status verdict,
            List<Tariff> tariffs,
            Rates rates) {
        PredictedMass mass = PredictedMass.of(pack, layout);
        Range kg = Range.around(mass.kg(), mass.toleranceKg());
        Size outside = FittedBox.outside(layout);
        List<Range> edges = List.of(Axis.values()).stream()
                .map(outside::along)
                .sorted(Comparator.reverseOrder())
                .map(mm -> Range.around(mm, EDGE_MM))
                .toList();
        Optional<Range> materials = material.isPresent()
                ? Optional.of(new Range(
                        material.getAsDouble(),
                        material.getAsDouble() * (1 + WASTE / 2),
                        material.getAsDouble() * (1 + WASTE)))
                : Optional.empty();
        Range time = Range.around(minutes, TIMES * minutes);
        Range labour = time.times(rates.ratePerHour() / 60);
        Optional<Service> service = service(tariffs, outside, kg);
        Range cover = Range.of(rates.value() * rates.coverShare());
        Range chance = chance(verdict);
        Range loss = chance.times(rates.value());
        Range total = materials
                .orElse(Range.of(0))
                .plus(labour)
                .plus(service.map(Service::price).orElse(Range.of(0)))
                .plus(cover)
                .plus(loss);
        return new PreQuote(edges, kg, materials, time, labour, service, cover, chance, loss, total);
    }

    private static Optional<Service> service(List<Tariff> tariffs, Size outside, Range kg) {
        return tariffs.stream()
                .flatMap(tariff -> {
                    OptionalDouble least = price(tariff, outside, -EDGE_MM, kg.low());
                    OptionalDouble likely = price(tariff, outside, 0, kg.likely());
                    OptionalDouble most = price(tariff, outside, EDGE_MM, kg.high());
                    return least.isPresent() && likely.isPresent() && most.isPresent()
                            ? Optional.of(new Service(
                                            tariff.name(),
                                            tariff.invented(),
                                            new Range(least.getAsDouble(), likely.getAsDouble(), most.getAsDouble())))
                                    .stream()
                            : Stream.<Service>empty();
                })
                .min(Comparator.comparingDouble(each -> each.price().likely()));
    }

    private static OptionalDouble price(Tariff tariff, Size outside, double more, double kg) {
        Size size = new Size(
                Math.max(1, outside.lengthMm() + more),
                Math.max(1, outside.widthMm() + more),
                Math.max(1, outside.heightMm() + more));
        return Quote.of(tariff, size, Math.max(1e-3, kg)).price();
    }

    /** Of damage on one trip, by the verdict (assumed). */
    private static Range chance(Status verdict) {
        double likely = switch (verdict) {
            case HOLDS -> 0.01;
            case THIN -> 0.03;
            case UNKNOWN -> 0.05;
            case BREAKS -> 0.2;
        };
        return new Range(likely / CHANCE_FACTOR, likely, Math.min(1, likely * CHANCE_FACTOR));
    }
}
