package rampart.formats;

/** How much is tried of what there is no end of: random packs, beds, plans. */
public final class Thorough {
    /** As many times as in every run; {@code ./rampart test --thorough} makes it 5, which is what was first shown. */
    public static final int TIMES = Integer.getInteger("rampart.thorough", 1);

    private Thorough() {}
}
