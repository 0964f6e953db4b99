package rampart.core.box;

import rampart.core.material.Board;

/**
 * A tray folded from one sheet: a base, four walls, and at the ends of its long walls tabs that are glued to the outside of the
 * end walls, so that all of the inside is free; at the corners it is a caliper longer outside at each end.
 *
 * @param lengthMm inside, between the end walls
 * @param widthMm inside
 * @param depthMm inside
 * @param tabMm how far a tab reaches along the end wall
 * @param doubleCorners true where the tabs are the whole corners of the sheet; else they stand on the base, half a caliper above
 *     its score
 */
public record Tray(double lengthMm, double widthMm, double depthMm, Board board, double tabMm, boolean doubleCorners) {
    /** With tabs of the ordinary width; of half the width where that is less. */
    public static Tray withTabs(double lengthMm, double widthMm, double depthMm, Board board) {
        return new Tray(lengthMm, widthMm, depthMm, board, Math.min(Carton.TAB_MM, widthMm / 2), false);
    }

    /** With its corners folded double: cut once and otherwise whole, unless two would meet on an end wall. */
    public static Tray withDoubleCorners(double lengthMm, double widthMm, double depthMm, Board board) {
        double wall = depthMm + board.caliperMm() / 2;
        return new Tray(lengthMm, widthMm, depthMm, board, Math.min(wall, widthMm / 2), true);
    }

    /** One of the same make that goes over this one, its tabs clear of it; this deep inside. */
    public Tray lid(double lidMm) {
        double c = board.caliperMm();
        double length = lengthMm + 4 * c + Carton.LID_PLAY_MM;
        double width = widthMm + 2 * c + Carton.LID_PLAY_MM;
        return doubleCorners ? withDoubleCorners(length, width, lidMm, board) : withTabs(length, width, lidMm, board);
    }

    /** From the score at the base to the free edge of a wall, mm. */
    public double wallMm() {
        return depthMm + board.caliperMm() / 2;
    }

    /** Height of a tab, mm. */
    public double tabHeightMm() {
        return doubleCorners ? wallMm() : depthMm;
    }

    /** Area of its board, mm2. */
    public double areaMm2() {
        double length = lengthMm + board.caliperMm();
        double width = widthMm + board.caliperMm();
        return length * width + 2 * (length + width) * wallMm() + 4 * tabMm * tabHeightMm();
    }
}
