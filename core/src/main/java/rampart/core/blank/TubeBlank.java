package rampart.core.blank;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import rampart.core.blank.BlankMaker.Bend;
import rampart.core.box.Carton;

/** Walls in a row that close to a tube, with flaps at its ends: the slotted styles and those folded round the length. */
final class TubeBlank {
    /** A slot is wider than the board by this, mm (nominal). */
    private static final double SLOT_PLAY_MM = 2;

    /** How far the ends of a tab slope, mm at most (nominal). */
    private static final double SLOPE_MM = 15;

    /**
     * A flap at one end of a wall.
     *
     * @param lengthMm from the score to its free edge
     */
    record Flap(String name, double lengthMm, int step, double raise) {}

    /**
     * One wall of the tube; a list of flaps is empty or holds one.
     *
     * @param widthMm score to score
     */
    record Wall(String name, double widthMm, List<Flap> below, List<Flap> above) {}

    private final double caliperMm;
    private final double depthMm;
    private final double clearBelowMm;
    private final double clearAboveMm;
    private final BlankMaker maker = new BlankMaker();

    private TubeBlank(double caliperMm, double depthMm, double clearBelowMm, double clearAboveMm) {
        this.caliperMm = caliperMm;
        this.depthMm = depthMm;
        this.clearBelowMm = clearBelowMm;
        this.clearAboveMm = clearAboveMm;
    }

    /** Width of the slots between flaps, mm. */
    static double slotMm(double caliperMm) {
        return caliperMm + SLOT_PLAY_MM;
    }

    /** How far the ends of a tab along such an edge slope, mm. */
    static double slopeMm(double depthMm) {
        return Math.min(SLOPE_MM, depthMm / 4);
    }

    /**
     * A tube.
     *
     * @param depthMm of the walls from score to score, or to a free edge
     * @param tab true with a tab at the first wall that is glued inside the last; else the last lies outside the first
     * @param middle where the middle of the tube's first wall stands in the carton
     */
    static Blank of(
            String name,
            double caliperMm,
            double depthMm,
            List<Wall> walls,
            boolean tab,
            List<String> steps,
            Pose middle) {
        return new TubeBlank(
                        caliperMm, depthMm, clear(walls, Wall::below, caliperMm), clear(walls, Wall::above, caliperMm))
                .made(name, walls, tab, steps, middle);
    }

    /** How far the innermost flap's inside lies from the score, mm: a tab ends there, or it would lie in its way. */
    private static double clear(List<Wall> walls, Function<Wall, List<Flap>> end, double caliperMm) {
        return walls.stream()
                .flatMap(wall -> end.apply(wall).stream())
                .mapToDouble(flap -> (flap.raise() + .5) * caliperMm)
                .max()
                .orElse(0);
    }

    private Blank made(String name, List<Wall> walls, boolean tab, List<String> steps, Pose middle) {
        double x = 0;
        List<Integer> made = new ArrayList<>();
        for (Wall wall : walls) {
            int i;
            if (made.isEmpty()) {
                i = maker.first(wall.name(), 0, 0, wall.widthMm(), depthMm);
            } else {
                boolean over = !tab && made.size() == walls.size() - 1;
                i = maker.right(
                        made.get(made.size() - 1),
                        wall.name(),
                        Bend.square(1, over ? -1 : 0),
                        0,
                        depthMm,
                        x,
                        wall.widthMm());
                if (over) {
                    maker.glued(i);
                }
            }
            made.add(i);
            flaps(i, wall, x);
            x += wall.widthMm();
        }
        if (tab) {
            tab(made.get(0), walls.get(walls.size() - 1).widthMm());
        }
        double first = walls.get(0).widthMm();
        return maker.made(
                name,
                caliperMm,
                steps,
                new Pose(middle.at(-first / 2, -depthMm / 2, 0), middle.right(), middle.away()));
    }

    private void flaps(int wall, Wall of, double x) {
        double half = slotMm(caliperMm) / 2;
        double x0 = x + half;
        double x1 = x + of.widthMm() - half;
        for (Flap flap : of.below()) {
            maker.below(wall, flap.name(), Bend.square(flap.step(), flap.raise()), x0, x1, 0, flap.lengthMm());
        }
        for (Flap flap : of.above()) {
            maker.above(wall, flap.name(), Bend.square(flap.step(), flap.raise()), x0, x1, depthMm, flap.lengthMm());
        }
    }

    /** As wide as a tab is, or as the wall that it is glued to has room for. */
    private void tab(int wall, double ontoMm) {
        double from = clearBelowMm;
        double to = depthMm - clearAboveMm;
        double slope = slopeMm(to - from);
        double out = -Math.min(Carton.TAB_MM, Math.max(caliperMm, ontoMm - caliperMm));
        maker.glued(maker.hung(
                wall,
                "glue tab",
                Bend.square(1, 1),
                List.of(
                        BlankMaker.at(out, from + slope),
                        BlankMaker.at(0, from),
                        BlankMaker.at(0, to),
                        BlankMaker.at(out, to - slope)),
                BlankMaker.at(0, from),
                BlankMaker.at(0, to)));
    }
}
