package rampart.formats.view;

import rampart.core.cut.CutList;
import rampart.core.evaluation.Evaluation;
import rampart.core.words.Wording;

/**
 * All that Rampart says of a pack in one wording: enough to show it and to print it again, whatever the rules say by then.
 */
public record ReportView(EvaluationView evaluation, CutListView cutList) {
    public static ReportView of(Evaluation evaluation, Wording wording) {
        return new ReportView(
                EvaluationView.of(evaluation, wording), CutListView.of(CutList.of(evaluation.layout()), wording));
    }
}
