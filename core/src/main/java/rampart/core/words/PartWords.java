package rampart.core.words;

/** The parts of a pack: what they are called, where they lie, how they come back. */
public enum PartWords implements Say {
    PART_PIECE("on the {0}: {1} by {2}, {3} thick"),
    AT_THE("at the {0}"),
    BETWEEN_THE_PIECES("between the pieces"),
    IN_ITS_BAG("in its bag, fixed where it cannot bounce"),
    IN_ITS_PAPER("in its paper, at a place of its own with air above it"),
    IN_THE_MIDDLE("in the middle"),
    EACH_IN_ITS_CELL("each in its cell"),
    ROUND_INSIDE("round what is inside"),
    ON_BOTH_FACES("on both faces of the work"),
    ROUND_INSIDE_TOPPED_UP("round what is inside, to be topped up"),
    IN_ITS_BOX("in its box"),
    IN_ITS_SLOTS("in its slots through the base"),
    BESIDE_THE_ITEM("beside the item"),
    OVER_THE_ITEM("over the item"),
    ROUND_IT_ALL("round it all"),
    WRAPS_OF_PIECES("Bubble film or thin foam sheet round the pieces"),
    ROLL("{0}, {1}");

    private final Template template;

    PartWords(String words) {
        template = new Template(words);
    }

    @Override
    public Template template() {
        return template;
    }
}
