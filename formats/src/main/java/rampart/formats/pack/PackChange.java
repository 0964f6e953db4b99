package rampart.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rampart.core.layout.Layer;
import rampart.core.search.Remedy;

/**
 * A value to put at a place in a pack file.
 *
 * @param path JSON Pointer
 * @param value JSON value; null takes the field away, or the entry out of its list
 */
public record PackChange(String path, Object value) {
    /** The changes that make this remedy. */
    public static List<PackChange> of(Remedy remedy) {
        List<PackChange> changes = new ArrayList<>();
        remedy.apart().ifPresent(feature -> {
            changes.add(new PackChange(
                    "/item/massKg", LayerWriter.number(remedy.pack().item().massKg())));
            changes.add(new PackChange("/item/features/" + feature, null));
        });
        for (Remedy.Change change : remedy.changes()) {
            changes.addAll(of(change, remedy.pack().layers().get(change.layer())));
        }
        return changes;
    }

    private static List<PackChange> of(Remedy.Change change, Layer changed) {
        String layer = "/layers/" + change.layer() + "/";
        return switch (change.kind()) {
            case BOARD -> List.of(new PackChange(layer + "board", changed.material()));
            case FOAM -> List.of(new PackChange(layer + "material", changed.material()));
            case THICKNESS ->
                List.of(new PackChange(
                        layer + "thicknessMm", LayerWriter.sides(((Layer.Cushion) changed).thicknessMm())));
            case BEARING_AREA, PAD_COUNT, BLOCK -> form(layer, ((Layer.Cushion) changed));
        };
    }

    private static List<PackChange> form(String layer, Layer.Cushion cushion) {
        List<PackChange> changes = new ArrayList<>();
        Map<String, Object> form = LayerWriter.form(cushion.form());
        for (String field : List.of("form", "bearingCm2", "padCount", "blockMm")) {
            changes.add(new PackChange(layer + field, form.get(field)));
        }
        return changes;
    }
}
