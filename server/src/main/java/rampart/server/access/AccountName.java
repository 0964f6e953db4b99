package rampart.server.access;

import java.text.Normalizer;
import java.util.Locale;

/**
 * The one form in which names of accounts are kept, looked up and counted. Names that look alike are alike: width, ligatures
 * and marks written apart are put together (NFKC), what nobody sees is left out, spaces are single.
 */
public final class AccountName {
    /** Longest name, letters. */
    public static final int LONGEST = 60;

    private AccountName() {}

    /** As it is kept and shown; empty where nothing that can be seen is in it. */
    public static String of(String typed) {
        String seen = Normalizer.normalize(typed, Normalizer.Form.NFKC)
                // Controls, formats such as zero width and direction marks, half characters, private use, unassigned.
                .replaceAll("\\p{C}", "")
                // Letters that Unicode says are not shown although they are letters.
                .replaceAll("[\\u115F\\u1160\\u17B4\\u17B5\\u3164\\uFFA0\\uFE00-\\uFE0F]", "");
        return seen.replaceAll("\\s+", " ").strip();
    }

    /** What two names that nobody could tell apart have in common: no capitals and no accents either. */
    static String likeness(String typed) {
        return Normalizer.normalize(of(typed), Normalizer.Form.NFKD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT);
    }
}
