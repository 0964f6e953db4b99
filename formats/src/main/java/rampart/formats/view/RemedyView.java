package rampart.formats.view;

import java.util.List;
import rampart.core.layout.LaidBox;
import rampart.core.layout.Solid;
import rampart.core.search.Remedy;
import rampart.core.verdict.Check;
import rampart.core.words.Wording;
import rampart.formats.pack.PackChange;
import rampart.formats.pack.PackFile;

/**
 * What mends a check, and what the pack would be with it.
 *
 * @param together how many changes it is of: one, or two where one does not mend
 * @param apart true where a part of the item is sent by itself
 * @param changes what to put where in the pack file, in this order (rule 35)
 * @param margin the lowest of all checks
 * @param cost of all material, in the currency of the house; null where some part has no price
 * @param dearer by how much more than before
 * @param outline pieces of the changed outer carton, to show where it would stand
 */
public record RemedyView(
        String title,
        int together,
        boolean apart,
        List<PackChange> changes,
        StatusView verdict,
        @Nullable String weakest,
        double margin,
        SizeView outsideMm,
        double grossMassKg,
        @Nullable Double cost,
        @Nullable Double dearer,
        List<EvaluationView.SolidView> outline) {

    /** @param file that it is a remedy of */
    public static RemedyView of(Remedy remedy, PackFile file, Wording wording) {
        List<LaidBox> boxes = remedy.evaluation().layout().boxes();
        int outer = boxes.get(boxes.size() - 1).layer();
        return new RemedyView(
                wording.say(remedy.title()),
                Math.max(1, remedy.changes().size()),
                remedy.apart().isPresent(),
                PackChange.of(remedy, file),
                StatusView.of(remedy.evaluation().verdict()),
                remedy.evaluation().weakest().map(Check::title).orElse(null),
                remedy.evaluation().lowestMargin().orElseThrow(),
                SizeView.of(remedy.evaluation().layout().outside()),
                remedy.evaluation().layout().grossMassKg(),
                remedy.cost().isPresent() ? remedy.cost().getAsDouble() : null,
                remedy.dearer().isPresent() ? remedy.dearer().getAsDouble() : null,
                remedy.evaluation().layout().solids().stream()
                        .filter((Solid s) -> s.layer().orElse(-1) == outer)
                        .map(EvaluationView.SolidView::of)
                        .toList());
    }
}
