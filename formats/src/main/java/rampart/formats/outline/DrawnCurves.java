package rampart.formats.outline;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rampart.core.geometry.Joining;
import rampart.core.geometry.PlanPoint;

/**
 * Curves of a drawing in mm, x to the right and y away, as straight lines that stray from them by no more than
 * {@link #FLATNESS_MM}.
 *
 * @param unit what a unit of the file is taken for
 * @param unitStated false where the file does not say, so that a person has to
 * @param remarks what was left out, in words
 */
public record DrawnCurves(FileUnit unit, boolean unitStated, List<Curve> curves, List<String> remarks) {
    public static final double FLATNESS_MM = 0.005;

    /** Largest file, bytes. */
    public static final int MOST_BYTES = 5_000_000;

    /** Most places of all its curves together. */
    public static final int MOST_PLACES = 200_000;

    /** Farthest a place may lie from the origin, mm. */
    static final double FARTHEST_MM = 1e6;

    public DrawnCurves {
        curves = List.copyOf(curves);
        remarks = List.copyOf(remarks);
    }

    /** One curve; a closed one does not repeat its first place. */
    public record Curve(String layer, List<PlanPoint> places, boolean closed) {
        public Curve {
            places = List.copyOf(places);
        }
    }

    /** Collects the curves of a file as it is read, within what is allowed. */
    static final class Collector {
        private final List<Curve> curves = new ArrayList<>();
        private final Map<String, Integer> leftOut = new LinkedHashMap<>();
        private long places;

        /**
         * Counts places before they are made: 90,000 arcs in a file of 2 MB would be a hundred million.
         *
         * @throws RefusedDrawingException if there are too many by now
         */
        void reserve(long more) {
            places += more;
            if (places > MOST_PLACES) {
                throw new RefusedDrawingException("the drawing has more than " + MOST_PLACES
                        + " places; leave out what is no outline, or draw it more coarsely");
            }
        }

        /** @param drawn places that have been reserved */
        void add(String layer, List<PlanPoint> drawn, boolean closed) {
            List<PlanPoint> kept = new ArrayList<>();
            for (PlanPoint place : drawn) {
                if (Math.abs(place.xMm()) > FARTHEST_MM || Math.abs(place.yMm()) > FARTHEST_MM) {
                    throw new RefusedDrawingException("a place at " + place.xMm() + ", " + place.yMm()
                            + " mm is farther off than " + (long) FARTHEST_MM + " mm; is the unit right?");
                }
                if (kept.isEmpty() || kept.get(kept.size() - 1).to(place) > Joining.SAME_MM) {
                    kept.add(place);
                }
            }
            boolean ring = closed;
            if (kept.size() > 1 && kept.get(0).to(kept.get(kept.size() - 1)) <= Joining.SAME_MM) {
                kept.remove(kept.size() - 1);
                ring = true;
            }
            if (kept.size() >= 2) {
                curves.add(new Curve(layer, kept, ring && kept.size() >= 3));
            }
        }

        /** Something that is not read. */
        void leaveOut(String what) {
            leftOut.merge(what, 1, Integer::sum);
        }

        DrawnCurves done(FileUnit unit, boolean stated) {
            List<String> remarks = new ArrayList<>();
            leftOut.forEach((what, count) -> remarks.add("left out: " + count + " x " + what));
            return new DrawnCurves(unit, stated, curves, remarks);
        }
    }
}
