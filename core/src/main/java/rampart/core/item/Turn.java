package rampart.core.item;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.core.quantity.Size;

/** One of the 24 ways in which an item can lie square in a pack: where each of its faces comes to lie. */
public final class Turn {
    private final Map<Face, Face> to;

    private Turn(Face right, Face back, Face top) {
        to = new EnumMap<>(Face.class);
        to.put(Face.RIGHT, right);
        to.put(Face.LEFT, right.opposite());
        to.put(Face.BACK, back);
        to.put(Face.FRONT, back.opposite());
        to.put(Face.TOP, top);
        to.put(Face.BOTTOM, top.opposite());
    }

    /** All 24; the first leaves the item as it lies. */
    public static List<Turn> all() {
        List<Turn> all = new ArrayList<>();
        all.add(new Turn(Face.RIGHT, Face.BACK, Face.TOP));
        for (Face right : Face.ALL) {
            for (Face back : Face.ALL) {
                if (back.axis() == right.axis()) {
                    continue;
                }
                Face top = cross(right, back);
                if (!(right == Face.RIGHT && back == Face.BACK)) {
                    all.add(new Turn(right, back, top));
                }
            }
        }
        return List.copyOf(all);
    }

    /** The face that makes a right-handed set with these two. */
    private static Face cross(Face a, Face b) {
        int third = 3 - a.axis().ordinal() - b.axis().ordinal();
        boolean inOrder = (a.axis().ordinal() + 1) % 3 == b.axis().ordinal();
        int sign = a.sign() * b.sign() * (inOrder ? 1 : -1);
        for (Face face : Face.ALL) {
            if (face.axis().ordinal() == third && face.sign() == sign) {
                return face;
            }
        }
        throw new AssertionError("every axis has two faces");
    }

    /** Where this face of the item comes to lie in the pack. */
    public Face to(Face face) {
        return to.get(face);
    }

    /** The face of the item that comes to lie here. */
    public Face from(Face place) {
        return to.entrySet().stream()
                .filter(e -> e.getValue() == place)
                .map(Map.Entry::getKey)
                .findFirst()
                .orElseThrow();
    }

    public Size size(Size size) {
        return new Size(along(size, Face.RIGHT), along(size, Face.BACK), along(size, Face.TOP));
    }

    private double along(Size size, Face place) {
        return size.along(from(place).axis());
    }

    public Point point(Point point) {
        return new Point(at(point, Face.RIGHT), at(point, Face.BACK), at(point, Face.TOP));
    }

    private double at(Point point, Face place) {
        Face face = from(place);
        Axis axis = face.axis();
        // Adding 0 makes a zero of either sign the plain one.
        return face.sign() * point.along(axis) + 0.0;
    }

    /** The item turned; empty where it is made up of pieces in cells that cannot lie so. */
    public Optional<Item> item(Item item) {
        return item.properties()
                .moved(this)
                .map(properties -> new Item(
                        item.name(),
                        size(item.size()),
                        item.massKg(),
                        point(item.centreOfMass()),
                        item.fragility().moved(this::to),
                        properties));
    }

    /** Faces of the item on which something delicate is, or that bear less than the item as a whole. */
    public static List<Face> delicate(Item item) {
        double whole = item.fragility().criticalAccelerationG().orElse(Double.POSITIVE_INFINITY);
        return Face.ALL.stream()
                .filter(face -> item.fragility().criticalAccelerationByFaceG().getOrDefault(face, whole) < whole
                        || item.properties().features().stream()
                                .anyMatch(f -> f.delicate() && f.face().equals(Optional.of(face))))
                .toList();
    }
}
