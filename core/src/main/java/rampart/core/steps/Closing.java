package rampart.core.steps;

import rampart.core.box.CartonStyle;
import rampart.core.layout.LaidBox;
import rampart.core.words.Quantity;
import rampart.core.words.Say;
import rampart.core.words.Sentence;
import rampart.core.words.Term;
import rampart.core.words.Unit;

/** How a box of each style stands open, is closed, and is opened again. */
final class Closing {
    private final CartonStyle style;
    private final Term name;
    private final double tapeMm;

    Closing(LaidBox box, String name, double grossKg) {
        style = box.carton().style();
        this.name = Term.name(name);
        tapeMm = Taping.seamMm(box, grossKg);
    }

    /** True where it is a blank that is folded round what is inside, once that stands on it. */
    boolean foldsRound() {
        return switch (style) {
            case ONE_PIECE_FOLDER, WRAP_AROUND, FIVE_PANEL_FOLDER -> true;
            default -> false;
        };
    }

    /** Ready to be packed into. */
    void open(Table.Draft step) {
        switch (style) {
            case REGULAR_SLOTTED, FULL_OVERLAP -> step.says(Say.STEP_OPEN.of(name, tape()));
            case HALF_SLOTTED -> step.says(Say.STEP_OPEN_HALF.of(name));
            case TELESCOPE -> step.says(Say.STEP_OPEN_TELESCOPE.of(name, tape()));
            case LID_AND_TRAY, TWO_SHEET, CAPS -> step.says(Say.STEP_OPEN_TRAY.of(name));
            case ONE_PIECE_FOLDER, WRAP_AROUND, FIVE_PANEL_FOLDER ->
                step.says(Say.STEP_OPEN_FLAT.of(name))
                        .mind(
                                "What stands against a wall is kept to what is inside by a strip of tape until the wall is"
                                        + " there.");
            case MAILER -> step.says(Say.STEP_OPEN_MAILER.of(name));
            case SLEEVE -> step.says(Say.STEP_OPEN_SLEEVE.of(name));
            case RIGID_CASE -> step.says(Say.STEP_STAND.of(name));
        }
    }

    /** Shut, and how it is opened. */
    void close(Table.Draft step) {
        switch (style) {
            case REGULAR_SLOTTED, FULL_OVERLAP ->
                step.says(Say.STEP_CLOSE.of(name, tape())).undone(cut());
            case HALF_SLOTTED, SLEEVE ->
                step.says(Say.STEP_COVER.of(name)).undone(Sentence.plain("Lift off the cover."));
            case TELESCOPE, LID_AND_TRAY, TWO_SHEET, CAPS ->
                step.says(Say.STEP_LID_ON.of(name, tape()))
                        .mind("Straight down: where it sticks, something stands out.")
                        .undone(Say.STEP_LID_OFF.of(name));
            case ONE_PIECE_FOLDER, WRAP_AROUND, FIVE_PANEL_FOLDER ->
                step.says(Say.STEP_FOLD_ROUND.of(name, tape()))
                        .mind(
                                "In the order of its drawing, each fold pressed home before the next; a tab is glued or taped now.")
                        .undone(Say.STEP_UNFOLD.of(name));
            case MAILER -> step.says(Say.STEP_TUCK.of(name)).undone(Say.STEP_UNTUCK.of(name));
            case RIGID_CASE -> step.says(Say.STEP_SHUT.of(name)).undone(Sentence.plain("Open the case, its lid up."));
        }
    }

    private Sentence cut() {
        return Say.STEP_CUT_SEAM.of(name);
    }

    private Quantity tape() {
        return new Quantity(tapeMm, Unit.MM, 0);
    }
}
