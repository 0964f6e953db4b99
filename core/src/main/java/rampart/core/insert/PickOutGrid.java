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
 * @param layers sheets of that foam from the parting plane outward, base, then lid
 */
public record PickOutGrid(double pitchMm, double sheetMm, List<Layer> layers) {
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
    }

    /** One column. */
    public record Column(int fromLeft, int fromFront) {}

    /** @throws IllegalArgumentException if a size is not above 0 */
    public static PickOutGrid of(BedCut cut, double pitchMm, double sheetMm) {
        Require.positive(pitchMm, "pitch of the columns in mm");
        Require.positive(sheetMm, "thickness of the sheet in mm");
        List<Layer> layers = new ArrayList<>();
        for (BedCut.Half half : BedCut.Half.values()) {
            List<Region> opens = SheetStack.openings(cut, half, sheetMm);
            for (int i = 0; i < opens.size(); i++) {
                if (!opens.get(i).isEmpty()) {
                    layers.add(layer(cut.block(), half, i + 1, opens.get(i), pitchMm));
                }
            }
        }
        return new PickOutGrid(pitchMm, sheetMm, layers);
    }

    private static Layer layer(Cuboid block, BedCut.Half half, int number, Region open, double pitchMm) {
        List<Column> columns = new ArrayList<>();
        int across = (int) Math.ceil((block.max().xMm() - block.min().xMm()) / pitchMm - 1e-9);
        int along = (int) Math.ceil((block.max().yMm() - block.min().yMm()) / pitchMm - 1e-9);
        for (int j = 0; j < along; j++) {
            for (int i = 0; i < across; i++) {
                PlanPoint middle = new PlanPoint(
                        block.min().xMm() + (i + 0.5) * pitchMm, block.min().yMm() + (j + 0.5) * pitchMm);
                Region column = Region.within(Outline.rectangle(middle, pitchMm, pitchMm, 0), 1);
                if (column.common(open).areaMm2() > GIVES_WAY * pitchMm * pitchMm) {
                    columns.add(new Column(i + 1, j + 1));
                }
            }
        }
        double length = open.outlines().stream().mapToDouble(Outline::lengthMm).sum()
                + open.holes().stream().mapToDouble(Outline::lengthMm).sum();
        double loose = (columns.size() * pitchMm * pitchMm - open.areaMm2()) / length;
        return new Layer(half, number, columns, Math.max(0, loose));
    }

    /** The loosest sheet. */
    public double looseMm() {
        return layers.stream().mapToDouble(Layer::looseMm).max().orElse(0);
    }

    public int pickedOut() {
        return layers.stream().mapToInt(layer -> layer.columns().size()).sum();
    }
}
