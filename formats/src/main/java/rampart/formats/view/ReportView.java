package rampart.formats.view;

import rampart.core.cut.CutList;
import rampart.core.evaluation.Evaluation;
import rampart.core.words.Wording;
import tools.jackson.databind.json.JsonMapper;

/**
 * All that Rampart says of a pack in one wording: enough to show it and to print it again, whatever the rules say by then.
 */
public record ReportView(EvaluationView evaluation, CutListView cutList) {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    public static ReportView of(Evaluation evaluation, Wording wording) {
        return new ReportView(
                EvaluationView.of(evaluation, wording), CutListView.of(CutList.of(evaluation.layout()), wording));
    }

    /** As JSON, UTF-8. */
    public byte[] write() {
        return MAPPER.writeValueAsBytes(this);
    }

    /** @param json as {@link #write} made it */
    public static ReportView read(byte[] json) {
        return MAPPER.readValue(json, ReportView.class);
    }
}
