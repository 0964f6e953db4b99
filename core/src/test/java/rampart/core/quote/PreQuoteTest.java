package rampart.core.quote;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import rampart.core.cost.Extent;
import rampart.core.cost.Tariff;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.verdict.Status;

class PreQuoteTest {
    private static final Pack PACK = new Pack(
            Packs.item(200, 150, 100, 3, 60), Packs.falls(500), List.of(Packs.full("pe-28", 50), Packs.box("c-32", 0)));
    private static final Layout LAYOUT = LayoutWalk.lay(PACK.item(), PACK.layers(), StandardCatalogue.get());

    private static Tariff tariff(String name, double price, Map<Extent, Double> limits) {
        return new Tariff(
                name,
                true,
                4800,
                List.of(new Tariff.Band(4, price), new Tariff.Band(6, 2 * price), new Tariff.Band(30, 3 * price)),
                limits,
                List.of());
    }

    private static PreQuote quote(List<Tariff> tariffs, Status verdict) {
        return PreQuote.of(PACK, LAYOUT, OptionalDouble.of(4), 30, verdict, tariffs, new PreQuote.Rates(40, 500, 0.01));
    }

    /** 40 an hour for half an hour, 500 of value, 1 in 100 chance, cover of 1 %. */
    @Test
    void eachFigureIsReckonedByHand() {
        PreQuote quote = quote(List.of(), Status.HOLDS);
        assertThat(quote.labour().likely()).isCloseTo(20, within(1e-9));
        assertThat(quote.labour().low()).isCloseTo(14, within(1e-9));
        assertThat(quote.labour().high()).isCloseTo(26, within(1e-9));
        assertThat(quote.cover()).isEqualTo(Range.of(5));
        assertThat(quote.expectedLoss().likely()).isCloseTo(5, within(1e-9));
        assertThat(quote.material().orElseThrow()).isEqualTo(new Range(4, 4.3, 4.6));
        assertThat(quote.service()).isEmpty();
        assertThat(quote.total().likely()).isCloseTo(20 + 5 + 5 + 4.3, within(1e-9));
        assertThat(quote.edgesMm().get(0).likely()).isEqualTo(LAYOUT.outside().lengthMm());
    }

    /** 31 x 26 x 22 cm over 4800 is 3.69, so 4 kg; a centimetre more each way is 32 x 27 x 23 cm, 4.14, so 5 kg: the next band. */
    @Test
    void theServiceIsPricedAtItsSmallestAndItsLargest() {
        PreQuote.Service service = quote(List.of(tariff("Packet Line", 10, Map.of())), Status.HOLDS)
                .service()
                .orElseThrow();
        assertThat(service.price()).isEqualTo(new Range(10, 10, 20));
        assertThat(service.invented()).isTrue();
    }

    /** What takes it only if it comes out small is not offered, however cheap. */
    @Test
    void aServiceThatMightRefuseItIsNotOffered() {
        Tariff cheap = tariff(
                "Courier Wren", 1, Map.of(Extent.LONGEST_MM, LAYOUT.outside().lengthMm() + 5));
        Tariff dear = tariff("Slow Freight", 10, Map.of());
        assertThat(quote(List.of(cheap, dear), Status.HOLDS)
                        .service()
                        .orElseThrow()
                        .name())
                .isEqualTo("Slow Freight");
        assertThat(quote(List.of(cheap), Status.HOLDS).service()).isEmpty();
    }

    @Test
    void whatBreaksIsExpectedToCostMore() {
        double before = 0;
        for (Status status : List.of(Status.HOLDS, Status.THIN, Status.UNKNOWN, Status.BREAKS)) {
            double loss = quote(List.of(), status).expectedLoss().likely();
            assertThat(loss).isGreaterThan(before);
            before = loss;
        }
    }

    @Test
    void ratesAndRangesThatMakeNoSenseAreRefused() {
        assertThatThrownBy(() -> new PreQuote.Rates(-1, 0, 0)).hasMessageContaining("rate an hour");
        assertThatThrownBy(() -> new PreQuote.Rates(0, 0, 1.2)).hasMessageContaining("cover");
        assertThatThrownBy(() -> new Range(2, 1, 3)).hasMessageContaining("low to high");
        assertThat(Range.around(1, 3)).isEqualTo(new Range(0, 1, 4));
    }
}
