package rampart.formats.pack;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import rampart.core.bed.BedShape;
import rampart.core.box.CartonState;
import rampart.core.box.Fitting;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.layout.Room;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/** Layers as they stand in a pack file; whole numbers are written whole. */
public final class LayerWriter {
    /** As a person reads a pack: left, right, front, back, top, bottom. */
    private static final List<Face> IN_ORDER =
            List.of(Face.LEFT, Face.RIGHT, Face.FRONT, Face.BACK, Face.TOP, Face.BOTTOM);

    private LayerWriter() {}

    static Map<String, Object> layer(Layer layer) {
        return layer.match(LayerWriter::wrap, LayerWriter::cushion, LayerWriter::box, LayerWriter::boards);
    }

    private static Map<String, Object> wrap(Layer.Wrap wrap) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("kind", "wrap");
        json.put("material", wrap.material());
        json.put("thicknessMm", number(wrap.thicknessMm()));
        if (wrap.tape() != Layer.Wrap.Tape.NONE) {
            json.put("tape", word(wrap.tape()));
        }
        return json;
    }

    private static Map<String, Object> cushion(Layer.Cushion cushion) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("kind", "cushion");
        json.put("material", cushion.material());
        json.putAll(form(cushion.form()));
        json.put("thicknessMm", sides(cushion.thicknessMm()));
        return json;
    }

    private static Map<String, Object> box(Layer.Box box) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("kind", "box");
        json.put("style", box.build().style().code());
        json.put("board", box.material());
        box.build().lidMm().ifPresent(mm -> json.put("lidMm", number(mm)));
        if (!box.build().fittings().isEmpty()) {
            json.put(
                    "fittings",
                    box.build().fittings().stream().map(Fitting::code).toList());
        }
        box.build().compressionN().ifPresent(n -> json.put("compressionN", number(n)));
        json.putAll(room(box.room()));
        CartonState state = box.state();
        state.fill().ifPresent(fill -> json.put("fill", word(fill)));
        if (state.condition() != CartonState.Condition.NEW) {
            json.put("condition", word(state.condition()));
        }
        state.bulgeMm().ifPresent(mm -> json.put("bulgeMm", number(mm)));
        return json;
    }

    private static Map<String, Object> room(Room room) {
        Map<String, Object> json = new LinkedHashMap<>();
        if (room instanceof Room.Gaps gaps) {
            json.put("gapsMm", sides(gaps.mm()));
        } else {
            json.put("slackMm", room instanceof Room.Slack slack ? number(slack.mm()) : 0);
        }
        json.put("stock", room instanceof Room.Stock stock ? stock(stock) : null);
        return json;
    }

    private static Map<String, Object> stock(Room.Stock stock) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("insideMm", size(stock.size()));
        stock.cutFromMm().ifPresent(mm -> json.put("cutFromMm", number(mm)));
        return json;
    }

    private static Map<String, Object> boards(Layer.Boards boards) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("kind", "boards");
        json.put("board", boards.material());
        json.put("plies", boards.plies());
        json.put("across", boards.across().word());
        json.put("overhangMm", number(boards.overhangMm()));
        json.put("interleafMm", number(boards.interleafMm()));
        json.put("workStiffnessNm", number(boards.workStiffnessNm()));
        return json;
    }

    /** A bed as it stands in a layer of that form. */
    public static Map<String, Object> bed(BedShape shape) {
        return BedWriter.bed(shape);
    }

    /** The form and what belongs to it. */
    static Map<String, Object> form(CushionForm form) {
        Map<String, Object> json = new LinkedHashMap<>();
        return form.match(
                full -> {
                    json.put("form", "full");
                    return json;
                },
                pads -> {
                    json.put("form", "pads");
                    json.put("bearingCm2", sides(pads.bearingCm2()));
                    json.put("padCount", sides(pads.count()));
                    return json;
                },
                corners -> {
                    json.put("form", "corners");
                    json.put("blockMm", size(corners.block()));
                    return json;
                },
                bed -> {
                    json.put("form", "bed");
                    json.put("bed", BedWriter.bed(bed.shape()));
                    return json;
                });
    }

    static Map<String, Object> sides(SixSided sides) {
        if (sides.equals(SixSided.all(sides.top()))) {
            return Map.of("all", number(sides.top()));
        }
        Map<String, Object> json = new LinkedHashMap<>();
        IN_ORDER.forEach(face -> json.put(face.word(), number(sides.on(face))));
        return json;
    }

    static Map<String, Object> size(Size size) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("length", number(size.lengthMm()));
        json.put("width", number(size.widthMm()));
        json.put("height", number(size.heightMm()));
        return json;
    }

    /** A constant of an enum as a word of the file. */
    static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    static Number number(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15 ? (Number) (long) value : (Number) value;
    }
}
