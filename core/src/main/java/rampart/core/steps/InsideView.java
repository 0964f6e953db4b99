package rampart.core.steps;

import rampart.core.words.StepWords;
import rampart.core.words.Term;

/** A picture of what lies in a box, taken while it can still be seen: a claim asks for it. */
final class InsideView {
    private InsideView() {}

    /** @return id of the step */
    static String photographed(Table table, String layer, Stage stage, String what, String after) {
        return table.step("inside:" + layer, stage)
                .after(after)
                .says(StepWords.STEP_INSIDE.of(Term.name(what)))
                .asks(new Ask.Photograph())
                .done();
    }
}
