package rampart.server.access;

import java.security.SecureRandom;

/** Random words that a person can type: no letters that look alike. */
public final class Secrets {
    private static final String LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";
    private static final SecureRandom RANDOM = new SecureRandom();

    private Secrets() {}

    /** Groups of four letters joined by hyphens; each letter carries nearly five bits. */
    public static String groups(int groups) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < groups * 4; i++) {
            if (i > 0 && i % 4 == 0) {
                text.append('-');
            }
            text.append(LETTERS.charAt(RANDOM.nextInt(LETTERS.length())));
        }
        return text.toString();
    }
}
