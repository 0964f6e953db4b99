package rampart.formats.view;

import java.util.Locale;
import rampart.core.verdict.Status;

/** How a check or a pack stands; the names are the words in JSON. */
@SuppressWarnings("java:S115")
public enum StatusView {
    breaks,
    unknown,
    thin,
    holds;

    public static StatusView of(Status status) {
        return valueOf(status.word().toLowerCase(Locale.ROOT));
    }

    public Status status() {
        return Status.valueOf(name().toUpperCase(Locale.ROOT));
    }
}
