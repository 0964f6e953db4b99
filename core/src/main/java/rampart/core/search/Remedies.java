package rampart.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import rampart.core.check.EvaluationContext;
import rampart.core.check.JointCheck;
import rampart.core.cost.Prices;
import rampart.core.cut.MaterialCost;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.evaluation.UnreckonableException;
import rampart.core.item.Feature;
import rampart.core.item.Item;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Status;
import rampart.core.words.SearchWords;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/**
 * What would mend a check: every single change of {@link LayerChanges} is tried in its row from the least on, and the
 * first that mends the check is a remedy; where none does, two rows together, the least steps first. A part on an arm can
 * be sent by itself. Of these, none is kept that another beats in outside volume, mass, margin and, where every part has a
 * price, cost together (rule 35).
 */
public final class Remedies {
    private final Pack pack;
    private final Catalogue catalogue;
    private final Prices prices;
    private final Stock stock;
    private final Watcher watcher;
    private final Evaluation now;
    private final Check sick;

    private Remedies(
            Pack pack, Catalogue catalogue, Prices prices, Stock stock, Watcher watcher, Evaluation now, Check sick) {
        this.pack = pack;
        this.catalogue = catalogue;
        this.prices = prices;
        this.stock = stock;
        this.watcher = watcher;
        this.now = now;
        this.sick = sick;
    }

    /**
     * The remedies for one check, the smallest pack first. They make it hold; where no single change does, they make a
     * breaking check thin; where none does that either, two changes are tried in the same way. Changes after which another
     * check stands worse are told only where there are no others, and only if the verdict is no worse, no pad that stood folds over, and
     * the lowest margin rises. All are judged as the pack itself is, in time where heavy boxes ask for it (rule 34).
     *
     * @param prices of material; where every part has one, cost is compared too
     * @param stock sheets of the house, in whose thicknesses foam can be had
     * @param check which, or empty for the weakest of the pack
     * @return empty also where that check holds or does not exist, or is unknown for a reason that no change takes away
     * @throws SearchStoppedException if the watcher stops it
     */
    public static List<Remedy> of(
            Pack pack, Catalogue catalogue, Prices prices, Stock stock, Optional<CheckId> check, Watcher watcher) {
        Evaluation now = Evaluator.simulate(pack, catalogue);
        Optional<Check> sick = check.isPresent()
                ? now.checks().stream().filter(c -> c.id().equals(check.get())).findFirst()
                : now.weakest();
        if (sick.isEmpty() || sick.get().status() == Status.HOLDS) {
            return List.of();
        }
        return new Remedies(pack, catalogue, prices, stock, watcher, now, sick.get()).found();
    }

    private List<Remedy> found() {
        List<Remedy> apart = apart().stream().toList();
        if (sick.status() == Status.UNKNOWN) {
            return apart.stream()
                    .map(remedy -> remedy.with(Evaluator.simulate(remedy.pack(), catalogue)))
                    .toList();
        }
        List<LayerChanges.Row> rows = LayerChanges.of(pack, now.layout(), catalogue, stock);
        List<List<LayerChanges.Row>> singles = rows.stream().map(List::of).toList();
        List<Remedy> remedies = mended(singles, apart);
        return remedies.isEmpty() ? mended(pairs(rows), List.of()) : remedies;
    }

    /** The best that these rows reach: to hold before to be thin, without harm elsewhere before with. */
    private List<Remedy> mended(List<List<LayerChanges.Row>> rows, List<Remedy> others) {
        List<Status> wanted =
                sick.status() == Status.BREAKS ? List.of(Status.HOLDS, Status.THIN) : List.of(Status.HOLDS);
        for (Status status : wanted) {
            for (boolean strict : new boolean[] {true, false}) {
                Aim aim = new Aim(sick.id(), status, strict, now);
                List<Remedy> remedies = Stream.concat(
                                rows.parallelStream()
                                        .map(row -> first(row, aim))
                                        .flatMap(Optional::stream),
                                others.stream().filter(aim::reachedBy))
                        .toList();
                List<Remedy> settled = settled(remedies, aim);
                if (!settled.isEmpty()) {
                    return settled;
                }
            }
        }
        return List.of();
    }

    /** Two kinds of change together, of one layer or two: those that change every side alike, so that their number stays. */
    private static List<List<LayerChanges.Row>> pairs(List<LayerChanges.Row> rows) {
        List<List<LayerChanges.Row>> pairs = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            for (int j = i + 1; j < rows.size(); j++) {
                LayerChanges.Row a = rows.get(i);
                LayerChanges.Row b = rows.get(j);
                boolean apart = a.layer() != b.layer() || a.part() != b.part();
                if (a.face().isEmpty() && b.face().isEmpty() && apart) {
                    pairs.add(List.of(a, b));
                }
            }
        }
        return pairs;
    }

    /** The least steps of these rows together that reach the aim: the fewest steps in all, then the fewest of the first. */
    private Optional<Remedy> first(List<LayerChanges.Row> rows, Aim aim) {
        return steps(rows)
                .peek(changes -> watcher.look())
                .flatMap(changes -> tried(changes, aim).stream())
                .findFirst();
    }

    /** A change after which nothing can be said of the pack is no remedy, and stands in the way of no other. */
    private Optional<Remedy> tried(List<Remedy.Change> changes, Aim aim) {
        try {
            return reaches(with(changes), aim) ? Optional.of(remedy(changes)).filter(aim::reachedBy) : Optional.empty();
        } catch (UnreckonableException e) {
            return Optional.empty();
        }
    }

    private static Stream<List<Remedy.Change>> steps(List<LayerChanges.Row> rows) {
        LayerChanges.Row first = rows.get(0);
        if (rows.size() == 1) {
            return IntStream.range(0, first.changes().size()).mapToObj(i -> List.of(first.change(i)));
        }
        LayerChanges.Row second = rows.get(1);
        int all = first.changes().size() + second.changes().size() - 1;
        return IntStream.range(0, Math.max(0, all))
                .boxed()
                .flatMap(sum -> IntStream.rangeClosed(0, sum)
                        .filter(i -> i < first.changes().size()
                                && sum - i < second.changes().size())
                        .mapToObj(i -> List.of(first.change(i), second.change(sum - i))));
    }

    /**
     * What a change has to reach.
     *
     * @param strict true where no other check may stand worse than before; false where the pack as a whole may not, and
     *     its lowest margin must rise
     */
    private record Aim(CheckId check, Status wanted, boolean strict, Evaluation before) {
        boolean reachedBy(Remedy remedy) {
            for (Check c : remedy.evaluation().checks()) {
                Status least = c.id().equals(check) ? wanted : strict ? was(c.id()) : notWorse(c.id());
                if (c.status().ordinal() < least.ordinal()) {
                    return false;
                }
            }
            return strict || remedy.evaluation().lowestMarginButFit() > before.lowestMarginButFit();
        }

        /** Pads that stood, or were none, do not fold over: that mends nothing, whatever it does to the lowest margin. */
        private Status notWorse(CheckId id) {
            return id.kind() == CheckKind.BUCKLING && was(id) == Status.HOLDS ? Status.UNKNOWN : before.verdict();
        }

        /** A check that was not asked before must hold. */
        private Status was(CheckId id) {
            return before.checks().stream()
                    .filter(c -> c.id().equals(id))
                    .map(Check::status)
                    .findFirst()
                    .orElse(Status.HOLDS);
        }
    }

    /** The check in question alone: most changes do not mend it, and need no whole evaluation. */
    private boolean reaches(Pack changed, Aim aim) {
        return Evaluator.check(EvaluationContext.atFirstLook(changed, catalogue), aim.check())
                .map(check -> check.status().ordinal() >= aim.wanted().ordinal())
                .orElse(true);
    }

    /** The best of these that stand as they are told, also in time where heavy boxes ask for that (rule 34). */
    private List<Remedy> settled(List<Remedy> remedies, Aim aim) {
        return best(remedies).stream()
                .map(remedy -> {
                    watcher.look();
                    return remedy.with(Evaluator.simulate(remedy.pack(), catalogue));
                })
                .filter(aim::reachedBy)
                .toList();
    }

    /** The part on an arm that the check is about, sent by itself. */
    private Optional<Remedy> apart() {
        Optional<Feature> part = JointCheck.part(pack.item(), sick.id());
        if (part.isEmpty()) {
            return Optional.empty();
        }
        Item item = pack.item();
        int index = item.properties().features().indexOf(part.get());
        double left = item.massKg() - part.get().massKg().orElseThrow();
        if (!(left > 0)) {
            return Optional.empty();
        }
        Pack without = new Pack(item.without(index), pack.journey(), pack.layers());
        Remedy remedy = remedy(
                without,
                List.of(),
                OptionalInt.of(index),
                SearchWords.SEND_APART.of(Term.name(part.get().name())));
        return remedy.evaluation().verdict().ordinal() >= now.verdict().ordinal()
                ? Optional.of(remedy)
                : Optional.empty();
    }

    private Remedy remedy(List<Remedy.Change> changes) {
        List<Sentence> titles = changes.stream()
                .map(change -> RemedyTitle.of(pack, change, catalogue))
                .toList();
        Sentence title = titles.size() == 1 ? titles.get(0) : SearchWords.BOTH.of(titles.get(0), titles.get(1));
        return remedy(with(changes), changes, OptionalInt.empty(), title);
    }

    private Remedy remedy(Pack changed, List<Remedy.Change> changes, OptionalInt apart, Sentence title) {
        Evaluation evaluation = Evaluator.evaluateAtFirstLook(changed, catalogue);
        OptionalDouble cost = cost(changed, evaluation);
        OptionalDouble before = cost(pack, now);
        OptionalDouble dearer = cost.isPresent() && before.isPresent()
                ? OptionalDouble.of(cost.getAsDouble() - before.getAsDouble())
                : OptionalDouble.empty();
        return new Remedy(changes, apart, title, changed, evaluation, cost, dearer);
    }

    private OptionalDouble cost(Pack costed, Evaluation evaluation) {
        return MaterialCost.of(costed, evaluation.layout(), catalogue, prices);
    }

    private Pack with(List<Remedy.Change> changes) {
        List<Layer> layers = new ArrayList<>(pack.layers());
        for (Remedy.Change change : changes) {
            layers.set(change.layer(), change.what().on(layers.get(change.layer())));
        }
        return new Pack(pack.item(), pack.journey(), layers);
    }

    /** Bands are threaded and knotted in each pack: whatever does without them is told beside them. */
    private boolean tiesMore(Remedy remedy) {
        return ties(remedy.pack()) > ties(pack);
    }

    private static int ties(Pack pack) {
        return pack.layers().stream()
                .mapToInt(layer -> layer.match(
                        wrap -> 0,
                        cushion -> cushion.form()
                                .match(
                                        full -> 0,
                                        pads -> 0,
                                        corners -> 0,
                                        bed -> bed.shape().ties().size()),
                        box -> 0,
                        boards -> 0))
                .sum();
    }

    private List<Remedy> best(List<Remedy> remedies) {
        boolean costed = remedies.stream().allMatch(remedy -> remedy.cost().isPresent());
        List<Remedy> kept = new ArrayList<>();
        for (Remedy one : remedies) {
            WallMetrics metrics = one.metrics(costed);
            if (remedies.stream()
                    .filter(other -> tiesMore(one) || !tiesMore(other))
                    .noneMatch(other -> other.metrics(costed).dominates(metrics))) {
                kept.add(one);
            }
        }
        kept.sort(Comparator.comparingDouble(Remedy::volumeMm3)
                .thenComparingDouble(r -> r.evaluation().layout().grossMassKg()));
        return List.copyOf(kept);
    }
}
