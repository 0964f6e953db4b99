package rampart.core.box;

import rampart.core.material.Board;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/** A carton of some style: what its style makes of an inside size and a board. */
public sealed interface Carton
        permits RegularSlotted,
                HalfSlotted,
                FullOverlap,
                Telescope,
                LidAndTray,
                OnePieceFolder,
                WrapAround,
                FivePanelFolder,
                Mailer,
                Sleeve,
                Caps,
                TwoSheet,
                RigidCase {
    /** Width of a tab that is glued, mm (nominal). */
    double TAB_MM = 35;

    /** Play between a tray and the lid over it, both sides together, mm (nominal). */
    double LID_PLAY_MM = 2;

    CartonStyle style();

    /** Inside size, mm. */
    Size inside();

    Board board();

    /** What stands between inside and outside on each face, boards and the play between them, mm. */
    SixSided wallMm();

    /** Area of the board it is made from, nothing deducted for slots, mm2 (rule 58). */
    double blankAreaMm2();

    /** The longer of inside length and width, mm. */
    default double longerMm() {
        return Math.max(inside().lengthMm(), inside().widthMm());
    }

    /** The shorter of inside length and width, mm. */
    default double shorterMm() {
        return Math.min(inside().lengthMm(), inside().widthMm());
    }

    /** Round its four walls inside, mm: Z of the strength formula (rule 25). */
    default double perimeterMm() {
        return 2 * (inside().lengthMm() + inside().widthMm());
    }

    /** True where its longer side runs along the length of the pack. */
    default boolean lengthwise() {
        return inside().lengthMm() >= inside().widthMm();
    }

    /** Walls of a style that is folded round its longer side: on its two ends, on its bottom and on the rest. */
    default SixSided roundTheLength(double endsMm, double bottomMm, double restMm) {
        return SixSided.of(face -> {
            boolean end =
                    lengthwise() ? face == Face.LEFT || face == Face.RIGHT : face == Face.FRONT || face == Face.BACK;
            return end ? endsMm : face == Face.BOTTOM ? bottomMm : restMm;
        });
    }

    /** Walls of a tray and another over it, whose tabs lie inside its ends. */
    default SixSided trayInTray() {
        double c = board().caliperMm();
        double ends = 3 * c + LID_PLAY_MM / 2;
        double sides = 2 * c + LID_PLAY_MM / 2;
        return new SixSided(c, ends, c, ends, sides, sides);
    }

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
