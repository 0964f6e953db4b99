package rampart.core.words;

/** Boxes that travel together, and what carriers take. */
public enum ShipmentWords implements Say {
    TOGETHER_APART(
            "Box {0} holds {1} beside {2}: hold them apart, or send the heavy or loose ones in a box of their own."),
    TOGETHER_LIFT("Box {0} weighs {1}: two people lift it."),
    TOGETHER_BELOW("Box {0} weighs {1}: it goes below, and never stands on what is delicate, box {2}."),
    TOGETHER_ALL("{0} boxes, {1} together. Each says how many there are: the receiver counts them before signing."),
    CROSSES_LONGEST("{0} takes edges up to {1} only."),
    CROSSES_GIRTH("{0} takes length and girth up to {1} only."),
    CROSSES_VOLUME("{0} takes up to {1} only."),
    CROSSES_MASS("{0} takes packs up to {1} only.");

    private final Template template;

    ShipmentWords(String words) {
        template = new Template(words);
    }

    @Override
    public Template template() {
        return template;
    }
}
