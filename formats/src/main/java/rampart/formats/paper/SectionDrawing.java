package rampart.formats.paper;

import java.util.ArrayList;
import java.util.List;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.formats.view.EvaluationView.SolidView;
import rampart.formats.view.Hatching;

/**
 * The pack cut through, to scale.
 *
 * @param across axis that runs to the right
 * @param up axis that runs up: z from the front or the side, y from above
 */
record SectionDrawing(List<SolidView> solids, List<Layer> layers, Catalogue catalogue, Axis across, Axis up) {
    private static final double NEW_LINE_MM = 0.6;
    private static final double ITEM_LINE_MM = 0.4;
    private static final double LINE_MM = 0.2;

    private double least(Axis axis) {
        return solids.stream().mapToDouble(s -> least(s, axis)).min().orElse(0);
    }

    private double most(Axis axis) {
        return solids.stream().mapToDouble(s -> most(s, axis)).max().orElse(0);
    }

    double widthMm() {
        return most(across) - least(across);
    }

    double heightMm() {
        return most(up) - least(up);
    }

    /** The drawing, 1 to {@code ratio}. */
    Drawing drawing(String id, String caption, double ratio) {
        return new Drawing(
                id,
                caption,
                widthMm() / ratio,
                heightMm() / ratio,
                solids.stream()
                        .filter(this::shown)
                        .map(solid -> area(solid, ratio))
                        .toList(),
                List.of(),
                List.of());
    }

    /** What stands there after a step, in the place that it has in the whole pack; what is new has a thick edge. */
    Drawing step(String id, String caption, double ratio, List<Integer> there, List<Integer> added) {
        List<Drawing.Area> areas = new ArrayList<>();
        for (int i : there) {
            if (!added.contains(i) && shown(solids.get(i))) {
                areas.add(area(solids.get(i), ratio));
            }
        }
        for (int i : added) {
            if (shown(solids.get(i))) {
                Drawing.Area area = area(solids.get(i), ratio);
                areas.add(new Drawing.Area(
                        area.leftMm(), area.topMm(), area.widthMm(), area.heightMm(), area.hatching(), NEW_LINE_MM));
            }
        }
        return new Drawing(id, caption, widthMm() / ratio, heightMm() / ratio, areas, List.of(), List.of());
    }

    private Drawing.Area area(SolidView solid, double ratio) {
        double left = least(solid, across);
        double high = most(solid, up);
        Hatching hatching = solid.layer() == null ? Hatching.ITEM : Hatching.of(layers.get(solid.layer()), catalogue);
        return new Drawing.Area(
                (left - least(across)) / ratio,
                (most(up) - high) / ratio,
                (most(solid, across) - left) / ratio,
                (high - least(solid, up)) / ratio,
                hatching,
                line(solid.part(), hatching));
    }

    /** What is all round has no edges of its own where it meets what it lies round. */
    private static double line(String part, Hatching hatching) {
        if (part.equals("foam") || part.equals("wrap")) {
            return 0;
        }
        return hatching == Hatching.ITEM ? ITEM_LINE_MM : LINE_MM;
    }

    private static double least(SolidView solid, Axis axis) {
        return solid.minMm().get(axis.ordinal());
    }

    private static double most(SolidView solid, Axis axis) {
        return solid.maxMm().get(axis.ordinal());
    }

    /** What faces the viewer would hide the rest. */
    private boolean shown(SolidView solid) {
        if (solid.face() == null) {
            return true;
        }
        Axis axis = Face.ALL.stream()
                .filter(f -> f.word().equals(solid.face()))
                .findFirst()
                .orElseThrow()
                .axis();
        return axis == across || axis == up;
    }
}
