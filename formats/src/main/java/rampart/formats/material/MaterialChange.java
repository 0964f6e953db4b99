package rampart.formats.material;

import java.util.List;
import rampart.core.words.Wording;
import rampart.formats.difference.ComparedWords;
import rampart.formats.json.Json;

/**
 * A material that a pack file brings with other figures than the house has now.
 *
 * @param words how it differs, from the file to the house
 * @param gone true where the house has it no more
 */
public record MaterialChange(String id, String name, List<String> words, boolean gone) {
    /** How two documents of one material differ, from the first to the second. */
    public static List<String> words(String from, String to, Wording wording) {
        return ComparedWords.of("material", Json.MAPPER.readTree(from), Json.MAPPER.readTree(to), wording);
    }
}
