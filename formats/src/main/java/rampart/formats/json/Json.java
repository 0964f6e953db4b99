package rampart.formats.json;

import java.math.BigDecimal;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonPointer;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.cfg.JsonNodeFeature;
import tools.jackson.databind.json.JsonMapper;

/** Strict reading of JSON: UTF-8, no duplicate keys, no nesting over 64, numbers kept to the digit. */
public final class Json {
    static final int DEEPEST = 64;

    /** Exponents beyond this are no lengths, masses or times; refusing them here keeps later arithmetic cheap. */
    private static final int WIDEST_SCALE = 400;

    /** Far beyond every greatest value of the schema, and within what its whole numbers are compared in. */
    private static final double LARGEST = 1e18;

    private static final Pattern QUOTED = Pattern.compile("[\"']([^\"']*)[\"']");

    public static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(DEEPEST)
                            .build())
                    .build())
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
            .enable(SerializationFeature.INDENT_OUTPUT)
            .build();

    private Json() {}

    /** @throws UnreadableFileException if the bytes are not one JSON value that these rules allow */
    public static JsonNode read(byte[] bytes) {
        String text = utf8(bytes);
        if (text.isBlank()) {
            throw new UnreadableFileException("", "the file is empty; a pack file is one JSON object");
        }
        JsonNode tree;
        try {
            tree = MAPPER.readTree(text);
        } catch (StreamConstraintsException e) {
            throw new UnreadableFileException("", tooMuch(e));
        } catch (JacksonException e) {
            throw new UnreadableFileException("", notJson(e, where(e)));
        } catch (ArithmeticException | NumberFormatException e) {
            // An exponent that no decimal number of Java holds.
            throw new UnreadableFileException(
                    "", "a number in the file is out of range; give numbers of everyday size");
        }
        List<Problem> problems = new ArrayList<>();
        values(tree, JsonPointer.empty(), problems);
        if (!problems.isEmpty()) {
            throw new UnreadableFileException(problems);
        }
        return tree;
    }

    private static String utf8(byte[] bytes) {
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
            return text.startsWith("\uFEFF") ? text.substring(1) : text;
        } catch (CharacterCodingException e) {
            throw new UnreadableFileException("", "the text is not UTF-8; save the file as UTF-8");
        }
    }

    private static String tooMuch(StreamConstraintsException e) {
        String message = String.valueOf(e.getOriginalMessage());
        return message.contains("nesting") || message.contains("depth")
                ? "nested deeper than " + DEEPEST + " levels; a pack file needs fewer than ten"
                : "a number or a text in the file is longer than is allowed";
    }

    private static String where(JacksonException e) {
        TokenStreamLocation location = e.getLocation();
        return location == null || location.getLineNr() < 1
                ? ""
                : " at line " + location.getLineNr() + ", column " + location.getColumnNr();
    }

    /** What is wrong, without the parser's hints for programmers. */
    private static String notJson(JacksonException e, String where) {
        String message = String.valueOf(e.getOriginalMessage());
        if (message.contains("Duplicate")) {
            Matcher name = QUOTED.matcher(message);
            return "the field '" + (name.find() ? name.group(1) : "") + "' stands twice" + where
                    + "; each field is allowed once";
        }
        if (message.contains("railing")) {
            return "something follows the end of the object" + where + "; a pack file is one JSON object";
        }
        if (message.contains("end-of-input")) {
            return "the file ends too early" + where + "; a bracket or a quote is not closed";
        }
        if (message.contains("NaN") || message.contains("Non-standard token") || message.contains("INF")) {
            return "NaN and Infinity are not numbers in JSON" + where + "; give a finite number";
        }
        return "not JSON" + where + ": " + message.replaceFirst("(?s)( \\(for |: maybe|: was expecting|\n).*", "");
    }

    /** What is JSON and yet nothing to reckon with or to write down again: absurd numbers, halves of characters, NUL. */
    private static void values(JsonNode node, JsonPointer path, List<Problem> problems) {
        if (node.isObject()) {
            for (Map.Entry<String, JsonNode> field : node.properties()) {
                if (broken(field.getKey())) {
                    problems.add(
                            new Problem(path, "a field name holds half of a character (an unpaired surrogate) or NUL"));
                } else {
                    values(field.getValue(), path.appendProperty(field.getKey()), problems);
                }
            }
        } else if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                values(node.get(i), path.appendIndex(i), problems);
            }
        } else if (node.isString() && broken(node.stringValue())) {
            problems.add(new Problem(
                    path, "the text holds half of a character (an unpaired surrogate) or NUL; write it anew"));
        } else if (node.isBigDecimal()) {
            BigDecimal number = node.decimalValue();
            if (Math.abs((long) number.scale()) > WIDEST_SCALE || !reckonable(number)) {
                problems.add(new Problem(path, number + " is out of range; give a number of everyday size"));
            }
        } else if (node.isBigInteger()) {
            problems.add(
                    new Problem(path, "a number of over 18 digits is out of range; give a number of everyday size"));
        }
    }

    /** False where it becomes nothing, or a number without all its digits, when it is reckoned with, and beyond all that is allowed. */
    private static boolean reckonable(BigDecimal number) {
        double size = Math.abs(number.doubleValue());
        return number.signum() == 0 || (size >= Double.MIN_NORMAL && size <= LARGEST);
    }

    private static boolean broken(String text) {
        return text.codePoints()
                .anyMatch(c -> c == 0 || (c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE));
    }
}
