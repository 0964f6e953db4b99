package rampart.formats.cutting;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import rampart.core.geometry.Outline;
import rampart.core.geometry.Segment;

/**
 * A drawing as a DXF file of release 12, the plainest that every machine reads (published group codes): closed polylines with
 * bulges, one layer for each kind of work and each depth, in millimetres.
 */
public final class DxfCut {
    private static final String MILLIMETRES = "4";

    private final StringBuilder out = new StringBuilder();

    private DxfCut() {}

    /**
     * The file, in ASCII; signs beyond it are written as code points. The piece begins at its lower left, at 0, 0; at its right and above it
     * stand its figures and notes.
     *
     * @param head what it belongs to, line by line
     */
    public static byte[] write(CutDrawing drawing, List<String> head) {
        Drafted drafted = Drafted.file(drawing, head);
        DxfCut file = new DxfCut();
        file.head(drafted);
        file.entities(drafted);
        file.group(0, "EOF");
        return file.out.toString().getBytes(StandardCharsets.US_ASCII);
    }

    private void head(Drafted drafted) {
        CutDrawing drawing = drafted.piece();
        section("HEADER");
        variable("$ACADVER", 1, "AC1009");
        variable("$INSUNITS", 70, MILLIMETRES);
        variable("$MEASUREMENT", 70, "1");
        group(9, "$EXTMIN");
        place(0, 0);
        group(9, "$EXTMAX");
        place(drawing.widthMm() + drafted.rightMm(), drawing.heightMm() + drafted.aboveMm());
        end();
        section("TABLES");
        Set<String> names = new LinkedHashSet<>();
        drawing.layers().forEach(layer -> names.add(layer.name()));
        names.add(CutDrawing.MARKING);
        names.add(Drafted.LAYER);
        group(0, "TABLE");
        group(2, "LAYER");
        group(70, Integer.toString(names.size()));
        int colour = 1;
        for (String name : names) {
            group(0, "LAYER");
            group(2, layer(name));
            group(70, "0");
            group(62, Integer.toString(colour++ % 7 + 1));
            group(6, "CONTINUOUS");
        }
        group(0, "ENDTAB");
        end();
    }

    private void entities(Drafted drafted) {
        CutDrawing drawing = drafted.piece();
        section("ENTITIES");
        for (CutDrawing.Layer layer : drawing.layers()) {
            for (Outline outline : layer.outlines()) {
                polyline(layer(layer.name()), outline);
            }
            lines(layer(layer.name()), layer.strokes());
        }
        texts(layer(CutDrawing.MARKING), drawing.texts());
        lines(layer(Drafted.LAYER), drafted.strokes());
        texts(layer(Drafted.LAYER), drafted.texts());
        end();
    }

    private void lines(String layer, List<CutDrawing.Stroke> strokes) {
        for (CutDrawing.Stroke stroke : strokes) {
            group(0, "LINE");
            group(8, layer);
            place(stroke.from().xMm(), stroke.from().yMm());
            group(11, mm(stroke.to().xMm()));
            group(21, mm(stroke.to().yMm()));
            group(31, "0.0");
        }
    }

    private void texts(String layer, List<CutDrawing.Text> texts) {
        for (CutDrawing.Text text : texts) {
            group(0, "TEXT");
            group(8, layer);
            place(text.xMm(), text.yMm());
            group(40, mm(text.heightMm()));
            group(1, ascii(text.words()));
        }
    }

    private void polyline(String layer, Outline outline) {
        group(0, "POLYLINE");
        group(8, layer);
        group(66, "1");
        place(0, 0);
        group(70, "1");
        for (Segment segment : outline.segments()) {
            group(0, "VERTEX");
            group(8, layer);
            place(segment.from().xMm(), segment.from().yMm());
            if (!segment.straight()) {
                group(42, String.format(Locale.ROOT, "%.12f", segment.bulge()));
            }
        }
        group(0, "SEQEND");
        group(8, layer);
    }

    /** Layer names of that release are of capitals, digits and few signs. */
    private static String layer(String name) {
        return name.toUpperCase(Locale.ROOT).replace('.', '_');
    }

    private static String ascii(String words) {
        StringBuilder plain = new StringBuilder();
        words.codePoints().forEach(c -> {
            if (c >= ' ' && c < 127) {
                plain.append((char) c);
            } else if (c < 0x10000 && c > 127) {
                plain.append(String.format(Locale.ROOT, "\\U+%04X", c));
            } else {
                plain.append('?');
            }
        });
        return plain.toString();
    }

    private void section(String name) {
        group(0, "SECTION");
        group(2, name);
    }

    private void end() {
        group(0, "ENDSEC");
    }

    private void variable(String name, int code, String value) {
        group(9, name);
        group(code, value);
    }

    private void place(double x, double y) {
        group(10, mm(x));
        group(20, mm(y));
        group(30, "0.0");
    }

    private void group(int code, String value) {
        out.append(String.format(Locale.ROOT, "%3d", code))
                .append("\r\n")
                .append(value)
                .append("\r\n");
    }

    private static String mm(double value) {
        return String.format(Locale.ROOT, "%.4f", value + 0.0);
    }
}
