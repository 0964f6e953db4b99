package rampart.core.words;

/** What is put round and into a box, and how pieces stand in it. */
public enum FittingWords implements Say {
    STRAP_AT("{0} from the {1}"),
    STRAP_TENSION("Pull each to {0} at least, and to no more than {1}: beyond that the carton's edge crushes."),
    STRAP_TOO_TIGHT(
            "They have to be pulled to {0}, and the carton's edge is crushed from {1}: put edge protectors under them, or"
                    + " take more straps."),
    FITTINGS_TAKE(
            "They take {0} of the length, {1} of the width and {2} of the height inside: there is room for that."),
    FITTINGS_LACK(
            "They take {0} of the length, {1} of the width and {2} of the height inside, and {3} are missing: make the"
                    + " inside so much larger, or leave them out."),
    PIECE_PLAY("In its place a piece has {0} of play in length, {1} in width and {2} in height."),
    PIECE_SETTLES("Once its wrap has settled by a twentieth it has {0} more."),
    PLAY_ROUND(
            "Fill it from the walls, not between the pieces: {0} at each end, {1} along each side, {2} high, of slack"
                    + " air cells or folded board."),
    PLAY_ABOVE("Lay a sheet {0} thick on top, so that nothing rises.");

    private final Template template;

    FittingWords(String words) {
        template = new Template(words);
    }

    @Override
    public Template template() {
        return template;
    }
}
