package rampart.core.words;

/** What a drop does to the item, and how its working is told. */
public enum DropWords implements Say {
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
    NO_CUSHION("There is no cushion in this pack: the blow reaches the item whole."),
    PRESSED_NEARLY_SOLID("The cushion is pressed solid: the blow is far beyond what it can take."),
    ONE_CUSHION_LEFT_OUT("A bare face leaves one cushion out of this blow."),
    ITEM_TIPS("The weight lies so far off centre that the item tips: call it thin at best."),
    ITEM_TOPPLES("The weight lies outside what bears it there: the item topples in its bed."),
    BOXES_BETWEEN_CUSHIONS(
            "The boxes between the cushions are heavy, which this reckoning doubts: call it thin at" + " best."),
    OUTSIDE_TESTS("This blow lies outside what was tested."),
    NOTE_NEGLECTED("Neglected: shear, friction, rotation, gravity while compressing, the cushions opposite."),
    NOTE_WITHIN_FIRST_RISE("Within the first rise: no foam that is struck is pressed far enough for the"
            + " stress-energy line to hold."),
    NOTE_NEGLECTED_SHEAR_FRICTION("Neglected: shear, friction, rotation, the cushions opposite."),
    NOTE_BED_IS_SPRINGS("A bed is as many springs as rays that bear: each with the foam behind it."),
    NOTE_EXTRAPOLATED_THIS_BLOW("Extrapolated: this blow lies outside the energy that was tested."),
    OUT_OF_TABLE("Outside the scope of the drop table, which ends at {0} gross.");

    private final Template template;

    DropWords(String words) {
        template = new Template(words);
    }

    @Override
    public Template template() {
        return template;
    }
}
