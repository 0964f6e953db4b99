package rampart.core.box;

import java.util.OptionalDouble;
import rampart.core.material.Board;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * Two shallow trays over the top and the bottom of what stands between them, with or without a sleeve round it
 * (rule 58).
 *
 * @param inside inside size, mm
 * @param lidMm inside depth of each cap, mm
 */
public record Caps(Size inside, Board board, double lidMm) implements Carton {
    /** Depth of a cap where none is given, mm (assumed). */
    public static final double ORDINARY_MM = 60;

    /** With caps of that depth; half the height at most (rule 58). */
    static Caps of(Size inside, Board board, OptionalDouble lidMm) {
        return new Caps(inside, board, Math.min(inside.heightMm() / 2, lidMm.orElse(ORDINARY_MM)));
    }

    @Override
    public CartonStyle style() {
        return CartonStyle.CAPS;
    }

    @Override
    public SixSided wallMm() {
        double c = board.caliperMm();
        return SixSided.all(c);
    }

    /** One of the caps. */
    public Tray cap() {
        return Tray.withTabs(inside.lengthMm(), inside.widthMm(), lidMm, board);
    }

    @Override
    public double blankAreaMm2() {
        return 2 * cap().areaMm2();
    }
}
