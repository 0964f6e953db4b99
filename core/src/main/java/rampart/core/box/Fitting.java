package rampart.core.box;

import java.util.Locale;

/** Something of board that is put into a carton or round it and carries no figure of the evaluation (rule 60). */
public enum Fitting {
    TOP_PAD("pad on top"),
    BOTTOM_PAD("pad at the bottom"),
    LINER("liner round the walls"),
    CORNER_POSTS("corner posts"),
    EDGE_PROTECTORS("edge protectors"),
    BOARD_CAPS("board caps over top and bottom"),
    EDGE_PROFILES("edge profiles"),
    CORNER_PIECES("corner pieces"),
    STRAPS("straps");

    private final String words;

    Fitting(String words) {
        this.words = words;
    }

    /** What a packer calls it. */
    public String words() {
        return words;
    }

    /** What a file calls it. */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
