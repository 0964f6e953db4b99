package rampart.core.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Cuboid;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * Cuts layers into cuboids to draw. A shell becomes six slabs: top and bottom whole, left and right between them, front
 * and back in what is left, so that in each view the slabs seen on edge make a closed ring without overlap.
 */
final class SolidMaker {
    private final List<Solid> solids = new ArrayList<>();
    private final boolean drawn;

    /** @param drawn false to make nothing */
    SolidMaker(boolean drawn) {
        this.drawn = drawn;
    }

    List<Solid> all() {
        return List.copyOf(solids);
    }

    void item(Cuboid at) {
        solids.add(new Solid(Solid.Part.ITEM, OptionalInt.empty(), Optional.empty(), at));
    }

    void shell(Solid.Part part, int layer, Cuboid inner, Cuboid outer) {
        if (!drawn) {
            return;
        }
        Point a = outer.min();
        Point b = outer.max();
        Point c = inner.min();
        Point d = inner.max();
        add(part, layer, Face.TOP, a.xMm(), a.yMm(), d.zMm(), b.xMm(), b.yMm(), b.zMm());
        add(part, layer, Face.BOTTOM, a.xMm(), a.yMm(), a.zMm(), b.xMm(), b.yMm(), c.zMm());
        add(part, layer, Face.RIGHT, d.xMm(), a.yMm(), c.zMm(), b.xMm(), b.yMm(), d.zMm());
        add(part, layer, Face.LEFT, a.xMm(), a.yMm(), c.zMm(), c.xMm(), b.yMm(), d.zMm());
        add(part, layer, Face.FRONT, c.xMm(), a.yMm(), c.zMm(), d.xMm(), c.yMm(), d.zMm());
        add(part, layer, Face.BACK, c.xMm(), d.yMm(), c.zMm(), d.xMm(), b.yMm(), d.zMm());
    }

    /** The two boards of a pair, so thick, at the ends of what they hold. */
    void faces(int layer, Axis across, double thickMm, Cuboid outer) {
        if (!drawn) {
            return;
        }
        for (Face face : Face.ALL) {
            if (face.axis() == across) {
                Cuboid within = outer.grown(SixSided.ZERO.with(face, -thickMm));
                double[] min = {
                    outer.min().xMm(), outer.min().yMm(), outer.min().zMm()
                };
                double[] max = {
                    outer.max().xMm(), outer.max().yMm(), outer.max().zMm()
                };
                (face.sign() > 0 ? min : max)[across.ordinal()] = within.planeMm(face);
                add(Solid.Part.BOARD, layer, face, min[0], min[1], min[2], max[0], max[1], max[2]);
            }
        }
    }

    void cushion(int layer, CushionForm form, Size bodySize, Cuboid body, Cuboid inner, Cuboid outer) {
        if (!drawn) {
            return;
        }
        form.match(
                        full -> (Runnable) () -> shell(Solid.Part.FOAM, layer, inner, outer),
                        pads -> () -> Face.ALL.forEach(face -> pads(layer, pads, face, bodySize, body, inner, outer)),
                        corners -> () -> blocks(layer, corners.countedBlock(bodySize), body, inner, outer),
                        bed -> () -> shell(Solid.Part.FOAM, layer, inner, outer))
                .run();
    }

    /** Equal pads in a grid over the face. */
    private void pads(int layer, CushionForm.Pads pads, Face face, Size size, Cuboid body, Cuboid inner, Cuboid outer) {
        PadGrid grid = pads.grid(size, face);
        double scale = grid.scale();
        if (!(scale > 0) || grid.count() > MOST_PADS_DRAWN) {
            return;
        }
        int first = grid.first().ordinal();
        int second = grid.second().ordinal();
        for (int i = 0; i < grid.alongFirst(); i++) {
            for (int k = 0; k < grid.alongSecond(); k++) {
                double[] min = new double[3];
                double[] max = new double[3];
                double u = body.min().along(grid.first()) + (i + 0.5) * grid.cellFirstMm();
                double v = body.min().along(grid.second()) + (k + 0.5) * grid.cellSecondMm();
                min[first] = u - scale * grid.cellFirstMm() / 2;
                max[first] = u + scale * grid.cellFirstMm() / 2;
                min[second] = v - scale * grid.cellSecondMm() / 2;
                max[second] = v + scale * grid.cellSecondMm() / 2;
                depth(min, max, face, inner, outer);
                add(Solid.Part.PAD, layer, face, min[0], min[1], min[2], max[0], max[1], max[2]);
            }
        }
    }

    /** More pads than this on a face are grey on any screen. */
    private static final int MOST_PADS_DRAWN = 400;

    private static void depth(double[] min, double[] max, Face face, Cuboid inner, Cuboid outer) {
        int axis = face.axis().ordinal();
        min[axis] = Math.min(inner.planeMm(face), outer.planeMm(face));
        max[axis] = Math.max(inner.planeMm(face), outer.planeMm(face));
    }

    /** Each corner block as three slabs: the one that guards z over its whole plan, x beside it, y in what is left. */
    private void blocks(int layer, Size block, Cuboid body, Cuboid inner, Cuboid outer) {
        for (Face x : List.of(Face.LEFT, Face.RIGHT)) {
            for (Face y : List.of(Face.FRONT, Face.BACK)) {
                for (Face z : List.of(Face.BOTTOM, Face.TOP)) {
                    double xEnd = body.planeMm(x) - x.sign() * block.lengthMm();
                    double yEnd = body.planeMm(y) - y.sign() * block.widthMm();
                    double zEnd = body.planeMm(z) - z.sign() * block.heightMm();
                    slab(layer, z, xEnd, outer.planeMm(x), yEnd, outer.planeMm(y), inner.planeMm(z), outer.planeMm(z));
                    slab(layer, x, inner.planeMm(x), outer.planeMm(x), yEnd, outer.planeMm(y), zEnd, inner.planeMm(z));
                    slab(layer, y, xEnd, inner.planeMm(x), inner.planeMm(y), outer.planeMm(y), zEnd, inner.planeMm(z));
                }
            }
        }
    }

    private void slab(int layer, Face face, double x1, double x2, double y1, double y2, double z1, double z2) {
        add(
                Solid.Part.BLOCK,
                layer,
                face,
                Math.min(x1, x2),
                Math.min(y1, y2),
                Math.min(z1, z2),
                Math.max(x1, x2),
                Math.max(y1, y2),
                Math.max(z1, z2));
    }

    private void add(
            Solid.Part part, int layer, Face face, double x1, double y1, double z1, double x2, double y2, double z2) {
        if (x2 > x1 && y2 > y1 && z2 > z1) {
            solids.add(new Solid(
                    part,
                    OptionalInt.of(layer),
                    Optional.of(face),
                    new Cuboid(new Point(x1, y1, z1), new Point(x2, y2, z2))));
        }
    }
}
