package rampart.core.clearance;

import rampart.core.material.Board;

/** How far what is made differs from what was drawn, either way, mm (common practice, no source). */
public final class Tolerances {
    /** A thing measured by a tape. */
    static final double ITEM_MM = 1;

    private static final double SINGLE_WALL_MM = 3;
    private static final double DOUBLE_WALL_MM = 5;
    private static final double CALIPER_SHARE = 0.05;
    private static final double FOAM_SHARE = 0.02;
    private static final double WRAP_SHARE = 0.10;

    private Tolerances() {}

    /** A piece of board cut by hand or machine. */
    public static final double BOARD_CUT_MM = 1;

    /** A piece of foam cut by hand or machine. */
    public static final double FOAM_CUT_MM = 2;

    /** An inside from score to score. */
    public static double scoresMm(Board board) {
        return board.flute().doubleWall() ? DOUBLE_WALL_MM : SINGLE_WALL_MM;
    }

    /** Board so thick in all. */
    static double boardMm(double mm) {
        return CALIPER_SHARE * mm;
    }

    /** One piece of cushion so thick. */
    static double cushionMm(double mm) {
        return mm > 0 ? Math.max(FOAM_CUT_MM, FOAM_SHARE * mm) : 0;
    }

    /** A wrap so thick on both sides together. */
    static double wrapMm(double mm) {
        return WRAP_SHARE * mm;
    }
}
