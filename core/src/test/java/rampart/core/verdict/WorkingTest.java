package rampart.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.words.Wording;

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
                    kinds.add(check.id().text().replaceAll("\\.[0-9-]+$", "") + " "
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
            Pack pack = Packs.everyState(random);
            for (Check check : Evaluator.evaluate(pack, StandardCatalogue.get()).checks()) {
                verify(check);
                seen.add(check.id().text());
            }
        }
        assertThat(seen)
                .contains("material", "settling", "squeeze", "hold-down", "pressure", "component", "joint.1", "stack");
    }

    @Test
    void soDoThoseOfBeds() {
        Random random = new Random(46);
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < 100; i++) {
            Evaluation evaluation = Evaluator.evaluate(Packs.bedded(random), StandardCatalogue.get());
            for (List<Check> checks : List.of(evaluation.checks(), evaluation.blows())) {
                for (Check check : checks) {
                    verify(check);
                    seen.add(check.id().text());
                }
            }
        }
        assertThat(seen)
                .contains("bed.clearance", "bed.touch", "bed.floor", "bed.web", "bed.hold", "bed.ties", "movement");
    }

    private static void verify(Check check) {
        Map<String, Double> symbols = new HashMap<>();
        for (Figure figure : check.working().figures()) {
            assertThat(symbols.put(figure.symbol(), figure.value()))
                    .as("%s has %s once", check.id(), figure.symbol())
                    .isNull();
            assertThat(figure.value()).as(check.id() + " " + figure.symbol()).isFinite();
            assertThat(Wording.METRIC.say(figure.name())).isNotBlank();
            assertThat(figure.basis() == rampart.core.quantity.Basis.STD
                            && figure.source().isBlank())
                    .as("a standard is named")
                    .isFalse();
        }
        assertThat(check.working().formula())
                .as("a symbol, and what it is made of")
                .matches("[A-Za-z]+ = \\S.*")
                .doesNotMatch("([A-Za-z]+) = \\1");
        double demand = Formula.rightSide(check.working().formula(), symbols);
        assertThat(demand)
                .as("%s", check.id())
                .isCloseTo(check.demand(), within(Math.abs(check.demand()) * 1e-9 + 1e-12));
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
        assertThat(Packs.because(check)).endsWith(".").doesNotContain("{");
    }
}
