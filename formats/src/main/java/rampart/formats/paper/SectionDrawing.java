package rampart.formats.paper;

import java.io.IOException;
import java.util.List;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.formats.view.EvaluationView.SolidView;

/** The pack cut through, to scale, seen from the front or from the side. */
record SectionDrawing(List<SolidView> solids, List<Layer> layers, Catalogue catalogue, Axis across) {
    private static final Axis UP = Axis.Z;

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
        return most(UP) - least(UP);
    }

    /** Draws it with its upper left corner at this place, 1 to {@code ratio}. */
    void draw(Sheet sheet, double x, double top, double ratio) throws IOException {
        List<SolidView> cut = solids.stream().filter(this::shown).toList();
        for (SolidView solid : cut) {
            Place at = place(solid, x, top, ratio);
            hatch(solid).fill(sheet, at.left(), at.top(), at.width(), at.height());
        }
        // Edges after all grounds, so that no neighbour covers half a line.
        for (SolidView solid : cut) {
            if (!"foam".equals(solid.part()) && !"wrap".equals(solid.part())) {
                Place at = place(solid, x, top, ratio);
                Hatch hatch = hatch(solid);
                hatch.edge(sheet, at.left(), at.top(), at.width(), at.height(), hatch == Hatch.ITEM ? 0.4 : 0.2);
            }
        }
    }

    private record Place(double left, double top, double width, double height) {}

    private Place place(SolidView solid, double x, double top, double ratio) {
        double left = least(solid, across);
        double high = most(solid, UP);
        return new Place(
                x + (left - least(across)) / ratio,
                top + (most(UP) - high) / ratio,
                (most(solid, across) - left) / ratio,
                (high - least(solid, UP)) / ratio);
    }

    private static double least(SolidView solid, Axis axis) {
        return solid.minMm().get(axis.ordinal());
    }

    private static double most(SolidView solid, Axis axis) {
        return solid.maxMm().get(axis.ordinal());
    }

    private Hatch hatch(SolidView solid) {
        return solid.layer() != null ? Hatch.of(layers.get(solid.layer()), catalogue) : Hatch.ITEM;
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
        return axis == across || axis == UP;
    }
}
