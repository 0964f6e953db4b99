package rampart.core.bed;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;

/** Where a bed bears on its item, whatever foam it is of and however thick (rules 46, 47 and 50). */
public final class BedContact {
    /** A face with fewer than one in so many of its rays bearing is bare (assumed). */
    private static final int BARE_BELOW_ONE_IN = 50;

    /** Pointed places sink in: a tenth of the rays may stand out (assumed). */
    private static final int SINKS_ONE_IN = 10;

    private final Map<Face, FaceRays> rays = new EnumMap<>(Face.class);
    private final Map<Face, Seat> seats = new EnumMap<>(Face.class);
    private final Map<Face, double[]> floors = new EnumMap<>(Face.class);
    private final List<TieSeat> tieSeats;
    private final Optional<Web> web;
    private final double cutOutMm3;

    /**
     * The least foam over a face, up to the plane of the size; what is outside the plane comes on top.
     *
     * @param part index of the part that it lies behind
     */
    public record Floor(double depthMm, int part) {}

    /**
     * Rays side by side that bear on the same depth.
     *
     * @param depthMm foam between the plane of the size and the item; what is outside the plane comes on top
     * @param firstCell where it begins along the face's first axis
     * @param secondCell where it begins along the second
     * @param cells how many along the second
     */
    public record Run(double depthMm, int firstCell, int secondCell, int cells) {}

    /**
     * How the item sits on one face.
     *
     * @param bearingMm2 0 where it is bare
     * @param runs that bear
     */
    private record Seat(double bearingMm2, List<Run> runs) {}

    BedContact(BedShape bed) {
        RayCaster caster = new RayCaster(bed);
        double[] gaps = bed.parts().stream().mapToDouble(BedPart::gapMm).toArray();
        for (Face face : Face.ALL) {
            FaceRays of = caster.cast(face);
            rays.put(face, of);
            seats.put(face, seat(gaps, of));
            floors.put(face, floors(gaps, of));
        }
        tieSeats = bed.ties().stream().map(tie -> TieSeat.of(bed, tie, this)).toList();
        web = Web.thinnest(bed);
        cutOutMm3 = caster.cutOutMm3();
    }

    /** The least foam behind each part; infinite behind one that no ray meets. */
    private static double[] floors(double[] gaps, FaceRays rays) {
        double[] least = new double[gaps.length];
        Arrays.fill(least, Double.POSITIVE_INFINITY);
        for (int i = 0; i < rays.count(); i++) {
            int met = rays.part(i);
            if (met != FaceRays.NOTHING) {
                least[met] = Math.min(least[met], rays.inwardMm(i) - gaps[met]);
            }
        }
        return least;
    }

    private static Seat seat(double[] gaps, FaceRays rays) {
        double[] depths = new double[rays.count()];
        int bearing = 0;
        for (int i = 0; i < rays.count(); i++) {
            if (rays.bears(i)) {
                depths[bearing++] = rays.inwardMm(i) - gaps[rays.part(i)];
            }
        }
        if (BARE_BELOW_ONE_IN * (long) bearing < rays.count()) {
            return new Seat(0, List.of());
        }
        double[] sorted = Arrays.copyOf(depths, bearing);
        Arrays.sort(sorted);
        double least = sorted[bearing / SINKS_ONE_IN];
        List<Run> runs = new ArrayList<>();
        int at = 0;
        for (int one = 0; one < rays.firstCells(); one++) {
            int other = 0;
            while (other < rays.secondCells()) {
                if (!rays.bears(rays.index(one, other))) {
                    other++;
                    continue;
                }
                double depth = Math.max(least, depths[at++]);
                int from = other++;
                while (other < rays.secondCells()
                        && rays.bears(rays.index(one, other))
                        && Math.max(least, depths[at]) == depth) {
                    at++;
                    other++;
                }
                runs.add(new Run(depth, one, from, other - from));
            }
        }
        return new Seat(bearing * rays.cellMm2(), List.copyOf(runs));
    }

    FaceRays rays(Face face) {
        return rays.get(face);
    }

    /** Area that bears on a face, mm2; 0 where under 2 % of its rays do. */
    public double bearingMm2(Face face) {
        return seats.get(face).bearingMm2();
    }

    /** Where it bears on a face. */
    public List<Run> runs(Face face) {
        return seats.get(face).runs();
    }

    /** The least foam behind any part on a face; empty where no ray of it meets a part. */
    public Optional<Floor> floor(Face face) {
        double[] behind = floors.get(face);
        Floor least = null;
        for (int part = 0; part < behind.length; part++) {
            if (Double.isFinite(behind[part]) && (least == null || behind[part] < least.depthMm())) {
                least = new Floor(behind[part], part);
            }
        }
        return Optional.ofNullable(least);
    }

    /** True where some ray of this face meets the part. */
    public boolean faces(int part, Face face) {
        return Double.isFinite(floors.get(face)[part]);
    }

    /** True where foam bears under the part, or over it. */
    public boolean carries(int part) {
        for (Face face : List.of(Face.BOTTOM, Face.TOP)) {
            FaceRays of = rays.get(face);
            for (int i = 0; i < of.count(); i++) {
                if (of.part(i) == part && of.bears(i)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Where foam cannot be closed round strong parts, face by face. */
    public List<ShutOut> shutOut(BedShape bed) {
        return rays.values().stream()
                .flatMap(of -> ShutOut.of(bed, of).stream())
                .toList();
    }

    /** What each tie rests on, in their order. */
    public List<TieSeat> tieSeats() {
        return tieSeats;
    }

    /** The thinnest web between two pockets; empty where none stand side by side. */
    public Optional<Web> web() {
        return web;
    }

    /** Side of a ray's cell along the first of a face's two axes, mm. */
    public double firstCellMm(Face face) {
        return rays.get(face).firstCellMm();
    }

    /** The same along the second. */
    public double secondCellMm(Face face) {
        return rays.get(face).secondCellMm();
    }

    /** What is cut out of the block, mm3. */
    public double cutOutMm3() {
        return cutOutMm3;
    }

    /**
     * How the bearing of a face lies along one of its axes (rule 57).
     *
     * @param middleMm of its area, from the middle of the item
     * @param reachMm from outer edge to outer edge
     */
    public record Spread(double middleMm, double reachMm) {}

    /** Of a face that is not bare, along one of its two axes. */
    public Spread spread(Face face, Axis axis) {
        FaceRays of = rays.get(face);
        boolean first = axis == of.first();
        double cell = first ? of.firstCellMm() : of.secondCellMm();
        int cells = first ? of.firstCells() : of.secondCells();
        double sum = 0;
        long count = 0;
        int least = cells;
        int most = -1;
        for (Run run : runs(face)) {
            int from = first ? run.firstCell() : run.secondCell();
            int to = first ? run.firstCell() : run.secondCell() + run.cells() - 1;
            sum += run.cells() * ((from + to) / 2.0 + 0.5);
            count += run.cells();
            least = Math.min(least, from);
            most = Math.max(most, to);
        }
        return new Spread((sum / count - cells / 2.0) * cell, (most + 1 - least) * cell);
    }
}
