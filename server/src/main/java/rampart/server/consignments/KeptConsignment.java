package rampart.server.consignments;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import rampart.formats.kept.KeptForm;

/**
 * Packs that travel together.
 *
 * @param receiver lines of an address
 * @param entries in the order in which the boxes are numbered
 */
public record KeptConsignment(List<String> receiver, String note, List<Entry> entries) {
    public static final KeptForm<KeptConsignment> FORM = KeptForm.of("consignment", KeptConsignment.class);

    public KeptConsignment {
        receiver = List.copyOf(receiver);
        entries = List.copyOf(entries);
    }

    /**
     * One release, so many times.
     *
     * @param contents what is in each of them, in the sender's words; empty for the name of the pack
     */
    public record Entry(String release, int count, String contents) {}

    /**
     * The first of the boxes that somebody packs already and that would be another one, or none.
     *
     * @param begun their numbers, from 1
     */
    public OptionalInt displacedBy(KeptConsignment next, Set<Integer> begun) {
        List<Entry> now = boxes();
        List<Entry> then = next.boxes();
        return begun.stream()
                .sorted()
                .filter(box -> box > then.size()
                        || !then.get(box - 1).release().equals(now.get(box - 1).release()))
                .mapToInt(box -> box)
                .findFirst();
    }

    /** Each box by itself. */
    public List<Entry> boxes() {
        List<Entry> boxes = new ArrayList<>();
        for (Entry entry : entries) {
            for (int i = 0; i < entry.count(); i++) {
                boxes.add(entry);
            }
        }
        return List.copyOf(boxes);
    }
}
