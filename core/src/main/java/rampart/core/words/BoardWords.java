package rampart.core.words;

/** Board from sheets and from other cartons. */
public enum BoardWords implements Say {
    CUT_DOWN_MARK("Mark a line all round, {0} up from the fold of the bottom."),
    CUT_DOWN_OFF("Cut {0} off the top all round: that leaves flaps {1} deep above the line."),
    CUT_DOWN_OLD_SCORE("The old score lies in the flaps, {0} above the line: flatten it and leave it flat."),
    FROM_ONE_SHEET("It is cut from one sheet: {0} are left across and {1} along the flutes."),
    FROM_PARTS(
            "It is made of {0} parts, one from each sheet; a joint overlaps by {1} and lies {2} from the nearest score."),
    FROM_PLAIN_PARTS("It is made of {0} parts, one from each sheet; a joint overlaps by {1}."),
    JOINT_ON_SCORE(
            "A joint would lie {0} from a score; under {1} it opens where the board bends. Take a larger sheet."),
    OLD_SCORES_ALONE("Old scores in it: {0}. Flatten them and tape over them."),
    OLD_SCORES("Old scores in it: {0}, the nearest {1} from a new one. Flatten them and tape over them."),
    CUT_DOWN_EMPTY("Empty the carton and stand it open, its bottom closed and taped."),
    CUT_DOWN_SCORE("Score along the line from the inside with a blunt edge; do not cut the board."),
    CUT_DOWN_SLIT("Slit the four corners from the top down to the line, and no farther."),
    CUT_DOWN_FOLD("Fold in the flaps of the short sides, then those of the long sides; they meet in the"
            + " middle. Tape the seam and the corners."),
    NO_OLD_SCORE("No old score lies in it.");

    private final Template template;

    BoardWords(String words) {
        template = new Template(words);
    }

    @Override
    public Template template() {
        return template;
    }
}
