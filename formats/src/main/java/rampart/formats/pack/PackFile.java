package rampart.formats.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.random.RandomGenerator;
import rampart.core.item.Pieces;
import rampart.core.item.Turn;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Size;
import rampart.core.words.Wording;
import rampart.formats.json.Json;
import rampart.formats.json.Problem;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.material.HouseMaterials;
import rampart.formats.material.MaterialChange;
import rampart.formats.material.MaterialMapper;
import rampart.formats.schema.PackSchema;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A pack file that has been read and found valid. The document is kept as it was written, field for field and digit
 * for digit, so that reading and writing change nothing; the pack is what it means.
 */
public final class PackFile {
    /** The newest format this code reads. */
    public static final int FORMAT = 5;

    private static final String FORMAT_PREFIX = "rampart-pack/";
    private static final String ID_LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";
    private static final int ID_LENGTH = 8;

    private final ObjectNode document;
    private final Pack pack;
    private final Catalogue materials;

    private PackFile(ObjectNode document) {
        this.document = document;
        this.pack = PackMapper.pack(document);
        this.materials = MaterialMapper.catalogue(document.path("materials"));
    }

    /**
     * Reads a pack file.
     *
     * @param bytes UTF-8 JSON
     * @throws UnreadableFileException if it is not a valid pack file, with every reason
     */
    public static PackFile read(byte[] bytes) {
        JsonNode tree = Json.read(bytes);
        newerFormat(tree);
        List<Problem> problems = new ArrayList<>(PackSchema.problems(tree));
        problems.addAll(NewerFields.problems(tree));
        if (problems.isEmpty()) {
            problems.addAll(PackRules.problems(tree));
        }
        if (!problems.isEmpty()) {
            throw new UnreadableFileException(problems);
        }
        return new PackFile((ObjectNode) tree);
    }

    /**
     * Reads a pack file of pieces whose arrangement is still open: they stand in one row and weigh at least what they do together.
     *
     * @throws UnreadableFileException as {@link #read}
     */
    public static PackFile readUnset(byte[] bytes) {
        JsonNode tree = Json.read(bytes);
        newerFormat(tree);
        PieceSet.unset(tree);
        return read(Json.MAPPER.writeValueAsBytes(tree));
    }

    private static void newerFormat(JsonNode tree) {
        if (format(tree) > FORMAT) {
            throw new UnreadableFileException(
                    "/format",
                    tree.path("format") + " is newer than this Rampart reads; it reads up to " + FORMAT_PREFIX
                            + FORMAT);
        }
    }

    /** The number of the format that a document says it is in; 0 where it says none. */
    static int format(JsonNode document) {
        String format = document.path("format").asString("");
        return format.matches(FORMAT_PREFIX + "[0-9]{1,9}")
                ? Integer.parseInt(format.substring(FORMAT_PREFIX.length()))
                : 0;
    }

    /** What the file means. */
    public Pack pack() {
        return pack;
    }

    /** What the pack may be made of: the catalogue that every house has, and the materials that the file brings. */
    public Catalogue catalogue(Catalogue standard) {
        return materials.isEmpty() ? standard : standard.with(materials);
    }

    /** The document, for reading. */
    public JsonNode document() {
        return document;
    }

    public String name() {
        return document.path("name").asString();
    }

    /** The document as JSON text, UTF-8, indented. */
    public byte[] write() {
        return Json.MAPPER.writeValueAsBytes(document);
    }

    /** This file under another name. */
    public PackFile named(String name) {
        ObjectNode copy = document.deepCopy();
        copy.put("name", name);
        return read(Json.MAPPER.writeValueAsBytes(copy));
    }

    /** This file with other layers, each with an id of its own, and the materials of the house that they use. */
    public PackFile withLayers(List<Layer> layers, HouseMaterials house) {
        ObjectNode copy = document.deepCopy();
        ArrayNode list = copy.putArray("layers");
        layers.forEach(layer -> list.add(Json.MAPPER.<JsonNode>valueToTree(LayerWriter.layer(layer))));
        return changed(PackMaterials.brought(copy, house)).withIds();
    }

    /** This file with the house's materials as they are now; those that the house has no more stay as they are. */
    public PackFile withMaterials(HouseMaterials house) {
        return changed(PackMaterials.renewed(document.deepCopy(), house));
    }

    /** Materials of the house that this file brings with other figures than they have now. */
    public List<MaterialChange> staleMaterials(HouseMaterials house, Wording wording) {
        return PackMaterials.stale(document, house, wording);
    }

    /** A changed document, with the number of the oldest format that can say it. */
    private static PackFile changed(ObjectNode document) {
        int needed = NewerFields.oldestFormat(document);
        if (needed > format(document)) {
            document.put("format", FORMAT_PREFIX + needed);
        }
        return read(Json.MAPPER.writeValueAsBytes(document));
    }

    /**
     * This file with changes put in, the way a remedy says it.
     *
     * @throws UnreadableFileException if what comes out is not a valid pack file
     */
    public PackFile with(List<PackChange> changes) {
        ObjectNode copy = document.deepCopy();
        for (PackChange change : changes) {
            JsonPointer path = JsonPointer.compile(change.path());
            JsonNode parent = copy.at(path.head());
            String field = path.last().getMatchingProperty();
            if (change.value() != null) {
                ((ObjectNode) parent).set(field, Json.MAPPER.<JsonNode>valueToTree(change.value()));
            } else if (parent instanceof ArrayNode list) {
                list.remove(path.last().getMatchingIndex());
            } else {
                ((ObjectNode) parent).remove(field);
            }
        }
        return changed(copy);
    }

    /**
     * This file with the item laid another way.
     *
     * @throws java.util.NoSuchElementException where the pack cannot be turned so
     */
    public PackFile turned(Turn turn) {
        ObjectNode copy = document.deepCopy();
        TurnedFile.turn(copy, turn, pack);
        return changed(copy);
    }

    /** This file with its contents set another way. */
    public PackFile with(Pieces pieces, Size size, double massKg) {
        return changed(PieceSet.document(document.deepCopy(), pieces, size, massKg));
    }

    /** This file with an id on every layer and feature that had none; ids are random, so that none is used twice. */
    public PackFile withIds(RandomGenerator random) {
        ObjectNode copy = document.deepCopy();
        give(copy.path("layers"), random);
        give(copy.path("item").path("features"), random);
        return new PackFile(copy);
    }

    /** As {@link #withIds(RandomGenerator)} with a generator of its own. */
    public PackFile withIds() {
        return withIds(new Random());
    }

    private static void give(JsonNode list, RandomGenerator random) {
        for (JsonNode entry : list) {
            if (!entry.has("id")) {
                StringBuilder id = new StringBuilder();
                for (int i = 0; i < ID_LENGTH; i++) {
                    id.append(ID_LETTERS.charAt(random.nextInt(ID_LETTERS.length())));
                }
                ((ObjectNode) entry).put("id", id.toString());
            }
        }
    }
}
