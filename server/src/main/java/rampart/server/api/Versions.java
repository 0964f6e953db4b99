package rampart.server.api;

import rampart.server.messages.Message;

/** The header {@code If-Match}: which version a change was made from, a whole number between quotes. */
final class Versions {
    private Versions() {}

    static long read(String ifMatch) {
        if (!ifMatch.matches("\"(0|[1-9][0-9]{0,17})\"")) {
            throw new ApiException(Message.BAD_VERSION);
        }
        return Long.parseLong(ifMatch.substring(1, ifMatch.length() - 1));
    }
}
