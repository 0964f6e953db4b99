package rampart.core.words;

/** What the other checks say, and the notes of their workings. */
public enum CheckWords implements Say {
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
    NOTE_R_WITH_PART("R is the square root of the integral of the profile times the squared gain of the foam"
            + " and of the part."),
    NOTE_R("R is the square root of the integral of the profile times the squared gain of the foam."),
    NOTE_PADS_ROWS_COLUMNS("Pads in rows and columns, each in the middle of its part of the face."),
    NOTE_PART_TAKEN_WITHOUT(
            "The part is taken without damping; the pulse as a half sine. M is at most 1.77, near f" + " T = 0.8."),
    NOTE_NOT_ON_TOP_OF_LONG_PULSE(
            "Not meant on top of a critical acceleration that was measured with a long flat pulse,"
                    + " which holds it already."),
    NOTE_PART_TAKEN_STIFF("The part is taken as stiff, the blow square to its arm."),
    NOTE_LARGER_AREA("Give it a larger area at the bottom, or a firmer foam."),
    NOTE_NOT_TESTED_SO_LOW("So low a carton was not tested for this formula."),
    NOTE_NO_SAFETY_FACTOR("No safety factor is in it. The contents carry nothing. Overhang, gaps in a pallet and"
            + " rough handling are not applied."),
    NOTE_LOWER_THAN_TESTED("The carton is lower than a seventh of its perimeter, where the formula was not tested."),
    NOTE_FORMULA_FOUR_WALLS("The formula is for four walls with upright flutes."),
    NOTE_BEYOND_LAW_OF_SQUEEZE("Pressed in by more than 40 %: the law of squeeze is not meant for that."),
    NOTE_NOTHING_TAKES_THE_LOAD("In one blow nothing takes the load: a face is bare or a cushion is pressed solid."),
    NOTE_OVER_EVERY_CUSHION("Over every cushion and struck face of the counted drops, all temperatures, laws and"
            + " load factors, worked in time too where that was done."),
    NOTE_FULL_THICKNESS(
            "The drops are worked with the full thickness; what is pressed in beforehand is" + " neglected."),
    NOTE_NO_CUSHION_UNDER("It stands on no cushion, so it feels the ride as it is."),
    NOTE_FILLS_PLAY_COUNTS("What fills the play counts as taking all of it."),
    NOTE_SETTLING_FOAM_FILL("Settling of foam and fill is not counted."),
    NOTE_HELD_TWO_ENDS("Held at its two ends, the boards not glued to each other."),
    NOTE_CARTON_CUSHION_FRONT("The carton and the cushion in front of the boards are not counted."),
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
    STRESS_SQUEEZED("stress of {0} squeezed at rest"),
    PART_SWINGS("When it {0}, the part that swings at {1} makes {2} of the item's {3}; it bears {4}."),
    PEAK_AT_ITEM("peak at the item, {0}"),
    JOINT_BEARS("When it {0}, {1} bends its joint with {2}; the joint bears {3}."),
    JOINT_UNKNOWN(
            "When it {0}, {1} bends its joint with {2}, and nobody has said what the joint bears. Support the part,"
                    + " or take it off."),
    PEAK_OF("peak, {0}");

    private final Template template;

    CheckWords(String words) {
        template = new Template(words);
    }

    @Override
    public Template template() {
        return template;
    }
}
