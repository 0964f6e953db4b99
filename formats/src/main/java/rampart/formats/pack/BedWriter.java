package rampart.formats.pack;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.BedWell;
import rampart.core.bed.Prism;
import rampart.core.bed.Tie;

/** A bed as it stands in a pack file. */
final class BedWriter {
    private BedWriter() {}

    static Map<String, Object> bed(BedShape bed) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("parts", bed.parts().stream().map(BedWriter::part).toList());
        json.put("wells", bed.wells().stream().map(BedWriter::well).toList());
        json.put("splitMm", LayerWriter.number(bed.splitMm()));
        json.put("holdDownMm", LayerWriter.number(bed.holdDownMm()));
        json.put("ties", bed.ties().stream().map(BedWriter::tie).toList());
        return json;
    }

    private static Map<String, Object> prism(String name, Prism prism) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("name", name);
        json.put(
                "outlineMm",
                prism.outline().stream()
                        .map(place -> List.of(LayerWriter.number(place.xMm()), LayerWriter.number(place.yMm())))
                        .toList());
        json.put("bottomMm", LayerWriter.number(prism.bottomMm()));
        json.put("topMm", LayerWriter.number(prism.topMm()));
        return json;
    }

    private static Map<String, Object> part(BedPart part) {
        Map<String, Object> json = prism(part.name(), part.prism());
        json.put("nature", part.nature().word());
        json.put("clearanceMm", LayerWriter.number(part.clearanceMm()));
        return json;
    }

    private static Map<String, Object> well(BedWell well) {
        return prism(well.name(), well.prism());
    }

    private static Map<String, Object> tie(Tie tie) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("axis", tie.axis().word());
        json.put("atMm", LayerWriter.number(tie.atMm()));
        json.put("widthMm", LayerWriter.number(tie.widthMm()));
        json.put("tensionN", LayerWriter.number(tie.tensionN()));
        return json;
    }
}
