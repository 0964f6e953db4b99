package rampart.core.box;

import java.util.Collections;
import java.util.EnumSet;
import java.util.OptionalDouble;
import java.util.Set;
import rampart.core.material.Board;
import rampart.core.quantity.Size;

/**
 * How a carton is made.
 *
 * @param lidMm inside depth of its lid; empty for as deep as the style makes it
 * @param compressionN strength of such a carton in a compression test, new and dry; empty where nobody tested (rule 59)
 * @param fittings what of board is put into it and round it, in the order of their declaration
 */
public record CartonBuild(CartonStyle style, OptionalDouble lidMm, OptionalDouble compressionN, Set<Fitting> fittings) {
    /** Regular slotted, untested. */
    public static final CartonBuild REGULAR = of(CartonStyle.REGULAR_SLOTTED);

    public CartonBuild {
        fittings = fittings.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(fittings));
    }

    /** Of that style, untested. */
    public static CartonBuild of(CartonStyle style) {
        return new CartonBuild(style, OptionalDouble.empty(), OptionalDouble.empty(), Set.of());
    }

    /** A regular slotted carton in its place, untested, with the same put into it and round it. */
    public CartonBuild regular() {
        return new CartonBuild(CartonStyle.REGULAR_SLOTTED, OptionalDouble.empty(), OptionalDouble.empty(), fittings);
    }

    /** One of that inside and board. */
    public Carton carton(Size inside, Board board) {
        return style.of(inside, board, lidMm);
    }
}
