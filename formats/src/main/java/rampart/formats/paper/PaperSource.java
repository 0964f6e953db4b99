package rampart.formats.paper;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rampart.core.cost.Prices;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.steps.PackParts;
import rampart.core.steps.PackingSteps;
import rampart.core.steps.Step;
import rampart.core.steps.StepEdits;
import rampart.core.steps.StepIds;
import rampart.core.words.Wording;
import rampart.formats.pack.PackFile;
import rampart.formats.view.ReportView;
import tools.jackson.databind.JsonNode;

/**
 * All that papers of a pack are made of.
 *
 * @param catalogue what the pack may be made of, with the materials that its file brings
 * @param report on the pack, in the same wording
 * @param standing what state of the pack it is, in words
 * @param reason why it was released although something breaks, and who signed; empty where nothing does
 * @param edits of its steps
 * @param stockedMm thicknesses of sheets that are stocked, by id of the foam
 * @param packs for how many packs material is listed
 */
public record PaperSource(
        PackFile file,
        Catalogue catalogue,
        Layout layout,
        ReportView report,
        String standing,
        Optional<String> reason,
        StepEdits edits,
        Prices prices,
        Map<String, List<Double>> stockedMm,
        int packs,
        Optional<Block.Picture> picture,
        Travel travel,
        Wording wording) {
    /** @param standard materials that the file does not bring */
    public static PaperSource of(
            PackFile file,
            Catalogue standard,
            ReportView report,
            String standing,
            Optional<String> reason,
            StepEdits edits,
            Prices prices,
            Map<String, List<Double>> stockedMm,
            int packs,
            Optional<Block.Picture> picture,
            Travel travel,
            Wording wording) {
        Catalogue catalogue = file.catalogue(standard);
        return new PaperSource(
                file,
                catalogue,
                LayoutWalk.lay(file.pack().item(), file.pack().layers(), catalogue),
                report,
                standing,
                reason,
                edits,
                prices,
                stockedMm,
                packs,
                picture,
                travel,
                wording);
    }

    Pack pack() {
        return file.pack();
    }

    /** Steps as somebody arranged them. */
    public StepEdits.Applied steps() {
        return edits.on(steps(file, layout, catalogue));
    }

    /** Steps of a pack as they are computed, named by the ids in its file. */
    public static List<Step> steps(PackFile file, Layout layout, Catalogue catalogue) {
        return PackingSteps.of(file.pack(), layout, catalogue, ids(file));
    }

    /** Parts of a pack that is used again. */
    public static List<PackParts.Part> parts(PackFile file, Layout layout, Catalogue catalogue) {
        return PackParts.of(file.pack(), layout, catalogue, ids(file));
    }

    private static StepIds ids(PackFile file) {
        return new StepIds(
                ids(file.document().path("layers")),
                ids(file.document().path("item").path("features")));
    }

    private static List<String> ids(JsonNode list) {
        List<String> ids = new ArrayList<>();
        for (JsonNode each : list) {
            ids.add(each.has("id") ? each.path("id").asString() : String.valueOf(ids.size() + 1));
        }
        return ids;
    }

    /** What to mind at a step; what somebody wrote beside features is minded when the item is looked over. */
    List<String> details(Step step) {
        List<String> details =
                new ArrayList<>(step.details().stream().map(wording::say).toList());
        if (step.id().equals("look")) {
            featureNotes().forEach((name, note) -> details.add(name + ": " + note));
        }
        return details;
    }

    /** What somebody wrote beside features, by their names. */
    Map<String, String> featureNotes() {
        Map<String, String> notes = new LinkedHashMap<>();
        for (JsonNode feature : file.document().path("item").path("features")) {
            String note = feature.path("note").asString("");
            if (!note.isBlank()) {
                notes.merge(feature.path("name").asString(), note, (a, b) -> a + " " + b);
            }
        }
        return notes;
    }
}
