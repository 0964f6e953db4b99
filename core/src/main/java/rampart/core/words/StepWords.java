package rampart.core.words;

/** The steps at the packing table, what is minded at them, and how they are undone. */
public enum StepWords implements Say {
    STEP_FRAGILE("Fragile: {0}. Nothing hard touches it, and nothing leans on it."),
    STEP_SENSITIVE("It marks: {0}. Clean gloves, and only what may lie against it."),
    STEP_STRONG("Hold it by: {0}."),
    STEP_HOLLOW("Hollow: {0}."),
    STEP_LOOSE("Loose: {0}."),
    STEP_HEAVY("Heavy: {0}. It must not hang on, or lean against, what is delicate."),
    STEP_IRREPLACEABLE("Cannot be replaced: {0}."),
    STEP_FILL("Fill the {0}: nothing hollow travels empty."),
    STEP_EMPTY("Take the filling out of the {0}."),
    STEP_TAKE_OFF("Take off the {0}, wrap and bag it."),
    STEP_PAPER_ROUND("Wrap the {0} in paper. Not in a bag: it needs air."),
    STEP_PUT_BACK("Put the {0} back on, out of its bag."),
    STEP_WARMER_AWAY("Let the {0} cool where nothing can burn; it goes neither on skin nor on the goods."),
    STEP_STOW_WELL("Lay the bag with the {0} into its place in the bed."),
    STEP_STOW_FOAM(
            "Press the bag with the {0} into a hollow cut from above into {1}, on the {2}, where it is thickest; nothing"
                    + " delicate beside it. It may not move."),
    STEP_STOW_FILL(
            "Lay the bag with the {0} in the middle of {1}, away from the item and from the wall. It may not move."),
    STEP_STOW_WALL("Tape the bag with the {0} flat to a wall of the {1}, so that it cannot bounce."),
    STEP_STOWED_OUT(
            "Take the bag with the {0} out of its place, and count what is in it against what is written on it."),
    STEP_WARMER_IN(
            "Lay the {0} into the {1} at a place of its own, in its paper: {2} of board or foam at least between it and the"
                    + " item, and air above it."),
    STEP_WARMER_OUT("Take out the {0}; it may be hot."),
    STEP_SUPPORT(
            "Support the {0} from both sides, so that its weight does not bend its joint; or take it off and send it"
                    + " apart."),
    STEP_UNSUPPORT("Take away what supports the {0}, a hand under it."),
    STEP_CUT("Cut {0}: {1}."),
    STEP_PIECE("{0} of {1} by {2} by {3} thick"),
    STEP_CUT_MANY("Cut {0} pieces of {1}; their sizes stand in the cut list."),
    STEP_CUT_BED(
            "Cut the bed out of {0}, {1} by {2}: base {3} high, lid {4}. Opening by opening, as its drawings say; then"
                    + " try the item in it."),
    STEP_CUT_BOARD("Cut {0} pieces of {1}: {2}."),
    STEP_CUT_DOWN("Cut the {0} down, {1}: to {2} by {3} by {4} inside."),
    STEP_TAKE_BOX("Have the {0} at hand, {1}: {2} by {3} by {4} inside."),
    STEP_MAKE_BOX("Make the {0} of {1}: {2} by {3} by {4} inside."),
    STEP_HOLD_BY("Hold it by {0}."),
    STEP_LIFT_BY("Lift the item by {0}, straight up."),
    STEP_NEVER_PULL("Neither pull nor lean on {0}."),
    STEP_TIE_LAID("Lay the tie through its slots in the bed and the floor under it, flat, both ends hanging out."),
    STEP_TIES("Lay {0} ties through their slots in the bed and the floor under it, flat, both ends hanging out."),
    STEP_TIE("One to {0}, {1} wide."),
    STEP_WEDGES("Push {0} off-cuts, {1} thick, in beside {2}. They hold by themselves."),
    STEP_WELLS("Leave these places in the foam empty, unless something belongs there: {0}."),
    STEP_WELLS_OUT("Take out what lies in these places, where something does: {0}."),
    STEP_INSIDE("Photograph {0} in place, before it is covered: nobody sees it again."),
    STEP_WRAP("Wrap {0} in {1}, {2} thick in all, {3}."),
    STEP_WRAP_PIECES(
            "Wrap each of the {0} pieces in bubble film or thin foam sheet, turn by turn, until it is {1} thick all round."
                    + " Nothing hollow travels empty."),
    STEP_SET_PIECES("Set the {0} pieces into their places: {1} along the length, {2} along the width, {3} one over"
            + " another."),
    STEP_SET_PIECES_LEVEL("Set the {0} pieces into their places: {1} along the length, {2} along the width."),
    STEP_PIECES_OUT("Lift the {0} pieces out one by one, straight up, and count them."),
    STEP_BOARDS("Lay {0} between {1} boards, {2} standing out on every edge."),
    STEP_INTERLEAF("An interleaf over its face first, {0} thick."),
    STEP_ROUND("Lay {0} round {1}: {2}."),
    STEP_OPEN("Stand the {0} open, its bottom folded and taped: about {1} of tape."),
    STEP_FITTINGS_IN("Put into the {1}: {0}."),
    STEP_DRESS("Put the {0} on {1}."),
    STEP_UNDRESS("Take the {0} off {1}."),
    STEP_OPEN_HALF("Stand the {0} open, its bottom folded; it stays open at the top."),
    STEP_OPEN_TELESCOPE(
            "Stand the lower part of the {0} open, its bottom folded and taped, about {1} of tape; its lid, made alike, beside it."),
    STEP_OPEN_TRAY("Stand the lower part of the {0} on the table, its lid beside it."),
    STEP_OPEN_FLAT("Lay the blank of the {0} flat, its inside up, and pack on its bottom panel."),
    STEP_OPEN_MAILER("Fold up the {0}: side walls rolled in until they hold, its lid open."),
    STEP_OPEN_SLEEVE("Stand the {0} up on one end."),
    STEP_STAND("Stand the {0} open."),
    STEP_BOTTOM("Lay {0} at the bottom of the {1}, {2} thick."),
    STEP_POUR("Fill the bottom of the {0} with {1}, {2} deep."),
    STEP_RISE("Film into the {0}, right into its corners; foam over the bottom, {1} when it has risen; film over it."),
    STEP_CORNERS_RISE("Film round {0} and into the {1}; stand it on its spacers, {2} clear at the bottom."),
    STEP_BLOCKS("Set four corner blocks of {0} into the lower corners of the {1}, {2} thick at the bottom."),
    STEP_SIDES("Stand {0} round the walls of the {1}: {2}."),
    STEP_THREE_SIDES("Stand {0} against three walls of the {1}: {2}. The last side waits."),
    STEP_LAST("Slide the last side down: {0}, on the {1}."),
    STEP_FACE("{0} {1}"),
    STEP_ALL_SIDES("{0} on all four sides"),
    STEP_FILL_ROUND("Fill {0} all round {1} and shake it down: {2}."),
    STEP_CELLS_ROUND("Lay {0} round {1}, slack, so that they give: {2}."),
    STEP_FOAM_CORNERS(
            "Foam into the eight corners between {0} and the {1}, and nowhere else; let it cure before anything is"
                    + " closed, and trim what stands out."),
    STEP_SET_IN("Set {0} into the {1}."),
    STEP_TOP("Lay {0} on top of {1}, {2} thick."),
    STEP_TOP_POUR("Cover {0} with {1}, {2} deep."),
    STEP_TOP_BLOCKS("Set four corner blocks of {0} on the upper corners of {1}, {2} thick on top."),
    STEP_CLOSE("Close the {0} and tape it: about {1} of tape."),
    STEP_SHUT("Close the {0}."),
    STEP_COVER("Cover the open top of the {0} as its drawing shows."),
    STEP_LID_ON("Slide the lid of the {0} down over it as far as it goes, and tape it all round: about {1} of tape."),
    STEP_LID_OFF(
            "Cut the tape round the lid of the {0}, the blade no deeper than the board, and lift the lid straight up."),
    STEP_FOLD_ROUND("Fold the {0} round what is inside and tape its edges: about {1} of tape."),
    STEP_UNFOLD("Cut the tape along the edges of the {0}, the blade no deeper than the board, and fold it open."),
    STEP_TUCK("Close the {0}: the lid over, its front tucked in; a strip of tape over the tuck."),
    STEP_UNTUCK("Cut the strip of tape in front of the {0}, draw out the tuck and lift the lid."),
    STEP_CUT_SEAM("Open the {0} at its top: cut the tape along the seam, the blade no deeper than the board."),
    STEP_LOWER(
            "It weighs {0} and there is no room for hands beside it: lay two flat bands under it, lower it by them, and leave"
                    + " them in, their ends on top."),
    STEP_LIFT_BY_BANDS("Lift {0} out by the two bands that lie under it; it weighs {1}."),
    STEP_SHAKE("Hold the {0} shut and shake it. If anything moves it is not done: find what, fill it, shake again."),
    STEP_ROCK(
            "Hold the {0} shut. It weighs {1}, too much to be shaken: push it a hand's breadth to and fro on the table and tip"
                    + " it a little over each edge. If anything moves it is not done: find what, fill it, try again."),
    STEP_GLUE_TAB(
            "Join the {0} at its tabs: hot glue, pressed for a minute, or wood glue, pressed for twenty; or tape along all of"
                    + " the seam."),
    STEP_GLUE_CASE(
            "Glue the joints of the {0}: wood glue, thin, on the fingers; square by its diagonals, clamped for half an hour, left"
                    + " a day before it carries. The glue's label comes first."),
    STEP_GLUE_BLOCKS(
            "Join the pieces of each corner block of {0}: hot glue, or contact glue that does not eat the foam (tried on an"
                    + " off-cut), left a quarter of an hour."),
    STEP_GLUE_BED(
            "Where the block is built up of sheets of {0}: contact glue that does not eat the foam (tried on an off-cut),"
                    + " on both faces, ten minutes open, then pressed."),
    STEP_STRAP("Put {0} round the {1}: one each {2}."),
    STEP_PROTECT("Put {0} on the {1}."),
    STEP_MEASURE("Measure its longest edge. It should be {0}, give or take {1}: carriers charge by size."),
    STEP_WEIGH("Weigh it. It should be {0}, give or take {1}."),
    STEP_FILL_PLAY("Fill what is left open in the {0} with {1}, pressed in a little, about a tenth."),
    STEP_PULL_TIES("Pull the ties and knot them underneath; secure each knot so that it cannot slacken."),
    STEP_PULL_TIE("Pull the tie and knot it underneath; secure the knot so that it cannot slacken."),
    STEP_LAY_ITEM_IN("Lay the item in from above, as the drawing shows."),
    STEP_PRESS_ITEM_IN("Press the item in, in its film, while the foam rises; hold it level until it stays."),
    STEP_BASE_INTO("Push the base of the bed down into the {0}, openings up."),
    STEP_BASE_ON_TABLE("Lay the base of the bed on the table, openings up."),
    STEP_FOAM_INTO(
            "Film into the {0}, right into its corners; foam along the walls, then the middle; film" + " over it."),
    STEP_FOAM_ROUND("Foam round {0}, pressed in while it rises; hands are a wall for a moment, so that it"
            + " does not push it aside."),
    STEP_LOOK_OVER("Look the item over: cracks, damp, loose or bent parts. What is not fit to be sent is"
            + " not packed. Photograph it from all sides."),
    STEP_FOAM_ON_TOP("Film over it, foam on top; close the flaps while it is soft."),
    STEP_LABELS("Put the labels on as their plan shows: address on top and on the side opposite,"
            + " handling marks on two sides that meet at an upper corner."),
    STEP_PHOTOGRAPH("Photograph the closed pack with its labels."),
    STEP_LAY_BOARD_PAD("Lay the board pad on top."),
    STEP_FOAM_OVER_ITEM("Film over the item, foam round and over it; close while it is soft."),
    STEP_LAY_LID_OF_BED("Lay the lid on: it is a mirror image, marked edge to marked edge. Lift one edge and"
            + " look: it touches nothing delicate."),
    STEP_LAY_PAPERS_POUCH("Lay the papers in a pouch on top: how to open it, the list of parts, and sender,"
            + " receiver and a way to reach you once more."),
    MIND_SCORE_FIRST("Its blanks stand among the drawings; score before cutting, and try the folds empty."),
    MIND_PANELS_DRY("Its panels stand among the files for a cutter. Fit all of it dry before there is glue;"
            + " the hinge pins are in before the last side is tapped home."),
    MIND_ONE_AT_EACH_EDGE("One upright at each of the four edges, taped."),
    MIND_LONG_AND_SHORT("A long one upright at each of the four edges, a short one under every turn of a strap:"
            + " tape holds them until the straps do."),
    MIND_PADS_TAPED("The pads lie at their places, as the plan of the pads with the cut list shows; a strip"
            + " of tape keeps each."),
    MIND_PADS_AT_PLACES("The pads lie at their places, as the plan of the pads with the cut list shows."),
    MIND_OPEN_IT_AGAIN("Farther off than that something is missing or too much: open it again before it goes."),
    MIND_GROWS_WARM("Shake it and see that it grows warm before it goes in."),
    MIND_WRITE_ON_BAG("Write on the bag what is in it and how many."),
    MIND_STANDS_AGAINST_WALL(
            "What stands against a wall is kept to what is inside by a strip of tape until the wall" + " is there."),
    MIND_STRAIGHT_DOWN_WHERE("Straight down: where it sticks, something stands out."),
    MIND_ORDER_DRAWING_EACH(
            "In the order of its drawing, each fold pressed home before the next; a tab is glued or" + " taped now."),
    MIND_CLOSED_SHAPE_THREADED("A closed shape is threaded after it has been laid in."),
    MIND_HAND_ON_ITEM("Nothing may fall out while it is turned: a hand on the item."),
    MIND_FIX_LOW_TACK("Fix it by low-tack tape on its back only, rubbed down from behind; then a last look,"
            + " for opening it again is work. Tape all four edges."),
    MIND_ONE_FIRST("Do one fully and measure it, then repeat it for the lot."),
    MIND_ALONG_EACH_ROW("Along each row one stands up and the next down, so that the tapers lie side by side;"
            + " the better padded side outward."),
    MIND_ONE_EACH_QUARTER("One in each quarter of the cross."),
    MIND_STAND_DIVIDER_FIRST("Stand the divider first, its slots pushed home until the tops are level."),
    MIND_FOLDED_ROUND_INSIDE("It is folded round what is inside first, in the order of its drawing, and held so by"
            + " two hands or strips of tape."),
    MIND_SENDER_WAY_REACH("Sender and a way to reach you lie inside it, in case the outer box is lost."),
    UNDO_LIFT_OUT("Lift {0} straight up and out."),
    UNDO_TURN_OVER("Turn it over with a hand on the item and untie the knots underneath."),
    UNDO_TURN_OVER_CLOSED("Before the lid of the bed is lifted: turn all of it over, closed where it is closed, a"
            + " hand on the lid where it is open, and untie the knots underneath."),
    UNDO_OUTSIDE("Take off what is put round the {0}, and keep it."),
    UNDO_WHAT_LIES_ON_TOP("Take out what lies on top, by hand, not with a blade."),
    UNDO_FOAM_ON_TOP("Lift off the foam on top."),
    UNDO_LOOK_OVER("Look the item over and photograph it; compare with the pictures taken when it was" + " packed."),
    UNDO_DRAW_OUT_FOAM("Draw out the foam in front first: it makes room for the hands."),
    UNDO_FOAM_JOINS_BOTH("Foam joins to both walls unless film lies between: open along the film, or cut the foam"
            + " between the boxes with a long blade, away from what is inside."),
    UNDO_MAKE_ROOM_FOR_HANDS("Take out what lies beside it until both hands go down."),
    UNDO_LABELS("Look at the labels before it is opened: which way is up, how many boxes there are,"
            + " whether an indicator has turned. Photograph all sides."),
    UNDO_LIFT_OFF_BOARD("Lift off the board pad."),
    UNDO_CUT_STRAPS_HAND("Cut the straps, a hand on each while it is cut; glasses and gloves."),
    UNDO_PULL_EACH_TIE("Pull each tie out from underneath by its long end, flat; then turn it back. Nothing is"
            + " lifted before."),
    UNDO_LIFT_ITEM_STRAIGHT("Lift the item straight up."),
    UNDO_DRAW_OFF_CUTS("Draw the off-cuts out from beside it."),
    UNDO_LIFT_LID_BED("Lift the lid of the bed straight up and lay it down as it lay, neither turned over nor"
            + " turned round: so it goes back."),
    UNDO_CUT_TAPE_WRAPPING("Cut the tape of the wrapping and unwrap it; do not pull it off."),
    UNDO_TAKE_FOAM_OFF("Take the foam off on all sides."),
    UNDO_CUT_TAPE_ROUND("Cut the tape round the edges of the boards, lift the upper board straight up, then the"
            + " interleaf; do not slide it."),
    UNDO_UNWRAP_EACH_PIECE("Unwrap each piece over a soft surface; look into it for its filling."),
    UNDO_TAKE_FILLING_OUT("Take the filling out."),
    UNDO_TAKE_OUT_PAPERS("Take out the papers and read them before anything else is lifted."),
    UNDO_COVER("Lift off the cover."),
    UNDO_CASE("Open the case, its lid up.");

    private final Template template;

    StepWords(String words) {
        template = new Template(words);
    }

    @Override
    public Template template() {
        return template;
    }
}
