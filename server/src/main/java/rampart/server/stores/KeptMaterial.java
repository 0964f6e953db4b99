package rampart.server.stores;

import java.util.Optional;
import rampart.formats.kept.KeptForm;

/**
 * A material of the house as it is kept.
 *
 * @param kind foam, board, wrap or consumable
 * @param document as it stands in a pack file, digit for digit: JSON in a text; null where one was taken away long ago
 * @param tests the tables of test data it was fitted to: JSON in a text; null where there are none
 */
public record KeptMaterial(String kind, String name, String document, String tests) {
    public static final KeptForm<KeptMaterial> FORM = KeptForm.of("material", KeptMaterial.class);

    /** Empty where there are none. */
    public Optional<TestTables> tables() {
        return Optional.ofNullable(tests).map(TestTables.FORM::readText);
    }
}
