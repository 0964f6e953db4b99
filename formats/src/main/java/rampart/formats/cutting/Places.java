package rampart.formats.cutting;

import java.util.List;
import java.util.TreeSet;
import rampart.core.geometry.CutWork;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Segment;

/**
 * Where lines of a drawing run upright and level, from its left and its lower edge, mm, rising: what has to be measured to draw it again with a
 * square. Of a curve its ends count; between them one follows the file.
 *
 * @param scoresAcross upright scores and perforations, from the left
 * @param scoresAlong level ones, from the lower edge
 * @param edgesAcross upright edges, slots and ends of curves, from the left, the outermost among them
 * @param edgesAlong level ones, from the lower edge
 */
record Places(List<Double> scoresAcross, List<Double> scoresAlong, List<Double> edgesAcross, List<Double> edgesAlong) {
    /** Nearer than this they are one, mm: no rule shows it. */
    private static final double SAME_MM = 0.05;

    /** An outline of more sides stands for a curve. */
    private static final int MOST_SIDES = 80;

    static Places of(CutDrawing drawing) {
        TreeSet<Double> scoresAcross = new TreeSet<>();
        TreeSet<Double> scoresAlong = new TreeSet<>();
        TreeSet<Double> edgesAcross = new TreeSet<>();
        TreeSet<Double> edgesAlong = new TreeSet<>();
        for (CutDrawing.Layer layer : drawing.layers()) {
            boolean score = layer.work() == CutWork.SCORE || layer.work() == CutWork.PERFORATION;
            for (CutDrawing.Stroke stroke : layer.strokes()) {
                line(score ? scoresAcross : edgesAcross, score ? scoresAlong : edgesAlong, stroke.from(), stroke.to());
            }
            if (layer.work() == CutWork.CUT || layer.work() == CutWork.POCKET || layer.work() == CutWork.ISLAND) {
                layer.outlines().forEach(outline -> edges(outline, edgesAcross, edgesAlong));
            }
        }
        return new Places(apart(scoresAcross), apart(scoresAlong), apart(edgesAcross), apart(edgesAlong));
    }

    private static void edges(Outline outline, TreeSet<Double> across, TreeSet<Double> along) {
        if (outline.segments().size() > MOST_SIDES) {
            var bounds = outline.bounds();
            across.addAll(List.of(bounds.minXMm(), bounds.maxXMm()));
            along.addAll(List.of(bounds.minYMm(), bounds.maxYMm()));
            return;
        }
        for (Segment segment : outline.segments()) {
            line(across, along, segment.from(), segment.to());
        }
    }

    /** An upright line has a place across, a level one a place along, a leaning one both of its ends. */
    private static void line(TreeSet<Double> across, TreeSet<Double> along, PlanPoint from, PlanPoint to) {
        boolean upright = Math.abs(from.xMm() - to.xMm()) < SAME_MM;
        boolean level = Math.abs(from.yMm() - to.yMm()) < SAME_MM;
        if (!level) {
            across.add(from.xMm());
            across.add(to.xMm());
        }
        if (!upright) {
            along.add(from.yMm());
            along.add(to.yMm());
        }
    }

    private static List<Double> apart(TreeSet<Double> places) {
        return places.stream()
                .filter(place -> {
                    Double before = places.lower(place);
                    return before == null || place - before >= SAME_MM;
                })
                .toList();
    }

    boolean scored() {
        return !scoresAcross.isEmpty() || !scoresAlong.isEmpty();
    }
}
