package rampart.core.box;

import rampart.core.material.Board;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/** A carton of some style: what its style makes of an inside size and a board. */
public sealed interface Carton permits RegularSlotted {
    /** Inside size, mm. */
    Size inside();

    Board board();

    /** Board between inside and outside on each face, mm. */
    SixSided wallMm();

    /** Area of the board it is made from, nothing deducted for slots, mm2. */
    double blankAreaMm2();

    /** True where the strength formula of {@link StackStrength} holds: four walls on edge, flaps that carry nothing. */
    boolean carriesOnItsWalls();

    /** Outside size, mm. */
    default Size outside() {
        SixSided wall = wallMm();
        return inside().plus(wall.left() + wall.right(), wall.front() + wall.back(), wall.top() + wall.bottom());
    }

    /** Mass of the board, kg. */
    default double massKg() {
        return blankAreaMm2() * 1e-6 * board().grammageGm2() * 1e-3;
    }
}
