package rampart.core.verdict;

/**
 * The ids of checks, each spelled once: rules make them, searches and papers ask for them by these names, files and addresses hold their
 * words.
 */
public final class CheckIds {
    /** Any of the falls; each has an id of its own that begins so. */
    public static final String DROPS = "drop";

    public static final String STRAIN = "cushion.strain";
    public static final String BUCKLING = "cushion.buckling";
    public static final String CREEP = "cushion.creep";
    public static final String STANDS = "cushion.stand";
    public static final String VIBRATION = "vibration";
    public static final String STACK = "stack";
    public static final String BOARD_LIMITS = "board.limits";
    public static final String LIFT = "lift";
    public static final String FIT = "fit";
    public static final String MOVEMENT = "movement";
    public static final String MATERIAL = "material";
    public static final String SETTLING = "settling";
    public static final String SQUEEZE = "squeeze";
    public static final String HOLD_DOWN = "hold-down";
    public static final String PRESSURE = "pressure";
    public static final String COMPONENT = "component";
    public static final String BED_CLEARANCE = "bed.clearance";
    public static final String BED_TOUCH = "bed.touch";
    public static final String BED_FLOOR = "bed.floor";
    public static final String BED_WEB = "bed.web";
    public static final String BED_HOLD = "bed.hold";
    public static final String BED_TIES = "bed.ties";
    public static final String PIECES_FIT = "pieces.fit";
    public static final String BOARDS_BEND = "boards.bend";
    public static final String BOARDS_PUNCTURE = "boards.puncture";

    private static final String JOINT = "joint.";
    private static final String FALL = DROPS + ".";

    private CheckIds() {}

    /** Of the joint of a heavy part, by its place among them, from 0. */
    public static String joint(int index) {
        return JOINT + (index + 1);
    }

    public static boolean isJoint(String id) {
        return id.startsWith(JOINT);
    }

    /** True for a fall, whichever it is. */
    public static boolean isDrop(String id) {
        return id.startsWith(FALL);
    }

    /** The id, one for all falls together. */
    public static String dropsTogether(String id) {
        return isDrop(id) ? DROPS : id;
    }
}
