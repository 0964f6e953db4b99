package rampart.core.steps;

import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.BedWell;
import rampart.core.bed.Nature;
import rampart.core.insert.BedBlock;
import rampart.core.insert.Wedge;
import rampart.core.layout.LaidCushion;
import rampart.core.material.Structure;
import rampart.core.quantity.Face;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.StepWords;
import rampart.core.words.Term;

/** A bed: its base, ties through it, the item laid in, held and tied, and the lid over it. */
final class BedSteps {
    private final Table table;
    private final LaidCushion cushion;
    private final BedShape bed;
    private final String layer;
    private final Stage stage;

    BedSteps(Table table, LaidCushion cushion, Stage stage) {
        this.stage = stage;
        this.table = table;
        this.cushion = cushion;
        this.bed = cushion.bed().orElseThrow();
        this.layer = table.ids.layers().get(cushion.layer());
    }

    /**
     * The item in its bed.
     *
     * @param into the box that the base stands in; empty where it is laid in before there is one
     * @param before ids of what has to be done first
     * @param boxSolids what of the box stands there
     * @param underneath ids of the steps that have to be undone before somebody can reach under the box
     * @return what is then there, ready after the lid is on
     */
    PackingSteps.Contents write(
            PackingSteps.Contents item,
            String into,
            List<String> before,
            List<Integer> boxSolids,
            Supplier<Set<String>> underneath) {
        boolean poured = cushion.foam().structure() == Structure.FOAMED_IN_PLACE;
        List<Integer> base = table.ofLayer(
                cushion.layer(),
                solid -> solid.face().filter(face -> face != Face.TOP).isPresent());
        List<Integer> lid = table.ofLayer(
                cushion.layer(),
                solid -> solid.face().filter(face -> face == Face.TOP).isPresent());
        List<Integer> there = Table.joined(boxSolids, base);
        Table.Draft first = table.step("base:" + layer, stage)
                .after(before)
                .after(table.begun("cut:" + layer))
                .shows(there, base);
        if (poured) {
            first.says(StepWords.STEP_FOAM_INTO.of(Term.name(into.isEmpty() ? "mould" : into)))
                    .takes(3)
                    .caution(Caution.RISING_FOAM);
        } else {
            first.says(
                    into.isEmpty() ? StepWords.STEP_BASE_ON_TABLE.of() : StepWords.STEP_BASE_INTO.of(Term.name(into)));
        }
        String based = first.must().done();
        String tied = ties(based);
        there = Table.joined(there, item.solids());
        String laid = item(item, tied, there, poured);
        String held = wedges(laid);
        held = knots(held, underneath);
        held = wells(held);
        held = InsideView.photographed(table, layer, stage, item.name(), held);
        List<Integer> all = Table.joined(there, lid);
        String closed = lid(held, all, lid, poured);
        return new PackingSteps.Contents("the bed", Table.joined(item.solids(), Table.joined(base, lid)), closed);
    }

    private String ties(String after) {
        if (bed.ties().isEmpty()) {
            return after;
        }
        return table.step("ties:" + layer, stage)
                .after(after)
                .says(
                        bed.ties().size() == 1
                                ? StepWords.STEP_TIE_LAID.of()
                                : StepWords.STEP_TIES.of(
                                        Quantity.count(bed.ties().size())))
                .mind(StepWords.MIND_CLOSED_SHAPE_THREADED)
                .must()
                .asks(new Ask.Count(bed.ties().size()))
                .undone(StepWords.UNDO_PULL_EACH_TIE)
                .undoneOnlyAfter(() -> Set.of("knots:" + layer))
                .done();
    }

    private String item(PackingSteps.Contents item, String after, List<Integer> there, boolean poured) {
        List<String> strong = bed.parts().stream()
                .filter(part -> part.nature() == Nature.STRONG)
                .map(BedPart::name)
                .distinct()
                .toList();
        List<String> delicate = table.delicate();
        Table.Draft lay = table.step("item:" + layer, stage)
                .after(after, item.ready())
                .after(table.begun("fill:"))
                .after(table.begun("take:"))
                .after(table.begun("support:"))
                .says(poured ? StepWords.STEP_PRESS_ITEM_IN : StepWords.STEP_LAY_ITEM_IN)
                .takes(1)
                .must()
                .shows(there, item.solids());
        if (!strong.isEmpty()) {
            lay.mind(StepWords.STEP_HOLD_BY.of(PackingSteps.named(strong)));
            lay.undone(StepWords.STEP_LIFT_BY.of(PackingSteps.named(strong)));
        } else {
            lay.undone(StepWords.UNDO_LIFT_ITEM_STRAIGHT);
        }
        lay.undoneAfter("ties:" + layer);
        if (!delicate.isEmpty()) {
            Sentence pull = StepWords.STEP_NEVER_PULL.of(PackingSteps.either(delicate));
            lay.mind(pull).undone(pull);
        }
        if (poured) {
            lay.caution(Caution.RISING_FOAM);
        }
        return lay.done();
    }

    private String wedges(String after) {
        List<Wedge> wedges = cushion.foam().structure() == Structure.FOAMED_IN_PLACE ? List.of() : Wedge.of(cushion);
        if (wedges.isEmpty()) {
            return after;
        }
        Wedge one = wedges.get(0);
        return table.step("wedges:" + layer, stage)
                .after(after)
                .says(StepWords.STEP_WEDGES.of(
                        Quantity.count(wedges.size()), Quantity.cut(one.thickMm()), Term.name(one.part())))
                .takes(2)
                .asks(new Ask.Count(wedges.size()))
                .undone(StepWords.UNDO_DRAW_OFF_CUTS)
                .done();
    }

    private String knots(String after, Supplier<Set<String>> underneath) {
        if (bed.ties().isEmpty()) {
            return after;
        }
        List<Sentence> pulls = bed.ties().stream()
                .map(tie -> StepWords.STEP_TIE.of(Quantity.newton(tie.tensionN()), Quantity.wholeMm(tie.widthMm())))
                .toList();
        return table.step("knots:" + layer, stage)
                .after(after)
                .says(bed.ties().size() == 1 ? StepWords.STEP_PULL_TIE : StepWords.STEP_PULL_TIES)
                .mind(pulls)
                .mind(StepWords.MIND_HAND_ON_ITEM)
                .takes(3)
                .must()
                .undone(BedBlock.of(cushion).lidMm() > 0 ? StepWords.UNDO_TURN_OVER_CLOSED : StepWords.UNDO_TURN_OVER)
                .undoneOnlyAfter(underneath)
                .done();
    }

    private String wells(String after) {
        List<String> names = bed.wells().stream().map(BedWell::name).distinct().toList();
        if (names.isEmpty()) {
            return after;
        }
        return table.step("wells:" + layer, stage)
                .after(after)
                .says(StepWords.STEP_WELLS.of(Term.and(names)))
                .undone(StepWords.STEP_WELLS_OUT.of(Term.and(names)))
                .done();
    }

    private String lid(String after, List<Integer> all, List<Integer> added, boolean poured) {
        if (BedBlock.of(cushion).lidMm() <= 0) {
            return after;
        }
        Table.Draft lid = table.step("lid:" + layer, stage)
                .after(after)
                .after(table.begun("cut:" + layer))
                .must()
                .shows(all, added)
                .undone(StepWords.UNDO_LIFT_LID_BED)
                .undoneAfter("ties:" + layer);
        if (poured) {
            lid.says(StepWords.STEP_FOAM_OVER_ITEM).takes(3).caution(Caution.RISING_FOAM);
        } else {
            lid.says(StepWords.STEP_LAY_LID_OF_BED);
        }
        return lid.done();
    }
}
