package rampart.core.consignment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import rampart.core.consignment.Together.Box;
import rampart.core.item.Feature;
import rampart.core.words.Wording;

class TogetherTest {
    private static Feature feature(String name, Feature.Kind kind) {
        return new Feature(
                name, kind, Optional.empty(), OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty());
    }

    private static List<String> said(Box... boxes) {
        return Together.remarks(List.of(boxes)).stream()
                .map(Wording.METRIC::say)
                .toList();
    }

    @Test
    void oneLightBoxHasNothingToMind() {
        assertThat(said(new Box(1, "a mug", 0.6, List.of()))).isEmpty();
        assertThat(said()).isEmpty();
    }

    @Test
    void heavyBoxesGoBelowAndAreLiftedByTwo() {
        Box heavy = new Box(1, "plinth", 27.5, List.of(feature("plinth", Feature.Kind.HEAVY)));
        Box light = new Box(2, "planet arms", 2, List.of(feature("arms", Feature.Kind.FRAGILE)));
        Box plain = new Box(3, "papers", 2, List.of());
        assertThat(said(heavy, light, plain))
                .containsExactly(
                        "Box 1 weighs 27.5 kg: two people lift it.",
                        "Box 1 weighs 27.5 kg: it goes below, and never stands on what is delicate, box 2.",
                        "3 boxes, 31.5 kg together. Each says how many there are: the receiver counts them before"
                                + " signing.");
    }

    @Test
    void looseOrSwingingPartsBesideDelicateOnesAreSentApart() {
        Feature module = new Feature(
                "module",
                Feature.Kind.HEAVY,
                Optional.empty(),
                OptionalDouble.of(2),
                OptionalDouble.of(80),
                OptionalDouble.empty());
        Box box = new Box(1, "recorder", 9, List.of(module, feature("glass", Feature.Kind.FRAGILE)));
        assertThat(said(box)).singleElement().asString().contains("Box 1 holds module beside glass");
        // A heavy base that nothing hangs on does no harm to what stands on it.
        assertThat(said(new Box(
                        1,
                        "barograph",
                        9,
                        List.of(feature("plinth", Feature.Kind.HEAVY), feature("arm", Feature.Kind.FRAGILE)))))
                .isEmpty();
    }
}
