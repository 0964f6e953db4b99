package rampart.formats.outline;

import java.util.Arrays;
import java.util.Optional;

/** What one unit of a drawing file is. */
public enum FileUnit {
    MM("mm", 1),
    CM("cm", 10),
    M("m", 1000),
    IN("in", 25.4),
    FT("ft", 304.8),
    /** A point of a typesetter. */
    PT("pt", 25.4 / 72),
    PC("pc", 25.4 / 6),
    /** Of a page on a screen, 96 to the inch (CSS 2.1). */
    PX("px", 25.4 / 96);

    private final String sign;
    private final double mm;

    FileUnit(String sign, double mm) {
        this.sign = sign;
        this.mm = mm;
    }

    /** As it is written behind a figure. */
    public String sign() {
        return sign;
    }

    /** Millimetres in one. */
    public double mm() {
        return mm;
    }

    /** The unit of this sign. */
    public static Optional<FileUnit> of(String sign) {
        return Arrays.stream(values()).filter(unit -> unit.sign.equals(sign)).findFirst();
    }
}
