package rampart.core.steps;

import rampart.core.box.CartonStyle;
import rampart.core.layout.LaidBox;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.StepWords;
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
            case REGULAR_SLOTTED, FULL_OVERLAP -> step.says(StepWords.STEP_OPEN.of(name, tape()));
            case HALF_SLOTTED -> step.says(StepWords.STEP_OPEN_HALF.of(name));
            case TELESCOPE -> step.says(StepWords.STEP_OPEN_TELESCOPE.of(name, tape()));
            case LID_AND_TRAY, TWO_SHEET, CAPS -> step.says(StepWords.STEP_OPEN_TRAY.of(name));
            case ONE_PIECE_FOLDER, WRAP_AROUND, FIVE_PANEL_FOLDER ->
                step.says(StepWords.STEP_OPEN_FLAT.of(name)).mind(StepWords.MIND_STANDS_AGAINST_WALL);
            case MAILER -> step.says(StepWords.STEP_OPEN_MAILER.of(name));
            case SLEEVE -> step.says(StepWords.STEP_OPEN_SLEEVE.of(name));
            case RIGID_CASE -> step.says(StepWords.STEP_STAND.of(name));
        }
    }

    /** Shut, and how it is opened. */
    void close(Table.Draft step) {
        switch (style) {
            case REGULAR_SLOTTED, FULL_OVERLAP ->
                step.says(StepWords.STEP_CLOSE.of(name, tape())).undone(cut());
            case HALF_SLOTTED, SLEEVE ->
                step.says(StepWords.STEP_COVER.of(name)).undone(StepWords.UNDO_COVER);
            case TELESCOPE, LID_AND_TRAY, TWO_SHEET, CAPS ->
                step.says(StepWords.STEP_LID_ON.of(name, tape()))
                        .mind(StepWords.MIND_STRAIGHT_DOWN_WHERE)
                        .undone(StepWords.STEP_LID_OFF.of(name));
            case ONE_PIECE_FOLDER, WRAP_AROUND, FIVE_PANEL_FOLDER ->
                step.says(StepWords.STEP_FOLD_ROUND.of(name, tape()))
                        .mind(StepWords.MIND_ORDER_DRAWING_EACH)
                        .undone(StepWords.STEP_UNFOLD.of(name));
            case MAILER -> step.says(StepWords.STEP_TUCK.of(name)).undone(StepWords.STEP_UNTUCK.of(name));
            case RIGID_CASE -> step.says(StepWords.STEP_SHUT.of(name)).undone(StepWords.UNDO_CASE);
        }
    }

    private Sentence cut() {
        return StepWords.STEP_CUT_SEAM.of(name);
    }

    private Quantity tape() {
        return new Quantity(tapeMm, Unit.MM, 0);
    }
}
