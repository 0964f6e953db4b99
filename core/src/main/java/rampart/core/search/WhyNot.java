package rampart.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
import rampart.core.check.EvaluationContext;
import rampart.core.drop.Drop;
import rampart.core.drop.DropsInTime;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.item.Feature;
import rampart.core.item.Item;
import rampart.core.journey.DropPlan;
import rampart.core.journey.DropSequence;
import rampart.core.journey.Journey;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Status;
import rampart.core.words.Quantity;
import rampart.core.words.SearchWords;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/**
 * Why no wall holds: the demands that could give way, the one that gives least first, and what a packer does then. Told of
 * the walls that come nearest; another may ask for a hair less.
 *
 * @param ways none where no single demand, and no two together, would do
 */
public record WhyNot(List<Way> ways) {
    /** So many of the nearest are worked in time, each at its hardest blow, and again as many whole. */
    private static final int HARDEST_IN_TIME = 64;

    private static final int WHOLE_IN_TIME = 8;

    /** Each step asks for this much less of the journey. */
    private static final double STEP = 1.1;

    private static final int STEPS = 32;

    /** An item that would have to bear more than this many times as much is beyond any wall. */
    private static final double MOST = 64;

    /**
     * One demand that gives way.
     *
     * @param demand {@code bears}, {@code fall}, {@code both}, {@code flat}, {@code apart}, or a check's id
     * @param gives by how much, as a factor; 1 where it is a yes or a no
     * @param because what a packer does then
     * @param layers a wall that then holds, from the item outward
     */
    public record Way(String demand, double gives, Sentence because, List<Layer> layers) {}

    /**
     * For an item for which no wall of this space holds.
     *
     * @param space that was searched
     */
    static WhyNot of(Item item, Journey journey, Catalogue catalogue, WallSpace space, Watcher watcher) {
        return new Search(item, journey, catalogue, space, watcher).found();
    }

    private static final class Search {
        private final Item item;
        private final Journey journey;
        private final Catalogue catalogue;
        private final WallSpace space;
        private final Watcher watcher;
        private final double bearsG;
        private final double fallMm;
        private final List<Way> ways = new ArrayList<>();

        private Search(Item item, Journey journey, Catalogue catalogue, WallSpace space, Watcher watcher) {
            this.item = item;
            this.journey = journey;
            this.catalogue = catalogue;
            this.space = space;
            this.watcher = watcher;
            bearsG = item.fragility().leastLimitG().orElseThrow();
            fallMm = journey.drop().heightMm(item.massKg());
        }

        /** A wall and by what factor the item would have to bear more for its drops to hold. */
        private record Near(List<Layer> layers, double factor) {}

        private WhyNot found() {
            Map<CheckKind, List<Layer>> single = new EnumMap<>(CheckKind.class);
            List<Near> near = new ArrayList<>();
            record Looked(List<Layer> layers, Evaluation evaluation) {}
            List<Looked> looked = WallSearch.nearest(item, journey, space).parallelStream()
                    .map(layers -> {
                        watcher.look();
                        return new Looked(
                                layers, Evaluator.evaluateAtFirstLook(pack(item, journey, layers), catalogue));
                    })
                    .toList();
            for (Looked one : looked) {
                Set<CheckKind> failing = failing(one.evaluation());
                if (failing.stream().allMatch(CheckKind::isDrop)) {
                    near.add(new Near(one.layers(), factor(one.evaluation())));
                } else if (failing.size() == 1) {
                    single.putIfAbsent(failing.iterator().next(), one.layers());
                }
            }
            single.forEach((check, layers) -> {
                List<Check> failed = Evaluator.simulate(pack(item, journey, layers), catalogue).checks().stream()
                        .filter(c -> c.status() != Status.HOLDS)
                        .toList();
                if (!failed.isEmpty() && failed.stream().allMatch(c -> c.id().kind() == check)) {
                    ways.add(new Way(failed.get(0).id().text(), 1, because(failed.get(0)), layers));
                }
            });
            near.sort(Comparator.comparingDouble(Near::factor));
            drops(near);
            apart(near);
            ways.sort(Comparator.comparingDouble(Way::gives));
            return new WhyNot(List.copyOf(ways));
        }

        /** Kinds of the checks that do not hold. */
        private static Set<CheckKind> failing(Evaluation evaluation) {
            return evaluation.checks().stream()
                    .filter(check -> check.status() != Status.HOLDS)
                    .map(check -> check.id().kind())
                    .collect(Collectors.toSet());
        }

        /** How many times as much the item would have to bear for every drop to leave a tenth. */
        private static double factor(Evaluation evaluation) {
            double most = 0;
            for (Check check : evaluation.checks()) {
                if (check.id().kind().isDrop()) {
                    most = Math.max(most, check.demand() / check.limit().orElse(check.demand()));
                }
            }
            return most / (1 - Status.THIN_BELOW);
        }

        /** The nearest in time, and what it would hold with. */
        private void drops(List<Near> near) {
            List<Near> hardest = near.stream().limit(HARDEST_IN_TIME).toList().parallelStream()
                    .map(one -> new Near(one.layers(), Math.max(one.factor(), hardestInTime(one.layers()))))
                    .sorted(Comparator.comparingDouble(Near::factor))
                    .limit(WHOLE_IN_TIME)
                    .toList();
            Near best = null;
            for (Near one : hardest) {
                watcher.look();
                if (best == null || one.factor() < best.factor()) {
                    Evaluation whole = Evaluator.simulateUndrawn(pack(item, journey, one.layers()), catalogue);
                    Near settled = new Near(one.layers(), factor(whole));
                    boolean others =
                            whole.checks().stream().allMatch(c -> c.id().kind().isDrop() || c.status() == Status.HOLDS);
                    best = others && (best == null || settled.factor() < best.factor()) ? settled : best;
                }
            }
            if (best == null || best.factor() > MOST) {
                return;
            }
            List<Layer> layers = best.layers();
            double needed = Math.max(best.factor(), 1) * (1 + FlatCapacity.HAIR);
            ways.add(new Way(
                    "bears",
                    needed,
                    SearchWords.WOULD_HAVE_TO_BEAR.of(Quantity.g(Math.ceil(bearsG * needed)), Quantity.g(bearsG)),
                    layers));
            steps(k -> holds(item, lower(k), layers))
                    .ifPresent(factor -> ways.add(new Way(
                            "fall",
                            factor,
                            SearchWords.WOULD_HAVE_TO_FALL.of(
                                    Quantity.wholeMm(Math.floor(fallMm / factor)), Quantity.wholeMm(fallMm)),
                            layers)));
            steps(k -> holds(stronger(Math.pow(STEP, k)), lower(k), layers))
                    .ifPresent(factor -> ways.add(new Way(
                            "both",
                            factor,
                            SearchWords.WOULD_HAVE_TO_DO_BOTH.of(
                                    Quantity.g(Math.ceil(bearsG * factor)),
                                    Quantity.wholeMm(Math.floor(fallMm / factor))),
                            layers)));
            DropPlan plan = journey.drop();
            if (plan.sequence() != DropSequence.FACES
                    && holds(item, journey.with(plan.with(DropSequence.FACES)), layers)) {
                ways.add(new Way("flat", 1, SearchWords.WOULD_HAVE_TO_STAY_FLAT.of(), layers));
            }
        }

        /** The factor that the hardest blow asks for in time; 0 where no box is heavy. */
        private double hardestInTime(List<Layer> layers) {
            EvaluationContext context = EvaluationContext.atFirstLook(pack(item, journey, layers), catalogue);
            if (!context.heavyBoxes()) {
                return 0;
            }
            return context.drops().stream()
                    .filter(Drop::counted)
                    .max(Comparator.comparingDouble(Drop::g))
                    .flatMap(drop -> DropsInTime.worst(context.working(), drop.id()))
                    .map(worked -> worked.g() / bearsG / (1 - Status.THIN_BELOW))
                    .orElse(Double.POSITIVE_INFINITY);
        }

        /** The heaviest part sent by itself. */
        private void apart(List<Near> near) {
            List<Feature> features = item.properties().features();
            Optional<Feature> part = features.stream()
                    .filter(f -> f.massKg().isPresent() && f.massKg().getAsDouble() < item.massKg())
                    .max(Comparator.comparingDouble(f -> f.massKg().getAsDouble()));
            if (part.isEmpty()) {
                return;
            }
            Item without = item.without(features.indexOf(part.get()));
            near.stream()
                    .limit(WHOLE_IN_TIME)
                    .map(Near::layers)
                    .filter(layers -> holds(without, journey, layers))
                    .findFirst()
                    .ifPresent(layers -> ways.add(new Way(
                            "apart",
                            1,
                            SearchWords.SEND_APART.of(Term.name(part.get().name())),
                            layers)));
        }

        /** The fewest steps with which it holds, by halving, as a factor. */
        private Optional<Double> steps(IntPredicate holdsWith) {
            int low = 0;
            int high = STEPS;
            if (!holdsWith.test(high)) {
                return Optional.empty();
            }
            while (high - low > 1) {
                watcher.look();
                int middle = (low + high) / 2;
                if (holdsWith.test(middle)) {
                    high = middle;
                } else {
                    low = middle;
                }
            }
            return Optional.of(Math.pow(STEP, high));
        }

        private boolean holds(Item asked, Journey on, List<Layer> layers) {
            return Holds.failing(pack(asked, on, layers), catalogue, Status.THIN_BELOW)
                    .isEmpty();
        }

        private Item stronger(double factor) {
            return item.with(item.fragility().times(factor));
        }

        private Journey lower(int steps) {
            DropPlan plan = journey.drop();
            return journey.with(DropPlan.own(fallMm / Math.pow(STEP, steps), plan.sequence(), plan.repeated()));
        }

        private static Pack pack(Item item, Journey journey, List<Layer> layers) {
            return new Pack(item, journey, layers);
        }

        private static Sentence because(Check check) {
            return switch (check.id().kind()) {
                case LIFT -> SearchWords.NO_WALL_TOO_HEAVY.of();
                case STACK -> SearchWords.NO_WALL_PILE.of();
                case BOARD_LIMITS -> SearchWords.NO_WALL_BOARD.of();
                case VIBRATION -> SearchWords.NO_WALL_RIDE.of();
                default -> SearchWords.NO_WALL_BUT_FOR.of(Term.name(check.titleInside()));
            };
        }
    }
}
