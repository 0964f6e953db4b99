package rampart.formats.outline;

import static rampart.formats.outline.DxfGroups.value;
import static rampart.formats.outline.DxfGroups.values;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Segment;
import rampart.formats.outline.DxfGroups.Group;

/**
 * Curves of a DXF text file (published group codes): lines, polylines of both kinds with bulges, arcs, circles, ellipses and
 * splines, also in blocks that are inserted. What lies on a layer that is off or frozen, or is not shown, is left out. What was drawn
 * from below (extrusion -z) is mirrored as its own coordinates are; what lies in a tilted plane is left out.
 */
final class DxfDrawing {
    private static final int CLOSED = 1;
    private static final int FROZEN = 1;
    private static final int MOST_DEGREE = 10;

    /** Blocks in blocks; deeper is a loop or not meant to be cut. */
    private static final int DEEPEST = 16;

    /** Entities of all blocks together, each as often as it is inserted. */
    private static final int MOST_INSERTED = 20_000;

    /** Nearly a whole circle: 4 atan of it is 0.23 degrees short of one. Larger ones are no drawing, and their arithmetic ends. */
    private static final double MOST_BULGE = 1000;

    /** A normal so far from upright is tilted: its length is 1. */
    private static final double UPRIGHT = 1e-6;

    /** Units by their code in $INSUNITS. */
    private static Optional<FileUnit> unitOf(int code) {
        return switch (code) {
            case 1 -> Optional.of(FileUnit.IN);
            case 2 -> Optional.of(FileUnit.FT);
            case 4 -> Optional.of(FileUnit.MM);
            case 5 -> Optional.of(FileUnit.CM);
            case 6 -> Optional.of(FileUnit.M);
            default -> Optional.empty();
        };
    }

    private final DxfGroups groups;
    private final DrawnCurves.Collector collector = new DrawnCurves.Collector();
    private final Map<String, Block> blocks = new HashMap<>();
    private final Set<String> hidden = new HashSet<>();
    private int inserted;

    /** From the coordinates that are being read to mm on the page. */
    private AffineTransform now = new AffineTransform();

    /** Layer of what is inserted; empty outside of blocks. */
    private Optional<String> around = Optional.empty();

    /** A block: the groups of its entities, and the place in it that comes to lie where it is inserted. */
    private record Block(int from, int to, double x, double y) {}

    private DxfDrawing(DxfGroups groups) {
        this.groups = groups;
    }

    static DrawnCurves read(byte[] file, Optional<FileUnit> asked) {
        DxfDrawing drawing = new DxfDrawing(DxfGroups.of(file));
        Optional<FileUnit> stated = drawing.unit();
        FileUnit unit = asked.or(() -> stated).orElse(FileUnit.MM);
        drawing.now = AffineTransform.getScaleInstance(unit.mm(), unit.mm());
        drawing.layers();
        drawing.blocks();
        drawing.entities();
        return drawing.collector.done(unit, asked.isPresent() || stated.isPresent());
    }

    private Optional<FileUnit> unit() {
        for (int i = 0; i + 1 < groups.size(); i++) {
            if (groups.get(i).code() == 9 && "$INSUNITS".equals(groups.get(i).value())) {
                return unitOf((int) groups.get(i + 1).number());
            }
        }
        return Optional.empty();
    }

    /** Layers that are off (a colour below 0) or frozen. */
    private void layers() {
        OptionalInt tables = groups.section("TABLES");
        for (int i = tables.orElse(groups.size());
                i < groups.size() && !groups.get(i).is("ENDSEC");
                i++) {
            if (groups.get(i).is("LAYER")) {
                List<Group> of = groups.between(i + 1, groups.end(i));
                boolean off = value(of, 62, 7) < 0;
                boolean frozen = ((int) value(of, 70, 0) & FROZEN) != 0;
                if (off || frozen) {
                    of.stream().filter(g -> g.code() == 2).findFirst().ifPresent(g -> hidden.add(g.value()));
                }
            }
        }
    }

    private void blocks() {
        OptionalInt section = groups.section("BLOCKS");
        int i = section.orElse(groups.size());
        while (i < groups.size() && !groups.get(i).is("ENDSEC")) {
            if (!groups.get(i).is("BLOCK")) {
                i++;
                continue;
            }
            int from = groups.end(i);
            List<Group> head = groups.between(i + 1, from);
            int to = from;
            while (to < groups.size() && !groups.get(to).is("ENDBLK")) {
                to++;
            }
            if (to == groups.size()) {
                throw DxfGroups.cutOff();
            }
            Block block = new Block(from, to, value(head, 10, 0), value(head, 20, 0));
            head.stream().filter(g -> g.code() == 2).findFirst().ifPresent(g -> blocks.put(g.value(), block));
            i = to + 1;
        }
    }

    private void entities() {
        OptionalInt section = groups.section("ENTITIES");
        if (section.isEmpty()) {
            throw new RefusedDrawingException("the DXF file has no section of ENTITIES");
        }
        int i = section.getAsInt();
        while (i < groups.size() && !groups.get(i).is("ENDSEC")) {
            i = one(i, 0);
        }
        if (i == groups.size()) {
            throw DxfGroups.cutOff();
        }
    }

    /** @return where the next one begins */
    private int one(int start, int deep) {
        int end = groups.end(start);
        String name = groups.get(start).value();
        List<Group> of = groups.between(start + 1, end);
        int after = "POLYLINE".equals(name) ? afterVertices(end) : end;
        if (hidden.contains(layer(of)) || value(of, 60, 0) == 1) {
            collector.leaveOut(name + " on a layer that is not shown");
            return after;
        }
        AffineTransform before = now;
        if (!turned(name, of)) {
            return after;
        }
        if ("POLYLINE".equals(name)) {
            polyline(of, end);
        } else if ("INSERT".equals(name)) {
            insert(of, deep);
        } else {
            entity(name, of);
        }
        now = before;
        return after;
    }

    /**
     * Into the plane that an entity is drawn in; false, and said, where that is tilted. Lines, ellipses and splines are drawn in the
     * plane of the page whatever their normal is. Seen from below x is mirrored (the arbitrary axis of the published format).
     */
    private boolean turned(String name, List<Group> of) {
        double x = value(of, 210, 0);
        double y = value(of, 220, 0);
        double z = value(of, 230, 1);
        if (Math.hypot(x, y) > UPRIGHT * Math.abs(z)) {
            if (Set.of("LINE", "ELLIPSE", "SPLINE").contains(name)) {
                return true;
            }
            collector.leaveOut(name + " in a tilted plane");
            return false;
        }
        if (z < 0 && Set.of("CIRCLE", "ARC", "LWPOLYLINE", "POLYLINE", "INSERT").contains(name)) {
            now = new AffineTransform(now);
            now.scale(-1, 1);
        }
        return true;
    }

    /** A block with its own scale and turn, once or in rows and columns. */
    private void insert(List<Group> of, int deep) {
        String name = of.stream()
                .filter(g -> g.code() == 2)
                .map(Group::value)
                .findFirst()
                .orElse("");
        Block block = blocks.get(name);
        if (block == null) {
            collector.leaveOut("INSERT of the block '" + name + "', which is not in the file");
            return;
        }
        if (deep >= DEEPEST) {
            throw new RefusedDrawingException("blocks of the drawing lie in each other more than " + DEEPEST + " deep");
        }
        AffineTransform before = now;
        Optional<String> outside = around;
        around = Optional.of(layer(of));
        long columns = Math.max(1, (long) value(of, 70, 1));
        long rows = Math.max(1, (long) value(of, 71, 1));
        if (columns * rows > MOST_INSERTED) {
            throw tooManyInserted();
        }
        for (long i = 0; i < columns * rows; i++) {
            now = new AffineTransform(before);
            now.translate(value(of, 10, 0), value(of, 20, 0));
            now.rotate(Math.toRadians(value(of, 50, 0)));
            long column = i % columns;
            long row = i / columns;
            now.translate(value(of, 44, 0) * column, value(of, 45, 0) * row);
            now.scale(value(of, 41, 1), value(of, 42, 1));
            now.translate(-block.x(), -block.y());
            int at = block.from();
            while (at < block.to()) {
                inserted++;
                if (inserted > MOST_INSERTED) {
                    throw tooManyInserted();
                }
                at = one(at, deep + 1);
            }
        }
        now = before;
        around = outside;
    }

    private static RefusedDrawingException tooManyInserted() {
        return new RefusedDrawingException("the blocks of the drawing come to more than " + MOST_INSERTED
                + " shapes; leave out what is no outline");
    }

    private void entity(String name, List<Group> of) {
        switch (name) {
            case "LINE" -> {
                collector.reserve(2);
                collector.add(
                        layer(of),
                        List.of(place(value(of, 10, 0), value(of, 20, 0)), place(value(of, 11, 0), value(of, 21, 0))),
                        false);
            }
            case "LWPOLYLINE" -> lightPolyline(of);
            case "CIRCLE" -> arc(of, 0, 2 * Math.PI, true);
            case "ARC" -> {
                double from = Math.toRadians(value(of, 50, 0));
                double to = Math.toRadians(value(of, 51, 360));
                arc(of, from, to > from ? to : to + 2 * Math.PI, false);
            }
            case "ELLIPSE" -> ellipse(of);
            case "SPLINE" -> spline(of);
            case "SEQEND", "VERTEX", "ATTRIB", "ATTDEF" -> {}
            default -> collector.leaveOut(name);
        }
    }

    /** What lies on layer 0 of a block lies on the layer on which the block is inserted. */
    private String layer(List<Group> of) {
        String own = of.stream()
                .filter(g -> g.code() == 8)
                .map(Group::value)
                .findFirst()
                .orElse("0");
        return own.equals("0") ? around.orElse(own) : own;
    }

    private PlanPoint place(double x, double y) {
        double[] at = {x, y};
        now.transform(at, 0, at, 0, 1);
        return new PlanPoint(at[0], at[1]);
    }

    /** By how much what is read is larger on the page, at most. */
    private double scale() {
        return Math.max(Math.hypot(now.getScaleX(), now.getShearY()), Math.hypot(now.getShearX(), now.getScaleY()));
    }

    /** In the coordinates of the file: an arc between two of them is one there, whatever is done to it on the way to the page. */
    private record Vertex(PlanPoint at, double bulge) {}

    private void lightPolyline(List<Group> of) {
        List<Vertex> vertices = new ArrayList<>();
        double x = Double.NaN;
        for (Group group : of) {
            if (group.code() == 10) {
                x = group.number();
            } else if (group.code() == 20 && !Double.isNaN(x)) {
                vertices.add(new Vertex(new PlanPoint(x, group.number()), 0));
            } else if (group.code() == 42 && !vertices.isEmpty()) {
                vertices.set(vertices.size() - 1, new Vertex(vertices.get(vertices.size() - 1).at, group.number()));
            }
        }
        add(layer(of), vertices, ((int) value(of, 70, 0) & CLOSED) != 0);
    }

    private int afterVertices(int headEnd) {
        int i = headEnd;
        while (i < groups.size() && groups.get(i).is("VERTEX")) {
            i = groups.end(i);
        }
        return i;
    }

    private void polyline(List<Group> head, int headEnd) {
        List<Vertex> vertices = new ArrayList<>();
        int i = headEnd;
        while (i < groups.size() && groups.get(i).is("VERTEX")) {
            int end = groups.end(i);
            List<Group> of = groups.between(i + 1, end);
            // Vertices of a spline's frame are not on the curve.
            if (((int) value(of, 70, 0) & 16) == 0) {
                vertices.add(new Vertex(new PlanPoint(value(of, 10, 0), value(of, 20, 0)), value(of, 42, 0)));
            }
            i = end;
        }
        add(layer(head), vertices, ((int) value(head, 70, 0) & CLOSED) != 0);
    }

    private void add(String layer, List<Vertex> vertices, boolean closed) {
        List<PlanPoint> places = new ArrayList<>();
        int n = vertices.size();
        for (int i = 0; i < n; i++) {
            Vertex from = vertices.get(i);
            collector.reserve(1);
            places.add(place(from.at.xMm(), from.at.yMm()));
            boolean last = i + 1 == n;
            if (from.bulge != 0 && !(last && !closed)) {
                PlanPoint to = vertices.get((i + 1) % n).at;
                if (!from.at.equals(to)) {
                    if (!(Math.abs(from.bulge) <= MOST_BULGE)) {
                        throw new RefusedDrawingException("the bulge of an arc must be " + -MOST_BULGE + " to "
                                + MOST_BULGE + ", not " + from.bulge);
                    }
                    Segment arc = new Segment(from.at, to, from.bulge);
                    double flatness = DrawnCurves.FLATNESS_MM / Math.max(scale(), 1e-9);
                    collector.reserve(arc.steps(flatness) - 1L);
                    places.addAll(arc.flattened(flatness)
                            .skip(1)
                            .map(each -> place(each.xMm(), each.yMm()))
                            .toList());
                }
            }
        }
        collector.add(layer, places, closed);
    }

    private void arc(List<Group> of, double from, double to, boolean closed) {
        double x = value(of, 10, 0);
        double y = value(of, 20, 0);
        double radius = value(of, 40, 0);
        if (!(radius > 0)) {
            throw new RefusedDrawingException("the radius of an arc must be above 0, not " + radius);
        }
        int steps = steps(radius * scale(), to - from);
        collector.reserve(steps + 1L);
        List<PlanPoint> places = new ArrayList<>(steps + 1);
        for (int i = 0; i < (closed ? steps : steps + 1); i++) {
            double angle = from + (to - from) * i / steps;
            places.add(place(x + radius * Math.cos(angle), y + radius * Math.sin(angle)));
        }
        collector.add(layer(of), places, closed);
    }

    private static int steps(double radiusMm, double angle) {
        double step = 2 * Math.acos(1 - Math.min(DrawnCurves.FLATNESS_MM, radiusMm) / radiusMm);
        return (int) Math.min(DrawnCurves.MOST_PLACES, Math.max(8, Math.ceil(Math.abs(angle) / step)));
    }

    private void ellipse(List<Group> of) {
        double x = value(of, 10, 0);
        double y = value(of, 20, 0);
        double majorX = value(of, 11, 1);
        double majorY = value(of, 21, 0);
        double ratio = value(of, 40, 1);
        double from = value(of, 41, 0);
        double to = value(of, 42, 2 * Math.PI);
        boolean closed = Math.abs(to - from - 2 * Math.PI) < 1e-6;
        int steps = steps(Math.max(DrawnCurves.FLATNESS_MM, Math.hypot(majorX, majorY) * scale()), to - from);
        collector.reserve(steps + 1L);
        List<PlanPoint> places = new ArrayList<>(steps + 1);
        for (int i = 0; i < (closed ? steps : steps + 1); i++) {
            double angle = from + (to - from) * i / steps;
            double c = Math.cos(angle);
            double s = Math.sin(angle) * ratio;
            places.add(place(x + majorX * c - majorY * s, y + majorY * c + majorX * s));
        }
        collector.add(layer(of), places, closed);
    }

    /** By de Boor's recursion (de Boor, A Practical Guide to Splines, from memory), rational where weights are given. */
    private void spline(List<Group> of) {
        int degree = (int) value(of, 71, 3);
        double[] knots = values(of, 40);
        double[] xs = values(of, 10);
        double[] ys = values(of, 20);
        double[] weights = values(of, 41);
        int n = xs.length;
        if (n == 0) {
            collector.leaveOut("SPLINE without control points");
            return;
        }
        if (degree < 1 || degree > MOST_DEGREE || n <= degree || ys.length != n || knots.length != n + degree + 1) {
            throw new RefusedDrawingException("a spline of degree " + degree + " with " + n + " points needs "
                    + (n + degree + 1) + " knots and more points than its degree; it has " + knots.length);
        }
        if (weights.length == n && Arrays.stream(weights).anyMatch(weight -> !(weight > 0))) {
            throw new RefusedDrawingException("the weights of a spline must be above 0");
        }
        List<PlanPoint> places = new ArrayList<>();
        for (int span = degree; span < n; span++) {
            double from = knots[span];
            double to = knots[span + 1];
            if (to > from) {
                double reach = 0;
                for (int i = span - degree; i < span; i++) {
                    reach += Math.hypot(xs[i + 1] - xs[i], ys[i + 1] - ys[i]) * scale();
                }
                int steps = (int) Math.min(1000, Math.max(8, Math.ceil(Math.sqrt(reach / DrawnCurves.FLATNESS_MM))));
                collector.reserve(steps + 1L);
                for (int i = places.isEmpty() ? 0 : 1; i <= steps; i++) {
                    places.add(at(from + (to - from) * i / steps, span, degree, knots, xs, ys, weights));
                }
            }
        }
        collector.add(layer(of), places, ((int) value(of, 70, 0) & CLOSED) != 0);
    }

    private PlanPoint at(double u, int span, int degree, double[] knots, double[] xs, double[] ys, double[] weights) {
        double[][] d = new double[degree + 1][];
        for (int j = 0; j <= degree; j++) {
            int i = span - degree + j;
            double w = weights.length == xs.length ? weights[i] : 1;
            d[j] = new double[] {xs[i] * w, ys[i] * w, w};
        }
        for (int r = 1; r <= degree; r++) {
            for (int j = degree; j >= r; j--) {
                int i = span - degree + j;
                double width = knots[i + degree - r + 1] - knots[i];
                double part = width == 0 ? 0 : (u - knots[i]) / width;
                for (int c = 0; c < 3; c++) {
                    d[j][c] = (1 - part) * d[j - 1][c] + part * d[j][c];
                }
            }
        }
        return place(d[degree][0] / d[degree][2], d[degree][1] / d[degree][2]);
    }
}
