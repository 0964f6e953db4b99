package rampart.core.consignment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import rampart.core.check.LiftCheck;
import rampart.core.item.Feature;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.ShipmentWords;
import rampart.core.words.Term;

/** What to mind of boxes that travel together: heavy apart from delicate, which is lifted by two, which goes below (common practice, no source). */
public final class Together {
    /** A box of so many times another's mass must not stand on it. */
    private static final double HEAVY_TIMES = 2;

    private Together() {}

    /**
     * One box.
     *
     * @param number from 1
     * @param features of what is in it
     */
    public record Box(int number, String name, double grossKg, List<Feature> features) {
        public Box {
            features = List.copyOf(features);
        }

        boolean delicate() {
            return features.stream().anyMatch(Feature::delicate);
        }
    }

    /** From what matters most. */
    public static List<Sentence> remarks(List<Box> boxes) {
        List<Sentence> remarks = new ArrayList<>();
        for (Box box : boxes) {
            heavyBesideDelicate(box, remarks);
        }
        for (Box box : boxes) {
            if (box.grossKg() > LiftCheck.ONE_PERSON_KG) {
                remarks.add(ShipmentWords.TOGETHER_LIFT.of(Quantity.count(box.number()), Quantity.kg(box.grossKg())));
            }
        }
        Box heaviest =
                boxes.stream().max(Comparator.comparingDouble(Box::grossKg)).orElse(null);
        List<String> crushed = boxes.stream()
                .filter(box -> heaviest != null
                        && box.number() != heaviest.number()
                        && box.delicate()
                        && heaviest.grossKg() > HEAVY_TIMES * box.grossKg())
                .map(box -> String.valueOf(box.number()))
                .toList();
        if (!crushed.isEmpty()) {
            remarks.add(ShipmentWords.TOGETHER_BELOW.of(
                    Quantity.count(heaviest.number()), Quantity.kg(heaviest.grossKg()), Term.and(crushed)));
        }
        if (boxes.size() > 1) {
            remarks.add(ShipmentWords.TOGETHER_ALL.of(
                    Quantity.count(boxes.size()),
                    Quantity.kg(boxes.stream().mapToDouble(Box::grossKg).sum())));
        }
        return List.copyOf(remarks);
    }

    private static void heavyBesideDelicate(Box box, List<Sentence> remarks) {
        List<String> heavy = names(box, feature -> feature.kind() == Feature.Kind.HEAVY && feature.onArm());
        List<String> loose = names(box, feature -> feature.kind() == Feature.Kind.LOOSE);
        List<String> delicate = names(box, Feature::delicate);
        heavy.addAll(loose);
        if (!heavy.isEmpty() && !delicate.isEmpty()) {
            remarks.add(
                    ShipmentWords.TOGETHER_APART.of(Quantity.count(box.number()), Term.and(heavy), Term.and(delicate)));
        }
    }

    private static List<String> names(Box box, Predicate<Feature> such) {
        return new ArrayList<>(box.features().stream()
                .filter(such)
                .map(Feature::name)
                .distinct()
                .toList());
    }
}
