package rampart.formats.outline;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import rampart.core.geometry.Joining;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;
import rampart.core.quantity.Require;
import rampart.core.search.Watcher;

/**
 * Closed outlines of a drawing, about the middle of all of them, the largest first.
 *
 * @param unit what a unit of the file is taken for
 * @param unitStated false where the file does not say
 * @param outlines that can be cut
 * @param remarks what was joined, left open or left out, in words
 */
public record ImportedOutlines(FileUnit unit, boolean unitStated, List<Imported> outlines, List<String> remarks) {
    /** Widest gap that is closed where nothing else is asked for, mm. */
    public static final double USUAL_GAP_MM = 0.5;

    public static final double WIDEST_GAP_MM = 10;

    /** Most places of one outline in a pack. */
    public static final int MOST_PLACES = 2000;

    /** How far an outline is simplified, mm: fewer places to take hold of, far finer than a knife cuts. */
    public static final double FINEST_MM = 0.05;

    /** The same of one that would have too many places still. */
    private static final double COARSEST_MM = 0.5;

    /** Most outlines that are offered. */
    private static final int MOST_OUTLINES = 500;

    /** Smaller ones are dots, mm2. */
    private static final double LEAST_MM2 = 1;

    public ImportedOutlines {
        outlines = List.copyOf(outlines);
        remarks = List.copyOf(remarks);
    }

    /**
     * One closed outline.
     *
     * @param places in mm from the middle of all
     * @param gapMm the widest gap that was closed in it
     */
    public record Imported(String layer, List<PlanPoint> places, double areaMm2, double gapMm) {
        public Imported {
            places = List.copyOf(places);
        }
    }

    /**
     * Reads a file and joins what is open in it.
     *
     * @param watcher looked up to between curves
     * @throws RefusedDrawingException if it cannot be read or holds no closed outline, with the reason
     * @throws IllegalArgumentException if the gap is out of its range
     */
    public static ImportedOutlines read(byte[] file, Optional<FileUnit> asked, double gapMm, Watcher watcher) {
        Require.within(gapMm, 0, WIDEST_GAP_MM, "gap in mm");
        DrawnCurves drawn = DrawingReader.read(file, asked);
        List<String> remarks = new ArrayList<>(drawn.remarks());
        List<Imported> closed = new ArrayList<>();
        Map<String, List<List<PlanPoint>>> open = new LinkedHashMap<>();
        int doubles = 0;
        Set<List<Long>> seen = new HashSet<>();
        for (DrawnCurves.Curve curve : drawn.curves()) {
            watcher.look();
            if (!seen.add(sameEitherWay(curve.places(), curve.closed()))) {
                doubles++;
                continue;
            }
            if (curve.closed()) {
                keep(closed, remarks, curve.layer(), curve.places(), 0, watcher);
            } else {
                open.computeIfAbsent(curve.layer(), layer -> new ArrayList<>()).add(curve.places());
            }
        }
        if (doubles > 0) {
            remarks.add(doubles + (doubles == 1 ? " line lies" : " lines lie")
                    + " exactly on another and would be cut twice: taken once");
        }
        open.forEach((layer, lines) -> {
            List<Joining.Joined> all = joined(lines, gapMm);
            for (Joining.Joined joined : all) {
                if (joined.closed()) {
                    if (joined.widestMm() > 0) {
                        remarks.add(
                                "a gap of " + hundredth(joined.widestMm()) + " mm was closed on layer '" + layer + "'");
                    }
                    keep(closed, remarks, layer, joined.places(), joined.widestMm(), watcher);
                } else {
                    // As many as are told; how far the others are open nobody reads.
                    double away = remarks.size() < MOST_REMARKS ? Joining.nearestEndMm(joined, all) : joined.openMm();
                    remarks.add("a line on layer '" + layer + "' stays open: the nearest end is " + hundredth(away)
                            + " mm away, and up to " + hundredth(gapMm) + " mm is closed");
                }
            }
        });
        if (closed.isEmpty()) {
            throw new RefusedDrawingException("the drawing holds no closed outline"
                    + (remarks.isEmpty() ? "" : ": " + remarks.get(remarks.size() - 1)));
        }
        closed.sort(Comparator.comparingDouble(imported -> -imported.areaMm2()));
        if (closed.size() > MOST_OUTLINES) {
            remarks.add(closed.size() - MOST_OUTLINES + " small outlines are not offered; " + MOST_OUTLINES + " are");
            closed.subList(MOST_OUTLINES, closed.size()).clear();
        }
        return new ImportedOutlines(drawn.unit(), drawn.unitStated(), centred(closed), summed(remarks));
    }

    private static List<Joining.Joined> joined(List<List<PlanPoint>> lines, double gapMm) {
        try {
            return Joining.of(lines, gapMm);
        } catch (IllegalArgumentException e) {
            throw new RefusedDrawingException(e.getMessage() + "; take a smaller gap, or leave out what is no outline");
        }
    }

    /** The same for a line and the line drawn back over it, and for a ring wherever it begins. */
    private static List<Long> sameEitherWay(List<PlanPoint> places, boolean closed) {
        List<Long> there = new ArrayList<>();
        for (PlanPoint place : places) {
            there.add(Math.round(place.xMm() / SAME_MM) * 4_000_003 + Math.round(place.yMm() / SAME_MM));
        }
        if (closed) {
            List<Long> sorted = new ArrayList<>(there);
            Collections.sort(sorted);
            return sorted;
        }
        List<Long> back = new ArrayList<>(there);
        Collections.reverse(back);
        return there.get(0) <= back.get(0) ? there : back;
    }

    /** Places as near as this are one, mm. */
    private static final double SAME_MM = 0.001;

    private static void keep(
            List<Imported> all,
            List<String> remarks,
            String layer,
            List<PlanPoint> places,
            double gapMm,
            Watcher watcher) {
        Region region;
        try {
            region = Region.within(Outline.polygon(places), FINEST_MM);
        } catch (IllegalArgumentException e) {
            remarks.add("an outline on layer '" + layer + "' cannot be used: " + e.getMessage());
            return;
        }
        if (region.areaMm2() < LEAST_MM2) {
            return;
        }
        watcher.look();
        Region simple = region.simplified(FINEST_MM);
        // Each round goes on from the one before: it has fewer places to go through, and strays by no more than twice
        // as far.
        for (double tolerance = 2 * FINEST_MM;
                places(simple) > MOST_PLACES && tolerance <= COARSEST_MM;
                tolerance *= 2) {
            watcher.look();
            simple = simple.simplified(tolerance);
        }
        List<PlanPoint> corners = simple.outlines().get(0).corners();
        if (corners.size() > MOST_PLACES) {
            remarks.add("an outline on layer '" + layer + "' has " + corners.size()
                    + " places and cannot be used; at most " + MOST_PLACES + " are taken");
            return;
        }
        all.add(new Imported(layer, corners, region.areaMm2(), gapMm));
    }

    private static int places(Region region) {
        return region.outlines().get(0).corners().size();
    }

    private static List<Imported> centred(List<Imported> outlines) {
        double left = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double front = Double.POSITIVE_INFINITY;
        double back = Double.NEGATIVE_INFINITY;
        for (Imported outline : outlines) {
            for (PlanPoint place : outline.places()) {
                left = Math.min(left, place.xMm());
                right = Math.max(right, place.xMm());
                front = Math.min(front, place.yMm());
                back = Math.max(back, place.yMm());
            }
        }
        double x = -(left + right) / 2;
        double y = -(front + back) / 2;
        return outlines.stream()
                .map(outline -> new Imported(
                        outline.layer(),
                        outline.places().stream().map(place -> place.plus(x, y)).toList(),
                        outline.areaMm2(),
                        outline.gapMm()))
                .toList();
    }

    private static final int MOST_REMARKS = 20;

    private static List<String> summed(List<String> remarks) {
        return remarks.size() <= MOST_REMARKS
                ? remarks
                : Stream.concat(
                                remarks.stream().limit(MOST_REMARKS),
                                Stream.of("and " + (remarks.size() - MOST_REMARKS) + " more"))
                        .toList();
    }

    private static String hundredth(double mm) {
        return String.format(Locale.ROOT, "%.2f", mm);
    }
}
