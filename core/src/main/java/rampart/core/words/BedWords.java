package rampart.core.words;

/** What is said of a bed cut to the item: its checks, and what is wrong with how it is cut. */
public enum BedWords implements Say {
    RULE_MARKS("marks, does not break"),
    NOTE_EVERY_TIE_RESTS("Every tie rests on strong parts with foam under them."),
    NOTE_WHAT_TIES_REST_ON("0 on strong parts with foam under them, 0.95 where some of it is hollow, 2 on what may"
            + " not be pressed."),
    NOTE_NO_FOAM_LEFT("No foam is left to stop it."),
    NOTE_WORST_OVER_ALL("The worst over all counted falls, temperatures and laws."),
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
    BED_SLIVER("A sliver of foam, {0}, stands free between {1} and {2}: it tears off");

    private final Template template;

    BedWords(String words) {
        template = new Template(words);
    }

    @Override
    public Template template() {
        return template;
    }
}
