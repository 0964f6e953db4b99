package rampart.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rampart.core.layout.Layer;
import rampart.core.pack.Remedy;

/**
 * A value to put at a place in a pack file.
 *
 * @param path JSON Pointer
 * @param value JSON value; null takes the field away
 */
public record PackChange(String path, Object value) {
    /** The changes that make this remedy. */
    public static List<PackChange> of(Remedy remedy) {
        String layer = "/layers/" + remedy.layer() + "/";
        if (remedy.lever() == Remedy.Lever.BOARD) {
            return List.of(new PackChange(layer + "board", remedy.changed().material()));
        }
        if (remedy.lever() == Remedy.Lever.FOAM) {
            return List.of(new PackChange(layer + "material", remedy.changed().material()));
        }
        Layer.Cushion cushion = (Layer.Cushion) remedy.changed();
        if (remedy.lever() == Remedy.Lever.THICKNESS) {
            return List.of(new PackChange(layer + "thicknessMm", LayerWriter.sides(cushion.thicknessMm())));
        }
        List<PackChange> changes = new ArrayList<>();
        Map<String, Object> form = LayerWriter.form(cushion.form());
        for (String field : List.of("form", "bearingCm2", "padCount", "blockMm")) {
            changes.add(new PackChange(layer + field, form.get(field)));
        }
        return changes;
    }
}
