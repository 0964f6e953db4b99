package rampart.core.item;

import java.util.ArrayList;
import java.util.List;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Point;
import rampart.core.quantity.Require;
import rampart.core.quantity.Size;

/**
 * Everything inside the first layer, taken together (rule 5).
 *
 * @param size as it lies in the pack, mm
 * @param massKg mass of it all
 * @param centreOfMass from the middle of the size, mm; not outside the item (rule 12)
 * @param properties what else is known of it
 */
public record Item(
        String name, Size size, double massKg, Point centreOfMass, Fragility fragility, ItemProperties properties) {
    public Item {
        Require.positive(massKg, "item mass in kg");
        for (Axis axis : Axis.values()) {
            double half = Require.positive(size.along(axis), "item size along " + axis + " in mm") / 2;
            Require.within(centreOfMass.along(axis), -half, half, "centre of mass along " + axis + " in mm");
        }
    }

    /** An item of which nothing else is known. */
    public static Item plain(String name, Size size, double massKg, Point centreOfMass, Fragility fragility) {
        return new Item(name, size, massKg, centreOfMass, fragility, ItemProperties.UNKNOWN);
    }

    /** The same that bears another blow. */
    public Item with(Fragility other) {
        return new Item(name, size, massKg, centreOfMass, other, properties);
    }

    /** The same without one of its features, whose mass is taken off where it is known. */
    public Item without(int feature) {
        List<Feature> others = new ArrayList<>(properties.features());
        double lessKg = others.remove(feature).massKg().orElse(0);
        return new Item(name, size, massKg - lessKg, centreOfMass, fragility, properties.with(others));
    }

    /** The same of another mass, kg. */
    public Item withMass(double kg) {
        return new Item(name, size, kg, centreOfMass, fragility, properties);
    }
}
