package rampart.core.box;

import java.util.OptionalDouble;
import rampart.core.material.Board;
import rampart.core.quantity.Size;

/**
 * How a carton is made.
 *
 * @param lidMm inside depth of its lid; empty for as deep as the style makes it
 * @param compressionN strength of such a carton in a compression test, new and dry; empty where nobody tested (rule 59)
 */
public record CartonBuild(CartonStyle style, OptionalDouble lidMm, OptionalDouble compressionN) {
    /** Regular slotted, untested. */
    public static final CartonBuild REGULAR = of(CartonStyle.REGULAR_SLOTTED);

    /** Of that style, untested. */
    public static CartonBuild of(CartonStyle style) {
        return new CartonBuild(style, OptionalDouble.empty(), OptionalDouble.empty());
    }

    /** One of that inside and board. */
    public Carton carton(Size inside, Board board) {
        return style.of(inside, board, lidMm);
    }
}
