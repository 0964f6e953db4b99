package rampart.core.words;

/** What searches for walls propose, and why they find none. */
public enum SearchWords implements Say {
    OUTER_OF("Make the outer carton of {0} instead of {1}"),
    INNER_OF("Make the inner box of {0} instead of {1}"),
    TAKE_FOAM("Take {0} instead of {1}"),
    THICK_ON("{0} on the {1}: {2} thick instead of {3}"),
    THICK_ALL_ROUND("{0} all round: {1} thick instead of {2}"),
    THICKER_ALL_ROUND("{0} all round thicker: {1} at the bottom"),
    THINNER_ALL_ROUND("{0} all round thinner: {1} at the bottom"),
    WHOLE_FACE("{0}: the whole face instead of pads"),
    PADS_INSTEAD("{0}: pads on each face instead of the whole face, {1} in all at the bottom, in {2}"),
    PADS_ALIKE("{0}, all pads alike: {1} of pads instead of {2} at the bottom, in {3}"),
    PADS_ON("{0} on the {1}: {2} of pads instead of {3}, in {4}"),
    PAD_COUNT("{0}: the same area in {1} instead of {2} on each face"),
    ONE_PAD("{0} pad"),
    SOME_PADS("{0} pads"),
    TIE_DOWN_ONE("Tie the item down with a band at {0}, pulled to {1} at each end"),
    TIE_DOWN("Tie the item down with {0} bands, each pulled to {1} at both ends"),
    CUT_LID_LOWER("Cut the lid lower, so that it presses the item by {0} instead of {1}"),
    RELIEF("{0}: cut grooves into the bed on every side, so that {1} bear instead of {2} at the bottom"),
    RELIEF_ON("{0}: cut grooves into the bed on the {1}, so that {2} bear there instead of {3}"),
    BLOCKS("{0}: corner blocks of {1} instead of {2}"),
    EDGES("{0} by {1} by {2}"),
    BOTH("Two changes together: {0}; {1}"),
    SEND_APART("Send {0} by itself: take it off, wrap it apart, and give the item the mass it has without it"),
    NO_WALL_TOO_HEAVY(
            "No wall holds as it is: with its packing it is too heavy for one person to lift. Two people would"
                    + " have to carry it. The wall below holds but for that."),
    NO_WALL_PILE("No wall holds: no carton carries the pile that may stand on it. The pile would have to be lower or"
            + " shorter. The wall below holds but for that."),
    NO_WALL_BOARD("No wall holds: the pack is too large or too heavy for any board grade. The grade would have to be"
            + " exceeded, or the item divided. The wall below holds but for that."),
    NO_WALL_RIDE(
            "No wall holds: on every foam the ride shakes the item too much. The ride would have to be smoother. The"
                    + " wall below holds but for that."),
    NO_WALL_BUT_FOR(
            "No wall holds: all that soften the falls enough fail by one check, {0}. The wall below holds but for"
                    + " that."),
    WOULD_HAVE_TO_BEAR("Have it tested: it would have to bear about {0} instead of {1}."),
    WOULD_HAVE_TO_FALL("Take a gentler service: it may fall {0} at most instead of {1}."),
    WOULD_HAVE_TO_DO_BOTH("Two together: a test that shows it bears {0}, and a service with falls of {1} at most."),
    WOULD_HAVE_TO_STAY_FLAT("Take a journey on which it is not dropped on edges or corners, such as on a pallet or in"
            + " your own car: then a wall holds."),
    NO_WALL("No wall of up to {0} of foam holds, and no single demand that gave way would change that."),
    NOT_IN_STOCK("No carton in the store will do. One made to size would, {0} outside."),
    NOT_THAT_SMALL("No wall that small holds. The smallest that does is {0} outside."),
    NOT_SHORTER("No wall that small holds. The smallest that does is {0} outside; no edge may be over {1}."),
    NOT_THINNER("No wall that small holds. The smallest that does is {0} outside; length and girth may be {1}."),
    NOT_SHORTER_OR_THINNER("No wall that small holds. The smallest that does is {0} outside; no edge may be over {1};"
            + " length and girth may be {2}."),
    NOT_WITH_THESE_FOAMS("None of the foams allowed here holds. With {0} a wall would."),
    NO_BOX_IN_BOX("No box in a box holds. A single carton would."),
    NO_SINGLE_CARTON("No single carton holds. A box in a box would.");

    private final Template template;

    SearchWords(String words) {
        template = new Template(words);
    }

    @Override
    public Template template() {
        return template;
    }
}
