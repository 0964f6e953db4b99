package rampart.core.verdict;

import java.util.Optional;

/**
 * Which check of a pack: its kind, and which one of that kind where there are several. Its text is what pack files, addresses
 * and other programs know it by ({@code stack}, {@code drop.face.3}, {@code joint.1}); it never stands in a sentence.
 */
public record CheckId(CheckKind kind, String text) {
    /**
     * The check of a kind of which a pack has one.
     *
     * @throws IllegalArgumentException for a kind of which it may have several
     */
    public static CheckId of(CheckKind kind) {
        if (kind.several()) {
            throw new IllegalArgumentException("a pack may have several checks of " + kind);
        }
        return new CheckId(kind, kind.word());
    }

    /**
     * One of several of a kind.
     *
     * @param which tells it from the others: the numbers of the faces struck, or of the part, from 1
     * @throws IllegalArgumentException for a kind of which a pack has one
     */
    public static CheckId of(CheckKind kind, String which) {
        if (!kind.several()) {
            throw new IllegalArgumentException("a pack has one check of " + kind);
        }
        return new CheckId(kind, kind.word() + "." + which);
    }

    /** What this text may name; empty where no rule makes such a check. A pack need not have it. */
    public static Optional<CheckId> read(String text) {
        for (CheckKind kind : CheckKind.values()) {
            if (kind.several() ? text.startsWith(kind.word() + ".") : text.equals(kind.word())) {
                return Optional.of(new CheckId(kind, text));
            }
        }
        return Optional.empty();
    }

    @Override
    public String toString() {
        return text;
    }
}
