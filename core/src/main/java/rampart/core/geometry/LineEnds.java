package rampart.core.geometry;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Ends of lines by where they lie, in squares as wide as the farthest that is asked for, so that nine squares hold all that can be near. Lines that
 * have been taken leave it as they are met.
 */
final class LineEnds {
    /**
     * Looks at an end in all: a drawing of 100,000 lines takes some hundred thousand, lines that all begin within one square take their number
     * squared. A tenth of it would refuse drawings whose lines are closer than the gap that is closed; ten times as many take half a minute.
     */
    static final long MOST_LOOKS = 30_000_000;

    private record Square(long column, long row) {}

    private final List<List<PlanPoint>> lines;
    private final boolean[] taken;
    private final double wideMm;
    private final Map<Square, List<Integer>> squares = new HashMap<>();
    private long looks;

    /** @param farthestMm no end farther than this will be asked for */
    LineEnds(List<List<PlanPoint>> lines, double farthestMm) {
        this.lines = lines;
        this.taken = new boolean[lines.size()];
        this.wideMm = Math.max(farthestMm, Joining.SAME_MM);
        for (int i = 0; i < lines.size(); i++) {
            int line = i;
            Joining.ends(lines.get(i))
                    .forEach(end -> squares.computeIfAbsent(square(end), s -> new ArrayList<>())
                            .add(line));
        }
    }

    private Square square(PlanPoint at) {
        return new Square((long) Math.floor(at.xMm() / wideMm), (long) Math.floor(at.yMm() / wideMm));
    }

    boolean taken(int line) {
        return taken[line];
    }

    void take(int line) {
        taken[line] = true;
    }

    /**
     * The line that has the nearest end to a place; -1 where none is so near. Of several that end in the very place, any.
     *
     * @throws IllegalArgumentException if there have been too many looks by now
     */
    int nearest(PlanPoint at, double toleranceMm) {
        int best = -1;
        double least = toleranceMm;
        Square middle = square(at);
        for (long column = middle.column - 1; column <= middle.column + 1; column++) {
            for (long row = middle.row - 1; row <= middle.row + 1; row++) {
                List<Integer> here = squares.getOrDefault(new Square(column, row), List.of());
                for (int k = here.size() - 1; k >= 0; k--) {
                    int line = here.get(k);
                    look();
                    if (taken[line]) {
                        here.set(k, here.get(here.size() - 1));
                        here.remove(here.size() - 1);
                        continue;
                    }
                    for (PlanPoint end : Joining.ends(lines.get(line))) {
                        double distance = at.to(end);
                        if (distance < least || (distance == least && (best < 0 || line < best))) {
                            least = distance;
                            best = line;
                        }
                    }
                    if (least == 0 && best == line) {
                        return best;
                    }
                }
            }
        }
        return best;
    }

    private void look() {
        looks++;
        if (looks > MOST_LOOKS) {
            throw new IllegalArgumentException("too many lines end close to each other to be joined");
        }
    }
}
