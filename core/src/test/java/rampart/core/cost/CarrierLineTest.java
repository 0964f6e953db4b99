package rampart.core.cost;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import rampart.core.quantity.Size;
import rampart.core.words.Say;
import rampart.core.words.Sentence;
import rampart.core.words.ShipmentWords;

/** What carriers measure, by hand with a tape: 600 long, then once round 400 by 300 is 1400, together 2000; 72 litres. */
class CarrierLineTest {
    private static final Size BOX = new Size(400, 600, 300);

    @Test
    void lengthAndGirthIsTheLongestEdgeAndOnceRoundTheOthersHoweverItStands() {
        for (Size turned : List.of(BOX, new Size(600, 300, 400), new Size(300, 400, 600))) {
            assertThat(turned.longestMm()).isEqualTo(600);
            assertThat(turned.lengthAndGirthMm()).isEqualTo(2000);
        }
    }

    @Test
    void whatIsJustAtALimitIsTakenAndAHairBeyondIsNot() {
        assertThat(crossed(600, 2000, 72, 10)).isEmpty();
        assertThat(crossed(599.9, 2000, 72, 10)).containsExactly(ShipmentWords.CROSSES_LONGEST);
        assertThat(crossed(600, 1999.9, 72, 10)).containsExactly(ShipmentWords.CROSSES_GIRTH);
        assertThat(crossed(600, 2000, 71.99, 10)).containsExactly(ShipmentWords.CROSSES_VOLUME);
        assertThat(crossed(600, 2000, 72, 9.99)).containsExactly(ShipmentWords.CROSSES_MASS);
        assertThat(crossed(1, 1, 1, 1))
                .containsExactly(
                        ShipmentWords.CROSSES_LONGEST,
                        ShipmentWords.CROSSES_GIRTH,
                        ShipmentWords.CROSSES_VOLUME,
                        ShipmentWords.CROSSES_MASS);
    }

    @Test
    void aServiceWithoutLimitsTakesAll() {
        OptionalDouble none = OptionalDouble.empty();
        assertThat(new CarrierLine("any", none, none, none, none).crossedBy(new Size(9e3, 9e3, 9e3), 9e3))
                .isEmpty();
    }

    private static List<Say> crossed(double longest, double girth, double litres, double kg) {
        return new CarrierLine(
                        "a service",
                        OptionalDouble.of(longest),
                        OptionalDouble.of(girth),
                        OptionalDouble.of(litres),
                        OptionalDouble.of(kg))
                .crossedBy(BOX, 10).stream().map(Sentence::key).toList();
    }
}
