package rampart.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rampart.core.blank.CountedBlank;
import rampart.core.blank.Divider;
import rampart.core.item.Pieces;
import rampart.core.material.Board;
import rampart.core.quantity.Size;

/** The ways in which so many equal pieces can be set beside and above each other. */
public final class PieceWays {
    private static final int MOST_LEVELS = 4;
    private static final int MOST_WAYS = 8;

    private PieceWays() {}

    /**
     * One way.
     *
     * @param size that it takes, mm
     * @param massKg of the pieces, bare, and their divider
     * @param emptyCells cells that stay empty
     */
    public record Way(Pieces pieces, Size size, double massKg, int emptyCells) {}

    /**
     * Rows and columns in every number that leaves fewer cells empty than a row has; round pieces also four to a cross, tapered
     * ones up and down in turn. The smallest volume first, among equals the shortest longest edge.
     *
     * @param pieces whose arrangement and cells do not count
     * @param divider the board between cells; empty where nothing is between them
     */
    public static List<Way> of(Pieces pieces, Optional<Board> divider) {
        double caliper = divider.map(Board::caliperMm).orElse(0.0);
        List<Way> ways = new ArrayList<>();
        int count = pieces.quantity();
        for (int levels = 1; levels <= Math.min(MOST_LEVELS, count); levels++) {
            int perLevel = (count + levels - 1) / levels;
            for (int rows = 1; rows <= perLevel; rows++) {
                int columns = (perLevel + rows - 1) / rows;
                if (columns < rows
                        || columns * rows - perLevel >= rows
                        || columns * rows * levels - count >= columns * rows) {
                    continue;
                }
                ways.add(way(pieces.set(Pieces.Arrangement.GRID, columns, rows, levels), divider, caliper));
                if (columns > 1 && pieces.narrowMm().isPresent()) {
                    ways.add(way(pieces.set(Pieces.Arrangement.ALTERNATE, columns, rows, levels), divider, caliper));
                }
            }
            boolean crossed = pieces.round()
                    && pieces.piece().lengthMm() == pieces.piece().widthMm();
            if (crossed && perLevel <= 4 && perLevel > 2) {
                ways.add(way(pieces.set(Pieces.Arrangement.DIAGONAL, 2, 2, levels), divider, caliper));
            }
        }
        ways.sort(Comparator.comparingDouble((Way way) -> way.size().volumeMm3())
                .thenComparingDouble(
                        way -> Math.max(way.size().lengthMm(), way.size().heightMm())));
        return List.copyOf(ways.subList(0, Math.min(MOST_WAYS, ways.size())));
    }

    private static Way way(Pieces pieces, Optional<Board> divider, double caliper) {
        Size size = pieces.needed(caliper);
        double stripsMm2 = divider.isEmpty()
                ? 0
                : Divider.of(pieces, size, caliper).stream()
                        .mapToDouble(CountedBlank::areaMm2)
                        .sum();
        double stripsKg = stripsMm2 * 1e-6 * divider.map(Board::grammageGm2).orElse(0.0) * 1e-3;
        return new Way(
                pieces, size, pieces.quantity() * pieces.pieceKg() + stripsKg, pieces.cells() - pieces.quantity());
    }
}
