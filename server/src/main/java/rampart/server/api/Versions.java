package rampart.server.api;

import rampart.server.messages.Message;

/** The header {@code If-Match}: which version a change was made from. */
final class Versions {
    private Versions() {}

    static long read(String ifMatch) {
        String digits = ifMatch.strip().replaceAll("^\"|\"$", "");
        if (!digits.matches("[0-9]{1,18}")) {
            throw new ApiException(Message.BAD_VERSION);
        }
        return Long.parseLong(digits);
    }
}
