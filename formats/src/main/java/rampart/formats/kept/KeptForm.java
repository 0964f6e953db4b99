package rampart.formats.kept;

import java.nio.charset.StandardCharsets;
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

    private final String name;
    private final Class<T> type;
    private final List<UnaryOperator<JsonNode>> steps;

    private KeptForm(String name, Class<T> type, List<UnaryOperator<JsonNode>> steps) {
        this.name = name;
        this.type = type;
        this.steps = List.copyOf(steps);
    }

    /**
     * A form.
     *
     * @param name of the frozen documents that a test reads
     * @param steps from version 1 to 2, from 2 to 3 and so on; each may change the document that it is given
     */
    public static <T> KeptForm<T> of(String name, Class<T> type, List<UnaryOperator<JsonNode>> steps) {
        return new KeptForm<>(name, type, steps);
    }

    /** A form of which there is one version yet. */
    public static <T> KeptForm<T> of(String name, Class<T> type) {
        return of(name, type, List.of());
    }

    public String name() {
        return name;
    }

    /** What is kept so. */
    public Class<T> type() {
        return type;
    }

    /** The version that is written. */
    public int version() {
        return steps.size() + 1;
    }

    /** As JSON, UTF-8. */
    public byte[] write(T value) {
        return writeText(value).getBytes(StandardCharsets.UTF_8);
    }

    /** As JSON. */
    public String writeText(T value) {
        // By its type: only so does one of several kinds say of which it is.
        JsonNode kept = MAPPER.readTree(MAPPER.writerFor(type).writeValueAsString(value));
        return MAPPER.createObjectNode().put(VERSION, version()).set(KEPT, kept).toString();
    }

    /** As {@link #read}, of a text. */
    public T readText(String json) {
        return read(json.getBytes(StandardCharsets.UTF_8));
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
                    name + " was kept by a later Rampart, in version " + version + "; this one knows " + version());
        }
        JsonNode kept = enveloped ? document.path(KEPT) : document;
        for (UnaryOperator<JsonNode> step : steps.subList(version - 1, steps.size())) {
            kept = step.apply(kept);
        }
        return MAPPER.treeToValue(kept, type);
    }

    @Override
    public String toString() {
        return name + ", version " + version();
    }
}
