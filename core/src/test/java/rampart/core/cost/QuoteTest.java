package rampart.core.cost;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Size;

class QuoteTest {
    private static final Tariff TARIFF = new Tariff(
            "try",
            true,
            5000,
            List.of(new Tariff.Band(2, 5), new Tariff.Band(10, 9), new Tariff.Band(20, 15), new Tariff.Band(31, 24)),
            Map.of(Extent.LENGTH_AND_GIRTH_MM, 3000.0),
            List.of(new Tariff.Surcharge(Extent.SUM_MM, 914.4, 11)));

    /** Worked by hand: 768 x 768 x 141 over 5000: 77 x 77 x 15 = 88935, 17.8 kg, billed 18. */
    @Test
    void aSlateIsBilledByItsSize() {
        Quote quote = Quote.of(TARIFF, new Size(768, 768, 141), 12.9);
        assertThat(quote.volumetricKg()).isCloseTo(88935 / 5000.0, within(1e-9));
        assertThat(quote.billedKg()).isEqualTo(18);
        assertThat(quote.price()).hasValue(15 + 11);
    }

    /** Worked by hand: 1700 x 300 x 220, 9.6 kg: length and girth 2740 passes 3000, volumetric 22.44, billed 23. */
    @Test
    void aLongCarton() {
        Size outside = new Size(1700, 300, 220);
        assertThat(Extent.LENGTH_AND_GIRTH_MM.of(outside, 9.6)).isEqualTo(2740);
        Quote quote = Quote.of(TARIFF, outside, 9.6);
        assertThat(quote.volumetricKg()).isCloseTo(22.44, within(1e-9));
        assertThat(quote.billedKg()).isEqualTo(23);
        assertThat(quote.refusedBy()).isEmpty();
    }

    @Test
    void beyondALimitOrTheLastBandItIsNotTaken() {
        Quote girth = Quote.of(TARIFF, new Size(1700, 400, 300), 5);
        assertThat(girth.price()).isEmpty();
        assertThat(girth.refusedBy()).containsExactly(Extent.LENGTH_AND_GIRTH_MM);
        Quote heavy = Quote.of(TARIFF, new Size(300, 300, 300), 31.01);
        assertThat(heavy.band()).isEmpty();
        assertThat(heavy.price()).isEmpty();
        assertThat(heavy.below().orElseThrow().kg()).isCloseTo(.01, within(1e-9));
    }

    /**
     * Whatever is said of the step below brings the charge there, and a millimetre less than that does not; until the step above
     * nothing changes, and beyond it the charge is the one that is said. Surcharges and limits are in all of them.
     */
    @Test
    void stepsLeadWhereTheySay() {
        Random random = new Random(12);
        int edges = 0;
        int surcharged = 0;
        int refused = 0;
        for (int i = 0; i < 3000; i++) {
            Size outside = new Size(150 + random.nextInt(900), 150 + random.nextInt(400), 100 + random.nextInt(300));
            double kg = 0.5 + 25 * random.nextDouble();
            Quote quote = Quote.of(TARIFF, outside, kg);
            double now = quote.price().orElse(Double.MAX_VALUE);
            if (quote.below().isPresent()) {
                Quote.Step below = quote.below().orElseThrow();
                if (below.edges().isEmpty()) {
                    assertThat(charge(outside, kg - below.kg()))
                            .isEqualTo(below.price().orElseThrow())
                            .isLessThan(now);
                }
                for (Quote.Edge edge : below.edges()) {
                    assertThat(charge(grown(outside, edge.axis(), -edge.mm()), kg - below.kg()))
                            .isEqualTo(edge.price().orElseThrow())
                            .isLessThan(now);
                    assertThat(bandPrice(grown(outside, edge.axis(), 1 - edge.mm()), kg - below.kg()))
                            .isGreaterThan(bandPrice(grown(outside, edge.axis(), -edge.mm()), kg - below.kg()));
                    edges++;
                }
            }
            assertThat(quote.above().isPresent()).isEqualTo(quote.price().isPresent());
            if (quote.above().isPresent()) {
                Quote.Step above = quote.above().orElseThrow();
                assertThat(charge(outside, kg + above.kg())).isEqualTo(now);
                assertThat(charge(outside, kg + above.kg() + 1e-5))
                        .isEqualTo(above.price().orElse(Double.MAX_VALUE))
                        .isGreaterThan(now);
                for (Quote.Edge edge : above.edges()) {
                    double bands = bandPrice(outside, kg);
                    Size after = grown(outside, edge.axis(), edge.mm() + 1e-5);
                    assertThat(charge(grown(outside, edge.axis(), edge.mm()), kg))
                            .isEqualTo(now);
                    assertThat(charge(after, kg))
                            .isEqualTo(edge.price().orElse(Double.MAX_VALUE))
                            .isGreaterThan(now);
                    surcharged += bandPrice(after, kg) == bands && edge.price().isPresent() ? 1 : 0;
                    refused += edge.price().isEmpty() ? 1 : 0;
                }
            }
        }
        assertThat(edges).isGreaterThan(1000);
        assertThat(surcharged).as("a surcharge comes before the next band").isGreaterThan(100);
        assertThat(refused).as("a limit comes before the next band").isGreaterThan(100);
    }

    private static double charge(Size outside, double kg) {
        return Quote.of(TARIFF, outside, kg).price().orElse(Double.MAX_VALUE);
    }

    private static double bandPrice(Size outside, double kg) {
        return Quote.of(TARIFF, outside, kg).band().map(Tariff.Band::price).orElse(Double.MAX_VALUE);
    }

    private static Size grown(Size size, Axis axis, double mm) {
        return size.plus(axis == Axis.X ? mm : 0, axis == Axis.Y ? mm : 0, axis == Axis.Z ? mm : 0);
    }

    @Test
    void bandsThatDoNotRiseAreRefused() {
        List<Tariff.Band> level = List.of(new Tariff.Band(5, 1), new Tariff.Band(5, 2));
        assertThatThrownBy(() -> new Tariff("x", false, 5000, level, Map.of(), List.of()))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("5.0 kg follows 5.0 kg");
    }
}
