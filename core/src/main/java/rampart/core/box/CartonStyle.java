package rampart.core.box;

import rampart.core.material.Board;
import rampart.core.quantity.Size;

/** Styles of carton, by FEFCO code. */
public enum CartonStyle {
    REGULAR_SLOTTED("0201");

    private final String code;

    CartonStyle(String code) {
        this.code = code;
    }

    public String code() {
        return code;
    }

    /** A carton of this style. */
    public Carton of(Size inside, Board board) {
        return switch (this) {
            case REGULAR_SLOTTED -> new RegularSlotted(inside, board);
        };
    }
}
