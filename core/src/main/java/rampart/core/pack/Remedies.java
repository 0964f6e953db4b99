package rampart.core.pack;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.cost.MaterialCost;
import rampart.core.cost.Prices;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;

/**
 * What would mend a check: every single change of {@link LayerChanges} is tried in its row from the least on, and the
 * first that mends the check is a remedy. Of these, none is kept that another beats in outside volume, mass, margin and,
 * where every part has a price, cost together (rule 35).
 */
public final class Remedies {
    private Remedies() {}

    /**
     * The remedies for one check, the smallest pack first. They make it hold; where no single change does, they make a
     * breaking check thin; where none does that either, there are none. Changes after which another check stands worse
     * are told only where there are no others, and only if the verdict is no worse and the lowest margin rises.
     *
     * @param prices of material; where every part has one, cost is compared too
     * @param check id of the check, or empty for the weakest of the pack
     * @return empty also where that check holds, is unknown, or does not exist
     */
    public static List<Remedy> of(Pack pack, Catalogue catalogue, Prices prices, Optional<String> check) {
        Evaluation now = Evaluator.evaluate(pack, catalogue);
        Optional<Check> sick = check.isPresent()
                ? now.checks().stream().filter(c -> c.id().equals(check.get())).findFirst()
                : now.weakest();
        if (sick.isEmpty() || sick.get().status() == Status.HOLDS || sick.get().status() == Status.UNKNOWN) {
            return List.of();
        }
        List<LayerChanges.Row> rows = LayerChanges.of(pack, now.layout(), catalogue);
        List<Status> wanted =
                sick.get().status() == Status.BREAKS ? List.of(Status.HOLDS, Status.THIN) : List.of(Status.HOLDS);
        for (Status status : wanted) {
            for (boolean strict : new boolean[] {true, false}) {
                Aim aim = new Aim(sick.get().id(), status, strict, now, prices);
                List<Remedy> remedies = best(mended(pack, catalogue, rows, aim));
                if (!remedies.isEmpty()) {
                    return remedies;
                }
            }
        }
        return List.of();
    }

    /**
     * What a change has to reach.
     *
     * @param strict true where no other check may stand worse than before; false where the pack as a whole may not, and
     *     its lowest margin must rise
     */
    private record Aim(String check, Status wanted, boolean strict, Evaluation before, Prices prices) {
        boolean reachedBy(Remedy remedy) {
            for (Check c : remedy.evaluation().checks()) {
                Status least = c.id().equals(check) ? wanted : strict ? was(c.id()) : before.verdict();
                if (c.status().ordinal() < least.ordinal()) {
                    return false;
                }
            }
            return strict || remedy.margin() > before.lowestMargin();
        }

        /** A check that was not asked before must hold. */
        private Status was(String id) {
            return before.checks().stream()
                    .filter(c -> c.id().equals(id))
                    .map(Check::status)
                    .findFirst()
                    .orElse(Status.HOLDS);
        }
    }

    private static List<Remedy> mended(Pack pack, Catalogue catalogue, List<LayerChanges.Row> rows, Aim aim) {
        return rows.parallelStream()
                .map(row -> row.changes().stream()
                        .filter(layer -> reaches(with(pack, row, layer), catalogue, aim.check(), aim.wanted()))
                        .map(layer -> remedy(pack, catalogue, row, layer, aim))
                        .filter(aim::reachedBy)
                        .findFirst())
                .flatMap(Optional::stream)
                .toList();
    }

    private static Remedy remedy(Pack pack, Catalogue catalogue, LayerChanges.Row row, Layer layer, Aim aim) {
        Pack changed = with(pack, row, layer);
        Evaluation evaluation = Evaluator.evaluate(changed, catalogue);
        OptionalDouble cost = cost(changed, evaluation, aim.prices());
        OptionalDouble before = cost(pack, aim.before(), aim.prices());
        OptionalDouble dearer = cost.isPresent() && before.isPresent()
                ? OptionalDouble.of(cost.getAsDouble() - before.getAsDouble())
                : OptionalDouble.empty();
        String title = RemedyTitle.of(pack, row.layer(), row.lever(), row.face().orElse(null), layer, catalogue);
        return new Remedy(row.layer(), row.lever(), row.face(), layer, title, evaluation, cost, dearer);
    }

    private static OptionalDouble cost(Pack pack, Evaluation evaluation, Prices prices) {
        return MaterialCost.of(pack.item().size(), pack.layers(), evaluation.layout(), prices);
    }

    private static Pack with(Pack pack, LayerChanges.Row row, Layer layer) {
        List<Layer> layers = new ArrayList<>(pack.layers());
        layers.set(row.layer(), layer);
        return new Pack(pack.item(), pack.journey(), layers);
    }

    /** The check in question alone: most changes do not mend it, and need no whole evaluation. */
    private static boolean reaches(Pack pack, Catalogue catalogue, String check, Status wanted) {
        return Evaluator.check(Situation.undrawn(pack, catalogue), check)
                .map(c -> c.status().ordinal() >= wanted.ordinal())
                .orElse(true);
    }

    private static List<Remedy> best(List<Remedy> remedies) {
        boolean costed = remedies.stream().allMatch(remedy -> remedy.cost().isPresent());
        List<Remedy> kept = new ArrayList<>();
        for (Remedy one : remedies) {
            Standing standing = one.standing(costed);
            if (remedies.stream().noneMatch(other -> other.standing(costed).dominates(standing))) {
                kept.add(one);
            }
        }
        kept.sort(Comparator.comparingDouble(Remedy::volumeMm3)
                .thenComparingDouble(r -> r.evaluation().layout().grossMassKg()));
        return List.copyOf(kept);
    }
}
