package rampart.server.stores;

import java.util.Optional;

/**
 * A material of the house as it is kept.
 *
 * @param kind foam, board, wrap or consumable
 * @param document as it stands in a pack file, digit for digit: JSON in a text; null where one was taken away long ago
 * @param tests the tables of test data it was fitted to: JSON in a text; null where there are none
 */
public record KeptMaterial(String kind, String name, String document, String tests) {
    /** Empty where there are none. */
    public Optional<String> tables() {
        return Optional.ofNullable(tests);
    }
}
