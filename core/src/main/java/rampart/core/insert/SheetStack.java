package rampart.core.insert;

import java.util.ArrayList;
import java.util.List;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;
import rampart.core.quantity.Require;

/**
 * A bed as a stack of sheets of one thickness, glued: each sheet has its own openings, and what is not a whole number of
 * sheets high is rounded to the nearest.
 *
 * @param sheets base from the bottom up, then the lid from below up
 */
public record SheetStack(double sheetMm, List<Sheet> sheets) {
    /**
     * One sheet.
     *
     * @param number within its half, from 1 at the bottom
     * @param open what is cut away
     * @param foam what is left
     */
    public record Sheet(BedCut.Half half, int number, Region open, Region foam) {
        /** A sheet that falls apart has more than one piece to place; one that is cut away whole has none. */
        public int pieces() {
            return foam.pieces();
        }
    }

    /** @throws IllegalArgumentException if the sheet is not thicker than nothing */
    public static SheetStack of(BedCut cut, double sheetMm) {
        Require.positive(sheetMm, "thickness of the sheet in mm");
        Region block = Region.within(
                Outline.rectangle(
                        new PlanPoint(
                                (cut.block().min().xMm() + cut.block().max().xMm()) / 2,
                                (cut.block().min().yMm() + cut.block().max().yMm()) / 2),
                        cut.block().max().xMm() - cut.block().min().xMm(),
                        cut.block().max().yMm() - cut.block().min().yMm(),
                        0),
                BedCut.TOLERANCE_MM);
        List<Sheet> sheets = new ArrayList<>();
        for (BedCut.Half half : BedCut.Half.values()) {
            List<BedCut.Level> levels =
                    cut.levels().stream().filter(level -> level.half() == half).toList();
            if (levels.isEmpty()) {
                continue;
            }
            double from = levels.get(0).bottomMm();
            double to = levels.get(levels.size() - 1).topMm();
            int count = (int) Math.max(1, Math.round((to - from) / sheetMm));
            for (int i = 0; i < count; i++) {
                double middle = from + (i + 0.5) * (to - from) / count;
                Region open = levels.stream()
                        .filter(level -> level.bottomMm() <= middle && middle < level.topMm())
                        .findFirst()
                        .map(BedCut.Level::open)
                        .orElse(Region.none());
                sheets.add(new Sheet(half, i + 1, open, block.minus(open)));
            }
        }
        return new SheetStack(sheetMm, List.copyOf(sheets));
    }
}
