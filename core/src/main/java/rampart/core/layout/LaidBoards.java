package rampart.core.layout;

import rampart.core.material.Board;
import rampart.core.quantity.Size;

/**
 * A pair of rigid boards in its place.
 *
 * @param layer index in the pack's layers
 * @param size of the work with its boards, mm
 * @param betweenKg all that lies between them
 */
public record LaidBoards(int layer, Layer.Boards boards, Board board, Size size, double betweenKg) {
    /** Of all its boards, mm2. */
    public double areaMm2() {
        return 2 * boards.plies() * size.volumeMm3() / size.along(boards.across());
    }

    /** Of all its boards, kg. */
    public double massKg() {
        return areaMm2() * 1e-6 * board.grammageGm2() * 1e-3;
    }
}
