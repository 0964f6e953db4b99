package rampart.core.search;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.cost.Prices;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Size;
import rampart.core.words.Quantity;
import rampart.core.words.SearchWords;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/**
 * The nearest miss where no wall holds: the one demand that has to give, by how much, and a wall that then holds.
 *
 * @param demand which: {@code stock}, {@code size}, {@code foams}, {@code build}, {@code reusable}, {@code handCut},
 *     {@code bears}, or one of {@link WhyNot}
 * @param because the same in a packer's words
 * @param layers the wall, from the item outward; empty where none would do
 */
public record ProposalMiss(String demand, Sentence because, List<Layers> layers) {
    /** A wall and what it is under the demands as they are. */
    public record Layers(List<Layer> layers, Evaluation evaluation) {}

    /** Looks for it by relaxing one demand after the other: first what the person chose, then what the item bears. */
    public static ProposalMiss of(Pack pack, Catalogue catalogue, ProposalLimits limits, Watcher watcher) {
        if (limits.stockOnly()) {
            Optional<Proposal> wall = smallest(pack, catalogue, limits.madeToSize(), watcher);
            if (wall.isPresent()) {
                return miss("stock", SearchWords.NOT_IN_STOCK.of(outside(wall.get())), pack, wall.get(), catalogue);
            }
        }
        if (limits.longestMm().isPresent() || limits.lengthAndGirthMm().isPresent()) {
            Optional<Proposal> wall = smallest(pack, catalogue, limits.anySize(), watcher);
            if (wall.isPresent()) {
                return miss("size", tooSmall(limits, outside(wall.get())), pack, wall.get(), catalogue);
            }
        }
        if (!limits.foams().isEmpty() || limits.reusable() || limits.handCut()) {
            Optional<Proposal> wall = smallest(pack, catalogue, limits.anyFoam(), watcher);
            if (wall.isPresent()) {
                Term foams = Term.and(wall.get().evaluation().layout().cushions().stream()
                        .map(c -> c.foam().name())
                        .distinct()
                        .toList());
                return miss("foams", SearchWords.NOT_WITH_THESE_FOAMS.of(foams), pack, wall.get(), catalogue);
            }
        }
        if (limits.build() != ProposalLimits.Build.ANY) {
            Optional<Proposal> wall = smallest(pack, catalogue, limits.anyBuild(), watcher);
            if (wall.isPresent()) {
                return miss(
                        "build",
                        (limits.build() == ProposalLimits.Build.SINGLE
                                        ? SearchWords.NO_SINGLE_CARTON
                                        : SearchWords.NO_BOX_IN_BOX)
                                .of(),
                        pack,
                        wall.get(),
                        catalogue);
            }
        }
        return bears(pack, catalogue, limits, watcher);
    }

    /** What the item or the journey would have to give. */
    private static ProposalMiss bears(Pack pack, Catalogue catalogue, ProposalLimits limits, Watcher watcher) {
        List<WhyNot.Way> ways = WhyNot.of(
                        pack.item(), pack.journey(), catalogue, space(pack, catalogue, limits), watcher)
                .ways();
        return ways.stream()
                .findFirst()
                .map(way -> new ProposalMiss(
                        way.demand(), way.because(), List.of(evaluated(pack, way.layers(), catalogue))))
                .orElseGet(() ->
                        new ProposalMiss("", SearchWords.NO_WALL.of(Quantity.cut(Thicknesses.MOST_MM)), List.of()));
    }

    /** The smallest wall that holds within these limits. */
    private static Optional<Proposal> smallest(Pack pack, Catalogue catalogue, ProposalLimits limits, Watcher watcher) {
        WallSpace space = space(pack, catalogue, limits);
        return new WallSearch(
                        pack.item(), pack.journey(), catalogue, space, new Smallest(Double.POSITIVE_INFINITY), watcher)
                .run(space.frames()).stream()
                        .findFirst()
                        .map(found -> new Proposal(
                                found.layers(),
                                found.stock(),
                                OptionalDouble.empty(),
                                Evaluator.simulate(new Pack(pack.item(), pack.journey(), found.layers()), catalogue)));
    }

    private static WallSpace space(Pack pack, Catalogue catalogue, ProposalLimits limits) {
        return new WallSpace(
                pack.item(), pack.journey(), Proposals.kept(pack), Proposals.bed(pack), catalogue, limits, Prices.NONE);
    }

    private static ProposalMiss miss(String demand, Sentence because, Pack pack, Proposal wall, Catalogue catalogue) {
        return new ProposalMiss(demand, because, List.of(evaluated(pack, wall.layers(), catalogue)));
    }

    private static Layers evaluated(Pack pack, List<Layer> layers, Catalogue catalogue) {
        return new Layers(layers, Evaluator.simulate(new Pack(pack.item(), pack.journey(), layers), catalogue));
    }

    private static Term outside(Proposal wall) {
        Size size = wall.evaluation().layout().outside();
        return SearchWords.EDGES.of(
                Quantity.wholeMm(size.lengthMm()), Quantity.wholeMm(size.widthMm()), Quantity.wholeMm(size.heightMm()));
    }

    private static Sentence tooSmall(ProposalLimits limits, Term outside) {
        Optional<Term> longest = mm(limits.longestMm());
        Optional<Term> girth = mm(limits.lengthAndGirthMm());
        if (longest.isPresent() && girth.isPresent()) {
            return SearchWords.NOT_SHORTER_OR_THINNER.of(outside, longest.get(), girth.get());
        }
        if (longest.isPresent()) {
            return SearchWords.NOT_SHORTER.of(outside, longest.get());
        }
        return girth.map(g -> SearchWords.NOT_THINNER.of(outside, g))
                .orElseGet(() -> SearchWords.NOT_THAT_SMALL.of(outside));
    }

    private static Optional<Term> mm(OptionalDouble length) {
        return length.isPresent() ? Optional.of(Quantity.wholeMm(length.getAsDouble())) : Optional.empty();
    }
}
