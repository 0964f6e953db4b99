package rampart.core.words;

/** What the packing table says of what was done. */
public enum TableWords implements Say {
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
    TABLE_MOVES("Something moves: it is not done. Find what moves and fill it, then shake again.");

    private final Template template;

    TableWords(String words) {
        template = new Template(words);
    }

    @Override
    public Template template() {
        return template;
    }
}
