package rampart.core.cost;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import rampart.core.quantity.Size;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.ShipmentWords;
import rampart.core.words.Term;

/**
 * What a carrier takes at a price: beyond any of these a pack costs more or is not taken. The figures are the house's.
 *
 * @param name of the service, as people call it
 * @param longestMm longest outside edge
 * @param lengthAndGirthMm longest outside edge and twice the sum of the others
 * @param litres outside volume
 * @param massKg gross
 */
public record CarrierLine(
        String name,
        OptionalDouble longestMm,
        OptionalDouble lengthAndGirthMm,
        OptionalDouble litres,
        OptionalDouble massKg) {
    private static final double MM3_PER_LITRE = 1e6;

    /** Which of these a pack crosses, in words. */
    public List<Sentence> crossedBy(Size outside, double grossKg) {
        double longest = outside.longestMm();
        double girth = outside.lengthAndGirthMm();
        double volume = outside.volumeMm3() / MM3_PER_LITRE;
        List<Sentence> crossed = new ArrayList<>();
        if (longest > longestMm.orElse(longest)) {
            crossed.add(ShipmentWords.CROSSES_LONGEST.of(Term.name(name), Quantity.wholeMm(longestMm.getAsDouble())));
        }
        if (girth > lengthAndGirthMm.orElse(girth)) {
            crossed.add(
                    ShipmentWords.CROSSES_GIRTH.of(Term.name(name), Quantity.wholeMm(lengthAndGirthMm.getAsDouble())));
        }
        if (volume > litres.orElse(volume)) {
            crossed.add(ShipmentWords.CROSSES_VOLUME.of(Term.name(name), Quantity.litres(litres.getAsDouble())));
        }
        if (grossKg > massKg.orElse(grossKg)) {
            crossed.add(ShipmentWords.CROSSES_MASS.of(Term.name(name), Quantity.kg(massKg.getAsDouble())));
        }
        return List.copyOf(crossed);
    }
}
