package rampart.core.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rampart.core.box.StockCarton;
import rampart.core.cost.Quote;
import rampart.core.cost.Tariff;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.layout.Layer;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Size;
import rampart.core.verdict.Status;

/** Stock cartons against every one tried by hand, both ways round. */
class StockFitsTest {
    private static final List<Tariff> TARIFFS = List.of(new Tariff(
            "try",
            true,
            5000,
            List.of(new Tariff.Band(5, 5), new Tariff.Band(10, 8), new Tariff.Band(20, 13), new Tariff.Band(60, 30)),
            Map.of(),
            List.of()));

    private static List<StockCarton> stock(Random random) {
        List<StockCarton> all = new ArrayList<>();
        for (int i = 0; i < 14; i++) {
            all.add(new StockCarton(
                    "s" + i,
                    "Quay " + i,
                    new Size(220 + random.nextInt(300), 220 + random.nextInt(300), 220 + random.nextInt(300)),
                    random.nextBoolean() ? "c-44" : "bc-48"));
        }
        return all;
    }

    private static Pack pack(Random random) {
        return new Pack(
                Packs.item(100 + random.nextInt(120), 100 + random.nextInt(120), 100 + random.nextInt(120), 3, 90),
                Packs.falls(500),
                List.of(Packs.full("pe-28", 50), Layer.Box.made("c-32", 0)));
    }

    @Test
    void thoseThatFitAreThoseThatHoldTheContentsOneWayOrTheOther() {
        Random random = new Random(32);
        for (int i = 0; i < 8; i++) {
            Pack pack = pack(random);
            List<StockCarton> stock = stock(random);
            List<StockFits.Fit> fits = StockFits.of(pack, 1, stock, TARIFFS, StandardCatalogue.get(), Watcher.NONE);
            Size needs = pack.item().size().plus(100, 100, 100);
            for (StockCarton carton : stock) {
                Size in = carton.inside();
                boolean straight = in.lengthMm() >= needs.lengthMm() && in.widthMm() >= needs.widthMm();
                boolean turned = in.lengthMm() >= needs.widthMm() && in.widthMm() >= needs.lengthMm();
                boolean holds = in.heightMm() >= needs.heightMm() && (straight || turned);
                List<StockFits.Fit> of = fits.stream()
                        .filter(f -> f.carton().id().equals(carton.id())
                                && f.cutFromMm().isEmpty())
                        .toList();
                assertThat(of).as(carton.name()).hasSize(1);
                assertThat(of.get(0).fits()).as(carton.name()).isEqualTo(holds);
                boolean cut = fits.stream()
                        .anyMatch(f -> f.carton().id().equals(carton.id())
                                && f.cutFromMm().isPresent());
                assertThat(cut).as(carton.name()).isEqualTo(holds && in.heightMm() - needs.heightMm() >= 10);
            }
        }
    }

    /** The order by hand: the better verdict, then the lower price, then the smaller pack; each as its own evaluation says. */
    @Test
    void theOrderIsByVerdictPriceAndSize() {
        Random random = new Random(33);
        for (int i = 0; i < 8; i++) {
            Pack pack = pack(random);
            List<StockFits.Fit> fits =
                    StockFits.of(pack, 1, stock(random), TARIFFS, StandardCatalogue.get(), Watcher.NONE).stream()
                            .filter(StockFits.Fit::fits)
                            .toList();
            for (int k = 0; k < fits.size(); k++) {
                StockFits.Fit fit = fits.get(k);
                Evaluation again = Evaluator.simulate(
                        new Pack(
                                pack.item(),
                                pack.journey(),
                                List.of(
                                        pack.layers().get(0),
                                        Layer.Box.stock(
                                                fit.carton().board(),
                                                fit.carton().inside()))),
                        StandardCatalogue.get());
                assertThat(fit.evaluation().verdict()).isEqualTo(again.verdict());
                double price = Quote.of(
                                TARIFFS.get(0),
                                again.layout().outside(),
                                again.layout().grossMassKg())
                        .price()
                        .orElseThrow();
                assertThat(fit.price()).hasValue(price);
                if (k > 0) {
                    StockFits.Fit before = fits.get(k - 1);
                    int rank = Integer.compare(rank(before), rank(fit));
                    assertThat(rank).isLessThanOrEqualTo(0);
                    if (rank == 0) {
                        assertThat(before.price().orElseThrow()).isLessThanOrEqualTo(price);
                    }
                }
            }
        }
    }

    private static int rank(StockFits.Fit fit) {
        return List.of(Status.HOLDS, Status.THIN, Status.UNKNOWN, Status.BREAKS)
                .indexOf(fit.evaluation().verdict());
    }
}
