package rampart.core.fingers;

import java.util.ArrayList;
import java.util.List;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;
import rampart.core.quantity.Point;

/**
 * The panels of a case. Every edge that two panels share is divided into an odd number of equal fingers; one panel has the even ones,
 * the other the odd. The floor has the even ones on all its edges and so all its corners; front and back have them upright.
 *
 * <p>The lid lies between the sides, one sheet under their upper edge, on the front and before the back, and turns on two square
 * pins in round holes of the sides; the pins go in before the second side is tapped home.
 */
public final class FingerCase {
    /** Room on each side of the lid, mm (nominal). */
    static final double LID_PLAY_MM = 0.5;

    /** What a pin's hole is wider than its diagonal, mm (nominal). */
    static final double PIN_PLAY_MM = 0.3;

    /** Between the lid's back edge and the back, in sheets: its corner has to pass while it turns. */
    private static final double BEHIND = 0.3;

    private static final double FLATNESS_MM = 1e-3;

    /** Beyond the end of any panel. */
    private static final double OPEN_MM = 1e5;

    private static final int ROUND = 48;

    private static final Point X = new Point(1, 0, 0);
    private static final Point Y = new Point(0, 1, 0);
    private static final Point Z = new Point(0, 0, 1);

    private final CaseSpec spec;
    private final double t;
    private final double a;
    private final double length;
    private final double width;
    private final double height;

    private FingerCase(CaseSpec spec) {
        this.spec = spec;
        t = spec.sheetMm();
        a = spec.allowanceMm();
        length = spec.outside().lengthMm();
        width = spec.outside().widthMm();
        height = spec.outside().heightMm();
    }

    /** Which fingers a panel has on an edge. */
    private enum Fingers {
        EVEN,
        ODD,
        NONE
    }

    /** Floor, front, back, two sides, lid, and the tag where there is one. */
    public static List<CasePanel> panels(CaseSpec spec) {
        return new FingerCase(spec).all();
    }

    /** How many fingers an edge has: the odd number whose fingers are nearest to the width asked for, three at least. */
    static int fingers(double edgeMm, double fingerMm) {
        int pairs = (int) Math.round((edgeMm / fingerMm - 1) / 2);
        return 2 * Math.max(1, pairs) + 1;
    }

    private List<CasePanel> all() {
        double low = height - (1 + CaseSpec.LID_UNDER) * t;
        List<CasePanel> panels = new ArrayList<>();
        Joints all = new Joints(Fingers.EVEN, Fingers.EVEN, Fingers.EVEN, width);
        panels.add(panel("floor", length, width, all, List.of(), new Point(0, 0, 0), X, Y));
        // The upright edges are as long as the front is high, so that all four joints are alike.
        Joints across = new Joints(Fingers.ODD, Fingers.NONE, Fingers.EVEN, low);
        panels.add(panel("front", length, low, across, List.of(), new Point(0, 0, 0), X, Z));
        panels.add(panel("back", length, height, across, List.of(), new Point(0, width - t, 0), X, Z));
        Joints side = new Joints(Fingers.ODD, Fingers.NONE, Fingers.ODD, low);
        List<Outline> hole = List.of(pinHole());
        panels.add(panel("left side", width, height, side, hole, new Point(0, 0, 0), Y, Z));
        panels.add(panel("right side", width, height, side, hole, new Point(length - t, 0, 0), Y, Z));
        panels.add(lid(low));
        spec.tag().ifPresent(tag -> {
            double more = 2 * tag.allowanceMm();
            double wide = tag.lengthMm() + more;
            double high = tag.widthMm() + more;
            panels.add(new CasePanel(
                    "tag", wide, high, rectangle(0, 0, wide, high), List.of(), new Point(0, 0, height), X, Y));
        });
        return List.copyOf(panels);
    }

    /**
     * Which fingers a panel has, and where.
     *
     * @param sidesMm how much of its left and right edges is jointed, from below; where these have a gap last, that on the right
     *     runs on to the top: the back stands there
     */
    private record Joints(Fingers below, Fingers above, Fingers sides, double sidesMm) {}

    private CasePanel panel(
            String name,
            double wide,
            double high,
            Joints has,
            List<Outline> openings,
            Point at,
            Point right,
            Point up) {
        List<Region> out = new ArrayList<>();
        for (double[] gap : gaps(wide, has.below(), true)) {
            out.add(region(gap[0], -a - 1, gap[1], t - a));
        }
        for (double[] gap : gaps(wide, has.above(), true)) {
            out.add(region(gap[0], high - t + a, gap[1], high + a + 1));
        }
        for (double[] gap : gaps(has.sidesMm(), has.sides(), has.sidesMm() >= high)) {
            out.add(region(-a - 1, gap[0], t - a, gap[1]));
        }
        for (double[] gap : gaps(has.sidesMm(), has.sides(), true)) {
            out.add(region(wide - t + a, gap[0], wide + a + 1, gap[1]));
        }
        Region region = region(-a, -a, wide + a, high + a).minus(Region.any(out));
        return new CasePanel(name, wide, high, region.largest().outlines().get(0), openings, at, right, up);
    }

    /**
     * From and to of what is cut out along an edge; each is narrower by the allowance at both its ends.
     *
     * @param open true where the last gap runs out at the end of the panel; false where board goes on above the joint
     */
    private List<double[]> gaps(double edgeMm, Fingers has, boolean open) {
        List<double[]> gaps = new ArrayList<>();
        if (has == Fingers.NONE) {
            return gaps;
        }
        int count = fingers(edgeMm, spec.fingerMm());
        double pitch = edgeMm / count;
        for (int i = 0; i < count; i++) {
            boolean even = i % 2 == 0;
            if (even == (has == Fingers.ODD)) {
                gaps.add(new double[] {
                    i == 0 ? -a - 1 : i * pitch + a, i == count - 1 && open ? OPEN_MM : (i + 1) * pitch - a
                });
            }
        }
        return gaps;
    }

    /** Middle of the lid's pins from the front and from the floor's underside. */
    private PlanPoint pin() {
        return new PlanPoint(width - t - BEHIND * t - t / 2, height - CaseSpec.LID_UNDER * t - t / 2);
    }

    private Outline pinHole() {
        double radius = (t * Math.sqrt(2) + PIN_PLAY_MM) / 2 - a;
        PlanPoint middle = pin();
        List<PlanPoint> places = new ArrayList<>();
        for (int i = 0; i < ROUND; i++) {
            double angle = 2 * Math.PI * i / ROUND;
            places.add(middle.plus(radius * Math.cos(angle), radius * Math.sin(angle)));
        }
        return Outline.polygon(places);
    }

    private CasePanel lid(double low) {
        double wide = length - 2 * t - 2 * LID_PLAY_MM;
        double deep = width - t - BEHIND * t;
        double reach = t + LID_PLAY_MM;
        Region region =
                region(-a, -a, wide + a, deep + a).plus(region(-reach - a, deep - t - a, wide + reach + a, deep + a));
        List<Outline> openings = spec.tag()
                .map(tag -> List.of(rectangle(
                        (wide - tag.lengthMm()) / 2 + a,
                        (deep - tag.widthMm()) / 2 + a,
                        (wide + tag.lengthMm()) / 2 - a,
                        (deep + tag.widthMm()) / 2 - a)))
                .orElse(List.of());
        return new CasePanel(
                "lid", wide, deep, region.outlines().get(0), openings, new Point(t + LID_PLAY_MM, 0, low), X, Y);
    }

    private static Region region(double x0, double y0, double x1, double y1) {
        return Region.within(rectangle(x0, y0, x1, y1), FLATNESS_MM);
    }

    private static Outline rectangle(double x0, double y0, double x1, double y1) {
        return Outline.polygon(
                List.of(new PlanPoint(x0, y0), new PlanPoint(x1, y0), new PlanPoint(x1, y1), new PlanPoint(x0, y1)));
    }
}
