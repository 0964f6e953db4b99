package rampart.server.config;

import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.jdk.StringDeserializer;

/**
 * Reads text, but for halves of characters (unpaired surrogates), which cannot be hashed, stored or written down again, and for NUL, at
 * which files and terminals take a text to end.
 */
final class WholeText extends ValueDeserializer<String> {
    @Override
    public String deserialize(JsonParser parser, DeserializationContext context) {
        String text = StringDeserializer.instance.deserialize(parser, context);
        if (text != null
                && text.codePoints().anyMatch(c -> c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE)) {
            throw context.weirdStringException(text, String.class, "half of a character");
        }
        if (text != null && text.indexOf('\0') >= 0) {
            throw context.weirdStringException(text, String.class, "NUL, which is no character of a text");
        }
        return text;
    }
}
