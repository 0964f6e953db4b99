package rampart.core.blank;

import java.util.ArrayList;
import java.util.List;
import rampart.core.geometry.PlanPoint;
import rampart.core.item.Pieces;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Point;
import rampart.core.quantity.Size;

/**
 * The strips of board that divide a set of pieces, half slotted into each other, what fills the play round them, and the pads between its levels.
 *
 * <p>Strips across are lettered A, those along the length B, numbered from the left and from the front, as in {@link SetPlan}.
 *
 * <p>A slot is as wide as the board and some fit, and goes half way and some fit: strips that run across are open at the top, those
 * along the length at the bottom.
 */
public final class Divider {
    /** What a slot is wider than the board, and deeper than half the strip, mm (nominal). */
    public static final double FIT_MM = 1;

    /** A filler is folded from this much room on, in calipers (assumed). */
    private static final double FILLER_CALIPERS = 3;

    private final Pieces pieces;
    private final Size size;
    private final double c;
    private final double levelMm;
    private final List<CountedBlank> blanks = new ArrayList<>();

    private Divider(Pieces pieces, Size size, double caliperMm) {
        this.pieces = pieces;
        this.size = size;
        c = caliperMm;
        levelMm = (size.heightMm() - (pieces.levels() - 1) * c) / pieces.levels();
    }

    /**
     * The pieces of board, equal ones counted.
     *
     * @param size of all the pieces together, mm
     */
    public static List<CountedBlank> of(Pieces pieces, Size size, double caliperMm) {
        Divider divider = new Divider(pieces, size, caliperMm);
        switch (pieces.arrangement()) {
            case GRID -> {
                divider.strips("strip across", "A", Axis.Y, pieces.columns() - 1, true);
                divider.strips("strip along", "B", Axis.X, pieces.rows() - 1, false);
            }
            case DIAGONAL -> divider.cross();
            case ALTERNATE -> divider.plainStrips(size.lengthMm(), pieces.rows() - 1);
        }
        divider.fillers();
        divider.pads();
        return List.copyOf(divider.blanks);
    }

    /** Middles of the strips between cells of such clear widths, from the beginning of the first, mm. */
    static List<Double> middlesMm(List<Double> cellsMm, double caliperMm) {
        List<Double> middles = new ArrayList<>();
        double from = 0;
        for (double cell : cellsMm.subList(0, cellsMm.size() - 1)) {
            middles.add(from + cell + caliperMm / 2);
            from += cell + caliperMm;
        }
        return middles;
    }

    private void strips(String name, String letter, Axis along, int count, boolean openAbove) {
        if (count > 0) {
            double longMm = size.along(along);
            List<Double> middles = middlesMm(pieces.cellsMm(longMm, c, along), c);
            strip(name, numbers(letter, count), longMm, middles, c + FIT_MM, openAbove, count * pieces.levels());
        }
    }

    /** Between rows without columns: no strip crosses them. */
    private void plainStrips(double longMm, int count) {
        if (count > 0) {
            strip("strip along", numbers("B", count), longMm, List.of(), 0, false, count * pieces.levels());
        }
    }

    private static String numbers(String letter, int count) {
        return count == 1 ? letter + 1 : letter + "1 to " + letter + count;
    }

    private void cross() {
        double longer = Math.max(size.lengthMm(), size.widthMm());
        double shorter = Math.min(size.lengthMm(), size.widthMm());
        DiagonalStrip strip = DiagonalStrip.in(longer, shorter, c);
        // Two boards that cross at an angle take more of each other's length than their thickness.
        double wide = c / Math.sin(2 * strip.radians()) + FIT_MM;
        List<Double> middle = List.of(strip.lengthMm() / 2);
        strip("diagonal strip, slot above", "A1", strip.lengthMm(), middle, wide, true, pieces.levels());
        strip("diagonal strip, slot below", "B1", strip.lengthMm(), middle, wide, false, pieces.levels());
    }

    private void strip(
            String name, String numbers, double longMm, List<Double> slots, double wide, boolean above, int count) {
        double deep = Math.min(levelMm, levelMm / 2 + FIT_MM);
        List<PlanPoint> edge = new ArrayList<>();
        edge.add(new PlanPoint(0, above ? levelMm : 0));
        for (double[] slot : cuttable(slots, wide, longMm)) {
            double from = above ? levelMm : 0;
            double to = above ? levelMm - deep : deep;
            edge.add(new PlanPoint(slot[0], from));
            edge.add(new PlanPoint(slot[0], to));
            edge.add(new PlanPoint(slot[1], to));
            edge.add(new PlanPoint(slot[1], from));
        }
        edge.add(new PlanPoint(longMm, above ? levelMm : 0));
        edge.add(new PlanPoint(longMm, above ? 0 : levelMm));
        edge.add(new PlanPoint(0, above ? 0 : levelMm));
        plain(name, numbers, edge, count);
    }

    /**
     * Where slots begin and end that can be cut. Cells that are narrower than the board fits lie over each other: their slots are one; one that
     * reaches over an end of the strip is none. That such a set does not go in is for {@code pieces.fit} to say.
     */
    private static List<double[]> cuttable(List<Double> middles, double wide, double longMm) {
        List<double[]> cuts = new ArrayList<>();
        for (double middle : middles.stream().sorted().toList()) {
            double from = middle - wide / 2;
            double to = middle + wide / 2;
            double[] before = cuts.isEmpty() ? null : cuts.get(cuts.size() - 1);
            if (before != null && from <= before[1]) {
                before[1] = Math.min(to, longMm);
            } else if (from > 0 && to < longMm) {
                cuts.add(new double[] {from, to});
            }
        }
        cuts.removeIf(cut -> cut[1] >= longMm);
        return cuts;
    }

    /**
     * Channels of board at both ends of each row of pieces that are up and down in turn, their legs to the wall: they take up the play
     * along the row, which no strip does. Across it the strips share the play out.
     */
    private void fillers() {
        if (pieces.arrangement() == Pieces.Arrangement.ALTERNATE) {
            double row = pieces.cellsMm(size.widthMm(), c, Axis.Y).get(0);
            filler("perimeter filler", row, pieces.playMm(size, c, Axis.X) / 2);
        }
    }

    private void filler(String name, double longMm, double gapMm) {
        if (gapMm < FILLER_CALIPERS * c || longMm <= c || levelMm <= 0) {
            return;
        }
        double leg = gapMm - c / 2;
        double web = longMm - c;
        BlankMaker maker = new BlankMaker();
        int middle = maker.first("web", 0, 0, web, levelMm);
        maker.left(middle, "leg", BlankMaker.Bend.square(1, 0), 0, levelMm, 0, leg);
        maker.right(middle, "leg", BlankMaker.Bend.square(1, 0), 0, levelMm, web, leg);
        blanks.add(new CountedBlank(
                maker.made(
                        name,
                        c,
                        List.of("Fold both legs square and stand it along the wall, its legs to the wall."),
                        new Pose(Point.ORIGIN, new Point(1, 0, 0), new Point(0, 0, 1))),
                2 * pieces.rows() * pieces.levels()));
    }

    private void pads() {
        if (pieces.levels() > 1) {
            double l = size.lengthMm();
            double w = size.widthMm();
            plain(
                    "layer pad",
                    "layer pad",
                    List.of(new PlanPoint(0, 0), new PlanPoint(l, 0), new PlanPoint(l, w), new PlanPoint(0, w)),
                    pieces.levels() - 1);
        }
    }

    private void plain(String name, String label, List<PlanPoint> edge, int count) {
        blanks.add(new CountedBlank(Blank.flat(name, label, c, edge), count));
    }
}
