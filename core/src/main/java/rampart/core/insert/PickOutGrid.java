package rampart.core.insert;

import java.util.ArrayList;
import java.util.List;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;
import rampart.core.quantity.Cuboid;
import rampart.core.quantity.Require;

/**
 * A bed out of foam that is cut into square columns all over, of which those are picked out that stand in the item's way. It
 * needs no knife and fits worse: what stands next to the item stands farther off.
 *
 * @param across columns from left to right
 * @param along columns from front to back
 * @param layers sheets of that foam from the parting plane outward, base, then lid; only those of which something is picked out
 */
public record PickOutGrid(double pitchMm, double sheetMm, int across, int along, List<Layer> layers) {
    /** Usual pitch of the columns, mm (common practice, no source). */
    public static final double USUAL_PITCH_MM = 15;

    /** A column that is touched by less than this share of itself gives way. */
    private static final double GIVES_WAY = 0.05;

    public PickOutGrid {
        layers = List.copyOf(layers);
    }

    /**
     * One sheet.
     *
     * @param columns places of the columns to pick out, counted from the left and from the front, from 1
     * @param looseMm by how much the hole stands farther off than the opening on average, all round
     */
    public record Layer(BedCut.Half half, int number, List<Column> columns, double looseMm) {
        public Layer {
            columns = List.copyOf(columns);
        }

        /** The columns, those side by side together: from the front, then from the left. */
        public List<Run> runs() {
            List<Run> runs = new ArrayList<>();
            for (Column column : columns) {
                Run last = runs.isEmpty() ? null : runs.get(runs.size() - 1);
                if (last != null
                        && last.fromFront() == column.fromFront()
                        && last.lastFromLeft() + 1 == column.fromLeft()) {
                    runs.set(runs.size() - 1, new Run(last.fromFront(), last.firstFromLeft(), column.fromLeft()));
                } else {
                    runs.add(new Run(column.fromFront(), column.fromLeft(), column.fromLeft()));
                }
            }
            return List.copyOf(runs);
        }
    }

    /** One column. */
    public record Column(int fromLeft, int fromFront) {}

    /** Columns side by side in one row, the first and the last among them. */
    public record Run(int fromFront, int firstFromLeft, int lastFromLeft) {}

    /** @throws IllegalArgumentException if a size is not above 0 */
    public static PickOutGrid of(BedCut cut, double pitchMm, double sheetMm) {
        Require.positive(pitchMm, "pitch of the columns in mm");
        Require.positive(sheetMm, "thickness of the sheet in mm");
        Cuboid block = cut.block();
        int across = columns(block.max().xMm() - block.min().xMm(), pitchMm);
        int along = columns(block.max().yMm() - block.min().yMm(), pitchMm);
        List<Layer> layers = new ArrayList<>();
        for (BedCut.Half half : BedCut.Half.values()) {
            List<Region> opens = SheetStack.openings(cut, half, sheetMm);
            for (int i = 0; i < opens.size(); i++) {
                if (!opens.get(i).isEmpty()) {
                    layers.add(layer(block, half, i + 1, opens.get(i), pitchMm, across, along));
                }
            }
        }
        return new PickOutGrid(pitchMm, sheetMm, across, along, layers);
    }

    private static int columns(double mm, double pitchMm) {
        return (int) Math.ceil(mm / pitchMm - 1e-9);
    }

    private static Layer layer(
            Cuboid block, BedCut.Half half, int number, Region open, double pitchMm, int across, int along) {
        List<Column> columns = new ArrayList<>();
        double wide = across * pitchMm;
        for (int j = 0; j < along; j++) {
            double y = block.min().yMm() + (j + 0.5) * pitchMm;
            // What is open in one row is little, and quickly asked for each column of it.
            Region row =
                    rectangle(block.min().xMm() + wide / 2, y, wide, pitchMm).common(open);
            if (row.isEmpty()) {
                continue;
            }
            for (int i = 0; i < across; i++) {
                Region column = rectangle(block.min().xMm() + (i + 0.5) * pitchMm, y, pitchMm, pitchMm);
                if (column.common(row).areaMm2() > GIVES_WAY * pitchMm * pitchMm) {
                    columns.add(new Column(i + 1, j + 1));
                }
            }
        }
        double length = open.outlines().stream().mapToDouble(Outline::lengthMm).sum()
                + open.holes().stream().mapToDouble(Outline::lengthMm).sum();
        double loose = (columns.size() * pitchMm * pitchMm - open.areaMm2()) / length;
        return new Layer(half, number, columns, Math.max(0, loose));
    }

    private static Region rectangle(double x, double y, double wide, double deep) {
        return Region.within(Outline.rectangle(new PlanPoint(x, y), wide, deep, 0), 1);
    }

    /** The loosest sheet. */
    public double looseMm() {
        return layers.stream().mapToDouble(Layer::looseMm).max().orElse(0);
    }

    public int pickedOut() {
        return layers.stream().mapToInt(layer -> layer.columns().size()).sum();
    }
}
