package rampart.formats.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import rampart.core.geometry.CutWork;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.insert.BedCut;
import rampart.core.insert.CutLine;
import rampart.core.insert.CutPiece;
import rampart.core.words.Wording;

/**
 * One piece to cut, at true size in mm from its lower left corner, x to the right and y away.
 *
 * @param file name for a file of it, without an ending
 * @param title what it is, as a person says it
 * @param layers one for each kind of work and each depth
 * @param texts what is written on it
 * @param notes what whoever makes it has to know beside its lines, lengths in mm
 */
public record CutDrawing(
        String file,
        String title,
        double widthMm,
        double heightMm,
        List<Layer> layers,
        List<Text> texts,
        List<String> notes) {
    /** Layer of texts. */
    public static final String MARKING = "mark";

    /** Layer of what is drawn and not cut, since it is narrower than the cut. */
    public static final String MISSED = "not-cut";

    public CutDrawing {
        layers = List.copyOf(layers);
        texts = List.copyOf(texts);
        notes = List.copyOf(notes);
    }

    CutDrawing noted(List<String> lines) {
        return new CutDrawing(file, title, widthMm, heightMm, layers, texts, lines);
    }

    /**
     * Lines with the same work.
     *
     * @param name such as {@code cut} or {@code pocket-40}, depth in mm
     * @param outlines that close
     * @param strokes straight ones that do not
     */
    public record Layer(String name, CutWork work, double depthMm, List<Outline> outlines, List<Stroke> strokes) {
        public Layer {
            outlines = List.copyOf(outlines);
            strokes = List.copyOf(strokes);
        }

        /** Of lines that all close. */
        public static Layer closed(String name, CutWork work, double depthMm, List<Outline> outlines) {
            return new Layer(name, work, depthMm, outlines, List.of());
        }
    }

    /** A straight line from a place to another. */
    public record Stroke(PlanPoint from, PlanPoint to) {}

    /** Words at a place; it begins there and stands this high. */
    public record Text(double xMm, double yMm, double heightMm, String words) {}

    /** Of a piece of a bed. */
    public static CutDrawing of(CutPiece piece) {
        String half = piece.half() == BedCut.Half.BASE ? "base" : "lid";
        Map<String, Layer> layers = new LinkedHashMap<>();
        for (CutLine line : piece.lines()) {
            String name = layerName(line.work(), line.depthMm());
            Layer before = layers.get(name);
            List<Outline> outlines = new ArrayList<>(before == null ? List.of() : before.outlines());
            outlines.add(line.outline());
            layers.put(name, Layer.closed(name, line.work(), line.depthMm(), outlines));
        }
        if (!piece.missed().isEmpty()) {
            List<Outline> missed =
                    piece.missed().stream().map(CutPiece.Missed::outline).toList();
            layers.put(MISSED, Layer.closed(MISSED, CutWork.MARK, 0, missed));
        }
        return new CutDrawing(
                half + "-" + piece.number() + "-of-" + piece.count(),
                title(piece, half),
                piece.widthMm(),
                piece.depthMm(),
                List.copyOf(layers.values()),
                List.of(),
                PieceNotes.of(piece, Wording.METRIC));
    }

    private static String title(CutPiece piece, String half) {
        String which = piece.count() == 1
                ? half
                : half + ", piece " + piece.number() + " of " + piece.count() + " from the face outward";
        return which + ", " + figure(piece.thicknessMm()) + " mm thick"
                + (piece.half() == BedCut.Half.LID ? ", as it lies turned over" : "");
    }

    private static String layerName(CutWork work, double depthMm) {
        return switch (work) {
            case CUT -> "cut";
            case POCKET -> "pocket-" + figure(depthMm);
            case ISLAND -> "island-" + figure(depthMm);
            case SCORE, PERFORATION, GLUE -> work.name().toLowerCase(Locale.ROOT);
            case MARK -> MARKING;
        };
    }

    /** To a tenth, without one where it is whole. */
    static String figure(double mm) {
        double tenth = Math.round(mm * 10) / 10.0;
        return tenth == Math.rint(tenth) ? Long.toString(Math.round(tenth)) : String.format(Locale.ROOT, "%.1f", tenth);
    }
}
