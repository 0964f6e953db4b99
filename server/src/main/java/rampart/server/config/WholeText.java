package rampart.server.config;

import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.jdk.StringDeserializer;

/**
 * Reads text, but for halves of characters (unpaired surrogates): they cannot be hashed, stored or written down again.
 */
final class WholeText extends ValueDeserializer<String> {
    @Override
    public String deserialize(JsonParser parser, DeserializationContext context) {
        String text = StringDeserializer.instance.deserialize(parser, context);
        if (text != null
                && text.codePoints().anyMatch(c -> c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE)) {
            throw context.weirdStringException(text, String.class, "half of a character");
        }
        return text;
    }
}
