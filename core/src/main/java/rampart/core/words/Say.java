package rampart.core.words;

import java.util.List;

/**
 * A key for something core says, with its words. The keys stand by subject: {@link DropWords}, {@link CheckWords},
 * {@link StepWords} and so on; nothing is said in other words than theirs but names, and what people wrote themselves.
 */
public interface Say {
    Template template();

    /** The words with their places filled, in the order of the places. */
    default Sentence of(Term... terms) {
        return new Sentence(this, List.of(terms));
    }
}
