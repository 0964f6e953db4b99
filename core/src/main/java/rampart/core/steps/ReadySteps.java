package rampart.core.steps;

import java.util.List;
import rampart.core.item.Feature;
import rampart.core.words.Say;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/** The item is looked at, what is loose is taken off and counted, what is hollow is filled. */
final class ReadySteps {
    private ReadySteps() {}

    static void write(Table table) {
        List<Feature> features = table.pack.item().properties().features();
        Table.Draft look = table.step("look", Stage.READY)
                .says("Look the item over: cracks, damp, loose or bent parts. What is not fit to be sent is not packed."
                        + " Photograph it from all sides.")
                .takes(2)
                .must()
                .asks(new Ask.Photograph())
                .shows(table.solids(solid -> solid.layer().isEmpty()), List.of())
                .undone("Look the item over and photograph it; compare with the pictures taken when it was packed.");
        // What was taken off goes back last, onto what has been looked over.
        look.undoneUnder("take:");
        features.stream().map(ReadySteps::mind).forEach(sentence -> look.mind(List.of(sentence)));
        look.done();
        for (int i = 0; i < features.size(); i++) {
            work(table, features.get(i), table.ids.features().get(i));
        }
    }

    private static Sentence mind(Feature feature) {
        String on = feature.face().map(face -> ", on the " + face.word()).orElse("");
        Term name = Term.name(feature.name() + on);
        return switch (feature.kind()) {
            case FRAGILE -> Say.STEP_FRAGILE.of(name);
            case SENSITIVE -> Say.STEP_SENSITIVE.of(name);
            case STRONG -> Say.STEP_STRONG.of(name);
            case HOLLOW -> Say.STEP_HOLLOW.of(name);
            case LOOSE -> Say.STEP_LOOSE.of(name);
            case HEAVY -> Say.STEP_HEAVY.of(name);
            case IRREPLACEABLE -> Say.STEP_IRREPLACEABLE.of(name);
        };
    }

    private static void work(Table table, Feature feature, String id) {
        Term name = Term.name(feature.name());
        switch (feature.kind()) {
            case HOLLOW ->
                table.step("fill:" + id, Stage.READY)
                        .after("look")
                        .says(Say.STEP_FILL.of(name))
                        .must()
                        .undone(List.of(Say.STEP_EMPTY.of(name)))
                        .done();
            case LOOSE -> Stowing.takenOff(table, feature, id);
            case HEAVY -> {
                if (feature.onArm()) {
                    table.step("support:" + id, Stage.READY)
                            .after("look")
                            .says(Say.STEP_SUPPORT.of(name))
                            .takes(2)
                            .must()
                            .undone(List.of(Say.STEP_UNSUPPORT.of(name)))
                            .done();
                }
            }
            default -> {
                // Nothing is done to it; it is minded.
            }
        }
    }
}
