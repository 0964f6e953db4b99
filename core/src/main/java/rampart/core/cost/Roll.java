package rampart.core.cost;

import rampart.core.words.PartWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/** What comes on a roll, is used up by the metre, and can have a price like a material. */
public enum Roll {
    /** For cartons; another width than 50 mm is rare in packing rooms (common practice, no source). */
    TAPE("tape", "Tape", 50),
    /** Of plastic, pulled tight by hand or by a tool; most buckles are made for 12 mm (common practice, no source). */
    STRAP("strap", "Strap", 12);

    private final String id;
    private final String words;
    private final double wideMm;

    Roll(String id, String words, double wideMm) {
        this.id = id;
        this.words = words;
        this.wideMm = wideMm;
    }

    /** By which its price is kept. */
    public String id() {
        return id;
    }

    public String words() {
        return words;
    }

    public double wideMm() {
        return wideMm;
    }

    /** What it is, with its width. */
    public Sentence said() {
        return PartWords.ROLL.of(Term.name(words), Quantity.wholeMm(wideMm));
    }
}
