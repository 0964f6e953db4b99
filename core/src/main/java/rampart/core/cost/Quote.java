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
     * Another charge.
     *
     * @param kg by how much the gross mass has to fall, or may rise; 0 where it is low enough already
     * @param price what the parcel is charged then, with surcharges; empty where it is not taken, and where its edges have to shrink as
     *     well
     * @param edges each by how much one edge alone has to shrink, or may grow; empty where none has to
     */
    public record Step(double kg, OptionalDouble price, List<Edge> edges) {}

    /**
     * One edge.
     *
     * @param price what the parcel is charged then, with surcharges; empty where it is not taken
     */
    public record Edge(Axis axis, double mm, OptionalDouble price) {}

    /** Beyond a limit by as little as this is beyond it: far above the rounding of {@link Units#roundTo9Decimals}, far below what is weighed. */
    private static final double BEYOND = 1e-6;

    /** Halvings of a room of metres down to below a thousandth of a millimetre. */
    private static final int HALVINGS = 40;

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
        Quote plain = plain(tariff, outside, grossKg);
        return new Quote(
                tariff,
                plain.volumetricKg(),
                plain.billedKg(),
                plain.band(),
                plain.surcharges(),
                plain.price(),
                plain.refusedBy(),
                plain.below(outside, grossKg),
                plain.price().isEmpty() ? Optional.empty() : Optional.of(plain.above(outside, grossKg)));
    }

    /** Without what is beside it. */
    private static Quote plain(Tariff tariff, Size outside, double grossKg) {
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
                Optional.empty(),
                Optional.empty());
    }

    /** Of all services, the cheapest first, then those that do not take it. */
    public static List<Quote> all(List<Tariff> tariffs, Size outside, double grossKg) {
        return tariffs.stream()
                .map(tariff -> of(tariff, outside, grossKg))
                .sorted(Comparator.comparingDouble(
                        (Quote quote) -> quote.price().orElse(Double.POSITIVE_INFINITY)))
                .toList();
    }

    /** The price of the band below, where a parcel of it is taken and charged less. */
    private Optional<Step> below(Size outside, double grossKg) {
        int at = band.map(tariff.bands()::indexOf).orElse(tariff.bands().size());
        if (at == 0) {
            return Optional.empty();
        }
        double toKg = Math.floor(tariff.bands().get(at - 1).toKg());
        double kg = Math.max(0, grossKg - toKg);
        double room = toKg * tariff.divisor();
        if (volumeCm3(outside) <= room) {
            OptionalDouble then = plain(tariff, outside, grossKg - kg).price;
            return less(then) ? Optional.of(new Step(kg, then, List.of())) : Optional.empty();
        }
        List<Edge> edges = new ArrayList<>();
        for (Axis axis : Axis.values()) {
            double cm = Math.floor(room / othersCm2(outside, axis) + 1e-9);
            double mm = outside.along(axis) - cm * MM_PER_CM;
            if (cm >= 1 && mm > 0) {
                OptionalDouble then = plain(tariff, grown(outside, axis, -mm), grossKg - kg).price;
                if (less(then)) {
                    edges.add(new Edge(axis, mm, then));
                }
            }
        }
        return edges.isEmpty()
                ? Optional.empty()
                : Optional.of(new Step(kg, OptionalDouble.empty(), List.copyOf(edges)));
    }

    private boolean less(OptionalDouble then) {
        return then.isPresent() && then.getAsDouble() < price.orElse(Double.POSITIVE_INFINITY);
    }

    /** How much heavier or longer it may get before it costs more, or is not taken any more. */
    private Step above(Size outside, double grossKg) {
        double toKg = Math.floor(band.orElseThrow().toKg());
        double mostKg = toKg;
        for (Tariff.Surcharge surcharge : tariff.surcharges()) {
            if (surcharge.extent() == Extent.MASS_KG && surcharge.over() >= grossKg) {
                mostKg = Math.min(mostKg, surcharge.over());
            }
        }
        mostKg = Math.min(mostKg, tariff.limits().getOrDefault(Extent.MASS_KG, mostKg));
        List<Edge> edges = new ArrayList<>();
        for (Axis axis : Axis.values()) {
            double cm = Math.floor(toKg * tariff.divisor() / othersCm2(outside, axis) + 1e-9);
            double mm = room(outside, grossKg, axis, Math.max(0, cm * MM_PER_CM - outside.along(axis)));
            edges.add(new Edge(axis, mm, plain(tariff, grown(outside, axis, mm + BEYOND), grossKg).price));
        }
        double kg = Math.max(0, mostKg - grossKg);
        return new Step(kg, plain(tariff, outside, grossKg + kg + BEYOND).price, List.copyOf(edges));
    }

    /** How far an edge may grow within its band until a surcharge is added or a limit crossed. */
    private double room(Size outside, double grossKg, Axis axis, double mostMm) {
        if (same(plain(tariff, grown(outside, axis, mostMm), grossKg))) {
            return mostMm;
        }
        double may = 0;
        double mayNot = mostMm;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (may + mayNot) / 2;
            if (same(plain(tariff, grown(outside, axis, middle), grossKg))) {
                may = middle;
            } else {
                mayNot = middle;
            }
        }
        return may;
    }

    private boolean same(Quote other) {
        return other.surcharges.equals(surcharges) && other.refusedBy.equals(refusedBy);
    }

    private static Size grown(Size size, Axis axis, double mm) {
        return size.plus(axis == Axis.X ? mm : 0, axis == Axis.Y ? mm : 0, axis == Axis.Z ? mm : 0);
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
