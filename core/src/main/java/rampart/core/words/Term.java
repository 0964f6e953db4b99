package rampart.core.words;

import java.util.List;

/** What stands in a sentence where it has a place to fill. */
public sealed interface Term permits Quantity, Term.Name, Term.Listed, Term.Range, Sentence {
    /** A word that stays as it is, whatever the units: the name of a foam, a face. */
    record Name(String text) implements Term {}

    /**
     * Several, one after another.
     *
     * @param last what stands before the last, such as {@code " and "}; commas stand between the others
     */
    record Listed(List<? extends Term> terms, String last) implements Term {
        public Listed {
            terms = List.copyOf(terms);
        }
    }

    /** From one quantity to another of the same unit: the unit is said once. */
    record Range(Quantity from, Quantity to) implements Term {}

    static Term name(String text) {
        return new Name(text);
    }

    /** Words with commas, and the last joined by "and". */
    static Term and(List<String> words) {
        return new Listed(words.stream().map(Name::new).toList(), " and ");
    }

    /** Words with commas all through. */
    static Term commas(List<String> words) {
        return new Listed(words.stream().map(Name::new).toList(), ", ");
    }
}
