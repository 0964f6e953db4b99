package rampart.core.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import rampart.core.journey.DropSequence;
import rampart.core.quantity.Face;

/**
 * One of the 26 ways to fall: flat on a face, on an edge of two faces, on a corner of three.
 *
 * @param faces struck, in rising number
 */
public record DropId(List<Face> faces) {
    /** All 26: faces, then edges, then corners, each by id. */
    public static final List<DropId> ALL = all();

    private static final Set<String> TEN =
            Set.of("drop.corner.2-3-5", "drop.edge.2-3", "drop.edge.3-5", "drop.edge.2-5");

    public DropId {
        faces = List.copyOf(faces);
    }

    /** Such as {@code drop.edge.3-5}. */
    public String id() {
        String kind = flat() ? "face" : faces.size() == 2 ? "edge" : "corner";
        return "drop." + kind + "."
                + faces.stream().map(f -> Integer.toString(f.number())).collect(Collectors.joining("-"));
    }

    public boolean flat() {
        return faces.size() == 1;
    }

    /** True where the sequence counts this drop (rule 29). */
    public boolean countedIn(DropSequence sequence) {
        return switch (sequence) {
            case ALL -> true;
            case FACES -> flat();
            case TEN -> flat() || TEN.contains(id());
        };
    }

    /** The struck place in words: "bottom", "bottom and front", "right, bottom and front". */
    public String place() {
        List<String> words = faces.stream().map(Face::word).toList();
        int last = words.size() - 1;
        return last == 0 ? words.get(0) : String.join(", ", words.subList(0, last)) + " and " + words.get(last);
    }

    /** In a packer's words. */
    public String title() {
        return switch (faces.size()) {
            case 1 -> "Falls flat on the " + place();
            case 2 -> "Falls on the edge of " + place();
            default -> "Falls on the corner of " + place();
        };
    }

    private static List<DropId> all() {
        List<DropId> all = new ArrayList<>();
        for (Face a : Face.ALL) {
            all.add(new DropId(List.of(a)));
        }
        for (Face a : Face.ALL) {
            for (Face b : Face.ALL) {
                if (a.number() < b.number() && a.axis() != b.axis()) {
                    all.add(new DropId(List.of(a, b)));
                }
            }
        }
        for (Face a : Face.ALL) {
            for (Face b : Face.ALL) {
                for (Face c : Face.ALL) {
                    boolean rising = a.number() < b.number() && b.number() < c.number();
                    if (rising && a.axis() != b.axis() && b.axis() != c.axis() && a.axis() != c.axis()) {
                        all.add(new DropId(List.of(a, b, c)));
                    }
                }
            }
        }
        return List.copyOf(all);
    }
}
