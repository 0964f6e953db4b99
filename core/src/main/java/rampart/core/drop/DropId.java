package rampart.core.drop;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import rampart.core.journey.DropSequence;
import rampart.core.quantity.Face;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;

/**
 * One of the 26 ways to fall: flat on a face, on an edge of two faces, on a corner of three. There is one object for each.
 *
 * @param faces struck, in rising number
 * @param id of the check that judges it, such as {@code drop.edge.3-5}
 * @param title in a packer's words
 */
public record DropId(List<Face> faces, CheckId id, String title) {
    private static final List<CheckKind> KINDS =
            List.of(CheckKind.FACE_DROP, CheckKind.EDGE_DROP, CheckKind.CORNER_DROP);

    /** All 26: faces, then edges, then corners, each by id. */
    public static final List<DropId> ALL = all();

    /** The one corner of the ten and the three edges that meet in it, each as the faces struck. */
    private static final Set<List<Face>> TEN = Set.of(
            List.of(Face.RIGHT, Face.BOTTOM, Face.FRONT),
            List.of(Face.RIGHT, Face.BOTTOM),
            List.of(Face.BOTTOM, Face.FRONT),
            List.of(Face.RIGHT, Face.FRONT));

    private static DropId on(Face... faces) {
        List<Face> struck = List.of(faces);
        CheckKind kind = KINDS.get(struck.size() - 1);
        String numbers = struck.stream().map(f -> Integer.toString(f.number())).collect(Collectors.joining("-"));
        String falls = switch (struck.size()) {
            case 1 -> "Falls flat on the ";
            case 2 -> "Falls on the edge of ";
            default -> "Falls on the corner of ";
        };
        return new DropId(struck, CheckId.of(kind, numbers), falls + place(struck));
    }

    /** The drop that this text is the id of; empty where it is of none. */
    public static Optional<DropId> read(String text) {
        return ALL.stream().filter(drop -> drop.id.text().equals(text)).findFirst();
    }

    /** What a pack does in it, as it stands in a sentence: "falls flat on the bottom". */
    public String does() {
        return title.substring(0, 1).toLowerCase(Locale.ROOT) + title.substring(1);
    }

    public boolean flat() {
        return faces.size() == 1;
    }

    /** True where the sequence counts this drop (rule 29). */
    public boolean countedIn(DropSequence sequence) {
        return switch (sequence) {
            case ALL -> true;
            case FACES -> flat();
            case TEN -> flat() || TEN.contains(faces);
        };
    }

    /** The struck place in words: "bottom", "bottom and front", "right, bottom and front". */
    private static String place(List<Face> faces) {
        List<String> words = faces.stream().map(Face::word).toList();
        int last = words.size() - 1;
        return last == 0 ? words.get(0) : String.join(", ", words.subList(0, last)) + " and " + words.get(last);
    }

    private static List<DropId> all() {
        List<DropId> all = new ArrayList<>();
        for (Face a : Face.ALL) {
            all.add(on(a));
        }
        for (Face a : Face.ALL) {
            for (Face b : Face.ALL) {
                if (a.number() < b.number() && a.axis() != b.axis()) {
                    all.add(on(a, b));
                }
            }
        }
        for (Face a : Face.ALL) {
            for (Face b : Face.ALL) {
                for (Face c : Face.ALL) {
                    boolean rising = a.number() < b.number() && b.number() < c.number();
                    if (rising && a.axis() != b.axis() && b.axis() != c.axis() && a.axis() != c.axis()) {
                        all.add(on(a, b, c));
                    }
                }
            }
        }
        return List.copyOf(all);
    }
}
