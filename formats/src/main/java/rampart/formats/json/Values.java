package rampart.formats.json;

import java.util.Locale;
import java.util.OptionalDouble;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import tools.jackson.databind.JsonNode;

/** Values of a valid document as the core has them. */
public final class Values {
    private Values() {}

    /** Rule 6: {@code all} stands for every side not named. */
    public static SixSided sides(JsonNode node, double otherwise) {
        double all = node.path("all").asDouble(otherwise);
        return SixSided.of(face -> node.path(face.word()).asDouble(all));
    }

    public static Size size(JsonNode node) {
        return new Size(
                node.path("length").asDouble(),
                node.path("width").asDouble(),
                node.path("height").asDouble());
    }

    /** Empty where the document does not say. */
    public static OptionalDouble number(JsonNode node) {
        return node.isNumber() ? OptionalDouble.of(node.asDouble()) : OptionalDouble.empty();
    }

    /** The constant of an enum that a word of the file stands for: hyphens are underscores there. */
    public static <E extends Enum<E>> E constant(Class<E> kind, JsonNode node) {
        return constant(kind, node.asString());
    }

    /** The same, of another word where the document has none. */
    public static <E extends Enum<E>> E constant(Class<E> kind, JsonNode node, E otherwise) {
        return node.isMissingNode() ? otherwise : constant(kind, node.asString());
    }

    private static <E extends Enum<E>> E constant(Class<E> kind, String word) {
        return Enum.valueOf(kind, word.toUpperCase(Locale.ROOT).replace('-', '_'));
    }
}
