package rampart.server.api;

import org.springframework.http.HttpStatus;

/** The header {@code If-Match}: which version a change was made from. */
final class Versions {
    private Versions() {}

    static long read(String ifMatch) {
        String digits = ifMatch.strip().replaceAll("^\"|\"$", "");
        if (!digits.matches("[0-9]{1,18}")) {
            throw new ApiException(
                    HttpStatus.BAD_REQUEST,
                    "The header If-Match must hold the version that is meant, a whole number such as \"7\".");
        }
        return Long.parseLong(digits);
    }
}
