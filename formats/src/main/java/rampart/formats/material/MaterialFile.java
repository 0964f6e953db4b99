package rampart.formats.material;

import java.util.List;
import rampart.core.material.Board;
import rampart.core.material.Foam;
import rampart.core.material.WrapMaterial;
import rampart.formats.json.Json;
import rampart.formats.json.Problem;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.schema.PackSchema;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** One material of the house as it stands in a pack file, read and found valid. */
public final class MaterialFile {
    /** Ids of the house begin so. */
    public static final String OWN = "own.";

    private final Kind kind;
    private final ObjectNode document;

    private MaterialFile(Kind kind, ObjectNode document) {
        this.kind = kind;
        this.document = document;
    }

    /** What a material is. */
    public enum Kind {
        FOAM("foam", "foams"),
        BOARD("board", "boards"),
        WRAP("wrapMaterial", "wraps");

        private final String definition;
        private final String list;

        Kind(String definition, String list) {
            this.definition = definition;
            this.list = list;
        }

        /** Name of its list in the materials of a pack file. */
        public String list() {
            return list;
        }
    }

    /**
     * Reads a material.
     *
     * @param bytes UTF-8 JSON
     * @throws UnreadableFileException if it is not a valid one, with every reason
     */
    public static MaterialFile read(Kind kind, byte[] bytes) {
        JsonNode tree = Json.read(bytes);
        List<Problem> problems = PackSchema.problems(tree, kind.definition);
        if (problems.isEmpty() && kind == Kind.FOAM) {
            problems = MaterialRules.foam(tree, JsonPointer.empty());
        }
        if (!problems.isEmpty()) {
            throw new UnreadableFileException(problems);
        }
        return new MaterialFile(kind, (ObjectNode) tree);
    }

    public Kind kind() {
        return kind;
    }

    public String id() {
        return document.path("id").asString();
    }

    public String name() {
        return document.path("name").asString();
    }

    /** The document, for reading. */
    public JsonNode document() {
        return document;
    }

    /** What a foam of the house means. */
    public Foam foam() {
        return MaterialMapper.foam(document);
    }

    public Board board() {
        return MaterialMapper.board(document);
    }

    public WrapMaterial wrap() {
        return MaterialMapper.wrap(document);
    }

    /** This material at another version. */
    public MaterialFile at(long version) {
        ObjectNode copy = document.deepCopy();
        copy.put("version", version);
        return new MaterialFile(kind, copy);
    }

    /** JSON text. */
    public String write() {
        return Json.MAPPER.writeValueAsString(document);
    }
}
