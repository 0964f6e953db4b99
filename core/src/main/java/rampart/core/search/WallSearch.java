package rampart.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rampart.core.check.CreepCheck;
import rampart.core.check.EvaluationContext;
import rampart.core.check.LiftCheck;
import rampart.core.drop.Creep;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.item.Item;
import rampart.core.journey.Journey;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Face;
import rampart.core.quantity.Size;
import rampart.core.quantity.Units;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Status;

/**
 * Goes through the walls of a {@link WallSpace} for an {@link Objective}. Nothing is left out by luck: a wall is passed over
 * only where a bound shows that it breaks, or the objective says that it is not wanted whatever its margin. The order of
 * work does not show in the answer: the same input gives the same walls.
 */
final class WallSearch {
    /** Margins at which the energy of a wall is looked at before it is tried, the least first. */
    private static final double[] LEVELS = {Status.THIN_BELOW, 0.2, ParetoFront.ENOUGH};

    private static final int LEAST_BLOCK = 4;
    private static final int MOST_BLOCK = 128;
    private static final int HEAVY_AT_ONCE = 16;

    /** Checks that another carton round the same cushions may settle otherwise. */
    private static final Set<CheckKind> OF_THE_CARTON =
            Set.of(CheckKind.BOARD_LIMITS, CheckKind.STACK, CheckKind.LIFT, CheckKind.FIT, CheckKind.MOVEMENT);

    private static final double WITH_MARGIN = (1 - Status.THIN_BELOW) * (1 + FlatCapacity.HAIR);

    private final Item item;
    private final Journey journey;
    private final Catalogue catalogue;
    private final WallSpace space;
    private final Objective objective;
    private final Watcher watcher;
    private final FlatCapacity[] capacities = new FlatCapacity[LEVELS.length];
    private final Holds.FailedInTime failedInTime = new Holds.FailedInTime();

    /** Walls that hold at first look and have to be worked in time. */
    private final List<Standing> heavy = new ArrayList<>();

    private long considered;
    private long evaluated;
    private long order;

    WallSearch(Item item, Journey journey, Catalogue catalogue, WallSpace space, Objective objective, Watcher watcher) {
        this.item = item;
        this.journey = journey;
        this.catalogue = catalogue;
        this.space = space;
        this.objective = objective;
        this.watcher = watcher;
        for (int i = 0; i < LEVELS.length; i++) {
            capacities[i] = new FlatCapacity(item.fragility(), journey, LEVELS[i]);
        }
    }

    /** Walls in the frames that were gone through. */
    long considered() {
        return considered;
    }

    /** Of these, how many had to be worked out blow by blow. */
    long evaluated() {
        return evaluated;
    }

    /** Through these frames, in their order. */
    List<Found> run(List<Frame> frames) {
        for (int i = 0; i < frames.size(); i++) {
            watcher.progress(i, frames.size(), objective.best().size());
            Frame frame = frames.get(i);
            if (!objective.settled(frame.volumeMm3())) {
                frame(frame);
            }
        }
        inTime();
        return objective.best();
    }

    /**
     * Of each material in each form, and of each two, the wall that can take most of the flat falls, whatever else it fails, in the
     * strongest carton.
     */
    static List<List<Layer>> nearest(Item item, Journey journey, WallSpace space) {
        WallSearch search =
                new WallSearch(item, journey, null, space, new Smallest(Double.POSITIVE_INFINITY), Watcher.NONE);
        Map<String, Near> best = new LinkedHashMap<>();
        for (Frame frame : space.frames()) {
            Frame.Shell strongest = frame.shells().get(frame.shells().size() - 1);
            List<Rated> inners = search.rated(space.inners(frame), space.body(), space.bodyKg(), space.bodyKg());
            if (!frame.nested()) {
                for (Rated inner : inners) {
                    search.near(best, space, strongest, inner, null, space.bodyKg());
                }
                continue;
            }
            double least = space.bodyKg() + frame.innerBox().orElseThrow().massKg();
            List<Rated> outers =
                    search.rated(space.outers(frame), frame.innerBox().get().outside(), least, least);
            for (Rated inner : inners) {
                for (Rated outer : outers) {
                    search.near(best, space, strongest, inner, outer, least);
                }
            }
        }
        return best.values().stream().map(Near::layers).toList();
    }

    private static String kind(Cushioning one) {
        return one.foam().id() + " " + one.layer().form().getClass().getSimpleName();
    }

    private record Near(double share, List<Layer> layers) {}

    private void near(
            Map<String, Near> best, WallSpace in, Frame.Shell shell, Rated inner, Rated outer, double movingKg) {
        double fall = FlatCapacity.fallJ(movingKg, journey.drop().heightMm(movingKg));
        double share = Double.POSITIVE_INFINITY;
        for (int i = 0; i < inner.joules()[0].length; i++) {
            double taken = inner.joules()[0][i] + (outer == null ? 0 : outer.joules()[0][i]);
            share = Math.min(share, taken / fall);
        }
        Optional<Cushioning> outside = outer == null ? Optional.empty() : Optional.of(outer.cushioning());
        String kind = kind(inner.cushioning()) + outside.map(o -> " " + kind(o)).orElse("");
        Near known = best.get(kind);
        if (known == null || share > known.share()) {
            best.put(kind, new Near(share, in.layers(inner.cushioning(), outside, shell)));
        }
    }

    /** A cushion with what it absorbs at most at each margin level, J. */
    private record Rated(Cushioning cushioning, double[][] joules) {}

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

    private record Trial(Pair pair, Frame.Shell shell, double massKg, double cost, long order) {}

    private void frame(Frame frame) {
        List<Frame.Shell> shells = frame.shells().stream().filter(this::grade).toList();
        if (shells.isEmpty()) {
            return;
        }
        List<Rated> inners = rated(space.inners(frame), space.body(), space.bodyKg(), space.bodyKg());
        List<Trial> trials = new ArrayList<>();
        if (frame.nested()) {
            nested(frame, shells, inners, trials);
        } else {
            for (Rated inner : inners) {
                trials(frame, shells, inner, Optional.empty(), space.bodyKg(), 0, trials);
            }
        }
        trials.sort(Comparator.comparingDouble(Trial::massKg).thenComparingLong(Trial::order));
        // Blocks grow: where the first hold, little is tried for nothing; where none does, all cores are busy.
        int size = LEAST_BLOCK;
        for (int from = 0; from < trials.size(); from += size) {
            size = from == 0 ? LEAST_BLOCK : Math.min(MOST_BLOCK, 2 * size);
            heavy.addAll(block(frame, trials.subList(from, Math.min(trials.size(), from + size))));
            // One that holds may end a search for the smallest; a front of many can wait until all cores have work.
            if (!objective.comparesMargins() || heavy.size() >= HEAVY_AT_ONCE) {
                inTime();
            }
        }
    }

    private void nested(Frame frame, List<Frame.Shell> shells, List<Rated> inners, List<Trial> trials) {
        double boxKg = frame.innerBox().orElseThrow().massKg();
        double boxCost = space.cost(frame.innerBox().get());
        Size body = frame.innerBox().get().outside();
        double heaviest =
                inners.stream().mapToDouble(r -> r.cushioning().massKg()).max().orElse(0);
        double least = space.bodyKg() + boxKg;
        List<Rated> outers = rated(space.outers(frame), body, least, least + heaviest);
        double[] best = best(outers);
        for (Rated inner : inners) {
            watcher.look();
            double moving = least + inner.cushioning().massKg();
            double fall = FlatCapacity.fallJ(moving, journey.drop().heightMm(moving + mostOutsideKg(frame, shells)));
            if (outers.isEmpty() || FlatCapacity.tooLittle(inner.joules()[0], best, fall)) {
                skip(outers.size() * shells.size());
                continue;
            }
            for (Rated outer : outers) {
                trials(frame, shells, inner, Optional.of(outer), moving, boxCost, trials);
            }
        }
    }

    private void skip(int walls) {
        considered += walls;
        order += walls;
    }

    /** What the best of these absorbs on each face and temperature by itself: a bound for all of them. */
    private static double[] best(List<Rated> all) {
        if (all.isEmpty()) {
            return new double[0];
        }
        double[] best = new double[all.get(0).joules()[0].length];
        for (Rated one : all) {
            for (int i = 0; i < best.length; i++) {
                best[i] = Math.max(best[i], one.joules()[0][i]);
            }
        }
        return best;
    }

    private double mostOutsideKg(Frame frame, List<Frame.Shell> shells) {
        double densest = catalogue.foams().stream()
                .mapToDouble(foam -> foam.densityKgM3())
                .max()
                .orElse(0);
        return densest * frame.volumeMm3() * 1e-9
                + shells.get(shells.size() - 1).massKg();
    }

    /**
     * Those that keep their thickness under what rests on them (rule 21).
     *
     * @param leastKg at least so much rests on it
     * @param mostKg at most so much: what it absorbs grows with that
     */
    private List<Rated> rated(List<Cushioning> all, Size body, double leastKg, double mostKg) {
        List<Rated> rated = new ArrayList<>();
        for (Cushioning one : all) {
            if (!keeps(one, body, leastKg)) {
                continue;
            }
            double[][] joules = new double[LEVELS.length][];
            for (int l = 0; l < LEVELS.length; l++) {
                joules[l] = capacities[l].joules(one.foam(), one.layer(), body, mostKg);
            }
            rated.add(new Rated(one, joules));
        }
        return rated;
    }

    private boolean keeps(Cushioning one, Size body, double massKg) {
        double areaM2 = one.layer().form().bearingMm2(body, Face.BOTTOM) * 1e-6;
        double kpa = massKg * Units.STANDARD_GRAVITY / areaM2 * 1e-3;
        return Creep.lost(one.foam(), kpa, journey) <= CreepCheck.LIMIT * WITH_MARGIN;
    }

    /** False where its size alone rules a board out (rule 26). */
    private boolean grade(Frame.Shell shell) {
        Size size = shell.carton().outside();
        double inches = (size.lengthMm() + size.widthMm() + size.heightMm()) / Units.MM_PER_IN;
        return inches <= shell.carton().board().limitIn() * WITH_MARGIN;
    }

    private boolean carries(Frame.Shell shell, double massKg) {
        double lb = massKg / Units.KG_PER_LB;
        return massKg <= LiftCheck.ONE_PERSON_KG && lb <= shell.carton().board().limitLb() * WITH_MARGIN;
    }

    /** The trials of one pair of cushions that are neither too weak nor unwanted. */
    private void trials(
            Frame frame,
            List<Frame.Shell> shells,
            Rated inner,
            Optional<Rated> outer,
            double movingKg,
            double boxCost,
            List<Trial> trials) {
        Pair pair = new Pair(inner, outer);
        double withoutShellKg = movingKg + outer.orElse(inner).cushioning().massKg();
        double cost = inner.cushioning().cost()
                + boxCost
                + outer.map(o -> o.cushioning().cost()).orElse(0.0);
        for (Frame.Shell shell : shells) {
            considered++;
            order++;
            double massKg = withoutShellKg + shell.massKg();
            int needed = objective.neededPercent(frame.nested(), frame.volumeMm3(), cost + shell.cost(), massKg, order);
            if (needed < Objective.NEVER && carries(shell, massKg) && absorbs(inner, outer, movingKg, massKg, needed)) {
                trials.add(new Trial(pair, shell, massKg, cost + shell.cost(), order));
            }
        }
    }

    /** False where these cushions cannot take a flat fall with that margin. */
    private boolean absorbs(Rated inner, Optional<Rated> outer, double movingKg, double massKg, int needed) {
        int level = LEVELS.length - 1;
        while (level > 0 && ParetoFront.percent(LEVELS[level]) > needed) {
            level--;
        }
        double fall = FlatCapacity.fallJ(movingKg, journey.drop().heightMm(massKg));
        double[] other = outer.isPresent() ? outer.get().joules()[level] : null;
        return !FlatCapacity.tooLittle(inner.joules()[level], other, fall);
    }

    /** Takes those that hold; those whose boxes are heavy are left for later. */
    private List<Standing> block(Frame frame, List<Trial> trials) {
        List<Standing> standing = trials.parallelStream()
                .map(trial -> atFirstLook(frame, trial))
                .flatMap(Optional::stream)
                .toList();
        standing.parallelStream()
                .filter(one -> !one.heavy())
                .map(one -> found(frame, one))
                .toList()
                .forEach(found -> found.ifPresent(objective::offer));
        evaluated += trials.size();
        return standing.stream().filter(Standing::heavy).toList();
    }

    /**
     * Works in time what has been left for later, one by one on all cores, each taken at once: that is a hundred times as dear
     * as asking whether a wall is still wanted.
     */
    private void inTime() {
        heavy.parallelStream().forEach(one -> found(one.frame(), one).ifPresent(this::offer));
        heavy.clear();
    }

    private void offer(Found found) {
        synchronized (objective) {
            objective.offer(found);
        }
    }

    /** A wall that holds at first look. */
    private record Standing(Frame frame, Trial trial, List<Layer> layers, EvaluationContext context) {
        boolean heavy() {
            return context.heavyBoxes();
        }
    }

    private int needed(Frame frame, Trial trial) {
        synchronized (objective) {
            return objective.neededPercent(frame.nested(), frame.volumeMm3(), trial.cost, trial.massKg, trial.order);
        }
    }

    private Optional<Standing> atFirstLook(Frame frame, Trial trial) {
        watcher.look();
        int needed = needed(frame, trial);
        if (needed >= Objective.NEVER) {
            return Optional.empty();
        }
        Pair pair = trial.pair;
        double height = journey.drop().heightMm(trial.massKg);
        double caliper = trial.shell.carton().board().caliperMm();
        if (pair.failure.covers(height, caliper, needed)) {
            return Optional.empty();
        }
        List<Layer> layers = space.layers(pair.inner.cushioning(), pair.outer.map(Rated::cushioning), trial.shell);
        EvaluationContext context = EvaluationContext.atFirstLook(new Pack(item, journey, layers), catalogue);
        Optional<CheckKind> failing = Holds.atFirstLook(context, needed / 100.0);
        failing.ifPresent(check -> fails(trial, check, needed));
        return failing.isPresent() ? Optional.empty() : Optional.of(new Standing(frame, trial, layers, context));
    }

    private void fails(Trial trial, CheckKind check, int needed) {
        if (!OF_THE_CARTON.contains(check)) {
            trial.pair.failure = new KnownFailure(
                    journey.drop().heightMm(trial.massKg),
                    trial.shell.carton().board().caliperMm(),
                    needed);
        }
    }

    private Optional<Found> found(Frame frame, Standing standing) {
        watcher.look();
        Trial trial = standing.trial();
        int needed = needed(frame, trial);
        if (needed >= Objective.NEVER) {
            return Optional.empty();
        }
        double margin = needed / 100.0;
        // What others have brought since may ask for more than this one has at first look.
        if (standing.heavy() && Holds.atFirstLook(standing.context(), margin).isPresent()) {
            return Optional.empty();
        }
        Holds.InTime inTime = Holds.inTime(standing.context(), margin, failedInTime);
        if (inTime.failing().isPresent()) {
            fails(trial, inTime.failing().get(), needed);
            return Optional.empty();
        }
        if (objective.comparesMargins()) {
            Evaluation evaluation = Evaluator.settled(standing.context(), inTime.worked());
            if (evaluation.verdict() != Status.HOLDS) {
                return Optional.empty();
            }
            margin = evaluation.lowestMarginButFit();
        }
        return Optional.of(new Found(
                ParetoFront.Figures.of(frame.volumeMm3(), trial.cost, trial.massKg, margin, trial.order),
                standing.layers(),
                frame.stock(),
                frame.nested(),
                inTime.worked()));
    }
}
