package rampart.core.search;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rampart.core.bed.BedShape;
import rampart.core.check.EvaluationContext;
import rampart.core.cost.Prices;
import rampart.core.cut.MaterialCost;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;

/** All walls of {@link WallSpace} within limits that hold and that no other outdoes ({@link ParetoFront}). */
public final class Proposals {
    private Proposals() {}

    /**
     * What was found.
     *
     * @param proposals smallest outside first; empty where nothing holds
     * @param considered walls in the space that was gone through
     * @param evaluated of these, how many had to be worked out blow by blow
     * @param costed true where every part had a price, so that cost was compared
     */
    public record Answer(List<Proposal> proposals, long considered, long evaluated, boolean costed) {}

    /**
     * Walls for the item and journey of this pack; of its layers only what lies round the item itself
     * stays, wraps and rigid boards, and the shape of a bed.
     *
     * @throws IllegalArgumentException if nobody has said what the item bears
     * @throws SearchStoppedException if the watcher stops it
     */
    public static Answer find(Pack pack, Catalogue catalogue, ProposalLimits limits, Prices prices, Watcher watcher) {
        if (pack.item().fragility().leastLimitG().isEmpty()) {
            throw new IllegalArgumentException("a proposal needs to know what the item bears, in G");
        }
        WallSpace space = new WallSpace(pack.item(), pack.journey(), kept(pack), bed(pack), catalogue, limits, prices);
        WallSearch search = new WallSearch(pack.item(), pack.journey(), catalogue, space, new Undominated(), watcher);
        List<Proposal> proposals = search.run(space.frames()).stream()
                .map(found -> proposal(pack, found, catalogue, prices))
                .sorted(Comparator.comparingDouble(Proposal::volumeMm3).thenComparingDouble(Proposal::massKg))
                .toList();
        return new Answer(proposals, search.considered(), search.evaluated(), space.costed());
    }

    private static Proposal proposal(Pack pack, Found found, Catalogue catalogue, Prices prices) {
        Pack walled = new Pack(pack.item(), pack.journey(), found.layers());
        Evaluation evaluation = Evaluator.settled(EvaluationContext.of(walled, catalogue), found.worked());
        return new Proposal(
                found.layers(),
                found.stock(),
                MaterialCost.of(walled, evaluation.layout(), catalogue, prices),
                evaluation);
    }

    /** What is cut to the item; empty where its first cushion is not. */
    static Optional<BedShape> bed(Pack pack) {
        return pack.layers().stream()
                .filter(layer -> layer.match(wrap -> false, cushion -> true, box -> true, boards -> true))
                .findFirst()
                .flatMap(layer -> layer.match(
                        wrap -> Optional.<BedShape>empty(),
                        cushion -> cushion.form()
                                .match(
                                        full -> Optional.<BedShape>empty(),
                                        pads -> Optional.<BedShape>empty(),
                                        corners -> Optional.<BedShape>empty(),
                                        cut -> Optional.of(cut.shape())),
                        box -> Optional.<BedShape>empty(),
                        boards -> Optional.<BedShape>empty()));
    }

    /** What lies round the item itself and stays: wraps, and rigid boards. */
    static List<Layer> kept(Pack pack) {
        return Layer.roundTheItem(pack.layers());
    }
}
