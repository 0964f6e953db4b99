package rampart.formats.journey;

import java.util.Optional;
import java.util.stream.Stream;
import rampart.core.journey.DropHeights;

/** What the height of the drops follows from, as a pack file names it and as a packer does. */
public enum DropBasis {
    PARCEL_1A("parcel-1a", "parcel network", DropHeights.PARCEL_1A),
    MANUAL_I("manual-I", "rough manual handling", DropHeights.MANUAL_I),
    MANUAL_II("manual-II", "usual manual handling", DropHeights.MANUAL_II),
    MANUAL_III("manual-III", "gentle manual handling", DropHeights.MANUAL_III),
    HANDLING("handling", "handling by mass", DropHeights.HANDLING),
    OWN("own", "own height", null);

    private final String word;
    private final String words;
    private final DropHeights table;

    DropBasis(String word, String words, DropHeights table) {
        this.word = word;
        this.words = words;
        this.table = table;
    }

    /** The one that a valid pack file means by this word. */
    static DropBasis of(String word) {
        return Stream.of(values()).filter(b -> b.word.equals(word)).findFirst().orElseThrow();
    }

    public String word() {
        return word;
    }

    public String words() {
        return words;
    }

    /** The table by mass; empty where the journey gives a height of its own. */
    public Optional<DropHeights> table() {
        return Optional.ofNullable(table);
    }
}
