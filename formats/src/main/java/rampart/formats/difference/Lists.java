package rampart.formats.difference;

import java.util.List;

/** Words joined as a sentence joins them. */
public final class Lists {
    private Lists() {}

    /** "left", "left and right", "left, right and top". */
    public static String and(List<String> words) {
        int last = words.size() - 1;
        return last < 1
                ? String.join("", words)
                : String.join(", ", words.subList(0, last)) + " and " + words.get(last);
    }
}
