package rampart.core.steps;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rampart.core.box.CartonState;
import rampart.core.box.CartonStyle;
import rampart.core.box.Fitting;
import rampart.core.check.LiftCheck;
import rampart.core.clearance.Clearance;
import rampart.core.clearance.Clearances;
import rampart.core.clearance.FittedBox;
import rampart.core.layout.LaidBox;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layer;
import rampart.core.material.Structure;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.words.Quantity;
import rampart.core.words.Say;
import rampart.core.words.Sentence;
import rampart.core.words.Term;
import rampart.core.words.Unit;

/** One box: what is wrapped round its contents, what lies under, beside and over them in it, and how it is closed. */
final class BoxSteps {
    private static final Set<Fitting> INTO = EnumSet.of(Fitting.BOTTOM_PAD, Fitting.LINER, Fitting.CORNER_POSTS);
    private static final Set<Fitting> ON_CONTENTS = EnumSet.of(Fitting.EDGE_PROFILES, Fitting.CORNER_PIECES);
    private static final Set<Fitting> ROUND = EnumSet.of(Fitting.EDGE_PROTECTORS, Fitting.BOARD_CAPS);

    private final Table table;
    private final LaidBox box;
    private final String id;
    private final String name;
    private final Stage stage;
    private final boolean outer;
    private final int from;
    private PackingSteps.Contents contents;
    /** What stands in and of the box so far. */
    private List<Integer> there = List.of();

    BoxSteps(Table table, LaidBox box, int from, PackingSteps.Contents contents) {
        this.table = table;
        this.box = box;
        this.from = from;
        this.contents = contents;
        id = table.ids.layers().get(box.layer());
        name = table.name(box);
        outer = box.layer() == table.layout.outer().layer();
        stage = outer ? Stage.OUTER : Stage.INNER;
    }

    /** All of it; what comes out is the closed box. */
    PackingSteps.Contents write() {
        int round = lastRound();
        for (int layer = from; layer <= round; layer++) {
            round(layer);
        }
        List<LaidCushion> cushions = table.layout.cushions().stream()
                .filter(cushion -> cushion.layer() > round && cushion.layer() < box.layer())
                .toList();
        pieces();
        dress();
        String ready = fittingsIn(open());
        String sat = cushions.stream().anyMatch(cushion -> cushion.bed().isPresent())
                ? bed(cushions, ready)
                : filled(cushions, ready);
        return closed(sat);
    }

    /** The last layer that is wrapped round the contents, and so everything under it is as well. */
    private int lastRound() {
        int last = from - 1;
        for (int layer = from; layer < box.layer(); layer++) {
            boolean wraps = table.pack
                    .layers()
                    .get(layer)
                    .match(wrap -> true, cushion -> false, other -> false, boards -> true);
            last = wraps ? layer : last;
        }
        return last;
    }

    private void round(int layer) {
        Layer of = table.pack.layers().get(layer);
        List<Integer> solids = table.ofLayer(layer, solid -> true);
        List<Integer> all = Table.joined(contents.solids(), solids);
        String layerId = table.ids.layers().get(layer);
        Optional<LaidCushion> cushion =
                table.layout.cushions().stream().filter(c -> c.layer() == layer).findFirst();
        if (cushion.isPresent() && cushion.get().bed().isPresent()) {
            contents = new BedSteps(table, cushion.get(), Stage.WRAP).write(contents, "", before(), List.of());
            return;
        }
        Table.Draft step =
                table.step("round:" + layerId, Stage.WRAP).after(before()).shows(all, solids);
        of.match(
                        wrap -> (Runnable) () -> step.says(Say.STEP_WRAP.of(
                                        Term.name(contents.name()),
                                        Term.name(table.catalogue
                                                .wrap(wrap.material())
                                                .name()),
                                        Quantity.mm(wrap.thicknessMm()),
                                        Term.name(
                                                wrap.tape() == Layer.Wrap.Tape.NONE
                                                        ? "held by a strip of tape on itself"
                                                        : wrap.tape().words())))
                                .takes(1)
                                .undone("Cut the tape of the wrapping and unwrap it; do not pull it off."),
                        laid -> () -> step.says(Say.STEP_ROUND.of(
                                        Term.name(cushion.orElseThrow().foam().name()),
                                        Term.name(contents.name()),
                                        new Term.Listed(faces(cushion.orElseThrow(), Face.ALL), ", ")))
                                .after(table.begun("cut:" + layerId))
                                .takes(2)
                                .undone("Take the foam off on all sides."),
                        other -> () -> {},
                        boards -> () -> {
                            step.says(Say.STEP_BOARDS.of(
                                            Term.name(contents.name()),
                                            Quantity.count(2 * boards.plies()),
                                            Quantity.mm(boards.overhangMm())))
                                    .after(table.begun("boards:" + layerId))
                                    .mind(
                                            "Fix it by low-tack tape on its back only, rubbed down from behind; then a last look,"
                                                    + " for opening it again is work. Tape all four edges.")
                                    .takes(5)
                                    .must()
                                    .undone(
                                            "Cut the tape round the edges of the boards, lift the upper board straight up,"
                                                    + " then the interleaf; do not slide it.");
                            if (boards.interleafMm() > 0) {
                                step.mind(List.of(Say.STEP_INTERLEAF.of(Quantity.mm(boards.interleafMm()))));
                            }
                        })
                .run();
        contents = new PackingSteps.Contents(contents.name(), all, step.done());
    }

    /** What has to be done before anything is laid round the contents or they are set in. */
    private List<String> before() {
        List<String> before = new ArrayList<>(List.of(contents.ready()));
        before.addAll(table.begun("fill:"));
        before.addAll(table.begun("take:"));
        before.addAll(table.begun("support:"));
        return before;
    }

    private void dress() {
        List<String> on = fittings(ON_CONTENTS);
        if (!on.isEmpty()) {
            contents = new PackingSteps.Contents(
                    contents.name(),
                    contents.solids(),
                    table.step("dress:" + id, stage)
                            .after(before())
                            .after(table.begun("board:" + id))
                            .says(Say.STEP_DRESS.of(Term.and(on), Term.name(contents.name())))
                            .takes(2)
                            .done());
        }
    }

    private List<String> fittings(Set<Fitting> such) {
        return box.box().build().fittings().stream()
                .filter(such::contains)
                .map(Fitting::words)
                .toList();
    }

    private String open() {
        there = table.ofLayer(
                box.layer(), solid -> solid.face().filter(f -> f != Face.TOP).isPresent());
        double tape = Taping.seamMm(box, table.layout.grossMassKg());
        Table.Draft open = table.step("open:" + id, stage)
                .after(table.begun("make:" + id))
                .takes(1)
                .must()
                .shows(there, there);
        if (tape > 0) {
            open.says(Say.STEP_OPEN.of(Term.name(name), new Quantity(tape, Unit.MM, 0)));
        } else {
            open.says("Stand the " + name + " open.");
        }
        return open.done();
    }

    private String fittingsIn(String after) {
        List<String> into = fittings(INTO);
        return into.isEmpty()
                ? after
                : table.step("into:" + id, stage)
                        .after(after)
                        .after(table.begun("board:" + id))
                        .says(Say.STEP_FITTINGS_IN.of(Term.and(into), Term.name(name)))
                        .takes(1)
                        .done();
    }

    private String bed(List<LaidCushion> cushions, String ready) {
        List<LaidCushion> others =
                cushions.stream().filter(cushion -> cushion.bed().isEmpty()).toList();
        LaidCushion bed = cushions.stream()
                .filter(cushion -> cushion.bed().isPresent())
                .findFirst()
                .orElseThrow();
        List<String> before = new ArrayList<>(before());
        before.add(ready);
        before.addAll(under(others, ready));
        List<Integer> boxThere = there;
        PackingSteps.Contents lain = new BedSteps(table, bed, stage).write(contents, name, before, boxThere);
        there = Table.joined(boxThere, lain.solids());
        contents = lain;
        return over(others, lain.ready());
    }

    private String filled(List<LaidCushion> cushions, String ready) {
        List<String> under = new ArrayList<>(List.of(ready));
        under.addAll(under(cushions, ready));
        boolean last = lastSide();
        for (int i = cushions.size() - 1; i >= 0; i--) {
            sides(cushions.get(i), ready, last).ifPresent(under::add);
        }
        String sat = setIn(under);
        for (LaidCushion cushion : cushions) {
            sat = afterSides(cushion, sat, last);
        }
        return over(cushions, sat);
    }

    /** At the bottom, outermost first. */
    private List<String> under(List<LaidCushion> cushions, String ready) {
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
                    .must()
                    .shows(there, added);
            switch (cushion.foam().structure()) {
                case LOOSE, PAPER ->
                    step.says(Say.STEP_POUR.of(Term.name(name), foam, thick)).takes(1);
                case FOAMED_IN_PLACE -> {
                    step.takes(3).caution(Caution.RISING_FOAM);
                    if (spaced) {
                        step.says(Say.STEP_CORNERS_RISE.of(Term.name(contents.name()), Term.name(name), thick));
                    } else {
                        step.says(Say.STEP_RISE.of(Term.name(name), thick));
                    }
                }
                default ->
                    step.says(
                            (cushion.atCorners() ? Say.STEP_BLOCKS : Say.STEP_BOTTOM).of(foam, Term.name(name), thick));
            }
            pads(step, cushion, Face.BOTTOM);
            after = step.done();
            ids.add(after);
        }
        return ids;
    }

    private static void pads(Table.Draft step, LaidCushion cushion, Face face) {
        if (cushion.inPads()) {
            step.mind("The pads lie at their places, as the plan of the pads with the cut list shows"
                    + (face == Face.BOTTOM ? "" : "; a strip" + " of tape keeps each") + ".");
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
    private Optional<String> sides(LaidCushion cushion, String ready, boolean lastWaits) {
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
                .says((waits ? Say.STEP_THREE_SIDES : Say.STEP_SIDES)
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

    private static List<Sentence> faces(LaidCushion cushion, List<Face> faces) {
        List<Face> there = faces.stream()
                .filter(face -> cushion.thicknessMm().on(face) > 0)
                .toList();
        double first = there.isEmpty() ? 0 : cushion.thicknessMm().on(there.get(0));
        boolean sides = there.size() == 4 && there.stream().allMatch(face -> face.axis() != Axis.Z);
        if (sides && there.stream().allMatch(face -> cushion.thicknessMm().on(face) == first)) {
            return List.of(Say.STEP_ALL_SIDES.of(Quantity.cut(first)));
        }
        return there.stream()
                .map(face -> Say.STEP_FACE.of(
                        Term.name(face.word()),
                        Quantity.cut(cushion.thicknessMm().on(face))))
                .toList();
    }

    private String setIn(List<String> under) {
        there = Table.joined(there, contents.solids());
        boolean heavy = insideKg() > LiftCheck.ONE_PERSON_KG;
        List<String> delicate = from == 0 ? table.delicate() : List.of();
        boolean pieces = from == 0 && table.pack.item().properties().pieces().isPresent();
        Table.Draft step = table.step("set:" + id, stage)
                .after(under)
                .after(before())
                .takes(pieces ? 5 : 1)
                .must()
                .shows(there, contents.solids());
        if (pieces) {
            pieces(step);
        } else {
            step.says(Say.STEP_SET_IN.of(Term.name(contents.name()), Term.name(name)))
                    .mind(howItGoesIn())
                    .undone("Lift " + contents.name() + " straight up and out.");
        }
        if (!delicate.isEmpty()) {
            Sentence pull = Say.STEP_NEVER_PULL.of(PackingSteps.named(delicate));
            step.mind(List.of(pull)).undone(List.of(pull));
        }
        if (heavy) {
            step.caution(Caution.LIFTING);
        }
        return step.done();
    }

    /** Each piece of a set wrapped, before there is a box to set them into. */
    private void pieces() {
        if (from > 0 || table.pack.item().properties().pieces().isEmpty()) {
            return;
        }
        var pieces = table.pack.item().properties().pieces().orElseThrow();
        table.step("pieces", Stage.WRAP)
                .after("look")
                .after(table.begun("fill:"))
                .says(Say.STEP_WRAP_PIECES.of(Quantity.count(pieces.quantity()), Quantity.mm(pieces.wrapMm())))
                .mind("Do one fully and measure it, then repeat it for the lot.")
                .takes(3.0 * pieces.quantity())
                .asks(new Ask.Count(pieces.quantity()))
                .must()
                .undone("Unwrap each piece over a soft surface; look into it for its filling.")
                .done();
    }

    private void pieces(Table.Draft step) {
        var pieces = table.pack.item().properties().pieces().orElseThrow();
        step.after("pieces")
                .after(table.begun("boards:set"))
                .says(Say.STEP_SET_PIECES.of(
                        Quantity.count(pieces.quantity()),
                        Quantity.count(pieces.columns()),
                        Quantity.count(pieces.rows()),
                        Quantity.count(pieces.levels())))
                .asks(new Ask.Count(pieces.quantity()))
                .undone(List.of(Say.STEP_PIECES_OUT.of(Quantity.count(pieces.quantity()))));
        if (!table.begun("boards:set").isEmpty()) {
            step.mind("Stand the divider first, its slots pushed home until the tops are level.");
        }
    }

    private double insideKg() {
        double kg = table.pack.item().massKg();
        for (int layer = 0; layer < box.layer(); layer++) {
            kg += table.layout.layerMassKg().get(layer);
        }
        return kg;
    }

    private List<Sentence> howItGoesIn() {
        return remarks(Say.FINGERS, Say.LAST_SIDE, Say.NO_FINGERS);
    }

    private boolean lastSide() {
        return !remarks(Say.LAST_SIDE).isEmpty();
    }

    private List<Sentence> remarks(Say... keys) {
        return Clearances.of(table.pack, table.layout, table.catalogue).stream()
                .filter(clearance -> clearance.layer() == box.layer())
                .flatMap(clearance -> clearance.remarks().stream())
                .map(Clearance.Remark::words)
                .filter(sentence -> List.of(keys).contains(sentence.key()))
                .toList();
    }

    /** What can only be put beside the contents when they are in. */
    private String afterSides(LaidCushion cushion, String sat, boolean lastWaits) {
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
                    .says(Say.STEP_LAST.of(foam, Term.name(Face.FRONT.word())))
                    .must()
                    .shows(there, added)
                    .undone("Draw out the foam in front first: it makes room for the hands.")
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
                                    ? Say.STEP_FOAM_CORNERS.of(Term.name(contents.name()), Term.name(name))
                                    : Sentence.plain(
                                            "Foam round " + contents.name() + ", pressed in while it rises; hands are a"
                                                    + " wall for a moment, so that it does not push it aside."))
                    .caution(Caution.RISING_FOAM)
                    .mind(remarks(Say.SPACERS))
                    .undone(
                            "Foam joins to both walls unless film lies between: open along the film, or cut the foam between"
                                    + " the boxes with a long blade, away from what is inside.");
        } else {
            boolean cells = cushion.foam().structure() == Structure.AIR_CELLS;
            step.says((cells ? Say.STEP_CELLS_ROUND : Say.STEP_FILL_ROUND)
                            .of(foam, Term.name(contents.name()), new Term.Listed(faces(cushion, sides), ", ")))
                    .undone("Take out what lies beside it until both hands go down.");
        }
        return step.done();
    }

    /** On top, innermost first. */
    private String over(List<LaidCushion> cushions, String after) {
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
                    .must()
                    .shows(there, added)
                    .undone(
                            cushion.foam().structure().cut()
                                    ? "Lift off the foam on top."
                                    : "Take out what lies on top, by hand, not with a blade.");
            switch (cushion.foam().structure()) {
                case LOOSE, PAPER, AIR_CELLS ->
                    step.says(Say.STEP_TOP_POUR.of(Term.name(contents.name()), foam, Quantity.cut(mm)))
                            .takes(1);
                case FOAMED_IN_PLACE ->
                    step.says("Film over it, foam on top; close the flaps while it is soft.")
                            .takes(3)
                            .caution(Caution.RISING_FOAM);
                default ->
                    step.says((cushion.atCorners() ? Say.STEP_TOP_BLOCKS : Say.STEP_TOP)
                            .of(foam, Term.name(contents.name()), Quantity.cut(mm)));
            }
            pads(step, cushion, Face.TOP);
            last = step.done();
        }
        return last;
    }

    private PackingSteps.Contents closed(String sat) {
        String filled = fill(sat);
        if (outer) {
            filled = papers(filled);
        }
        String padded = topPad(filled);
        String shaken = table.step("shake:" + id, stage)
                .after(padded)
                .mind("Photograph what is inside before it is shut: nobody sees it again.")
                .says("Hold the " + name
                        + " shut and shake it. If anything moves it is not done: find what, fill it, shake" + " again.")
                .must()
                .asks(new Ask.Still())
                .done();
        List<Integer> all = Table.joined(
                there, table.ofLayer(box.layer(), solid -> solid.face().isPresent()));
        String shut = close(shaken, all);
        String round = round(shut);
        String strapped = strap(round);
        return new PackingSteps.Contents("the " + name, all, strapped);
    }

    private String fill(String after) {
        return box.state()
                .fill()
                .filter(fill -> fill != CartonState.Fill.NONE)
                .map(fill -> table.step("play:" + id, stage)
                        .after(after)
                        .says("Fill what is left open in the " + name + " with " + fill.words()
                                + ", pressed in a little, about a tenth.")
                        .takes(1)
                        .undone("Take the filling out.")
                        .done())
                .orElse(after);
    }

    /** In the outermost box, above the inner one where there is one. */
    private String papers(String after) {
        boolean nested = table.layout.boxes().size() > 1;
        return table.step("papers", stage)
                .after(after)
                .says("Lay the papers in a pouch " + (nested ? "on the inner box" : "on top")
                        + ": how to open it, the list"
                        + " of parts, and sender, receiver and a way to reach you once more.")
                .must()
                .undone("Take out the papers and read them before anything else is lifted.")
                .done();
    }

    private String topPad(String after) {
        return box.box().build().fittings().contains(Fitting.TOP_PAD)
                ? table.step("pad:" + id, stage)
                        .after(after)
                        .after(table.begun("board:" + id))
                        .says("Lay the board pad on top.")
                        .undone("Lift off the board pad.")
                        .done()
                : after;
    }

    private String close(String after, List<Integer> all) {
        double tape = Taping.seamMm(box, table.layout.grossMassKg());
        boolean rigid = box.carton().style() == CartonStyle.RIGID_CASE;
        Table.Draft step = table.step("close:" + id, stage)
                .after(after)
                .must()
                .takes(1)
                .shows(
                        all,
                        table.ofLayer(
                                box.layer(),
                                solid -> solid.face()
                                        .filter(face -> face == Face.TOP)
                                        .isPresent()))
                .undone(
                        rigid
                                ? "Open the case, its lid up."
                                : "Open the " + name
                                        + " at its top: cut the tape along the seam, the blade no deeper than the"
                                        + " board.");
        if (!outer && from == 0) {
            step.mind("Sender and a way to reach you lie inside it, in case the outer box is lost.");
        }
        if (tape > 0) {
            step.says(Say.STEP_CLOSE.of(Term.name(name), new Quantity(tape, Unit.MM, 0)));
        } else {
            step.says(Say.STEP_SHUT.of(Term.name(name)));
        }
        return step.done();
    }

    private String round(String after) {
        List<String> on = fittings(ROUND);
        return on.isEmpty()
                ? after
                : table.step("outside:" + id, stage)
                        .after(after)
                        .after(table.begun("board:" + id))
                        .says(Say.STEP_PROTECT.of(Term.and(on), Term.name(name)))
                        .takes(2)
                        .undone("Take off what is put round the " + name + ", and keep it.")
                        .done();
    }

    private String strap(String after) {
        Optional<FittedBox> fitted = FittedBox.all(table.layout).stream()
                .filter(each -> each.box().layer() == box.layer() && each.strapped())
                .findFirst();
        if (fitted.isEmpty()) {
            return after;
        }
        int straps = fitted.get().strapping().straps();
        List<Sentence> places = fitted.get().strapPlaces();
        return table.step("strap:" + id, stage)
                .after(after)
                .says(Say.STEP_STRAP.of(
                        Term.name(straps
                                + (fitted.get().strapping().doubled() ? " straps, each twice round," : " straps")),
                        Term.name(name),
                        new Term.Listed(places, ", ")))
                .mind(fitted.get().said())
                .takes(2.0 * straps)
                .must()
                .asks(new Ask.Count(straps))
                .caution(Caution.STRAPS)
                .undone("Cut the straps, a hand on each while it is cut; glasses and gloves.")
                .done();
    }
}
