package rampart.core.blank;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.CutWork;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;
import rampart.core.quantity.Point;

/**
 * One piece of board to cut, score and fold, seen from the inside of the carton.
 *
 * @param name what it becomes
 * @param caliperMm thickness of the board
 * @param panels each after the one it hangs on
 * @param cuts cuts between panels that touch without hanging together
 * @param glue where glue or tape goes
 * @param steps what is done in each step of folding, as a person says it
 * @param pose where the first panel stands in the carton
 * @param openings cut out of a panel
 */
public record Blank(
        String name,
        double caliperMm,
        List<Panel> panels,
        List<Line> cuts,
        List<Outline> glue,
        List<String> steps,
        Pose pose,
        List<Outline> openings) {
    /** Of panels without openings in them. */
    Blank(
            String name,
            double caliperMm,
            List<Panel> panels,
            List<Line> cuts,
            List<Outline> glue,
            List<String> steps,
            Pose pose) {
        this(name, caliperMm, panels, cuts, glue, steps, pose, List.of());
    }

    /** Parts of a millimetre to which places are rounded, so that panels that touch hang together where a last digit is lost. */
    private static final double PER_MM = 1e6;

    private static final double TOLERANCE_MM = 1e-3;

    public Blank {
        panels = List.copyOf(panels);
        cuts = List.copyOf(cuts);
        glue = List.copyOf(glue);
        steps = List.copyOf(steps);
        openings = List.copyOf(openings);
        for (int i = 0; i < panels.size(); i++) {
            int onto = panels.get(i).fold().map(Fold::onto).orElse(-1);
            if (onto >= i || (i > 0 && onto < 0)) {
                throw new IllegalArgumentException("panel " + i + " must hang on one before it, not on " + onto);
            }
        }
    }

    /** A straight line on the blank. */
    public record Line(PlanPoint from, PlanPoint to) {}

    /** A piece of board that is cut and not folded. */
    public static Blank flat(String name, double caliperMm, List<PlanPoint> edge) {
        return flat(name, name, caliperMm, edge);
    }

    /** The same, with other words written on it. */
    static Blank flat(String name, String label, double caliperMm, List<PlanPoint> edge) {
        return new Blank(
                name,
                caliperMm,
                List.of(new Panel(label, edge, Optional.empty())),
                List.of(),
                List.of(),
                List.of(),
                new Pose(Point.ORIGIN, new Point(1, 0, 0), new Point(0, 1, 0)));
    }

    /** A piece that is cut and not folded, with openings in it. */
    static Blank pierced(String name, double caliperMm, List<PlanPoint> edge, List<Outline> openings) {
        Blank whole = flat(name, caliperMm, edge);
        return new Blank(name, caliperMm, whole.panels, List.of(), List.of(), List.of(), whole.pose, openings);
    }

    /** Area of the board, its waste cut away, mm2. */
    public double areaMm2() {
        return panels.stream().mapToDouble(p -> p.outline().areaMm2()).sum()
                - openings.stream().mapToDouble(Outline::areaMm2).sum();
    }

    /** The rectangle of board that it is cut from. */
    public Bounds bounds() {
        double[] b = {
            Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY
        };
        for (Panel panel : panels) {
            Bounds of = panel.outline().bounds();
            b[0] = Math.min(b[0], of.minXMm());
            b[1] = Math.min(b[1], of.minYMm());
            b[2] = Math.max(b[2], of.maxXMm());
            b[3] = Math.max(b[3], of.maxYMm());
        }
        return new Bounds(b[0], b[1], b[2], b[3]);
    }

    /** Its edge all round, without the cuts within it. */
    public List<Outline> edges() {
        Region all = Region.none();
        for (Panel panel : panels) {
            all = all.plus(Region.within(Outline.polygon(rounded(panel.corners())), TOLERANCE_MM));
        }
        List<Outline> edges = new ArrayList<>(all.outlines());
        edges.addAll(all.holes());
        edges.addAll(openings);
        return edges;
    }

    private static List<PlanPoint> rounded(List<PlanPoint> places) {
        return places.stream()
                .map(p -> new PlanPoint(Math.rint(p.xMm() * PER_MM) / PER_MM, Math.rint(p.yMm() * PER_MM) / PER_MM))
                .toList();
    }

    /**
     * Places of the scores and perforations that run straight up the blank, from its left edge, or straight across, from its lower
     * edge, rising, mm.
     */
    public List<Double> scoresMm(boolean upright) {
        Bounds b = bounds();
        double from = upright ? b.minXMm() : b.minYMm();
        return Stream.of(CutWork.SCORE, CutWork.PERFORATION)
                .flatMap(work -> creases(work).stream())
                .filter(line -> upright
                        ? line.from().xMm() == line.to().xMm()
                        : line.from().yMm() == line.to().yMm())
                .map(line -> (upright ? line.from().xMm() : line.from().yMm()) - from)
                .sorted()
                .toList();
    }

    /** The creases that are made in this way. */
    public List<Line> creases(CutWork work) {
        return panels.stream()
                .flatMap(p -> p.fold().stream())
                .filter(fold -> fold.work() == work)
                .map(fold -> new Line(fold.from(), fold.to()))
                .toList();
    }
}
