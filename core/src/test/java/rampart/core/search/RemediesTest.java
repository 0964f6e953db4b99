package rampart.core.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rampart.core.Thorough;
import rampart.core.check.EvaluationContext;
import rampart.core.cost.Prices;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.item.Feature;
import rampart.core.item.Item;
import rampart.core.item.ItemProperties;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Face;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Status;
import rampart.core.words.Wording;

/** Remedies against an exhaustive search over every change of the space, written apart from it. */
class RemediesTest {
    private static final Catalogue CATALOGUE = StandardCatalogue.get();

    @Test
    void equalAnExhaustiveSearchOnPacksThatBreak() {
        Random random = new Random(17);
        int broken = 0;
        int mended = 0;
        while (broken < 40 * Thorough.TIMES) {
            Pack pack = broken % 2 == 0 ? Packs.random(random) : Packs.everyState(random);
            // Falls that are worked in time are another test's.
            if (Evaluator.evaluate(pack, CATALOGUE).verdict() != Status.BREAKS
                    || singles(pack, CATALOGUE).stream()
                            .flatMap(List::stream)
                            .anyMatch(changed -> heavy(changed, CATALOGUE))) {
                continue;
            }
            broken++;
            Set<Pack> exhaustive = packs(exhaustive(pack, CATALOGUE, singles(pack, CATALOGUE)));
            Set<Pack> ours = ours(pack, CATALOGUE, exhaustive.isEmpty());
            assertThat(ours).as("pack %d %s", broken, pack).isEqualTo(exhaustive);
            mended += ours.isEmpty() ? 0 : 1;
        }
        assertThat(mended).as("packs that a change mends").isGreaterThan(10 * Thorough.TIMES);
    }

    /** Where no single change mends, two kinds together: every pair of steps, in a catalogue of three foams and boards. */
    @Test
    void twoTogetherEqualAnExhaustiveSearchWhereOneDoesNot() {
        Catalogue few = new Catalogue(
                List.of(CATALOGUE.foam("pe-28"), CATALOGUE.foam("pu-18"), CATALOGUE.foam("bubble-25")),
                List.of(CATALOGUE.board("c-32"), CATALOGUE.board("c-44"), CATALOGUE.board("bc-48")),
                CATALOGUE.wraps());
        Random random = new Random(1616);
        int compared = 0;
        int mended = 0;
        while (compared < 6) {
            Pack pack = new Pack(
                    Packs.item(
                            Packs.between(random, 120, 300),
                            Packs.between(random, 120, 300),
                            Packs.between(random, 90, 250),
                            Packs.between(random, 0.5, 3),
                            Packs.between(random, 40, 75)),
                    Packs.falls(760),
                    List.of(Packs.pads("pe-28", Packs.between(random, 20, 40), 150, 2), Packs.box("c-32", 3)));
            if (Evaluator.evaluate(pack, few).verdict() != Status.BREAKS
                    || !exhaustive(pack, few, singles(pack, few)).isEmpty()) {
                continue;
            }
            compared++;
            Set<Pack> exhaustive = packs(exhaustive(pack, few, pairs(pack, few)));
            assertThat(ours(pack, few, false)).as("pack %d %s", compared, pack).isEqualTo(exhaustive);
            mended += exhaustive.isEmpty() ? 0 : 1;
        }
        assertThat(mended).as("packs that two changes mend").isPositive();
    }

    /** What is told of a remedy is what the changed pack gives, in time where its boxes are heavy. */
    @Test
    void aRemedyOfAPackWithHeavyBoxesIsJudgedInTime() {
        Random random = new Random(34);
        int seen = 0;
        while (seen < 2) {
            Pack pack = Packs.random(random);
            if (!heavy(pack, CATALOGUE)
                    || pack.layers().size() > 5
                    || Evaluator.simulate(pack, CATALOGUE).verdict() != Status.BREAKS) {
                continue;
            }
            List<Remedy> remedies =
                    Remedies.of(pack, CATALOGUE, Prices.NONE, Stock.NONE, Optional.empty(), Watcher.NONE);
            if (remedies.isEmpty()) {
                continue;
            }
            seen++;
            for (Remedy remedy : remedies) {
                Evaluation after = Evaluator.simulate(changed(pack, remedy), CATALOGUE);
                assertThat(remedy.evaluation().verdict()).isEqualTo(after.verdict());
                assertThat(remedy.evaluation().doubted()).isFalse();
            }
        }
    }

    /** A lamp on a long arm, the joint weaker than the blow or unknown: send it by itself, and the joint is no more asked. */
    @Test
    void aPartOnAnArmCanBeSentApart() {
        for (OptionalDouble bears : List.of(OptionalDouble.of(2), OptionalDouble.empty())) {
            Feature lamp = new Feature(
                    "lamp",
                    Feature.Kind.HEAVY,
                    Optional.of(Face.TOP),
                    OptionalDouble.of(0.4),
                    OptionalDouble.of(300),
                    bears);
            Item item = Packs.item(180, 150, 130, 2, 115);
            Item armed = new Item(
                    item.name(),
                    item.size(),
                    item.massKg(),
                    item.centreOfMass(),
                    item.fragility(),
                    ItemProperties.ofOne(List.of(lamp), Set.of(), OptionalDouble.empty()));
            Pack pack =
                    new Pack(armed, Packs.falls(300), List.of(Packs.pads("pp-20", 40, 60, 1), Packs.box("c-32", 3)));
            List<Remedy> remedies =
                    Remedies.of(pack, CATALOGUE, Prices.NONE, Stock.NONE, CheckId.read("joint.1"), Watcher.NONE);
            Remedy apart = remedies.stream()
                    .filter(remedy -> remedy.apart().isPresent())
                    .findFirst()
                    .orElseThrow();
            assertThat(Wording.METRIC.say(apart.title())).startsWith("Send lamp by itself");
            assertThat(apart.evaluation().checks()).noneMatch(c -> c.id().text().startsWith("joint."));
            assertThat(apart.evaluation().layout().grossMassKg())
                    .isCloseTo(
                            Evaluator.evaluate(pack, CATALOGUE).layout().grossMassKg() - 0.4,
                            org.assertj.core.api.Assertions.within(1e-12));
        }
    }

    private static boolean heavy(Pack pack, Catalogue catalogue) {
        return EvaluationContext.undrawn(pack, catalogue).heavyBoxes();
    }

    /** Packs that our search proposes; those of two changes only where they are asked for. */
    private static Set<Pack> ours(Pack pack, Catalogue catalogue, boolean singlesOnly) {
        Set<Pack> packs = new HashSet<>();
        Remedies.of(pack, catalogue, Prices.NONE, Stock.NONE, Optional.empty(), Watcher.NONE).stream()
                .filter(remedy -> !singlesOnly || remedy.changes().size() < 2)
                .forEach(remedy -> packs.add(changed(pack, remedy)));
        return packs;
    }

    private static Pack changed(Pack pack, Remedy remedy) {
        Item item =
                remedy.apart().isPresent() ? pack.item().without(remedy.apart().getAsInt()) : pack.item();
        List<Layer> layers = new ArrayList<>(pack.layers());
        for (Remedy.Change change : remedy.changes()) {
            layers.set(change.layer(), changed(layers.get(change.layer()), change.what()));
        }
        return new Pack(item, pack.journey(), layers);
    }

    private static Set<Pack> packs(List<Tried> tried) {
        Set<Pack> packs = new HashSet<>();
        tried.forEach(one -> packs.add(one.pack));
        return packs;
    }

    private record Tried(Pack pack, Evaluation after, double volume, double mass, double margin) {}

    private static Tried tried(Pack pack, Catalogue catalogue) {
        Evaluation after = Evaluator.evaluate(pack, catalogue);
        double margin = after.checks().stream()
                .filter(c -> c.margin().isPresent())
                // Going into a stock carton is a yes or a no.
                .filter(c -> !(c.id().text().equals("fit") && c.status() == Status.HOLDS))
                .mapToDouble(c -> c.margin().getAsDouble())
                .min()
                .orElseThrow();
        double volume = after.layout().outside().volumeMm3();
        return new Tried(pack, after, volume, after.layout().grossMassKg(), margin);
    }

    private static List<LayerChanges.Row> rows(Pack pack, Catalogue catalogue) {
        return LayerChanges.of(pack, Evaluator.evaluate(pack, catalogue).layout(), catalogue, Stock.NONE);
    }

    /** The packs of each row, the least change first. */
    private static List<List<Pack>> singles(Pack pack, Catalogue catalogue) {
        List<List<Pack>> all = new ArrayList<>();
        for (LayerChanges.Row row : rows(pack, catalogue)) {
            all.add(row.changes().stream()
                    .map(change -> with(pack, row.layer(), changed(pack.layers().get(row.layer()), change)))
                    .toList());
        }
        String weakest =
                Evaluator.evaluate(pack, catalogue).weakest().orElseThrow().id().text();
        List<Feature> features = pack.item().properties().features();
        for (int i = 0, n = 0; i < features.size(); i++) {
            n += features.get(i).onArm() ? 1 : 0;
            if (features.get(i).onArm() && weakest.equals("joint." + n)) {
                all.add(List.of(new Pack(pack.item().without(i), pack.journey(), pack.layers())));
            }
        }
        return all;
    }

    /** The packs of two rows together that change all sides alike, by the number of steps, then by those of the first. */
    private static List<List<Pack>> pairs(Pack pack, Catalogue catalogue) {
        List<LayerChanges.Row> rows = rows(pack, catalogue).stream()
                .filter(row -> row.face().isEmpty())
                .toList();
        List<List<Pack>> all = new ArrayList<>();
        for (int a = 0; a < rows.size(); a++) {
            for (int b = a + 1; b < rows.size(); b++) {
                LayerChanges.Row first = rows.get(a);
                LayerChanges.Row second = rows.get(b);
                if (first.layer() == second.layer() && first.part() == second.part()) {
                    continue;
                }
                List<Pack> packs = new ArrayList<>();
                for (int sum = 0;
                        sum < first.changes().size() + second.changes().size() - 1;
                        sum++) {
                    for (int i = Math.max(0, sum - second.changes().size() + 1);
                            i <= Math.min(sum, first.changes().size() - 1);
                            i++) {
                        Pack once = with(
                                pack,
                                first.layer(),
                                changed(
                                        pack.layers().get(first.layer()),
                                        first.changes().get(i)));
                        Layer now = once.layers().get(second.layer());
                        packs.add(with(
                                once,
                                second.layer(),
                                changed(now, second.changes().get(sum - i))));
                    }
                }
                all.add(packs);
            }
        }
        return all;
    }

    /** A change put on a layer by hand, field for field. */
    private static Layer changed(Layer layer, LayerChange change) {
        return layer.match(
                wrap -> wrap,
                old -> change.match(
                        thickness -> new Layer.Cushion(old.material(), old.form(), thickness.mm()),
                        form -> new Layer.Cushion(old.material(), form.form(), old.thicknessMm()),
                        foam -> new Layer.Cushion(foam.foam(), old.form(), old.thicknessMm()),
                        board -> old),
                box -> change.match(
                        thickness -> box,
                        form -> box,
                        foam -> box,
                        board -> new Layer.Box(board.board(), box.build(), box.room(), box.state())),
                boards -> boards);
    }

    private static List<Tried> exhaustive(Pack pack, Catalogue catalogue, List<List<Pack>> packs) {
        Tried before = tried(pack, catalogue);
        String weakest = before.after.weakest().orElseThrow().id().text();
        List<List<Tried>> rows = packs.parallelStream()
                .map(row -> row.stream().map(one -> tried(one, catalogue)).toList())
                .toList();
        for (int tier = 0; tier < 4; tier++) {
            Status wanted = tier < 2 ? Status.HOLDS : Status.THIN;
            boolean strict = tier % 2 == 0;
            List<Tried> good = rows.stream()
                    .map(row -> row.stream()
                            .filter(one -> better(before.after, one.after, weakest, wanted, strict)
                                    && (strict || one.margin > before.margin))
                            .findFirst())
                    .flatMap(Optional::stream)
                    .toList();
            if (!good.isEmpty()) {
                return good.stream()
                        .filter(one -> good.stream().noneMatch(other -> dominates(other, one)))
                        .toList();
            }
        }
        return List.of();
    }

    /** In whole cubic millimetres and milligrams, so that the order of additions plays no part. */
    private static boolean dominates(Tried other, Tried one) {
        long volume = Math.round(other.volume) - Math.round(one.volume);
        long mass = Math.round(other.mass * 1e6) - Math.round(one.mass * 1e6);
        return volume <= 0
                && mass <= 0
                && other.margin >= one.margin
                && (volume < 0 || mass < 0 || other.margin > one.margin);
    }

    private static Pack with(Pack pack, int at, Layer layer) {
        List<Layer> layers = new ArrayList<>(pack.layers());
        layers.set(at, layer);
        return new Pack(pack.item(), pack.journey(), layers);
    }

    private static boolean better(Evaluation before, Evaluation after, String id, Status wanted, boolean strict) {
        Map<String, Status> was = new HashMap<>();
        before.checks().forEach(c -> was.put(c.id().text(), c.status()));
        return after.checks().stream().allMatch(c -> {
            Status held = was.getOrDefault(c.id().text(), Status.HOLDS);
            boolean folds = c.id().text().equals("cushion.buckling") && held == Status.HOLDS;
            Status other = strict ? held : folds ? Status.UNKNOWN : before.verdict();
            Status least = c.id().text().equals(id) ? wanted : other;
            return c.status().compareTo(least) >= 0;
        });
    }

    @Test
    void aPackThatHoldsNeedsNone() {
        Pack pack = new Pack(
                Packs.item(180, 150, 130, 2, 115),
                Packs.falls(300),
                List.of(Packs.pads("pp-20", 40, 90, 1), Packs.box("c-32", 3)));
        assertThat(Evaluator.evaluate(pack, CATALOGUE).verdict()).isEqualTo(Status.HOLDS);
        assertThat(Remedies.of(pack, CATALOGUE, Prices.NONE, Stock.NONE, Optional.empty(), Watcher.NONE))
                .isEmpty();
        assertThat(Remedies.of(
                        pack,
                        CATALOGUE,
                        Prices.NONE,
                        Stock.NONE,
                        Optional.of(CheckId.of(CheckKind.BED_TIES)),
                        Watcher.NONE))
                .isEmpty();
    }

    @Test
    void saysWhatToChange() {
        Pack pack = new Pack(
                Packs.item(180, 150, 130, 2, 115),
                Packs.falls(760),
                List.of(Packs.pads("pp-20", 20, 60, 1), Packs.box("c-32", 3)));
        List<Remedy> remedies = Remedies.of(pack, CATALOGUE, Prices.NONE, Stock.NONE, Optional.empty(), Watcher.NONE);
        assertThat(remedies).isNotEmpty().isSortedAccordingTo(Comparator.comparingDouble(Remedy::volumeMm3));
        assertThat(remedies)
                .extracting(remedy -> Wording.METRIC.say(remedy.title()))
                .anyMatch(title -> title.startsWith("PP foam 20 all round: "));
    }
}
