package rampart.core.steps;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import rampart.core.bed.BedWell;
import rampart.core.box.CartonState;
import rampart.core.item.Feature;
import rampart.core.layout.LaidBox;
import rampart.core.layout.LaidCushion;
import rampart.core.material.Structure;
import rampart.core.quantity.Face;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.StepWords;
import rampart.core.words.Term;

/**
 * What is loose is taken off, travels in a place of its own, is taken out again and put back: four things, of which none may be
 * forgotten. A place is a well of the bed with its name, else a hollow where the foam of the innermost box is thickest, else its
 * filling, else its wall (common practice, no source).
 */
final class Stowing {
    /** What a warmer is kept from what it warms, mm (assumed): it is hot to the touch, and nothing is known of what touches it. */
    private static final double FROM_WARMER_MM = 10;

    private Stowing() {}

    /** Taken off the item, before anything is packed. */
    static void takenOff(Table table, Feature feature, String id) {
        Term name = Term.name(feature.name());
        boolean warms = warms(feature);
        Table.Draft take = table.step("take:" + id, Stage.READY)
                .after("look")
                .says((warms ? StepWords.STEP_PAPER_ROUND : StepWords.STEP_TAKE_OFF).of(name))
                .takes(2)
                .must()
                .asks(new Ask.Tally())
                .undone((warms ? StepWords.STEP_WARMER_AWAY : StepWords.STEP_PUT_BACK).of(name))
                .undoneAfter("look");
        if (warms) {
            take.mind(StepWords.MIND_GROWS_WARM).caution(Caution.HEAT_PACK);
        } else {
            take.mind(StepWords.MIND_WRITE_ON_BAG);
        }
        take.done();
    }

    /**
     * Put where it travels.
     *
     * @return id of the step
     */
    static String of(Table table, LaidBox box, Stage stage, Feature feature, String id, String after) {
        Term name = Term.name(feature.name());
        boolean warms = warms(feature);
        Table.Draft stow = table.step("stow:" + id, stage)
                .after(after)
                .after("take:" + id)
                .says(
                        warms
                                ? StepWords.STEP_WARMER_IN.of(
                                        name, Term.name(table.name(box)), Quantity.cut(FROM_WARMER_MM))
                                : place(table, box, feature, name))
                .must()
                .undone((warms ? StepWords.STEP_WARMER_OUT : StepWords.STEP_STOWED_OUT).of(name));
        if (warms) {
            stow.caution(Caution.HEAT_PACK);
        }
        return stow.done();
    }

    private static Sentence place(Table table, LaidBox box, Feature feature, Term name) {
        Term in = Term.name(table.name(box));
        if (table.layout.bed().stream()
                .flatMap(bed -> bed.bed().orElseThrow().wells().stream())
                .map(BedWell::name)
                .anyMatch(feature.name()::equalsIgnoreCase)) {
            return StepWords.STEP_STOW_WELL.of(name);
        }
        List<LaidCushion> inside = table.layout.cushions().stream()
                .filter(cushion -> cushion.layer() < box.layer())
                .toList();
        Optional<LaidCushion> cut = inside.stream()
                .filter(cushion -> whole(cushion)
                        && cushion.foam().structure().cut()
                        && cushion.foam().structure() != Structure.BUBBLE)
                .max(Comparator.comparingDouble(cushion -> thickest(cushion).mm()));
        if (cut.isPresent()) {
            return StepWords.STEP_STOW_FOAM.of(
                    name,
                    Term.name(cut.get().foam().name()),
                    Term.name(thickest(cut.get()).face().word()));
        }
        return inside.stream()
                .filter(cushion -> whole(cushion) && cushion.foam().structure() != Structure.FOAMED_IN_PLACE)
                .map(cushion -> cushion.foam().name())
                .findFirst()
                .or(() -> box.state()
                        .fill()
                        .filter(fill -> fill != CartonState.Fill.NONE)
                        .map(fill -> "the " + fill.words()))
                .map(fill -> StepWords.STEP_STOW_FILL.of(name, Term.name(fill)))
                .orElse(StepWords.STEP_STOW_WALL.of(name, in));
    }

    /** Lies all round; a pad or a corner block carries with all of it and is not hollowed. */
    private static boolean whole(LaidCushion cushion) {
        return cushion.form().match(full -> true, pads -> false, corners -> false, bed -> true);
    }

    private record Thick(Face face, double mm) {}

    /** Of the faces that can be reached from above while the box is open. */
    private static Thick thickest(LaidCushion cushion) {
        return Face.ALL.stream()
                .filter(face -> face != Face.BOTTOM)
                .map(face -> new Thick(face, cushion.thicknessMm().on(face)))
                .max(Comparator.comparingDouble(Thick::mm))
                .orElseThrow();
    }

    /** A pack that makes warmth needs air, and is never bagged. */
    static boolean warms(Feature feature) {
        String name = feature.name().toLowerCase(Locale.ROOT);
        return WARMERS.stream().anyMatch(name::contains);
    }

    private static final List<String> WARMERS =
            List.of("heat pack", "heatpack", "heat pad", "hand warmer", "warmer", "warming pack");
}
