package rampart.core.steps;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rampart.core.clearance.Clearance;
import rampart.core.clearance.Clearances;
import rampart.core.layout.LaidBox;
import rampart.core.layout.LaidCushion;
import rampart.core.material.Structure;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.words.ClearanceWords;
import rampart.core.words.Quantity;
import rampart.core.words.Say;
import rampart.core.words.Sentence;
import rampart.core.words.StepWords;
import rampart.core.words.Term;

/** What lies under, beside and over the contents of one box: from the wall inward before they are set in, outward after. */
final class FoamSteps {
    private final Table table;
    private final LaidBox box;
    private final String name;
    private final Stage stage;
    private final String contents;
    /** What stands in and of the box so far. */
    private List<Integer> there;

    /**
     * For one box.
     *
     * @param contents what is set in, as a packer says it
     * @param there what of the box stands there
     */
    FoamSteps(Table table, LaidBox box, Stage stage, String contents, List<Integer> there) {
        this.table = table;
        this.box = box;
        this.name = table.name(box);
        this.stage = stage;
        this.contents = contents;
        this.there = there;
    }

    List<Integer> there() {
        return there;
    }

    /** These stand there now as well. */
    List<Integer> with(List<Integer> added) {
        there = Table.joined(there, added);
        return there;
    }

    /** At the bottom, outermost first. */
    List<String> under(List<LaidCushion> cushions, String ready) {
        List<String> ids = new ArrayList<>();
        String after = ready;
        for (int i = cushions.size() - 1; i >= 0; i--) {
            LaidCushion cushion = cushions.get(i);
            double mm = cushion.thicknessMm().bottom();
            if (mm <= 0) {
                continue;
            }
            boolean spaced = cushion.atCorners() && cushion.foam().structure() == Structure.FOAMED_IN_PLACE;
            List<Integer> added = spaced ? List.of() : at(cushion, Face.BOTTOM);
            there = Table.joined(there, added);
            Term foam = Term.name(cushion.foam().name());
            Quantity thick = Quantity.cut(mm);
            Table.Draft step = table.step("bottom:" + layer(cushion), stage)
                    .after(after)
                    .after(table.begun("cut:" + layer(cushion)))
                    .after(table.begun("glue:" + layer(cushion)))
                    .must()
                    .shows(there, added);
            switch (cushion.foam().structure()) {
                case LOOSE, PAPER ->
                    step.says(StepWords.STEP_POUR.of(Term.name(name), foam, thick))
                            .takes(1);
                case FOAMED_IN_PLACE -> {
                    step.takes(3).caution(Caution.RISING_FOAM);
                    if (spaced) {
                        step.says(StepWords.STEP_CORNERS_RISE.of(Term.name(contents), Term.name(name), thick));
                    } else {
                        step.says(StepWords.STEP_RISE.of(Term.name(name), thick));
                    }
                }
                default ->
                    step.says((cushion.atCorners() ? StepWords.STEP_BLOCKS : StepWords.STEP_BOTTOM)
                            .of(foam, Term.name(name), thick));
            }
            pads(step, cushion, Face.BOTTOM);
            after = step.done();
            ids.add(after);
        }
        return ids;
    }

    private static void pads(Table.Draft step, LaidCushion cushion, Face face) {
        if (cushion.inPads()) {
            step.mind(face == Face.BOTTOM ? StepWords.MIND_PADS_AT_PLACES : StepWords.MIND_PADS_TAPED);
        }
    }

    private String layer(LaidCushion cushion) {
        return table.ids.layers().get(cushion.layer());
    }

    /** Solids of a cushion that lie at the bottom, at the top, or on the sides. */
    private List<Integer> at(LaidCushion cushion, Face where) {
        if (cushion.atCorners()) {
            List<Integer> all = table.ofLayer(cushion.layer(), solid -> true);
            double middle = all.stream()
                    .mapToDouble(i -> table.layout
                                    .solids()
                                    .get(i)
                                    .cuboid()
                                    .min()
                                    .zMm()
                            + table.layout.solids().get(i).cuboid().max().zMm())
                    .average()
                    .orElse(0);
            return all.stream()
                    .filter(i -> {
                        var cuboid = table.layout.solids().get(i).cuboid();
                        boolean low = cuboid.min().zMm() + cuboid.max().zMm() < middle;
                        return where == Face.BOTTOM ? low : where == Face.TOP && !low;
                    })
                    .toList();
        }
        return table.ofLayer(
                cushion.layer(),
                solid -> solid.face()
                        .filter(face -> where.axis() == Axis.Z ? face == where : face.axis() != Axis.Z)
                        .isPresent());
    }

    /** Stood round the walls before the contents are set in; not what is poured, and not corner blocks. */
    Optional<String> sides(LaidCushion cushion, String ready, boolean lastWaits) {
        if (!cushion.foam().structure().cut() || cushion.atCorners()) {
            return Optional.empty();
        }
        List<Face> sides = sidesOf(cushion);
        if (sides.isEmpty()) {
            return Optional.empty();
        }
        boolean waits = lastWaits && sides.size() == 4 && !cushion.inPads();
        List<Face> now =
                waits ? sides.stream().filter(face -> face != Face.FRONT).toList() : sides;
        List<Integer> added = at(cushion, Face.FRONT).stream()
                .filter(i -> now.contains(table.layout.solids().get(i).face().orElseThrow()))
                .toList();
        there = Table.joined(there, added);
        Table.Draft step = table.step("sides:" + layer(cushion), stage)
                .after(ready)
                .after(table.begun("bottom:" + layer(cushion)))
                .after(table.begun("cut:" + layer(cushion)))
                .after(table.begun("glue:" + layer(cushion)))
                .says((waits ? StepWords.STEP_THREE_SIDES : StepWords.STEP_SIDES)
                        .of(
                                Term.name(cushion.foam().name()),
                                Term.name(name),
                                new Term.Listed(faces(cushion, now), ", ")))
                .takes(1)
                .must()
                .shows(there, added);
        pads(step, cushion, Face.FRONT);
        return Optional.of(step.done());
    }

    private static List<Face> sidesOf(LaidCushion cushion) {
        return Face.ALL.stream()
                .filter(face -> face.axis() != Axis.Z && cushion.cushions(face))
                .toList();
    }

    static List<Sentence> faces(LaidCushion cushion, List<Face> faces) {
        List<Face> there = faces.stream()
                .filter(face -> cushion.thicknessMm().on(face) > 0)
                .toList();
        double first = there.isEmpty() ? 0 : cushion.thicknessMm().on(there.get(0));
        boolean sides = there.size() == 4 && there.stream().allMatch(face -> face.axis() != Axis.Z);
        if (sides && there.stream().allMatch(face -> cushion.thicknessMm().on(face) == first)) {
            return List.of(StepWords.STEP_ALL_SIDES.of(Quantity.cut(first)));
        }
        return there.stream()
                .map(face -> StepWords.STEP_FACE.of(
                        Term.name(face.word()),
                        Quantity.cut(cushion.thicknessMm().on(face))))
                .toList();
    }

    /** What can only be put beside the contents when they are in. */
    String afterSides(LaidCushion cushion, String sat, boolean lastWaits) {
        List<Face> sides = sidesOf(cushion);
        Term foam = Term.name(cushion.foam().name());
        if (sides.isEmpty()) {
            return sat;
        }
        if (cushion.foam().structure().cut()) {
            if (cushion.atCorners() || !lastWaits || sides.size() < 4 || cushion.inPads()) {
                return sat;
            }
            List<Integer> added = table.ofLayer(
                    cushion.layer(),
                    solid -> solid.face().filter(face -> face == Face.FRONT).isPresent());
            there = Table.joined(there, added);
            return table.step("last:" + layer(cushion), stage)
                    .after(sat)
                    .says(StepWords.STEP_LAST.of(foam, Term.name(Face.FRONT.word())))
                    .must()
                    .shows(there, added)
                    .undone(StepWords.UNDO_DRAW_OUT_FOAM)
                    .done();
        }
        boolean rising = cushion.foam().structure() == Structure.FOAMED_IN_PLACE;
        List<Integer> added =
                rising && cushion.atCorners() ? table.ofLayer(cushion.layer(), solid -> true) : at(cushion, Face.FRONT);
        there = Table.joined(there, added);
        Table.Draft step = table.step("beside:" + layer(cushion), stage)
                .after(sat)
                .takes(rising ? 5 : 2)
                .must()
                .shows(there, added);
        if (rising) {
            step.says(
                            cushion.atCorners()
                                    ? StepWords.STEP_FOAM_CORNERS.of(Term.name(contents), Term.name(name))
                                    : StepWords.STEP_FOAM_ROUND.of(Term.name(contents)))
                    .caution(Caution.RISING_FOAM)
                    .mind(remarks(ClearanceWords.SPACERS))
                    .undone(StepWords.UNDO_FOAM_JOINS_BOTH);
        } else {
            boolean cells = cushion.foam().structure() == Structure.AIR_CELLS;
            step.says((cells ? StepWords.STEP_CELLS_ROUND : StepWords.STEP_FILL_ROUND)
                            .of(foam, Term.name(contents), new Term.Listed(faces(cushion, sides), ", ")))
                    .undone(StepWords.UNDO_MAKE_ROOM_FOR_HANDS);
        }
        return step.done();
    }

    /** On top, innermost first. */
    String over(List<LaidCushion> cushions, String after) {
        String last = after;
        for (LaidCushion cushion : cushions) {
            double mm = cushion.thicknessMm().top();
            boolean rising = cushion.foam().structure() == Structure.FOAMED_IN_PLACE;
            if (mm <= 0 || (rising && cushion.atCorners())) {
                continue;
            }
            List<Integer> added = at(cushion, Face.TOP);
            there = Table.joined(there, added);
            Term foam = Term.name(cushion.foam().name());
            Table.Draft step = table.step("top:" + layer(cushion), stage)
                    .after(last)
                    .after(table.begun("cut:" + layer(cushion)))
                    .after(table.begun("glue:" + layer(cushion)))
                    .must()
                    .shows(there, added)
                    .undone(
                            cushion.foam().structure().cut()
                                    ? StepWords.UNDO_FOAM_ON_TOP
                                    : StepWords.UNDO_WHAT_LIES_ON_TOP);
            switch (cushion.foam().structure()) {
                case LOOSE, PAPER, AIR_CELLS ->
                    step.says(StepWords.STEP_TOP_POUR.of(Term.name(contents), foam, Quantity.cut(mm)))
                            .takes(1);
                case FOAMED_IN_PLACE ->
                    step.says(StepWords.STEP_FOAM_ON_TOP).takes(3).caution(Caution.RISING_FOAM);
                default ->
                    step.says((cushion.atCorners() ? StepWords.STEP_TOP_BLOCKS : StepWords.STEP_TOP)
                            .of(foam, Term.name(contents), Quantity.cut(mm)));
            }
            pads(step, cushion, Face.TOP);
            last = step.done();
        }
        return last;
    }

    List<Sentence> howItGoesIn() {
        return remarks(
                ClearanceWords.FINGERS,
                ClearanceWords.LAST_SIDE,
                ClearanceWords.LAST_SIDE_TIGHT,
                ClearanceWords.NO_FINGERS);
    }

    boolean roomForFingers() {
        return !remarks(ClearanceWords.FINGERS).isEmpty();
    }

    boolean lastSide() {
        return !remarks(ClearanceWords.LAST_SIDE, ClearanceWords.LAST_SIDE_TIGHT)
                .isEmpty();
    }

    private List<Sentence> remarks(Say... keys) {
        return Clearances.of(table.pack, table.layout, table.catalogue).stream()
                .filter(clearance -> clearance.layer() == box.layer())
                .flatMap(clearance -> clearance.remarks().stream())
                .map(Clearance.Remark::words)
                .filter(sentence -> List.of(keys).contains(sentence.key()))
                .toList();
    }
}
