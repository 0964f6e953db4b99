package rampart.server.persistence;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Where a page of a list ended: what its last row is ordered by. The next page begins after it, whatever was added or
 * taken away in between, and is looked up as quickly as the first.
 *
 * @param values in the order of the columns; none holds a NUL, as no text in Rampart does
 */
public record Mark(List<String> values) {
    /** A name of 200 letters of four bytes, a time and an id, in base 64. */
    public static final int LONGEST = 1300;

    private static final Pattern WORD = Pattern.compile("[A-Za-z0-9_-]{1," + LONGEST + "}");
    private static final String BETWEEN = "\0";

    public Mark {
        values = List.copyOf(values);
    }

    /** As one word that an address can carry. */
    public String text() {
        return Base64.getUrlEncoder()
                .withoutPadding()
                .encodeToString(String.join(BETWEEN, values).getBytes(StandardCharsets.UTF_8));
    }

    /** @throws RefusedMarkException if no page ended with such a word */
    public static Mark read(String text) {
        if (!WORD.matcher(text).matches()) {
            throw new RefusedMarkException();
        }
        try {
            String joined = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(Base64.getUrlDecoder().decode(text)))
                    .toString();
            List<String> values = new ArrayList<>();
            for (int from = 0; from >= 0; ) {
                int to = joined.indexOf(BETWEEN, from);
                values.add(joined.substring(from, to < 0 ? joined.length() : to));
                from = to < 0 ? -1 : to + 1;
            }
            return new Mark(values);
        } catch (IllegalArgumentException | CharacterCodingException none) {
            throw new RefusedMarkException();
        }
    }
}
