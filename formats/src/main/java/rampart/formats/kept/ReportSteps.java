package rampart.formats.kept;

import rampart.core.verdict.CheckId;
import rampart.formats.view.AboutView;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** From each version of a kept report to the next. */
final class ReportSteps {
    private ReportSteps() {}

    /** 1 to 2: what a check is about was told by its id alone, and why its status is not its margin's was not told. */
    static JsonNode withAbout(JsonNode report) {
        for (JsonNode each : report.path("evaluation").path("checks")) {
            ObjectNode check = (ObjectNode) each;
            if (!check.has("about")) {
                AboutView about = CheckId.read(check.path("id").asString())
                        .map(id -> AboutView.of(id.kind()))
                        .orElse(AboutView.other);
                check.put("about", about.name());
            }
        }
        return report;
    }
}
