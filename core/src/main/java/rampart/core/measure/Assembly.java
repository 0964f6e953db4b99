package rampart.core.measure;

import java.util.ArrayList;
import java.util.List;
import rampart.core.geometry.Outline;
import rampart.core.geometry.Region;
import rampart.core.quantity.Require;
import rampart.core.search.Watcher;

/** Shapes put down one after the other, each added to what is there or cut from it. */
public final class Assembly {
    /** Most shapes of one. */
    public static final int MOST_SHAPES = 60;

    private static final double FLATNESS_MM = 0.02;

    private Assembly() {}

    /** What a shape does to those before it. */
    public enum Use {
        ADDED,
        CUT_AWAY
    }

    /** Whether the same lies on the other side of the middle too. */
    public enum Twin {
        NONE,
        LEFT_AND_RIGHT,
        FRONT_AND_BACK
    }

    /**
     * A shape in its place.
     *
     * @param rightMm of its middle from the middle of all
     * @param backMm of its middle from the middle of all
     * @param turnDegrees against the clock
     */
    public record Placed(Shape shape, double rightMm, double backMm, double turnDegrees, Use use, Twin twin) {
        public Placed {
            Require.within(rightMm, -Shape.LONGEST_MM, Shape.LONGEST_MM, "place to the right in mm");
            Require.within(backMm, -Shape.LONGEST_MM, Shape.LONGEST_MM, "place behind in mm");
            Require.within(turnDegrees, -360, 360, "turn in degrees");
        }

        private Region region() {
            Outline outline =
                    shape.outline().turned(Math.toRadians(turnDegrees)).moved(rightMm, backMm);
            Region here = Region.within(outline, FLATNESS_MM);
            return switch (twin) {
                case NONE -> here;
                case LEFT_AND_RIGHT -> here.plus(Region.within(outline.mirroredAboutX(0), FLATNESS_MM));
                case FRONT_AND_BACK -> here.plus(Region.within(outline.mirroredAboutY(0), FLATNESS_MM));
            };
        }
    }

    /**
     * What they make together.
     *
     * @param watcher looks on, shape by shape
     * @return one region for each piece, the largest first, holes in them as they are
     * @throws IllegalArgumentException if nothing is left, or a shape's outline crosses itself, with the shape's number
     */
    public static List<Region> of(List<Placed> shapes, Watcher watcher) {
        Require.within(shapes.size(), 1, MOST_SHAPES, "number of shapes");
        Region all = Region.none();
        for (int i = 0; i < shapes.size(); i++) {
            watcher.look();
            Region region;
            try {
                region = shapes.get(i).region();
            } catch (IllegalArgumentException e) {
                throw new IllegalArgumentException("shape " + (i + 1) + ": " + e.getMessage());
            }
            all = shapes.get(i).use() == Use.ADDED ? all.plus(region) : all.minus(region);
        }
        if (all.isEmpty()) {
            throw new IllegalArgumentException("nothing is left of these shapes");
        }
        List<Region> pieces = new ArrayList<>();
        while (!all.isEmpty()) {
            Region largest = all.largest();
            pieces.add(largest);
            all = all.pieces() == 1 ? Region.none() : all.minus(largest);
        }
        return pieces;
    }
}
