package rampart.core.search;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import rampart.core.blank.Blanks;
import rampart.core.box.McKee;
import rampart.core.cost.Prices;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.layout.LaidBox;
import rampart.core.layout.Layer;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.material.Flute;
import rampart.core.pack.Pack;

/** The outer carton of every board, each fully evaluated: what double wall gives over single, and what it takes. */
public final class BoardChoices {
    private BoardChoices() {}

    /**
     * The pack with its outer carton of another board.
     *
     * @param dryN what the carton carries new and dry by the short form; empty where its style has no formula
     * @param cartonKg mass of its board
     * @param taken true for the board that it has
     */
    public record Choice(Board board, OptionalDouble dryN, double cartonKg, boolean taken, Evaluation evaluation) {
        /** What it carries new and dry by the long form, with what its board was measured to resist bending; empty where its style has no formula. */
        public OptionalDouble longN(double alongNm, double acrossNm) {
            return dryN.isEmpty()
                    ? dryN
                    : OptionalDouble.of(McKee.longForm(
                            board.edgeCrushNPerMm(),
                            alongNm,
                            acrossNm,
                            evaluation.layout().outer().carton().perimeterMm()));
        }

        /** What its board costs; empty without a price. */
        public OptionalDouble cost(Prices prices) {
            OptionalDouble perM2 = prices.of(board.id());
            return perM2.isEmpty()
                    ? perM2
                    : OptionalDouble.of(perM2.getAsDouble()
                            * Blanks.sheetMm2(evaluation.layout().outer().carton())
                            * 1e-6);
        }
    }

    /**
     * In the order of the catalogue.
     *
     * @throws SearchStoppedException if the watcher stops it
     */
    public static List<Choice> of(Pack pack, Catalogue catalogue, Watcher watcher) {
        int outer = pack.layers().size() - 1;
        Layer.Box now = (Layer.Box) pack.layers().get(outer);
        List<Choice> all = new ArrayList<>();
        for (Board board : catalogue.boards()) {
            if (board.flute() == Flute.SOLID) {
                continue;
            }
            watcher.look();
            List<Layer> layers = new ArrayList<>(pack.layers());
            layers.set(outer, now.of(board.id()));
            Evaluation evaluation = Evaluator.evaluate(new Pack(pack.item(), pack.journey(), layers), catalogue);
            LaidBox laid = evaluation.layout().outer();
            OptionalDouble dry = laid.carton().style().uprightFlutes()
                    ? OptionalDouble.of(McKee.shortForm(
                            board.edgeCrushNPerMm(),
                            board.caliperMm(),
                            laid.carton().perimeterMm()))
                    : OptionalDouble.empty();
            all.add(new Choice(board, dry, laid.carton().massKg(), board.id().equals(now.material()), evaluation));
        }
        return List.copyOf(all);
    }
}
