package rampart.core.steps;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rampart.core.box.CartonState;
import rampart.core.check.LiftCheck;
import rampart.core.item.Feature;
import rampart.core.item.Pieces;
import rampart.core.layout.LaidBox;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layer;
import rampart.core.quantity.Face;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.StepWords;
import rampart.core.words.Term;
import rampart.core.words.Unit;

/** One box: what is wrapped round its contents, what lies under, beside and over them in it, and how it is closed. */
final class BoxSteps {
    /** More than this nobody shakes, or lets down by the finger tips between four walls, kg (common practice, no source). */
    private static final double HANDLED_KG = 15;

    private final Table table;
    private final LaidBox box;
    private final String id;
    private final String name;
    private final Stage stage;
    private final boolean outer;
    private final int from;
    private final Closing closing;
    private final FittingSteps fittings;
    private PackingSteps.Contents contents;
    /** What stands in and of the box so far. */
    private List<Integer> there = List.of();

    /** True where the item lies in a bed that stands in this box. */
    private boolean bedded;

    BoxSteps(Table table, LaidBox box, int from, PackingSteps.Contents contents) {
        this.table = table;
        this.box = box;
        this.from = from;
        this.contents = contents;
        id = table.ids.layers().get(box.layer());
        name = table.name(box);
        outer = box.layer() == table.layout.outer().layer();
        stage = outer ? Stage.OUTER : Stage.INNER;
        closing = new Closing(box, name, table.layout.grossMassKg());
        fittings = new FittingSteps(table, box, stage);
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
        contents = fittings.on(contents, before());
        String ready = fittings.in(open());
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
            contents = new BedSteps(table, cushion.get(), Stage.WRAP)
                    .write(contents, "", before(), List.of(), () -> roundTheBed(layerId));
            return;
        }
        Table.Draft step = table.step("round:" + layerId, from == 0 ? Stage.WRAP : stage)
                .after(before())
                .shows(all, solids);
        of.match(
                        wrap -> (Runnable) () -> step.says(StepWords.STEP_WRAP.of(
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
                                .undone(StepWords.UNDO_CUT_TAPE_WRAPPING),
                        laid -> () -> step.says(StepWords.STEP_ROUND.of(
                                        Term.name(cushion.orElseThrow().foam().name()),
                                        Term.name(contents.name()),
                                        new Term.Listed(FoamSteps.faces(cushion.orElseThrow(), Face.ALL), ", ")))
                                .after(table.begun("cut:" + layerId))
                                .after(table.begun("glue:" + layerId))
                                .takes(2)
                                .undone(StepWords.UNDO_TAKE_FOAM_OFF),
                        other -> () -> {},
                        boards -> () -> {
                            step.says(StepWords.STEP_BOARDS.of(
                                            Term.name(contents.name()),
                                            Quantity.count(2 * boards.plies()),
                                            Quantity.mm(boards.overhangMm())))
                                    .after(table.begun("boards:" + layerId))
                                    .mind(StepWords.MIND_FIX_LOW_TACK)
                                    .takes(5)
                                    .must()
                                    .undone(StepWords.UNDO_CUT_TAPE_ROUND);
                            if (boards.interleafMm() > 0) {
                                step.mind(StepWords.STEP_INTERLEAF.of(Quantity.mm(boards.interleafMm())));
                            }
                        })
                .run();
        String named = of.match(wrap -> false, laid -> false, other -> false, boards -> true)
                ? "the boards with " + contents.name() + " between them"
                : contents.name();
        contents = new PackingSteps.Contents(named, all, step.done());
    }

    /** What has to be done before anything is laid round the contents or they are set in. */
    private List<String> before() {
        List<String> before = new ArrayList<>(List.of(contents.ready()));
        before.addAll(table.begun("fill:"));
        before.addAll(table.begun("take:"));
        before.addAll(table.begun("support:"));
        return before;
    }

    private String open() {
        there = table.ofLayer(
                box.layer(), solid -> solid.face().filter(f -> f != Face.TOP).isPresent());
        Table.Draft open = table.step("open:" + id, stage)
                .after(table.begun("make:" + id))
                .after(table.begun("glue:" + id))
                .takes(1)
                .must()
                .shows(there, there);
        closing.open(open);
        return open.done();
    }

    /** The item in its bed; other foam of the same box lies round that. */
    private String bed(List<LaidCushion> cushions, String ready) {
        List<LaidCushion> others =
                cushions.stream().filter(cushion -> cushion.bed().isEmpty()).toList();
        LaidCushion bed = cushions.stream()
                .filter(cushion -> cushion.bed().isPresent())
                .findFirst()
                .orElseThrow();
        bedded = true;
        FoamSteps foam = new FoamSteps(table, box, stage, "the bed", there);
        List<String> before = new ArrayList<>(before());
        before.addAll(beneath(foam, others, ready, false));
        PackingSteps.Contents lain =
                new BedSteps(table, bed, stage).write(contents, name, before, foam.there(), this::outward);
        foam.with(lain.solids());
        contents = lain;
        return above(foam, others, lain.ready(), false);
    }

    /** What has to be undone before somebody can reach under a bed that has no box of its own: all but its lid, if it has one. */
    private Set<String> roundTheBed(String layerId) {
        Set<String> outward = table.onTopOf("inside:" + layerId);
        outward.remove("lid:" + layerId);
        return outward;
    }

    /** What has to be undone before somebody can reach under this box: for the outermost that is opened as far as its papers. */
    private Set<String> outward() {
        Set<String> outward = table.onTopOf(outer ? "papers" : "close:" + id);
        if (outer) {
            outward.add("papers");
        }
        return outward;
    }

    private String filled(List<LaidCushion> cushions, String ready) {
        FoamSteps foam = new FoamSteps(table, box, stage, contents.name(), there);
        boolean last = foam.lastSide();
        List<String> under = beneath(foam, cushions, ready, last);
        return above(foam, cushions, setIn(foam, under), last);
    }

    /** What lies in the box before its contents do. */
    private static List<String> beneath(FoamSteps foam, List<LaidCushion> cushions, String ready, boolean last) {
        List<String> under = new ArrayList<>(List.of(ready));
        under.addAll(foam.under(cushions, ready));
        for (int i = cushions.size() - 1; i >= 0; i--) {
            foam.sides(cushions.get(i), ready, last).ifPresent(under::add);
        }
        return under;
    }

    /** What can only be laid in after them. */
    private String above(FoamSteps foam, List<LaidCushion> cushions, String sat, boolean last) {
        String ready = sat;
        for (LaidCushion cushion : cushions) {
            ready = foam.afterSides(cushion, ready, last);
        }
        // What lies in a bed has had its picture before the lid came over it.
        if (!bedded) {
            ready = InsideView.photographed(table, id, stage, contents.name(), ready);
        }
        ready = foam.over(cushions, ready);
        there = foam.there();
        return ready;
    }

    private String setIn(FoamSteps foam, List<String> under) {
        List<Integer> standing = foam.with(contents.solids());
        boolean heavy = insideKg() > LiftCheck.ONE_PERSON_KG;
        // Between boards nothing of it is within reach.
        List<String> delicate = from == 0 && table.layout.boards().isEmpty() ? table.delicate() : List.of();
        boolean pieces = from == 0 && table.pack.item().properties().pieces().isPresent();
        Table.Draft step = table.step("set:" + id, stage)
                .after(under)
                .after(before())
                .takes(pieces ? 5 : 1)
                .must()
                .shows(standing, contents.solids());
        if (pieces) {
            pieces(step);
        } else {
            step.says(StepWords.STEP_SET_IN.of(Term.name(contents.name()), Term.name(name)))
                    .mind(foam.howItGoesIn());
            lowered(step, foam);
        }
        if (!delicate.isEmpty()) {
            Sentence pull = StepWords.STEP_NEVER_PULL.of(PackingSteps.either(delicate));
            step.mind(pull).undone(pull);
        }
        if (heavy) {
            step.caution(Caution.LIFTING).undone(Caution.LIFTING);
        }
        return step.done();
    }

    /** Fingers do not hold what is heavy between four walls. */
    private void lowered(Table.Draft step, FoamSteps foam) {
        double kg = insideKg();
        if (kg > HANDLED_KG && !foam.roomForFingers()) {
            Quantity mass = new Quantity(kg, Unit.KG, 1);
            step.mind(StepWords.STEP_LOWER.of(mass))
                    .undone(StepWords.STEP_LIFT_BY_BANDS.of(Term.name(contents.name()), mass));
        } else {
            step.undone(StepWords.UNDO_LIFT_OUT.of(Term.name(contents.name())));
        }
    }

    /** Each piece of a set wrapped, before there is a box to set them into. */
    private void pieces() {
        if (from > 0 || table.pack.item().properties().pieces().isEmpty()) {
            return;
        }
        Pieces pieces = table.pack.item().properties().pieces().orElseThrow();
        table.step("pieces", Stage.WRAP)
                .after("look")
                .after(table.begun("fill:"))
                .says(StepWords.STEP_WRAP_PIECES.of(Quantity.count(pieces.quantity()), Quantity.mm(pieces.wrapMm())))
                .mind(StepWords.MIND_ONE_FIRST)
                .takes(3.0 * pieces.quantity())
                .asks(new Ask.Count(pieces.quantity()))
                .must()
                .undone(StepWords.UNDO_UNWRAP_EACH_PIECE)
                .done();
    }

    private void pieces(Table.Draft step) {
        Pieces pieces = table.pack.item().properties().pieces().orElseThrow();
        step.after("pieces")
                .after(table.begun("boards:set"))
                .says(
                        pieces.levels() == 1
                                ? StepWords.STEP_SET_PIECES_LEVEL.of(
                                        Quantity.count(pieces.quantity()),
                                        Quantity.count(pieces.columns()),
                                        Quantity.count(pieces.rows()))
                                : StepWords.STEP_SET_PIECES.of(
                                        Quantity.count(pieces.quantity()),
                                        Quantity.count(pieces.columns()),
                                        Quantity.count(pieces.rows()),
                                        Quantity.count(pieces.levels())))
                .asks(new Ask.Count(pieces.quantity()))
                .undone(StepWords.STEP_PIECES_OUT.of(Quantity.count(pieces.quantity())));
        if (pieces.arrangement() == Pieces.Arrangement.ALTERNATE) {
            step.mind(StepWords.MIND_ALONG_EACH_ROW);
        } else if (pieces.arrangement() == Pieces.Arrangement.DIAGONAL) {
            step.mind(StepWords.MIND_ONE_EACH_QUARTER);
        }
        if (!table.begun("boards:set").isEmpty()) {
            step.mind(StepWords.MIND_STAND_DIVIDER_FIRST);
        }
    }

    private double insideKg() {
        double kg = table.pack.item().massKg();
        for (int layer = 0; layer < box.layer(); layer++) {
            kg += table.layout.layerMassKg().get(layer);
        }
        return kg;
    }

    private PackingSteps.Contents closed(String sat) {
        String filled = fill(stow(sat));
        if (outer) {
            filled = papers(filled);
        }
        String padded = fittings.over(filled);
        double kg = insideKg() + box.carton().massKg();
        Table.Draft shake = table.step("shake:" + id, stage)
                .after(padded)
                .says(
                        kg > HANDLED_KG
                                ? StepWords.STEP_ROCK.of(Term.name(name), new Quantity(kg, Unit.KG, 1))
                                : StepWords.STEP_SHAKE.of(Term.name(name)))
                .must()
                .asks(new Ask.Still());
        if (closing.foldsRound()) {
            shake.mind(StepWords.MIND_FOLDED_ROUND_INSIDE);
        }
        String shaken = shake.done();
        List<Integer> all = Table.joined(
                there, table.ofLayer(box.layer(), solid -> solid.face().isPresent()));
        String shut = close(shaken, all);
        String strapped = fittings.strapped(fittings.round(shut));
        return new PackingSteps.Contents("the " + name, all, strapped);
    }

    private String fill(String after) {
        return box.state()
                .fill()
                .filter(fill -> fill != CartonState.Fill.NONE)
                .map(fill -> table.step("play:" + id, stage)
                        .after(after)
                        .says(StepWords.STEP_FILL_PLAY.of(Term.name(name), Term.name(fill.words())))
                        .takes(1)
                        .undone(StepWords.UNDO_TAKE_FILLING_OUT)
                        .done())
                .orElse(after);
    }

    /** In the outermost box, over all that is in it: they are read before anything else is lifted. */
    private String papers(String after) {
        return table.step("papers", stage)
                .after(after)
                .says(StepWords.STEP_LAY_PAPERS_POUCH)
                .must()
                .undone(StepWords.UNDO_TAKE_OUT_PAPERS)
                .done();
    }

    private String close(String after, List<Integer> all) {
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
                                        .isPresent()));
        if (!outer && from == 0) {
            step.mind(StepWords.MIND_SENDER_WAY_REACH);
        }
        closing.close(step);
        if (bedded && !outer) {
            // Untied while it is shut: nothing can fall out. The outermost is opened for its papers first.
            step.undoneAfter("ties:");
        }
        return step.done();
    }

    /** What is loose travels in the innermost box, each in a place of its own. */
    private String stow(String after) {
        if (from > 0) {
            return after;
        }
        String last = after;
        List<Feature> features = table.pack.item().properties().features();
        for (int i = 0; i < features.size(); i++) {
            if (features.get(i).kind() == Feature.Kind.LOOSE) {
                last = Stowing.of(
                        table, box, stage, features.get(i), table.ids.features().get(i), last);
            }
        }
        return last;
    }
}
