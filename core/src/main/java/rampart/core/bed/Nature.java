package rampart.core.bed;

import java.util.Locale;

/** What a part of an item bears. */
public enum Nature {
    /** May be leaned on. */
    STRONG("may be leaned on", 0),
    /** Nothing may reach it in a drop. */
    FRAGILE("must not be reached", 5),
    /** May be touched, not leaned on. */
    SENSITIVE("may be touched, not leaned on", 5);

    private final String words;
    private final double clearanceMm;

    Nature(String words, double clearanceMm) {
        this.words = words;
        this.clearanceMm = clearanceMm;
    }

    public String words() {
        return words;
    }

    /** Clearance where none is given, mm. */
    public double usualClearanceMm() {
        return clearanceMm;
    }

    /** As it stands in a file. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
