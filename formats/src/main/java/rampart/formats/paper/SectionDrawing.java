package rampart.formats.paper;

import java.io.IOException;
import java.util.List;
import rampart.core.layout.Layer;
import rampart.core.layout.Solid;
import rampart.core.material.Catalogue;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;

/** The pack cut through, to scale, seen from the front or from the side. */
record SectionDrawing(List<Solid> solids, List<Layer> layers, Catalogue catalogue, Axis across) {
    private static final Axis UP = Axis.Z;

    private double least(Axis axis) {
        return solids.stream()
                .mapToDouble(s -> s.cuboid().min().along(axis))
                .min()
                .orElse(0);
    }

    private double most(Axis axis) {
        return solids.stream()
                .mapToDouble(s -> s.cuboid().max().along(axis))
                .max()
                .orElse(0);
    }

    double widthMm() {
        return most(across) - least(across);
    }

    double heightMm() {
        return most(UP) - least(UP);
    }

    /** Draws it with its upper left corner at this place, 1 to {@code ratio}. */
    void draw(Sheet sheet, double x, double top, double ratio) throws IOException {
        List<Solid> cut = solids.stream().filter(this::shown).toList();
        for (Solid solid : cut) {
            Place at = place(solid, x, top, ratio);
            hatch(solid).fill(sheet, at.left(), at.top(), at.width(), at.height());
        }
        // Edges after all grounds, so that no neighbour covers half a line.
        for (Solid solid : cut) {
            if (solid.part() != Solid.Part.FOAM && solid.part() != Solid.Part.WRAP) {
                Place at = place(solid, x, top, ratio);
                Hatch hatch = hatch(solid);
                hatch.edge(sheet, at.left(), at.top(), at.width(), at.height(), hatch == Hatch.ITEM ? 0.4 : 0.2);
            }
        }
    }

    private record Place(double left, double top, double width, double height) {}

    private Place place(Solid solid, double x, double top, double ratio) {
        double left = solid.cuboid().min().along(across);
        double high = solid.cuboid().max().along(UP);
        return new Place(
                x + (left - least(across)) / ratio,
                top + (most(UP) - high) / ratio,
                (solid.cuboid().max().along(across) - left) / ratio,
                (high - solid.cuboid().min().along(UP)) / ratio);
    }

    private Hatch hatch(Solid solid) {
        return solid.layer().isPresent() ? Hatch.of(layers.get(solid.layer().getAsInt()), catalogue) : Hatch.ITEM;
    }

    /** What faces the viewer would hide the rest. */
    private boolean shown(Solid solid) {
        return solid.face().map(Face::axis).map(a -> a == across || a == UP).orElse(true);
    }
}
