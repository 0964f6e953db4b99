package rampart.core.bed;

import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;

/** Casts the rays of a bed (rules 46 and 47). */
final class RayCaster {
    private final BedShape bed;
    private final RayGrid grid;
    private final Prism[] parts;
    private final Crossings[] ofParts;
    private final Prism[] wells;
    private final Crossings[] ofWells;
    private final int[] bandEnds;

    RayCaster(BedShape bed) {
        this.bed = bed;
        grid = new RayGrid(bed.size());
        parts = bed.parts().stream().map(BedPart::prism).toArray(Prism[]::new);
        wells = bed.wells().stream().map(BedWell::prism).toArray(Prism[]::new);
        ofParts = crossings(parts);
        ofWells = crossings(wells);
        bandEnds = bandEnds();
    }

    private Crossings[] crossings(Prism[] prisms) {
        Crossings[] all = new Crossings[prisms.length];
        for (int i = 0; i < prisms.length; i++) {
            all[i] = Crossings.of(prisms[i], grid);
        }
        return all;
    }

    FaceRays cast(Face face) {
        return face.axis() == Axis.Z ? fromAboveOrBelow(face) : fromASide(face);
    }

    /** Levels between which no part or well begins or ends: whatever lies beside one lies beside all. */
    private int[] bandEnds() {
        int levels = grid.cells(Axis.Z);
        return IntStream.rangeClosed(1, levels)
                .filter(level ->
                        level == levels || differ(grid.middleMm(Axis.Z, level - 1), grid.middleMm(Axis.Z, level)))
                .toArray();
    }

    private boolean differ(double below, double above) {
        return (below < bed.splitMm()) != (above < bed.splitMm())
                || Stream.of(parts, wells)
                        .flatMap(Stream::of)
                        .anyMatch(prism -> (prism.bottomMm() <= below) != (prism.bottomMm() <= above)
                                || (prism.topMm() > below) != (prism.topMm() > above));
    }

    private boolean strong(int part) {
        return bed.parts().get(part).strong();
    }

    private FaceRays fromAboveOrBelow(Face face) {
        FaceRays rays = new FaceRays(face, grid);
        boolean above = face == Face.TOP;
        double half = bed.size().heightMm() / 2;
        int[] outermostFirst = IntStream.range(0, parts.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> above ? -parts[i].topMm() : parts[i].bottomMm()))
                .mapToInt(i -> i)
                .toArray();
        for (int met : outermostFirst) {
            double height = above ? parts[met].topMm() : parts[met].bottomMm();
            boolean closes = above ? height >= bed.splitMm() : height <= bed.splitMm();
            double inwardMm = above ? half - height : half + height;
            BitSet inside = ofParts[met].inside();
            for (int ray = inside.nextSetBit(0); ray >= 0; ray = inside.nextSetBit(ray + 1)) {
                if (rays.part(ray) == FaceRays.NOTHING) {
                    rays.meets(ray, met, inwardMm, strong(met) && closes && !wellBeyond(ray, above, height));
                    if (strong(met) && !closes) {
                        rays.shutOut(ray);
                    }
                }
            }
        }
        return rays;
    }

    private boolean wellBeyond(int ray, boolean above, double height) {
        for (int w = 0; w < wells.length; w++) {
            boolean reaches = above ? wells[w].topMm() > height : wells[w].bottomMm() < height;
            if (reaches && ofWells[w].inside().get(ray)) {
                return true;
            }
        }
        return false;
    }

    private FaceRays fromASide(Face face) {
        FaceRays rays = new FaceRays(face, grid);
        double half = bed.size().along(face.axis()) / 2;
        double[] partsOut = new double[parts.length];
        double[] wellsOut = new double[wells.length];
        for (int line = 0; line < rays.firstCells(); line++) {
            outward(ofParts, face, line, partsOut);
            outward(ofWells, face, line, wellsOut);
            int level = 0;
            for (int end : bandEnds) {
                double z = grid.middleMm(Axis.Z, level);
                int met = FaceRays.NOTHING;
                double at = Double.NEGATIVE_INFINITY;
                for (int i = 0; i < parts.length; i++) {
                    if (partsOut[i] > at && parts[i].at(z)) {
                        met = i;
                        at = partsOut[i];
                    }
                }
                if (met != FaceRays.NOTHING) {
                    boolean closes = goesIn(partsOut, z, at);
                    boolean bears = strong(met) && closes && !wellBeside(wellsOut, z, at);
                    for (int same = level; same < end; same++) {
                        rays.meets(rays.index(line, same), met, half - at, bears);
                        if (strong(met) && !closes) {
                            rays.shutOut(rays.index(line, same));
                        }
                    }
                }
                level = end;
            }
        }
        return rays;
    }

    /** How far out toward the face the line crosses each outline last; minus infinity where it does not. */
    private static void outward(Crossings[] of, Face face, int line, double[] out) {
        int sign = face.sign();
        for (int i = 0; i < of.length; i++) {
            out[i] = sign * (face.axis() == Axis.X ? of[i].outermostX(line, sign) : of[i].outermostY(line, sign));
        }
    }

    /** Below the parting plane the item goes in from above, above it the lid comes down over it. */
    private boolean goesIn(double[] out, double z, double at) {
        for (int i = 0; i < parts.length; i++) {
            boolean passes = z < bed.splitMm() ? parts[i].bottomMm() <= z : parts[i].topMm() > z;
            if (passes && out[i] > at) {
                return false;
            }
        }
        return true;
    }

    private boolean wellBeside(double[] out, double z, double at) {
        for (int w = 0; w < wells.length; w++) {
            if (wells[w].at(z) && out[w] > at) {
                return true;
            }
        }
        return false;
    }

    private record Cut(Prism prism, Crossings crossings) {}

    /** What is cut out of the size and of the block above and below it, mm3; overlaps count once (rule 50). */
    double cutOutMm3() {
        Cut[] lowestFirst = Stream.concat(
                        IntStream.range(0, parts.length).mapToObj(i -> new Cut(parts[i], ofParts[i])),
                        IntStream.range(0, wells.length).mapToObj(i -> new Cut(wells[i], ofWells[i])))
                .sorted(Comparator.comparingDouble(cut -> cut.prism().bottomMm()))
                .toArray(Cut[]::new);
        double[] reached = new double[grid.cells(Axis.X) * grid.cells(Axis.Y)];
        Arrays.fill(reached, Double.NEGATIVE_INFINITY);
        double sumMm = 0;
        for (Cut cut : lowestFirst) {
            double topMm = cut.prism().topMm();
            double bottomMm = cut.prism().bottomMm();
            BitSet inside = cut.crossings().inside();
            for (int ray = inside.nextSetBit(0); ray >= 0; ray = inside.nextSetBit(ray + 1)) {
                if (topMm > reached[ray]) {
                    sumMm += topMm - Math.max(reached[ray], bottomMm);
                    reached[ray] = topMm;
                }
            }
        }
        return sumMm * grid.cellMm(Axis.X) * grid.cellMm(Axis.Y);
    }
}
