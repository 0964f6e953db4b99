package rampart.core.steps;

import java.util.ArrayList;
import java.util.List;
import rampart.core.check.LiftCheck;
import rampart.core.clearance.FittedBox;
import rampart.core.layout.LaidBox;
import rampart.core.layout.Layout;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Size;
import rampart.core.words.Quantity;
import rampart.core.words.StepWords;
import rampart.core.words.Term;
import rampart.core.words.Unit;

/**
 * The steps in which a pack is made up: from its layers, its bed with ties and lid, its boxes with what is put into them and how they
 * close. What each needs to be done before stands in it, so that they can be put into another order that can be done as well.
 */
public final class PackingSteps {
    /** A closed carton bulges and gives by so much (common practice, no source). */
    private static final double OFF_MM = 10;

    private PackingSteps() {}

    /**
     * In an order that can be done.
     *
     * @param layout of the pack, drawn
     */
    public static List<Step> of(Pack pack, Layout layout, Catalogue catalogue, StepIds ids) {
        Table table = new Table(pack, layout, catalogue, ids);
        ReadySteps.write(table);
        CutSteps.write(table);
        Contents contents = new Contents(
                pack.item().properties().pieces().isPresent() ? "the set" : "the item",
                table.solids(solid -> solid.layer().isEmpty()),
                "look");
        int from = 0;
        for (LaidBox box : layout.boxes()) {
            contents = new BoxSteps(table, box, from, contents).write();
            from = box.layer() + 1;
        }
        send(table, contents);
        return table.steps();
    }

    /**
     * What goes into the next box.
     *
     * @param name as a packer says it
     * @param solids that it is made of
     * @param ready id of the step after which it is
     */
    record Contents(String name, List<Integer> solids, String ready) {
        Contents {
            solids = List.copyOf(solids);
        }
    }

    private static void send(Table table, Contents closed) {
        PredictedMass mass = PredictedMass.of(table.pack, table.layout);
        boolean heavy = table.layout.grossMassKg() > LiftCheck.ONE_PERSON_KG;
        List<String> after = new ArrayList<>(List.of(closed.ready()));
        after.addAll(table.begun("strap:"));
        Table.Draft weigh = table.step("weigh", Stage.SEND)
                .after(after)
                .says(StepWords.STEP_WEIGH.of(
                        new Quantity(mass.kg(), Unit.KG, 2), new Quantity(mass.toleranceKg(), Unit.KG, 2)))
                .mind(StepWords.MIND_OPEN_IT_AGAIN)
                .must()
                .asks(new Ask.Mass(mass.kg(), mass.toleranceKg()));
        if (heavy) {
            weigh.caution(Caution.LIFTING);
        }
        String weighed = weigh.done();
        Size outside = FittedBox.outside(table.layout);
        double longest = outside.longestMm();
        table.step("measure", Stage.SEND)
                .after(closed.ready())
                .after(table.begun("strap:"))
                .says(StepWords.STEP_MEASURE.of(Quantity.wholeMm(longest), Quantity.wholeMm(OFF_MM)))
                .asks(new Ask.Length(longest, OFF_MM))
                .done();
        table.step("labels", Stage.SEND)
                .after(closed.ready())
                .after(table.begun("strap:"))
                .says(StepWords.STEP_LABELS)
                .takes(2)
                .must()
                .shows(closed.solids(), List.of())
                .undone(StepWords.UNDO_LABELS)
                .done();
        table.step("photograph", Stage.SEND)
                .after(weighed, "labels")
                .says(StepWords.STEP_PHOTOGRAPH)
                .asks(new Ask.Photograph())
                .done();
    }

    /** "the pen arm and the glass cover". */
    /** Any of them. */
    static Term either(List<String> names) {
        return new Term.Listed(
                names.stream().map(name -> Term.name("the " + name)).toList(), " or ");
    }

    static Term named(List<String> names) {
        return Term.and(names.stream().map(name -> "the " + name).toList());
    }
}
