package rampart.core.measure;

import java.util.ArrayList;
import java.util.List;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.quantity.Require;

/** A plain shape as somebody measures it, mm, about its own middle. */
public sealed interface Shape {
    /** Longer things are sent in crates, mm. */
    double LONGEST_MM = 5000;

    /** How far straight lines stray from an ellipse, mm. */
    double FLATNESS_MM = 0.05;

    /** Most places of a polygon or stations of an axis. */
    int MOST_PLACES = 500;

    /** @throws IllegalArgumentException if its figures make no closed outline, with the reason */
    Outline outline();

    /** An upright rectangle; a radius of 0 leaves its corners sharp. */
    record Rectangle(double lengthMm, double widthMm, double radiusMm) implements Shape {
        public Rectangle {
            size(lengthMm, "length");
            size(widthMm, "width");
            Require.within(radiusMm, 0, Math.min(lengthMm, widthMm) / 2, "radius of the corners in mm");
        }

        @Override
        public Outline outline() {
            return Outline.rectangle(new PlanPoint(0, 0), lengthMm, widthMm, radiusMm);
        }
    }

    /** Round. */
    record Circle(double diameterMm) implements Shape {
        public Circle {
            size(diameterMm, "diameter");
        }

        @Override
        public Outline outline() {
            return Outline.circle(new PlanPoint(0, 0), diameterMm / 2);
        }
    }

    /** Longer one way than the other, without corners. */
    record Ellipse(double lengthMm, double widthMm) implements Shape {
        public Ellipse {
            size(lengthMm, "length");
            size(widthMm, "width");
        }

        @Override
        public Outline outline() {
            return Outline.ellipse(new PlanPoint(0, 0), lengthMm / 2, widthMm / 2, FLATNESS_MM);
        }
    }

    /** Two half circles and what lies between them. */
    record Slot(double lengthMm, double widthMm) implements Shape {
        public Slot {
            size(lengthMm, "length");
            Require.within(widthMm, 0.5, lengthMm, "width of the slot in mm");
        }

        @Override
        public Outline outline() {
            return lengthMm == widthMm
                    ? Outline.circle(new PlanPoint(0, 0), widthMm / 2)
                    : Outline.slot(new PlanPoint(0, 0), lengthMm, widthMm);
        }
    }

    /** Typed places, in their order, where they were measured from one corner perhaps. */
    record Polygon(List<PlanPoint> places) implements Shape {
        public Polygon {
            places = List.copyOf(places);
            Require.within(places.size(), 3, MOST_PLACES, "number of places of a polygon");
        }

        @Override
        public Outline outline() {
            return Outline.polygon(places);
        }
    }

    /**
     * An axis to the right from its left end, and how far the item reaches from it on either side at places along it: laid on a
     * table beside a ruler this is how an irregular thing is measured.
     *
     * @param stations in rising order, at least two
     */
    record Stations(List<Station> stations) implements Shape {
        /**
         * One place along the axis.
         *
         * @param alongMm from the left end of the axis
         * @param backMm how far it reaches away from whoever looks at it
         * @param frontMm how far it reaches toward them
         */
        public record Station(double alongMm, double backMm, double frontMm) {
            public Station {
                Require.within(alongMm, 0, LONGEST_MM, "distance of a station in mm");
                Require.within(backMm, -LONGEST_MM, LONGEST_MM, "half-width behind in mm");
                Require.within(frontMm, -LONGEST_MM, LONGEST_MM, "half-width in front in mm");
                if (backMm + frontMm < 0) {
                    throw new IllegalArgumentException("at station " + alongMm + " mm the item reaches " + backMm
                            + " mm behind the axis and " + frontMm + " mm in front of it: nothing lies between");
                }
            }
        }

        public Stations {
            stations = List.copyOf(stations);
            Require.within(stations.size(), 2, MOST_PLACES, "number of stations");
            for (int i = 1; i < stations.size(); i++) {
                if (stations.get(i).alongMm() <= stations.get(i - 1).alongMm()) {
                    throw new IllegalArgumentException("station " + (i + 1) + " is at "
                            + stations.get(i).alongMm() + " mm, not beyond station " + i + " at "
                            + stations.get(i - 1).alongMm() + " mm");
                }
            }
        }

        @Override
        public Outline outline() {
            double middle = (stations.get(0).alongMm()
                            + stations.get(stations.size() - 1).alongMm())
                    / 2;
            List<PlanPoint> places = new ArrayList<>();
            for (Station s : stations) {
                put(places, new PlanPoint(s.alongMm() - middle, 0 - s.frontMm()));
            }
            for (int i = stations.size() - 1; i >= 0; i--) {
                put(
                        places,
                        new PlanPoint(
                                stations.get(i).alongMm() - middle,
                                stations.get(i).backMm()));
            }
            if (places.get(0).equals(places.get(places.size() - 1))) {
                places.remove(places.size() - 1);
            }
            return Outline.polygon(places);
        }

        /** An end that is a point is one place, not two. */
        private static void put(List<PlanPoint> places, PlanPoint place) {
            if (places.isEmpty() || !places.get(places.size() - 1).equals(place)) {
                places.add(place);
            }
        }
    }

    private static void size(double mm, String what) {
        Require.within(mm, 0.5, LONGEST_MM, what + " in mm");
    }
}
