package rampart.core.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rampart.core.box.StockCarton;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.material.Board;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/** What less foam reaches, against the same pack put together by hand. */
class ThinnerCushionsTest {
    private static StockCarton carton(String name, double l, double w, double h) {
        return new StockCarton(name, name, new Size(l, w, h), "c-44");
    }

    private static final Pack PACK = new Pack(
            Packs.item(200, 150, 100, 3, 80),
            Packs.falls(500),
            List.of(Packs.full("pe-28", 50), Layer.Box.made("c-44", 0)));

    /** The pack needs 300 x 250 x 200 inside: 290 x 250 x 200 is 10 off its length, 240 wide turned the other way too. */
    @Test
    void aCartonALittleTooSmallIsReached() {
        List<ThinnerCushions.Reached> all = ThinnerCushions.of(
                PACK,
                1,
                List.of(carton("near", 250, 290, 200), carton("far", 200, 200, 150), carton("large", 320, 260, 210)),
                List.of(),
                StandardCatalogue.get(),
                Watcher.NONE);
        assertThat(all).extracting(r -> r.carton().name()).containsOnly("near");
        ThinnerCushions.Reached reached = all.get(0);
        assertThat(reached.offMm()).isEqualTo(new Size(10, 0, 0));
        assertThat(reached.thicknessMm()).isEqualTo(new SixSided(50, 45, 50, 45, 50, 50));
        Evaluation byHand = Evaluator.simulate(
                new Pack(
                        PACK.item(),
                        PACK.journey(),
                        List.of(
                                new Layer.Cushion("pe-28", new CushionForm.Full(), reached.thicknessMm()),
                                Layer.Box.stock("c-44", new Size(290, 250, 200)))),
                StandardCatalogue.get());
        assertThat(reached.evaluation().lowestMargin()).isEqualTo(byHand.lowestMargin());
        assertThat(reached.evaluation().verdict()).isEqualTo(byHand.verdict());
    }

    /** The thicker side goes first: 60 and 40, 30 off, is 35 and 35; 10 off is 50 and 40. */
    @Test
    void theThickerSideIsThinnedFirst() {
        SixSided mm = SixSided.all(40).with(Face.BOTTOM, 60);
        SixSided less = ThinnerCushions.thinner(mm, Axis.Z, 10).orElseThrow();
        assertThat(less.bottom()).isCloseTo(50, within(1e-9));
        assertThat(less.top()).isCloseTo(40, within(1e-9));
        SixSided even = ThinnerCushions.thinner(mm, Axis.Z, 30).orElseThrow();
        assertThat(even.bottom()).isCloseTo(35, within(1e-9));
        assertThat(even.top()).isCloseTo(35, within(1e-9));
        assertThat(ThinnerCushions.thinner(mm, Axis.Z, 95)).isEqualTo(Optional.empty());
    }

    /** Every corrugated board, each as its own evaluation says, and double wall carries more than single of the same edge crush. */
    @Test
    void everyBoardIsTried() {
        Pack stacked = Packs.random(new Random(4));
        List<BoardChoices.Choice> choices = BoardChoices.of(stacked, StandardCatalogue.get(), Watcher.NONE);
        assertThat(choices).extracting(c -> c.board().id()).contains("c-32", "bc-48");
        assertThat(choices).filteredOn(BoardChoices.Choice::taken).hasSize(1);
        for (BoardChoices.Choice choice : choices) {
            Board board = choice.board();
            Size inside = choice.evaluation().layout().outer().carton().inside();
            double z = 2 * (inside.lengthMm() + inside.widthMm());
            assertThat(choice.dryN().orElseThrow())
                    .isCloseTo(5.87 * board.edgeCrushNPerMm() * Math.sqrt(board.caliperMm() * z), within(1e-6));
        }
    }

    @Test
    void whereNothingIsCushionedNothingIsThinned() {
        Pack bare = new Pack(PACK.item(), PACK.journey(), List.of(Layer.Box.made("c-44", 0)));
        assertThat(ThinnerCushions.of(
                        bare,
                        0,
                        List.of(carton("near", 195, 150, 100)),
                        List.of(),
                        StandardCatalogue.get(),
                        Watcher.NONE))
                .isEmpty();
    }
}
