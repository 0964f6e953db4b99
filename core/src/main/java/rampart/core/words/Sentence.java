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
        if (terms.size() != key.template().places()) {
            throw new IllegalArgumentException(
                    key + " has " + key.template().places() + " places and is given " + terms.size() + " terms");
        }
    }

    /** A name or words of somebody's own, as they are. */
    public static Sentence asItIs(String words) {
        return AsItIs.WORDS.of(Term.name(words));
    }

    private enum AsItIs implements Say {
        WORDS;

        private static final Template ALL = new Template("{0}");

        @Override
        public Template template() {
            return ALL;
        }
    }
}
