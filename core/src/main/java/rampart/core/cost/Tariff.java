package rampart.core.cost;

import java.util.List;
import java.util.Map;

/**
 * What a service charges for a parcel, as a table that the house keeps.
 *
 * @param name of the service
 * @param invented true where its figures are no carrier's
 * @param divisor cm3 to a kilogram of volumetric mass, such as 5000
 * @param bands by billed mass, each above the one before it
 * @param limits beyond any of these it is not taken
 * @param surcharges for what is larger or heavier than ordinary
 */
public record Tariff(
        String name,
        boolean invented,
        double divisor,
        List<Band> bands,
        Map<Extent, Double> limits,
        List<Surcharge> surcharges) {
    /** A price up to a billed mass, kg. */
    public record Band(double toKg, double price) {}

    /**
     * What is added to the price beyond a limit.
     *
     * @param over in the unit of the extent
     */
    public record Surcharge(Extent extent, double over, double price) {}

    /** @throws IllegalArgumentException if the divisor is not above 0, or the bands are none or do not rise */
    public Tariff {
        if (!(divisor > 0)) {
            throw new IllegalArgumentException("the divisor of " + name + " must be above 0, not " + divisor);
        }
        if (bands.isEmpty()) {
            throw new IllegalArgumentException(name + " must have at least one band");
        }
        double before = 0;
        for (Band band : bands) {
            if (!(band.toKg() > before)) {
                throw new IllegalArgumentException(
                        "bands of " + name + " must rise: " + band.toKg() + " kg follows " + before + " kg");
            }
            before = band.toKg();
        }
        bands = List.copyOf(bands);
        limits = Map.copyOf(limits);
        surcharges = List.copyOf(surcharges);
    }
}
