package rampart.core.words;

import java.util.List;

/**
 * Something to be said: a key, and what fills its places.
 *
 * @param key what is said
 * @param terms in the order of the places
 */
public record Sentence(Say key, List<Term> terms) implements Term {
    public Sentence {
        terms = List.copyOf(terms);
        if (terms.size() != key.places()) {
            throw new IllegalArgumentException(
                    key + " has " + key.places() + " places and is given " + terms.size() + " terms");
        }
    }

    /** Words without a quantity. */
    public static Sentence plain(String words) {
        return Say.AS_IT_IS.of(Term.name(words));
    }
}
