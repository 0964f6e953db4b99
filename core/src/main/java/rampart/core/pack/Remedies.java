package rampart.core.pack;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;

/**
 * What would mend a check: every single change of {@link LayerChanges} is tried in its row from the least on, and the
 * first that mends the check without making any other check stand worse is a remedy. Of these, none is kept that another
 * beats in outside volume, mass and margin together (rule 35).
 */
public final class Remedies {
    private Remedies() {}

    /**
     * The remedies for one check, the smallest pack first. They make it hold; where no single change does, they make a
     * breaking check thin; where none does that either, there are none.
     *
     * @param check id of the check, or empty for the weakest of the pack
     * @return empty also where that check holds, is unknown, or does not exist
     */
    public static List<Remedy> of(Pack pack, Catalogue catalogue, Optional<String> check) {
        Evaluation now = Evaluator.evaluate(pack, catalogue);
        Optional<Check> sick = check.isPresent()
                ? now.checks().stream().filter(c -> c.id().equals(check.get())).findFirst()
                : now.weakest();
        if (sick.isEmpty() || sick.get().status() == Status.HOLDS || sick.get().status() == Status.UNKNOWN) {
            return List.of();
        }
        List<LayerChanges.Row> rows = LayerChanges.of(pack, now.layout(), catalogue);
        List<Remedy> remedies = mended(pack, catalogue, now, rows, sick.get().id(), Status.HOLDS);
        if (remedies.isEmpty() && sick.get().status() == Status.BREAKS) {
            remedies = mended(pack, catalogue, now, rows, sick.get().id(), Status.THIN);
        }
        return best(remedies);
    }

    private static List<Remedy> mended(
            Pack pack, Catalogue catalogue, Evaluation now, List<LayerChanges.Row> rows, String check, Status wanted) {
        Map<String, Status> before = new HashMap<>();
        now.checks().forEach(c -> before.put(c.id(), c.status()));
        return rows.parallelStream()
                .map(row -> row.changes().stream()
                        .filter(layer -> reaches(with(pack, row, layer), catalogue, check, wanted))
                        .map(layer -> remedy(pack, catalogue, row, layer))
                        .filter(remedy -> mends(remedy.evaluation(), before, check, wanted))
                        .findFirst())
                .flatMap(Optional::stream)
                .collect(Collectors.toList());
    }

    private static Remedy remedy(Pack pack, Catalogue catalogue, LayerChanges.Row row, Layer layer) {
        Evaluation evaluation = Evaluator.evaluate(with(pack, row, layer), catalogue);
        String title = RemedyTitle.of(pack, row.layer(), row.lever(), row.face().orElse(null), layer, catalogue);
        return new Remedy(row.layer(), row.lever(), row.face(), layer, title, evaluation);
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

    /** A check that is no longer asked holds; one that was not asked before must hold. */
    private static boolean mends(Evaluation after, Map<String, Status> before, String check, Status wanted) {
        for (Check c : after.checks()) {
            Status least = c.id().equals(check) ? wanted : before.getOrDefault(c.id(), Status.HOLDS);
            if (c.status().ordinal() < least.ordinal()) {
                return false;
            }
        }
        return true;
    }

    private static List<Remedy> best(List<Remedy> remedies) {
        List<Remedy> kept = new ArrayList<>();
        for (Remedy one : remedies) {
            if (remedies.stream().noneMatch(one::dominatedBy)) {
                kept.add(one);
            }
        }
        kept.sort(Comparator.comparingDouble(Remedy::volumeMm3)
                .thenComparingDouble(r -> r.evaluation().layout().grossMassKg()));
        return List.copyOf(kept);
    }
}
