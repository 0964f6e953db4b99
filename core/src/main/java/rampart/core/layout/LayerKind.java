package rampart.core.layout;

/** What kinds of layer there are, and where in a pack each may stand. */
public enum LayerKind {
    WRAP("wrap", "A wrap", false),
    BOARDS("boards", "Rigid boards", true),
    CUSHION("cushion", "A cushion", false),
    BOX("box", "A box", false);

    private final String word;
    private final String words;
    private final boolean first;

    LayerKind(String word, String words, boolean first) {
        this.word = word;
        this.words = words;
        this.first = first;
    }

    /** As the pack file has it. */
    public String word() {
        return word;
    }

    /** As a packer asks for one. */
    public String words() {
        return words;
    }

    /** True for what lies on the item itself but for wraps, and therefore once in a pack. */
    public boolean first() {
        return first;
    }

    /** The kind that a pack file calls so; the schema knows no other word. */
    public static LayerKind of(String word) {
        for (LayerKind kind : values()) {
            if (kind.word.equals(word)) {
                return kind;
            }
        }
        throw new IllegalArgumentException(word + " is no kind of layer");
    }
}
