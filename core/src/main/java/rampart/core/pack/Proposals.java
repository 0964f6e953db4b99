package rampart.core.pack;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import rampart.core.cost.MaterialCost;
import rampart.core.cost.Prices;
import rampart.core.item.Item;
import rampart.core.journey.Journey;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.core.quantity.Units;

/**
 * Searches the walls of {@link ProposalSpace} for those that hold and that no other outdoes ({@link ParetoFront}). Nothing is
 * left out by luck: a wall is passed over only where a bound shows that it breaks, or that another outdoes it whatever
 * its margin. The order of work does not show in the answer: the same input gives the same list.
 */
public final class Proposals {
    /** Margins at which the energy of a wall is looked at before it is tried, the least first. */
    private static final double[] LEVELS = {Status.THIN_BELOW, 0.2, ParetoFront.ENOUGH};

    private static final int BLOCK = 128;

    /** Checks that another carton round the same cushions may settle otherwise. */
    private static final Set<String> OF_THE_CARTON = Set.of("board.limits", "stack", "lift", "fit", "movement");

    private final Item item;
    private final Journey journey;
    private final Catalogue catalogue;
    private final ProposalSpace space;
    private final BlowCapacity[] capacities = new BlowCapacity[LEVELS.length];
    private final Watcher watcher;
    private final boolean firstOnly;
    private final ParetoFront front = new ParetoFront();
    private final List<Found> found = new ArrayList<>();
    private long considered;
    private long evaluated;
    private long order;

    /**
     * What was found.
     *
     * @param proposals smallest outside first; empty where nothing holds
     * @param considered walls in the space that was gone through
     * @param evaluated of these, how many had to be worked out blow by blow
     * @param costed true where every part had a price, so that cost was compared
     */
    public record Answer(List<Proposal> proposals, long considered, long evaluated, boolean costed) {}

    private record Found(ParetoFront.Figures figures, List<Layer> layers, String stock) {}

    private Proposals(
            Pack pack, Catalogue catalogue, ProposalLimits limits, Prices prices, Watcher watcher, boolean firstOnly) {
        this.item = pack.item();
        this.journey = pack.journey();
        this.catalogue = catalogue;
        this.watcher = watcher;
        this.firstOnly = firstOnly;
        List<Layer> wraps = new ArrayList<>();
        for (Layer layer : pack.layers()) {
            if (!(layer instanceof Layer.Wrap)) {
                break;
            }
            wraps.add(layer);
        }
        space = new ProposalSpace(item, wraps, catalogue, limits, prices);
        for (int i = 0; i < LEVELS.length; i++) {
            capacities[i] = BlowCapacity.of(item.fragility(), journey, LEVELS[i]);
        }
    }

    /**
     * Walls for the item and journey of this pack; of its layers only the wraps round the item itself stay.
     *
     * @throws IllegalArgumentException if nobody has said what the item bears
     * @throws SearchStoppedException if the watcher stops it
     */
    public static Answer find(Pack pack, Catalogue catalogue, ProposalLimits limits, Prices prices, Watcher watcher) {
        return search(pack, catalogue, limits, prices, watcher, false);
    }

    /** Whether any wall holds, and one that does: the search ends with the first. */
    static Optional<Proposal> any(Pack pack, Catalogue catalogue, ProposalLimits limits, Watcher watcher) {
        return search(pack, catalogue, limits, Prices.NONE, watcher, true).proposals().stream()
                .findFirst();
    }

    private static Answer search(
            Pack pack, Catalogue catalogue, ProposalLimits limits, Prices prices, Watcher watcher, boolean firstOnly) {
        if (pack.item().fragility().leastLimitG().isEmpty()) {
            throw new IllegalArgumentException("a proposal needs to know what the item bears, in G");
        }
        Proposals search = new Proposals(pack, catalogue, limits, prices, watcher, firstOnly);
        search.run();
        List<ParetoFront.Figures> members = search.front.members();
        List<Proposal> proposals = search.found.stream()
                .filter(f -> members.contains(f.figures))
                .map(f -> {
                    Evaluation evaluation =
                            Evaluator.evaluate(new Pack(pack.item(), pack.journey(), f.layers), catalogue);
                    return new Proposal(
                            f.layers,
                            f.stock,
                            MaterialCost.of(pack.item().size(), f.layers, evaluation.layout(), prices),
                            evaluation);
                })
                .sorted(Comparator.comparingDouble(Proposal::volumeMm3).thenComparingDouble(Proposal::massKg))
                .toList();
        return new Answer(proposals, search.considered, search.evaluated, search.space.costed());
    }

    private void run() {
        List<ProposalSpace.Frame> frames = space.frames();
        for (int i = 0; i < frames.size(); i++) {
            watcher.progress(i, frames.size(), front.members().size());
            frame(frames.get(i));
            if (firstOnly && !found.isEmpty()) {
                return;
            }
        }
    }

    /** An option with what it absorbs per thickness at each margin level. */
    private record Rated(ProposalSpace.Option option, double[][] perMm) {}

    /** Two cushions, or one, whatever carton is round them. */
    private static final class Pair {
        private final Rated inner;
        private final Optional<Rated> outer;
        /** The last fall that it is known not to take; one value, so that no thread sees half of it. */
        private volatile KnownFailure failure = KnownFailure.NONE;

        private Pair(Rated inner, Optional<Rated> outer) {
            this.inner = inner;
            this.outer = outer;
        }
    }

    private record Trial(Pair pair, ProposalSpace.Shell shell, double massKg, double cost, long order) {}

    private void frame(ProposalSpace.Frame frame) {
        List<Rated> inners = rated(
                space.options(frame.innerBody(), space.wrapped(), frame.innerMm()),
                frame.innerBody(),
                item.massKg(),
                item.massKg());
        double boxKg = frame.innerBox().map(b -> b.massKg()).orElse(0.0);
        double boxCost = frame.innerBox().map(space::cost).orElse(0.0);
        List<Rated> outers = List.of();
        if (frame.outerMm().isPresent()) {
            double heaviest =
                    inners.stream().mapToDouble(r -> r.option.massKg()).max().orElse(0);
            outers = rated(
                    space.options(
                            frame.outerBody(),
                            frame.outerBody(),
                            frame.outerMm().get()),
                    frame.outerBody(),
                    item.massKg() + boxKg,
                    item.massKg() + boxKg + heaviest);
        }
        List<Trial> trials = new ArrayList<>();
        for (Rated inner : inners) {
            watcher.look();
            if (frame.outerMm().isEmpty()) {
                trials(frame, inner, Optional.empty(), item.massKg(), 0, trials);
                continue;
            }
            double moving = item.massKg() + inner.option.massKg() + boxKg;
            if (moving - item.massKg() > EvaluationContext.HEAVY_BOXES_BEYOND * item.massKg()) {
                int skipped = outers.size() * frame.shells().size();
                considered += skipped;
                order += skipped;
                continue;
            }
            for (Rated outer : outers) {
                trials(frame, inner, Optional.of(outer), moving, boxCost, trials);
            }
        }
        trials.sort(Comparator.comparingDouble((Trial t) -> t.shell.volumeMm3())
                .thenComparingDouble(t -> t.massKg)
                .thenComparingLong(t -> t.order));
        for (int from = 0; from < trials.size(); from += BLOCK) {
            block(frame, trials.subList(from, Math.min(trials.size(), from + BLOCK)));
            if (firstOnly && !found.isEmpty()) {
                return;
            }
        }
    }

    /**
     * Those that bear what rests on them with a margin (rule 21).
     *
     * @param leastKg at least so much rests on it
     * @param mostKg at most so much: what it absorbs grows with that
     */
    private List<Rated> rated(List<ProposalSpace.Option> options, Size body, double leastKg, double mostKg) {
        return options.stream()
                .filter(option -> WallSpace.rests(option.foam(), option.layer(), body, leastKg))
                .map(option -> {
                    double[][] perMm = new double[LEVELS.length][];
                    for (int l = 0; l < LEVELS.length; l++) {
                        perMm[l] = capacities[l].perMm(option.foam(), option.layer(), body, mostKg);
                    }
                    return new Rated(option, perMm);
                })
                .toList();
    }

    /** The trials of one pair of cushions that are neither too weak nor outdone. */
    private void trials(
            ProposalSpace.Frame frame,
            Rated inner,
            Optional<Rated> outer,
            double movingKg,
            double boxCost,
            List<Trial> trials) {
        double withoutShellKg = movingKg + outer.orElse(inner).option.massKg();
        Pair pair = new Pair(inner, outer);
        double cost =
                inner.option.cost() + boxCost + outer.map(o -> o.option.cost()).orElse(0.0);
        for (ProposalSpace.Shell shell : frame.shells()) {
            considered++;
            order++;
            double massKg = withoutShellKg + shell.massKg();
            int needed = front.neededPercent(shell.volumeMm3(), cost + shell.cost(), massKg, order);
            if (needed <= ParetoFront.percent(ParetoFront.ENOUGH)
                    && massKg <= LiftCheck.ONE_PERSON_KG
                    && absorbs(frame, inner, outer, movingKg, massKg, needed)) {
                trials.add(new Trial(pair, shell, massKg, cost + shell.cost(), order));
            }
        }
    }

    /** False where these cushions cannot take a flat fall with that margin. */
    private boolean absorbs(
            ProposalSpace.Frame frame, Rated inner, Optional<Rated> outer, double movingKg, double massKg, int needed) {
        int level = LEVELS.length - 1;
        while (level > 0 && ParetoFront.percent(LEVELS[level]) > needed) {
            level--;
        }
        double fall = movingKg * Units.STANDARD_GRAVITY * journey.drop().heightMm(massKg) / 1000 * (1 - WallSpace.HAIR);
        double[] innerJ = inner.perMm[level];
        double[] outerJ = outer.orElse(inner).perMm[level];
        SixSided innerMm = frame.innerMm();
        SixSided outerMm = frame.outerMm().orElse(SixSided.ZERO);
        for (int i = 0; i < innerJ.length; i++) {
            Face face = BlowCapacity.ONE_OF_EACH_PAIR.get(i % BlowCapacity.ONE_OF_EACH_PAIR.size());
            double outside = outer.isPresent() ? outerJ[i] * outerMm.on(face) : 0;
            if (innerJ[i] * innerMm.on(face) + outside < fall) {
                return false;
            }
        }
        return true;
    }

    private void block(ProposalSpace.Frame frame, List<Trial> trials) {
        List<Optional<Found>> answers = IntStream.range(0, trials.size())
                .parallel()
                .mapToObj(i -> tried(frame, trials.get(i)))
                .toList();
        for (Optional<Found> answer : answers) {
            answer.ifPresent(f -> {
                front.offer(f.figures);
                found.add(f);
            });
        }
        List<ParetoFront.Figures> members = front.members();
        found.removeIf(f -> !members.contains(f.figures));
        evaluated += trials.size();
    }

    private Optional<Found> tried(ProposalSpace.Frame frame, Trial trial) {
        watcher.look();
        int needed = front.neededPercent(trial.shell.volumeMm3(), trial.cost, trial.massKg, trial.order);
        if (needed > ParetoFront.percent(ParetoFront.ENOUGH)) {
            return Optional.empty();
        }
        Pair pair = trial.pair;
        double height = journey.drop().heightMm(trial.massKg);
        double caliper = trial.shell.carton().board().caliperMm();
        if (pair.failure.covers(height, caliper, needed)) {
            return Optional.empty();
        }
        List<Layer> layers = space.layers(frame, pair.inner.option, pair.outer.map(Rated::option), trial.shell);
        Pack pack = new Pack(item, journey, layers);
        Optional<String> failing = Holds.failing(pack, catalogue, Set.of(), needed / 100.0);
        if (failing.isPresent()) {
            if (!OF_THE_CARTON.contains(failing.get())) {
                pair.failure = new KnownFailure(height, caliper, needed);
            }
            return Optional.empty();
        }
        Evaluation evaluation = Evaluator.evaluateUndrawn(pack, catalogue);
        return evaluation.verdict() == Status.HOLDS
                ? Optional.of(new Found(
                        ParetoFront.Figures.of(
                                trial.shell.volumeMm3(),
                                trial.cost,
                                trial.massKg,
                                evaluation.lowestMarginButFit(),
                                trial.order),
                        layers,
                        trial.shell.stock()))
                : Optional.empty();
    }
}
