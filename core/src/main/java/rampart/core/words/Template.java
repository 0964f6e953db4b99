package rampart.core.words;

/**
 * Words with places for terms: {@code {0}}, {@code {1}} and so on, at most ten.
 *
 * @param words with their places
 */
public record Template(String words) {
    /** How many terms fill it. */
    public int places() {
        int highest = -1;
        for (int i = words.indexOf('{'); i >= 0; i = words.indexOf('{', i + 1)) {
            highest = Math.max(highest, words.charAt(i + 1) - '0');
        }
        return highest + 1;
    }
}
