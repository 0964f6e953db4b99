package rampart.core.verdict;

/**
 * What a check asks. Rules make checks of these kinds and no others; searches, papers and pages ask by kind, so that none of
 * them spells an id.
 */
public enum CheckKind {
    FACE_DROP("drop.face"),
    EDGE_DROP("drop.edge"),
    CORNER_DROP("drop.corner"),
    STRAIN("cushion.strain"),
    BUCKLING("cushion.buckling"),
    CREEP("cushion.creep"),
    VIBRATION("vibration"),
    STACK("stack"),
    BOARD_LIMITS("board.limits"),
    LIFT("lift"),
    FIT("fit"),
    MOVEMENT("movement"),
    MATERIAL("material"),
    SETTLING("settling"),
    SQUEEZE("squeeze"),
    HOLD_DOWN("hold-down"),
    PRESSURE("pressure"),
    COMPONENT("component"),
    JOINT("joint"),
    STAND("cushion.stand"),
    BED_CLEARANCE("bed.clearance"),
    BED_TOUCH("bed.touch"),
    BED_FLOOR("bed.floor"),
    BED_WEB("bed.web"),
    BED_HOLD("bed.hold"),
    BED_TIES("bed.ties"),
    PIECES_FIT("pieces.fit"),
    BOARDS_BEND("boards.bend"),
    BOARDS_PUNCTURE("boards.puncture");

    private final String word;

    CheckKind(String word) {
        this.word = word;
    }

    /** Its id where a pack has one check of it at most, and what its ids begin with where it may have several. */
    String word() {
        return word;
    }

    public boolean isDrop() {
        return this == FACE_DROP || this == EDGE_DROP || this == CORNER_DROP;
    }

    /** True where a pack may have several checks of it, told apart by what follows in their ids. */
    public boolean several() {
        return isDrop() || this == JOINT;
    }

    /** True for what is asked of an insert as it is cut. */
    public boolean ofInsert() {
        return switch (this) {
            case BED_CLEARANCE, BED_TOUCH, BED_FLOOR, BED_WEB, BED_HOLD, BED_TIES -> true;
            default -> false;
        };
    }
}
