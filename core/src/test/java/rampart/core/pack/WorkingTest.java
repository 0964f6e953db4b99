package rampart.core.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rampart.core.box.CartonState;
import rampart.core.item.Feature;
import rampart.core.item.Fragility;
import rampart.core.item.Item;
import rampart.core.item.Nature;
import rampart.core.item.Surface;
import rampart.core.journey.Journey;
import rampart.core.layout.Layer;
import rampart.core.material.StandardCatalogue;
import rampart.core.quantity.Face;

/** Putting the working into the printed formula gives the demand again, for every check of many packs. */
class WorkingTest {
    @Test
    void everyFormulaGivesItsDemandAndEveryStepItsFigure() {
        Random random = new Random(5);
        Set<String> kinds = new HashSet<>();
        for (int i = 0; i < 300; i++) {
            Evaluation evaluation = Evaluator.evaluate(Packs.random(random), StandardCatalogue.get());
            for (List<Check> checks : List.of(evaluation.checks(), evaluation.blows())) {
                for (Check check : checks) {
                    verify(check);
                    kinds.add(check.id().replaceAll("\\.[0-9-]+$", "") + " "
                            + check.working().formula().replaceAll("[0-9]", ""));
                }
            }
        }
        assertThat(kinds).as("formulas seen").hasSizeGreaterThan(10);
    }

    /** The same of what is judged only where a file says what it needs, and of a measured foam. */
    @Test
    void soDoThoseOfWhatElseCanGoWrong() {
        Random random = new Random(45);
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < 200; i++) {
            Pack pack = troubled(Packs.random(random), random);
            for (Check check : Evaluator.evaluate(pack, StandardCatalogue.get()).checks()) {
                verify(check);
                seen.add(check.id());
            }
        }
        assertThat(seen)
                .contains("material", "settling", "squeeze", "hold-down", "pressure", "component", "joint.1", "stack");
    }

    private static Pack troubled(Pack pack, Random random) {
        Item item = pack.item();
        Feature part = new Feature(
                "part",
                Feature.Kind.HEAVY,
                Optional.of(Face.TOP),
                OptionalDouble.of(Packs.between(random, 0.1, 2)),
                OptionalDouble.of(Packs.between(random, 20, 300)),
                random.nextBoolean() ? OptionalDouble.of(50) : OptionalDouble.empty());
        Fragility.Component swinging =
                new Fragility.Component(Packs.between(random, 5, 200), 10, OptionalDouble.of(100));
        Fragility fragility = new Fragility(
                item.fragility().criticalAccelerationG(),
                OptionalDouble.empty(),
                item.fragility().basis(),
                Optional.of(swinging),
                Map.of());
        Surface[] surfaces = Surface.values();
        Nature nature =
                new Nature(List.of(part), Set.of(surfaces[random.nextInt(surfaces.length)]), OptionalDouble.of(20));
        Journey journey = new Journey(
                pack.journey().drop(),
                pack.journey().vibration(),
                pack.journey().stack(),
                pack.journey().climate(),
                OptionalDouble.of(72),
                random.nextBoolean() ? OptionalDouble.of(Packs.between(random, 1, 1e5)) : OptionalDouble.empty());
        CartonState.Fill[] fills = CartonState.Fill.values();
        CartonState.Condition[] conditions = CartonState.Condition.values();
        List<Layer> layers = pack.layers().stream()
                .map(layer -> layer instanceof Layer.Box box
                        ? new Layer.Box(
                                box.material(),
                                Packs.between(random, -30, 12),
                                Optional.empty(),
                                new CartonState(
                                        Optional.of(fills[random.nextInt(fills.length)]),
                                        conditions[random.nextInt(conditions.length)],
                                        OptionalDouble.empty()))
                        : layer)
                .toList();
        return new Pack(
                new Item(item.name(), item.size(), item.massKg(), item.centreOfMass(), fragility, nature),
                journey,
                layers);
    }

    private static void verify(Check check) {
        Map<String, Double> symbols = new HashMap<>();
        for (Figure figure : check.working().figures()) {
            assertThat(symbols.put(figure.symbol(), figure.value()))
                    .as("%s has %s once", check.id(), figure.symbol())
                    .isNull();
            assertThat(figure.value()).as(check.id() + " " + figure.symbol()).isFinite();
            assertThat(figure.name()).isNotBlank();
            assertThat(figure.basis() == rampart.core.quantity.Basis.STD
                            && figure.source().isBlank())
                    .as("a standard is named")
                    .isFalse();
        }
        double demand = Formula.rightSide(check.working().formula(), symbols);
        assertThat(demand).as(check.id()).isCloseTo(check.demand(), within(Math.abs(check.demand()) * 1e-9 + 1e-12));
        for (String step : check.working().steps()) {
            String symbol = step.substring(0, step.indexOf('=')).trim();
            double value = symbols.get(symbol);
            assertThat(Formula.rightSide(step, symbols))
                    .as(check.id() + " " + step)
                    .isCloseTo(value, within(Math.abs(value) * 1e-9));
        }
        assertThat(check.working().withNumbers(check.working().formula()))
                .as("numbers stand where symbols stood")
                .doesNotContainPattern("[A-Za-z]_[0-9]");
        assertThat(check.because()).endsWith(".");
    }
}
