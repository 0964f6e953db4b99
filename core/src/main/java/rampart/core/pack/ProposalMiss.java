package rampart.core.pack;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.item.Fragility;
import rampart.core.item.Item;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.quantity.Size;
import rampart.core.words.Quantity;
import rampart.core.words.Say;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/**
 * The nearest miss where no wall holds: the one demand that has to give, by how much, and a wall that then holds.
 *
 * @param demand which: {@code stock}, {@code size}, {@code foams}, {@code build}, {@code reusable}, {@code handCut},
 *     {@code bears}, or a check of {@link FirstWall}
 * @param because the same in a packer's words
 * @param layers the wall, from the item outward; empty where none would do
 */
public record ProposalMiss(String demand, Sentence because, List<Layers> layers) {
    /** A wall and what it is under the demands as they are. */
    public record Layers(List<Layer> layers, Evaluation evaluation) {}

    /** Each step asks for this much more, from the first on. */
    private static final double STEP = 1.05;

    private static final int STEPS = 85;

    /** Looks for it by relaxing one demand after the other: first what the person chose, then what the item bears. */
    public static ProposalMiss of(Pack pack, Catalogue catalogue, ProposalLimits limits, Watcher watcher) {
        if (limits.stockOnly()) {
            Optional<Proposal> wall = Proposals.any(pack, catalogue, limits.madeToSize(), watcher);
            if (wall.isPresent()) {
                return miss("stock", Say.NOT_IN_STOCK.of(outside(wall.get())), pack, wall.get(), catalogue);
            }
        }
        if (limits.longestMm().isPresent() || limits.lengthAndGirthMm().isPresent()) {
            Optional<Proposal> wall = Proposals.any(pack, catalogue, limits.anySize(), watcher);
            if (wall.isPresent()) {
                return miss("size", tooSmall(limits, outside(wall.get())), pack, wall.get(), catalogue);
            }
        }
        if (!limits.foams().isEmpty() || limits.reusable() || limits.handCut()) {
            Optional<Proposal> wall = Proposals.any(pack, catalogue, limits.anyFoam(), watcher);
            if (wall.isPresent()) {
                Term foams = Term.and(wall.get().evaluation().layout().cushions().stream()
                        .map(c -> c.foam().name())
                        .distinct()
                        .toList());
                return miss("foams", Say.NOT_WITH_THESE_FOAMS.of(foams), pack, wall.get(), catalogue);
            }
        }
        if (limits.build() != ProposalLimits.Build.ANY) {
            Optional<Proposal> wall = Proposals.any(pack, catalogue, limits.anyBuild(), watcher);
            if (wall.isPresent()) {
                return miss(
                        "build",
                        Sentence.plain(
                                limits.build() == ProposalLimits.Build.SINGLE
                                        ? "No single carton holds. A box in a box would."
                                        : "No box in a box holds. A single carton would."),
                        pack,
                        wall.get(),
                        catalogue);
            }
        }
        return bears(pack, catalogue, limits, watcher);
    }

    /** About how much the item would have to bear, by halving over steps of 5 %. */
    private static ProposalMiss bears(Pack pack, Catalogue catalogue, ProposalLimits limits, Watcher watcher) {
        int low = 0;
        int high = STEPS;
        Optional<Proposal> best = Proposals.any(stronger(pack, high), catalogue, limits, watcher);
        if (best.isEmpty()) {
            FirstWall.Answer answer = FirstWall.find(pack.item(), pack.journey(), catalogue, watcher);
            FirstWall.Relaxed relaxed = answer.relax().orElse(new FirstWall.Relaxed("", OptionalDouble.empty()));
            List<Layers> wall =
                    answer.layers().isEmpty() ? List.of() : List.of(evaluated(pack, answer.layers(), catalogue));
            return new ProposalMiss(relaxed.check(), relaxed.because(), wall);
        }
        while (high - low > 1) {
            int middle = (low + high) / 2;
            Optional<Proposal> wall = Proposals.any(stronger(pack, middle), catalogue, limits, watcher);
            if (wall.isPresent()) {
                best = wall;
                high = middle;
            } else {
                low = middle;
            }
        }
        double now = pack.item().fragility().leastLimitG().orElseThrow();
        double needed = Math.ceil(now * Math.pow(STEP, high));
        return miss(
                "bears", Say.NO_WALL_SOFT_ENOUGH.of(Quantity.g(needed), Quantity.g(now)), pack, best.get(), catalogue);
    }

    private static Pack stronger(Pack pack, int steps) {
        Item item = pack.item();
        Fragility stronger = item.fragility().times(Math.pow(STEP, steps));
        return new Pack(item.with(stronger), pack.journey(), pack.layers());
    }

    private static ProposalMiss miss(String demand, Sentence because, Pack pack, Proposal wall, Catalogue catalogue) {
        return new ProposalMiss(demand, because, List.of(evaluated(pack, wall.layers(), catalogue)));
    }

    private static Layers evaluated(Pack pack, List<Layer> layers, Catalogue catalogue) {
        return new Layers(layers, Evaluator.simulate(new Pack(pack.item(), pack.journey(), layers), catalogue));
    }

    private static Term outside(Proposal wall) {
        Size size = wall.evaluation().layout().outside();
        return Say.EDGES.of(
                Quantity.wholeMm(size.lengthMm()), Quantity.wholeMm(size.widthMm()), Quantity.wholeMm(size.heightMm()));
    }

    private static Sentence tooSmall(ProposalLimits limits, Term outside) {
        Optional<Term> longest = mm(limits.longestMm());
        Optional<Term> girth = mm(limits.lengthAndGirthMm());
        if (longest.isPresent() && girth.isPresent()) {
            return Say.NOT_SHORTER_OR_THINNER.of(outside, longest.get(), girth.get());
        }
        if (longest.isPresent()) {
            return Say.NOT_SHORTER.of(outside, longest.get());
        }
        return girth.map(g -> Say.NOT_THINNER.of(outside, g)).orElseGet(() -> Say.NOT_THAT_SMALL.of(outside));
    }

    private static Optional<Term> mm(OptionalDouble length) {
        return length.isPresent() ? Optional.of(Quantity.wholeMm(length.getAsDouble())) : Optional.empty();
    }
}
