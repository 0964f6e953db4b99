package rampart.formats.kept;

import java.util.List;
import java.util.function.UnaryOperator;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The form in which one kind of thing is kept: JSON in an envelope with its version, {@code {"version": 2, "kept": ...}}. What was written before
 * there were versions has no envelope and is of version 1.
 *
 * @param <T> what is kept
 */
public final class KeptForm<T> {
    private static final String VERSION = "version";
    private static final String KEPT = "kept";

    /** What a later version has and this one lacks is filled in by steps; a field forgotten there makes nothing unreadable. */
    private static final JsonMapper MAPPER = JsonMapper.builder()
            .disable(
                    DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES,
                    DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    private final Class<T> type;
    private final List<UnaryOperator<JsonNode>> steps;

    /** @param steps from version 1 to 2, from 2 to 3 and so on; each may change the document that it is given */
    KeptForm(Class<T> type, List<UnaryOperator<JsonNode>> steps) {
        this.type = type;
        this.steps = List.copyOf(steps);
    }

    /** The version that is written. */
    public int version() {
        return steps.size() + 1;
    }

    /** As JSON, UTF-8. */
    public byte[] write(T value) {
        return MAPPER.writeValueAsBytes(
                MAPPER.createObjectNode().put(VERSION, version()).set(KEPT, MAPPER.<JsonNode>valueToTree(value)));
    }

    /**
     * Of any version.
     *
     * @param json as {@link #write} made it, now or with an earlier version
     * @throws IllegalArgumentException if it was written by a later version of Rampart than this one
     */
    public T read(byte[] json) {
        JsonNode document = MAPPER.readTree(json);
        boolean enveloped = document.has(VERSION) && document.has(KEPT);
        int version = enveloped ? document.path(VERSION).asInt() : 1;
        if (version > version()) {
            throw new IllegalArgumentException(
                    "was kept by a later Rampart, in version " + version + "; this one knows " + version());
        }
        JsonNode kept = enveloped ? document.path(KEPT) : document;
        for (UnaryOperator<JsonNode> step : steps.subList(version - 1, steps.size())) {
            kept = step.apply(kept);
        }
        return MAPPER.treeToValue(kept, type);
    }
}
