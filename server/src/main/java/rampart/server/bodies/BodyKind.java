package rampart.server.bodies;

import java.time.Duration;

/** What a body is by the address it goes to, and how much of it is taken. */
enum BodyKind {
    /** Of who is not signed in yet: a name and a password. */
    SIGN_IN(16 * 1024, Duration.ofSeconds(10)),
    /** A pack with a bed of 2,000 places takes 94 kB. */
    DOCUMENT(2 * BodyKind.MB, Duration.ofSeconds(30)),
    DRAWING(5 * BodyKind.MB, Duration.ofMinutes(1)),
    PHOTOGRAPH(16 * BodyKind.MB, Duration.ofMinutes(2)),
    /** 24 million pixels as PNG. */
    PHOTOGRAPH_TO_TRACE(48 * BodyKind.MB, Duration.ofMinutes(2)),
    /** Nobody looks at it: so much is read of it that a person who sends too much can read why it is refused. */
    UNWANTED(64 * BodyKind.MB, Duration.ofSeconds(20));

    static final long MB = 1024 * 1024;

    private final long most;
    private final Duration longest;

    BodyKind(long most, Duration longest) {
        this.most = most;
        this.longest = longest;
    }

    /** In bytes. */
    long most() {
        return most;
    }

    String mostInWords() {
        return most < MB ? most / 1024 + " kB" : most / MB + " MB";
    }

    /** From its first byte to its last: a telephone in a warehouse sends a photograph at 1 Mbit/s. */
    Duration longest() {
        return longest;
    }

    /** Of somebody who is signed in. */
    static BodyKind of(String path) {
        if (path.endsWith("/outlines/photograph")) {
            return PHOTOGRAPH_TO_TRACE;
        }
        if (path.endsWith("/photographs")) {
            return PHOTOGRAPH;
        }
        return path.endsWith("/outlines") || path.endsWith("/trace") || path.endsWith("/cutter-plays")
                ? DRAWING
                : DOCUMENT;
    }
}
