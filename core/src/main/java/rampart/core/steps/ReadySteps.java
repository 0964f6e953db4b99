package rampart.core.steps;

import java.util.List;
import rampart.core.item.Feature;
import rampart.core.words.Sentence;
import rampart.core.words.StepWords;
import rampart.core.words.Term;

/** The item is looked at, what is loose is taken off and counted, what is hollow is filled. */
final class ReadySteps {
    private ReadySteps() {}

    static void write(Table table) {
        List<Feature> features = table.pack.item().properties().features();
        Table.Draft look = table.step("look", Stage.READY)
                .says(StepWords.STEP_LOOK_OVER)
                .takes(2)
                .must()
                .asks(new Ask.Photograph())
                .shows(table.solids(solid -> solid.layer().isEmpty()), List.of())
                .undone(StepWords.UNDO_LOOK_OVER);
        // What was taken off goes back last, onto what has been looked over.
        look.undoneUnder("take:");
        features.stream().map(ReadySteps::mind).forEach(sentence -> look.mind(sentence));
        look.done();
        for (int i = 0; i < features.size(); i++) {
            work(table, features.get(i), table.ids.features().get(i));
        }
    }

    private static Sentence mind(Feature feature) {
        String on = feature.face().map(face -> ", on the " + face.word()).orElse("");
        Term name = Term.name(feature.name() + on);
        return switch (feature.kind()) {
            case FRAGILE -> StepWords.STEP_FRAGILE.of(name);
            case SENSITIVE -> StepWords.STEP_SENSITIVE.of(name);
            case STRONG -> StepWords.STEP_STRONG.of(name);
            case HOLLOW -> StepWords.STEP_HOLLOW.of(name);
            case LOOSE -> StepWords.STEP_LOOSE.of(name);
            case HEAVY -> StepWords.STEP_HEAVY.of(name);
            case IRREPLACEABLE -> StepWords.STEP_IRREPLACEABLE.of(name);
        };
    }

    private static void work(Table table, Feature feature, String id) {
        Term name = Term.name(feature.name());
        switch (feature.kind()) {
            case HOLLOW ->
                table.step("fill:" + id, Stage.READY)
                        .after("look")
                        .says(StepWords.STEP_FILL.of(name))
                        .must()
                        .undone(StepWords.STEP_EMPTY.of(name))
                        .done();
            case LOOSE -> Stowing.takenOff(table, feature, id);
            case HEAVY -> {
                if (feature.onArm()) {
                    table.step("support:" + id, Stage.READY)
                            .after("look")
                            .says(StepWords.STEP_SUPPORT.of(name))
                            .takes(2)
                            .must()
                            .undone(StepWords.STEP_UNSUPPORT.of(name))
                            .done();
                }
            }
            default -> {
                // Nothing is done to it; it is minded.
            }
        }
    }
}
