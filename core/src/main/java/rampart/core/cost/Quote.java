package rampart.core.cost;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Size;
import rampart.core.quantity.Units;

/**
 * What one service charges for one parcel. Volumetric mass is length x width x height over the divisor, each edge in cm rounded up
 * first; billed is the larger of it and the gross mass, rounded up to whole kilograms.
 *
 * @param volumetricKg before rounding
 * @param billedKg what the price goes by
 * @param band of the price; empty where no band reaches so far
 * @param price with surcharges; empty where the parcel is not taken
 * @param refusedBy limits that it crosses
 * @param below what would have to change to reach the price below; empty where there is none
 * @param above what room is left until the price above; empty where there is none
 */
public record Quote(
        Tariff tariff,
        double volumetricKg,
        double billedKg,
        Optional<Tariff.Band> band,
        List<Tariff.Surcharge> surcharges,
        OptionalDouble price,
        List<Extent> refusedBy,
        Optional<Step> below,
        Optional<Step> above) {
    private static final double MM_PER_CM = 10;

    /**
     * Another price of the table.
     *
     * @param price of its band, without surcharges
     * @param kg by how much the gross mass has to fall, or may rise; 0 where it is low enough already
     * @param edges by how much one edge alone has to shrink, or may grow, mm; empty where no edge has to, or none alone would do
     */
    public record Step(double price, double kg, List<Edge> edges) {}

    /** One edge, mm. */
    public record Edge(Axis axis, double mm) {}

    /** True where the volumetric mass makes the price, not the gross mass. */
    public boolean byVolume() {
        return up(volumetricKg) >= billedKg;
    }

    /**
     * For a parcel of this outside.
     *
     * @param grossKg with all that is still to be added
     */
    public static Quote of(Tariff tariff, Size outside, double grossKg) {
        double volumetric = volumeCm3(outside) / tariff.divisor();
        double billed = Math.max(up(grossKg), up(volumetric));
        Optional<Tariff.Band> band =
                tariff.bands().stream().filter(b -> billed <= b.toKg()).findFirst();
        List<Extent> refused = new ArrayList<>();
        for (Extent extent : Extent.values()) {
            Double most = tariff.limits().get(extent);
            if (most != null && Units.roundTo9Decimals(extent.of(outside, grossKg)) > most) {
                refused.add(extent);
            }
        }
        List<Tariff.Surcharge> surcharges = tariff.surcharges().stream()
                .filter(s -> Units.roundTo9Decimals(s.extent().of(outside, grossKg)) > s.over())
                .toList();
        OptionalDouble price = band.isEmpty() || !refused.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(band.get().price()
                        + surcharges.stream()
                                .mapToDouble(Tariff.Surcharge::price)
                                .sum());
        return new Quote(
                tariff,
                volumetric,
                billed,
                band,
                surcharges,
                price,
                List.copyOf(refused),
                below(tariff, outside, grossKg, band),
                band.flatMap(b -> above(tariff, outside, grossKg, b)));
    }

    /** Of all services, the cheapest first, then those that do not take it. */
    public static List<Quote> all(List<Tariff> tariffs, Size outside, double grossKg) {
        return tariffs.stream()
                .map(tariff -> of(tariff, outside, grossKg))
                .sorted(Comparator.comparingDouble(
                        (Quote quote) -> quote.price().orElse(Double.POSITIVE_INFINITY)))
                .toList();
    }

    private static Optional<Step> below(Tariff tariff, Size outside, double grossKg, Optional<Tariff.Band> band) {
        int at = band.map(tariff.bands()::indexOf).orElse(tariff.bands().size());
        if (at == 0) {
            return Optional.empty();
        }
        Tariff.Band lower = tariff.bands().get(at - 1);
        double toKg = Math.floor(lower.toKg());
        double room = toKg * tariff.divisor();
        List<Edge> edges = new ArrayList<>();
        if (volumeCm3(outside) > room) {
            for (Axis axis : Axis.values()) {
                double cm = Math.floor(room / othersCm2(outside, axis) + 1e-9);
                double less = outside.along(axis) - cm * MM_PER_CM;
                if (cm >= 1 && less > 0) {
                    edges.add(new Edge(axis, less));
                }
            }
        }
        return Optional.of(new Step(lower.price(), Math.max(0, grossKg - toKg), List.copyOf(edges)));
    }

    private static Optional<Step> above(Tariff tariff, Size outside, double grossKg, Tariff.Band band) {
        int at = tariff.bands().indexOf(band);
        if (at == tariff.bands().size() - 1) {
            return Optional.empty();
        }
        double toKg = Math.floor(band.toKg());
        double room = toKg * tariff.divisor();
        List<Edge> edges = new ArrayList<>();
        for (Axis axis : Axis.values()) {
            double cm = Math.floor(room / othersCm2(outside, axis) + 1e-9);
            edges.add(new Edge(axis, Math.max(0, cm * MM_PER_CM - outside.along(axis))));
        }
        return Optional.of(
                new Step(tariff.bands().get(at + 1).price(), Math.max(0, toKg - grossKg), List.copyOf(edges)));
    }

    private static double cm(double mm) {
        return Math.ceil(Units.roundTo9Decimals(mm / MM_PER_CM));
    }

    private static double volumeCm3(Size outside) {
        return cm(outside.lengthMm()) * cm(outside.widthMm()) * cm(outside.heightMm());
    }

    private static double othersCm2(Size outside, Axis axis) {
        return volumeCm3(outside) / cm(outside.along(axis));
    }

    private static double up(double kg) {
        return Math.ceil(Units.roundTo9Decimals(kg));
    }
}
