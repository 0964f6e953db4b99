package rampart.formats.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import rampart.core.box.CartonStyle;
import rampart.core.layout.CushionForm;
import rampart.core.search.Remedy;
import rampart.core.search.ThinnerCushions;
import tools.jackson.core.JsonPointer;

/**
 * A value to put at a place in a pack file.
 *
 * @param path JSON Pointer
 * @param value JSON value; null takes the field away, or the entry out of its list
 */
public record PackChange(String path, Object value) {
    private static final JsonPointer MASS = JsonPointer.compile("/item/massKg");
    private static final JsonPointer FEATURES = JsonPointer.compile("/item/features");
    private static final JsonPointer LAYERS = JsonPointer.compile("/layers");

    PackChange(JsonPointer at, Object value) {
        this(at.toString(), value);
    }

    private static final JsonPointer FORMAT = JsonPointer.compile("/format");

    /** The changes that make this remedy in a file, its format among them where what is taken came with a newer one. */
    public static List<PackChange> of(Remedy remedy, PackFile file) {
        List<PackChange> changes = of(remedy);
        String before = file.document().path("format").asString();
        String after = file.with(changes).document().path("format").asString();
        if (!after.equals(before)) {
            changes.add(0, new PackChange(FORMAT, after));
        }
        return changes;
    }

    private static List<PackChange> of(Remedy remedy) {
        List<PackChange> changes = new ArrayList<>();
        remedy.apart().ifPresent(feature -> {
            changes.add(
                    new PackChange(MASS, LayerWriter.number(remedy.pack().item().massKg())));
            changes.add(new PackChange(FEATURES.appendIndex(feature), null));
        });
        for (Remedy.Change change : remedy.changes()) {
            changes.addAll(of(change));
        }
        return changes;
    }

    /** The changes that put a pack into a smaller stock carton with a thinner cushion. */
    public static List<PackChange> of(ThinnerCushions.Reached reached) {
        JsonPointer box = LAYERS.appendIndex(reached.box());
        return List.of(
                new PackChange(
                        LAYERS.appendIndex(reached.cushion()).appendProperty("thicknessMm"),
                        LayerWriter.sides(reached.thicknessMm())),
                new PackChange(box.appendProperty("style"), CartonStyle.REGULAR_SLOTTED.code()),
                new PackChange(box.appendProperty("board"), reached.carton().board()),
                new PackChange(
                        box.appendProperty("stock"),
                        Map.of("insideMm", LayerWriter.size(reached.carton().inside()))),
                new PackChange(box.appendProperty("gapsMm"), null),
                new PackChange(box.appendProperty("lidMm"), null),
                new PackChange(box.appendProperty("compressionN"), null));
    }

    private static List<PackChange> of(Remedy.Change change) {
        JsonPointer layer = LAYERS.appendIndex(change.layer());
        return change.what()
                .match(
                        thickness -> List.of(
                                new PackChange(layer.appendProperty("thicknessMm"), LayerWriter.sides(thickness.mm()))),
                        form -> form(layer, form.form()),
                        foam -> List.of(new PackChange(layer.appendProperty("material"), foam.foam())),
                        board -> List.of(new PackChange(layer.appendProperty("board"), board.board())));
    }

    private static List<PackChange> form(JsonPointer layer, CushionForm to) {
        Map<String, Object> form = LayerWriter.form(to);
        return Stream.of("form", "bearingCm2", "padCount", "blockMm", "bed")
                .map(field -> new PackChange(layer.appendProperty(field), form.get(field)))
                .toList();
    }
}
