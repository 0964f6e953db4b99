package rampart.core.words;

import java.util.List;

/**
 * Everything core says that carries a quantity or a name, as a key with its words: {@code {0}} and so on are places for
 * terms. Words without either are {@link Sentence#plain}.
 */
public enum Say {
    AS_IT_IS("{0}"),

    // A blow.
    BY_VELOCITY("The velocity change of {0} counts here, against {1} below which no G does harm; the item feels {2}."),
    FEELS("The item feels {0} of the {1} it bears."),
    FEELS_UNKNOWN("The item feels {0}, and nobody has said what it bears."),
    BARE_FACE("Nothing takes this blow: the {0} is bare."),
    BARE_FACES("Nothing takes this blow: the {0} are bare."),
    TOO_LITTLE_ON_PADS("The {0} on the {1} carries only {2} at rest: too little to sink in. Smaller pads give more."),
    TOO_LITTLE(
            "The {0} on the {1} carries only {2} at rest: too little to sink in. Pads, or a softer foam, give more."),
    NEARLY_FLAT("The {0} on the {1} carries {2} at rest and is pressed nearly flat: it wants more thickness or a larger"
            + " area."),
    AT_ITS_BEST("The {0} on the {1} works near its best at {2}; only more thickness softens the blow."),
    THINNER_IN_TIME("After so long under its load the bottom foam is {0} thinner."),
    BOTTOMS_OUT("The foam bottoms out: it is pressed to {0} of what it can be."),
    SCATTER("By the scatter of its test data it may be {0}."),
    SCATTER_OVER(
            "By the scatter of its test data it may be {0}: that reaches over what the item bears, so call it thin."),
    WORKED_IN_TIME(
            "The boxes between the cushions are heavy, so the fall was worked in time: {0} there, {1} by the quick"
                    + " reckoning; the higher counts."),

    // The working of a blow.
    PEAK_OF_THIS_DROP("Peak acceleration of this drop: {0}."),
    SIMULATED_LOWER("The time simulation gives {0}, which is lower."),
    QUICK_RECKONING("By the quick reckoning: {0} (rule 34: the higher counts)."),
    EXTRAPOLATED_LAW("Extrapolated: b s h/t is {0}, outside 0.2 to 2.3 where the law was fitted."),
    WORST_FIRST("Worst at {0}, first impact."),
    WORST_REPEATED("Worst at {0}, impacts 2 to 5."),
    THINNED_LAYER("The bottom of the {0}, layer {1}, counts {2} thinner: it has carried its load for a time [{3}]."),
    NINE_IN_TEN("By the scatter of the drop tests nine results in ten lie between {0} and {1}: the widest prediction"
            + " interval of the measured cushions that are struck, taken on G [assumed]."),
    BEGINS_TO_GIVE("stress where {0} begins to give"),
    MASS_ON("mass on the {0}"),
    BEARING_AREA_ON("bearing area on the {0}"),
    STRESS_ON("stress at the peak on the {0}"),
    DIRECTION_ON("share of the direction on the {0}"),
    TAKEN_BY("taken by the {0}, layer {1}"),
    STIFFNESS_AT("stiffness at {0}"),

    // Checks.
    PRESSED_TO("At worst the foam is pressed to {0} of what it can be, when the pack {1}."),
    PAD_STANDS("A pad on the {0} has {1}; at {2} thick it needs {3} to stand straight."),
    LOSES_IN_TIME("The {0} at the bottom carries {1} at rest and loses {2} of its thickness in {3} h; up to {4} may go."
            + " The drops on the bottom are worked with what is left."),
    STANDS("The pads at the bottom reach over {0} of {1} in {2}: it stands."),
    ROCKS("The pads at the bottom reach over {0} of {1} in {2}: less than half, so it rocks. Set them further apart, or"
            + " take more of them."),
    CREEP_EXTRAPOLATED("Its creep was tested for {0} h; what it does in {1} h is extrapolated."),
    RULE_TIPS("tips"),
    RULE_TOPPLES("topples"),
    RULE_FORMULA("heavy boxes, by formula alone"),
    RULE_SPREAD("test data reach over it"),
    RULE_ROCKS("may rock"),
    RULE_MARKS("marks, does not break"),
    RULE_TWO("two people"),
    CREEP_LOAD_OF("load at which the creep of {0} is known"),
    RIDE("On the {0} the item sees peaks of {1}; a long ride may reach {2}."),
    RIDE_UNKNOWN("On the {0} the item sees peaks of {1}, and nobody has said what it bears."),
    SWINGS_AT("It swings on its foam at {0}."),
    CLOSE_TO_THE_PART("That lies close to the part's own {0}."),
    BOX_ABOVE("{0} box above presses with {1}; the carton carries {2}. No safety factor is in this."),
    BOXES_ABOVE("{0} boxes above press with {1}; the carton carries {2}. No safety factor is in this."),
    STACK_UNKNOWN(
            "The pile presses with {0}. What a carton of this style, {1}, carries cannot be computed: have one tested and enter its"
                    + " strength, or let nothing stand on it."),
    PIECES_FIT("In {0} the pieces, wrapped, need {1} and there are {2}."),
    PIECES_DO_NOT_FIT("In {0} the pieces, wrapped, need {1} and there are {2}: they do not go in."),
    NEEDED_BY_PIECES("{0} that the pieces need"),
    ROOM_FOR_PIECES("{0} of the contents"),
    BOARDS_STIFF(
            "Lifted by its two ends the work must not bend: that asks for a stiffness of {0} for each metre of width; the boards give {1}."),
    BOARDS_STIFFNESS_UNKNOWN(
            "Lifted by its two ends the work must not bend: that asks for a stiffness of {0} for each metre of width, and nobody has said how stiff these boards are."),
    PUNCTURE("A corner of another parcel that hits a face brings {0}; the boards there take {1}."),
    PUNCTURE_UNKNOWN(
            "A corner of another parcel that hits a face brings {0}, and nobody has said what goes through these boards."),
    CUT_DOWN_MARK("Mark a line all round, {0} up from the fold of the bottom."),
    CUT_DOWN_OFF("Cut {0} off the top all round: that leaves flaps {1} deep above the line."),
    CUT_DOWN_OLD_SCORE("The old score lies in the flaps, {0} above the line: flatten it and leave it flat."),

    // What lies between a box and what is inside it.
    GOES_IN("It goes in: when everything is off the wrong way at once, {0} are left in {1}."),
    LIKELY_GOES_IN(
            "It is likely to go in with {0} in {1}, but when everything is off the wrong way at once {2} are missing."),
    FOAM_GIVES(
            "It goes in with the foam against the walls: {0} of room in {1} against {2} by which things are likely to be off;"
                    + " when they are, the foam gives way by {3}, {4} of its thickness."),
    MAY_NOT_GO_IN(
            "It may not go in: {0} of room in {1} against {2} by which things are likely to be off. Make the inside"
                    + " {3} larger."),
    TOO_SMALL("It does not go in: {0} are missing in {1}."),
    PRESSED_IN(
            "Closed over {0} more than it holds in {1}: the {2} is pressed by {3} and presses on the {4} with about {5}."),
    NO_GIVE("Closed over {0} more than it holds in {1}, and nothing inside gives way: the walls bulge."),
    BULGE_PRESSES("Its walls stand out by {0}: what stands beside or on it presses on the {1}."),
    FINGERS("It has {0} of room beside it for fingers: set it in by hand."),
    LAST_SIDE(
            "The foam leaves {0} for fingers: lay in the bottom and three sides, set it in, and slide the last side down."),
    LAST_SIDE_TIGHT(
            "The foam leaves no room for fingers: lay in the bottom and three sides, set it in, and slide the last side down."),
    NO_FINGERS(
            "It has {0} of room beside it, and fingers need {1} on two opposite sides: lower it in on a strip of film, or"
                    + " set the box over it."),
    FILL_PROUD("{0}: settles by about {1}. Fill it so much proud, shake once, and top up before closing."),
    SLACK_CELLS(
            "{0}: leave them slack, so that a finger presses a cell in by a third. A cell as hard as a ball bursts."),
    FOAM_CORNERS("Foam at the eight corners only, {0} of it when it has risen; film on both boxes, or they are one."),
    SPACERS(
            "Spacers until it has set: {0} layers of scrap board, {1} thick, taped under and beside the inner box, clear of"
                    + " the corners; they leave {2} of the gap."),
    INSULATING("This is a wall of rigid foam all round, {0} at its thinnest: an insulating box. Butt its seams and tape"
            + " them; {1} of the room in the box is free (20 % at least where a heat pack has to breathe). It never travels without the"
            + " carton."),

    // What is put round and into a box.
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
    PLAY_ABOVE("Lay a sheet {0} thick on top, so that nothing rises."),

    // Steps at the packing table.
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
    OUT_OF_TABLE("Outside the scope of the drop table, which ends at {0} gross."),
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

    // What the packing table says of what was done.
    TABLE_NO_STEP("There is no step {0} in this packing."),
    TABLE_MUST("This step is marked must: it cannot be skipped."),
    TABLE_BEFORE("Step {0} has to be done before this one."),
    TABLE_NO_VALUE("Say what was found: this step asks for it."),
    TABLE_COUNT("There are {0}, and there should be {1}. Count again, or write why."),
    TABLE_CANCELLED("This packing was cancelled: nothing more is written to it."),
    TABLE_NO_PICTURE("This step asks for a picture. Take one, or write why there is none."),
    ASK_COUNT("There should be {0}. Count again, or write why."),
    ASK_TALLY("Count them: a whole number, 1 or more. Or write why there are none."),
    ASK_MASS("It should weigh {0}, give or take {1}: something is missing or too much. Look, or write why."),
    ASK_LENGTH("It should measure {0}, give or take {1}. Measure again, or write why."),
    TABLE_TALLY("A whole number of pieces is asked for, 1 or more, not {0}. Count again, or write why."),
    TABLE_LIGHT("It is {0} too light, more than the {1} that it may be off: something is missing. Look, or write why."),
    TABLE_HEAVY(
            "It is {0} too heavy, more than the {1} that it may be off: something is too much. Look, or write why."),
    TABLE_LENGTH("It measures {0} and should be {1}, give or take {2}. Measure again, or write why."),
    TABLE_MOVES("Something moves: it is not done. Find what moves and fill it, then shake again."),

    // Parts that come back.
    PART_PIECE("on the {0}: {1} by {2}, {3} thick"),

    // Boxes that travel together.
    TOGETHER_APART(
            "Box {0} holds {1} beside {2}: hold them apart, or send the heavy or loose ones in a box of their own."),
    TOGETHER_LIFT("Box {0} weighs {1}: two people lift it."),
    TOGETHER_BELOW("Box {0} weighs {1}: it goes below, and never stands on what is delicate, box {2}."),
    TOGETHER_ALL("{0} boxes, {1} together. Each says how many there are: the receiver counts them before signing."),

    // Board from sheets and from other cartons.
    FROM_ONE_SHEET("It is cut from one sheet: {0} are left across and {1} along the flutes."),
    FROM_PARTS(
            "It is made of {0} parts, one from each sheet; a joint overlaps by {1} and lies {2} from the nearest score."),
    FROM_PLAIN_PARTS("It is made of {0} parts, one from each sheet; a joint overlaps by {1}."),
    JOINT_ON_SCORE(
            "A joint would lie {0} from a score; under {1} it opens where the board bends. Take a larger sheet."),
    OLD_SCORES_ALONE("Old scores in it: {0}. Flatten them and tape over them."),
    OLD_SCORES("Old scores in it: {0}, the nearest {1} from a new one. Flatten them and tape over them."),
    CARTON_IS("A carton that is {0} counts with {1} of its strength."),
    BULGES("It bulges by about {0}, which costs {1} of its strength."),
    CARTON_CONDITION("carton {0}"),
    BULGE_OF("bulge of {0}"),
    DAYS_UNDER_LOAD("{0} days under load"),
    HUMIDITY("{0} humidity"),
    SUM_FOR_BOARD("Length, width and height come to {0}; {1} is meant for up to {2}."),
    MASS_FOR_BOARD("The pack weighs {0}; {1} is meant for up to {2}."),
    LIFTED_BY_ONE("It weighs {0}. One person lifts up to {1}."),
    LIFTED_BY_TWO(
            "It weighs {0}, more than the {1} that one person lifts: mark it for two people, and call it thin. Your"
                    + " own safety rules come first."),
    LIFTED_BY_NOBODY("It weighs {0}. That is too much for two people: it needs a lifting aid."),
    FITS("In {0} the contents need {1} and the stock carton has {2}."),
    DOES_NOT_FIT("In {0} the contents need {1} and the stock carton has {2}: it does not go in."),
    OF_THE_CONTENTS("{0} of the contents"),
    INSIDE_OF_STOCK("inside {0} of the stock carton"),
    NO_PLAY("The {0} leaves no play."),
    PLAY("The {0} leaves {1} of play in all; more than {2} moves."),
    TOO_MUCH_PLAY("The {0} leaves {1} of play in all; more than {2} moves. Fill it or take a closer box."),
    SETTLES_AND_STAYS("Foam and fill settle by {0} and stay pressed: nothing moves."),
    SETTLES("Foam and fill settle by {0}; then {1} has {2} above it, and more than {3} moves."),
    FOAM_CLOSES_IT("Foam of {0}, pressed in by a tenth, closes it."),
    PLAY_LEFT("play left open in height, with {0} in it"),
    SQUEEZED(
            "Closing the carton presses the foam in by {0}; 5 to 15 % holds the contents, over 20 % the carton bulges."),
    SQUEEZED_RIGHT("Closing the carton presses the foam in by {0}; 5 to 15 % holds the contents: this is right."),
    SQUEEZED_BULGES(
            "Closing the carton presses the foam in by {0}; over 20 % it bulges, here by about {1}. Take a larger"
                    + " carton."),
    HELD_DOWN("Upside down the contents hang with {0}; the lid presses the {1} down with {2}."),
    DROPS_AWAY(
            "Upside down the contents hang with {0}; the lid presses the {1} down with {2}: they drop away from it."),
    LID_PRESSES("The lid presses the item with {0} for as long as it is closed; it bears {1}."),
    BED_REACHES("When it {0}, the foam comes {1} toward the {2}; {3} are kept clear of it."),
    BED_TOUCHES("When it {0}, the foam comes {1} toward the {2}, which may be touched; {3} are kept clear of it."),
    BED_SOLID(
            "When it {0}, nothing stops the item short of the {1}: the bed bears nothing there, or is pressed solid."),
    BED_FLOOR("The least foam is {0}, on the {1} at the {2}; {3} stand."),
    BED_FLOOR_THIN("The least foam is {0}, on the {1} at the {2}; under {3} it is pressed through or tears."),
    BED_WEB("Between the {0} and the {1} stands a web of {2}; {3} stand."),
    BED_WEB_THIN(
            "Between the {0} and the {1} stands a web of {2}; under {3} it tears. Make them one pocket, or part them."),
    BED_HOLDS("Turned over and shaken the item pulls with {0}; lid and ties hold it with {1}."),
    BED_DROPS_OUT(
            "Turned over and shaken the item pulls with {0}; lid and ties hold it with {1}: it comes out of its bed."),
    TIE_HOLLOW("The tie at {0} crosses places with no foam under them: call it thin at best."),
    TIE_PRESSES("The tie at {0} rests on a part that may not be leaned on."),
    TIE_ON_NOTHING("The tie at {0} rests on nothing."),
    STRESS_SQUEEZED("stress of {0} squeezed at rest"),
    PART_SWINGS("When it {0}, the part that swings at {1} makes {2} of the item's {3}; it bears {4}."),
    PEAK_AT_ITEM("peak at the item, {0}"),
    JOINT_BEARS("When it {0}, {1} bends its joint with {2}; the joint bears {3}."),
    JOINT_UNKNOWN(
            "When it {0}, {1} bends its joint with {2}, and nobody has said what the joint bears. Support the part,"
                    + " or take it off."),
    PEAK_OF("peak, {0}"),

    // What lies against the surface.
    CELLS_PRINT("{0} prints its cells into a {1} surface. Lay smooth acid-free tissue between."),
    FOAM_RUBS("{0} rubs on a {1} surface when it is shaken. Lay smooth acid-free tissue between."),
    SOFTENER("{0} is PVC: its softener creeps into the surface and leaves it tacky."),
    CRUMBS("{0} sheds crumbs that charge up and cling to {1}. Wrap the item first."),
    ACID_YELLOWS("{0} holds acid, which yellows {1} in months. Use acid-free tissue or board."),
    ACID_STAYS("{0} holds acid, which comes out in years: keep it in no archive."),
    UNNAMED_PLASTIC("{0} is of a plastic that nobody has named; for months it must be polyethylene, polypropylene or"
            + " polyester."),
    HOLDS_DAMP("{0} holds damp against bare metal, which rusts. Add a drying agent or an oiled paper."),
    TARNISHES("{0} is {1}, whose vapours tarnish {2} even without touching it. Use polyethylene or polypropylene."),
    CORRODES_LEAD("{0} gives off acids that corrode lead in time. Keep it in a closed polyester bag."),
    DECAY_CORRODES("{0} is {1}; in years its decay corrodes metal."),
    HYDROLYSIS("{0} takes up water from the air and turns sticky in a few years (hydrolysis): not for storage."),
    OXIDISES("{0} oxidises to dust in some years: not for storage as long as this."),
    YELLOWS("{0} yellows and crumbles with the years. Look at it every year."),
    PERISHES("{0} perishes in some years and sticks to what it touches."),
    SINKS(
            "{0} loses its air or settles within months: after years it supports nothing. For storage take polyethylene or"
                    + " polypropylene foam."),
    AGES("{0} is {1}: it breaks down and gives off vapours in storage. Take polyethylene or polypropylene."),
    BOARD_TARNISHES(
            "{0} is plain board, which gives off sulphur: it tarnishes silver that lies against it for months. Use acid-free"
                    + " board, or polyester film between."),
    VERMIN("{0} draws damp and vermin in storage."),
    TAPE_LIFTS("Tape on a {0} surface lifts it or leaves its glue. Tape the wrap to itself."),

    // Searches.
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
    BED_HANGS("{0} touches no other part and lies on no foam: it hangs in the air"),
    BED_SHUT_SIDE(
            "{0}: no foam can bear on it from the {1} there, for something wider passes on its way in; what is cut to let it pass"
                    + " stays open"),
    BED_SHUT_TOP("{0} ends below the parting plane at {1}: the lid does not come down to it"),
    BED_SHUT_BOTTOM("{0} begins above the parting plane at {1}: the base does not come up to it"),
    BED_TIPS("Falling on the {0} the item tips: its mass lies {1} off the middle of what bears it, which reaches {2}"),
    BED_TOPPLES(
            "Falling on the {0} the item topples off its foam: its mass lies {1} off the middle of what bears it, which reaches {2}"),
    BED_SLOT_OFF("The tie at {0} has no foam beside the item to be led down through: its slot would leave the block"),
    BED_SLIVER("A sliver of foam, {0}, stands free between {1} and {2}: it tears off"),
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
    ROLL("{0}, {1}"),
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

    // What carriers take.
    CROSSES_LONGEST("{0} takes edges up to {1} only."),
    CROSSES_GIRTH("{0} takes length and girth up to {1} only."),
    CROSSES_VOLUME("{0} takes up to {1} only."),
    CROSSES_MASS("{0} takes packs up to {1} only."),

    // What an input is, and what a curve runs over.
    THICKNESS_ALL_ROUND("thickness of the {0}, layer {1}, all round"),
    THICKNESS_ON("thickness of the {0}, layer {1}, on the {2}"),
    A_OF("stress a where {0} begins to give"),
    B_OF("how fast b {0} stiffens"),
    CREEP_OF("load at which {0} creeps"),
    LOAD_ON_WALL("load at rest on the {0} on the {1} (static stress), whole wall, worst day");

    private final String template;
    private final int places;

    Say(String template) {
        this.template = template;
        int highest = -1;
        for (int i = template.indexOf('{'); i >= 0; i = template.indexOf('{', i + 1)) {
            highest = Math.max(highest, template.charAt(i + 1) - '0');
        }
        places = highest + 1;
    }

    /** The words, with places such as {@code {0}}. */
    public String template() {
        return template;
    }

    /** How many places there are to fill. */
    public int places() {
        return places;
    }

    /** This with its places filled. */
    public Sentence of(Term... terms) {
        return new Sentence(this, List.of(terms));
    }
}
