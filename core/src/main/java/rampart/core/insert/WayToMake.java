package rampart.core.insert;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * One way to make a bed, to be laid beside others. The times are assumed (common practice, no source).
 *
 * @param sheetMm thickness of the sheets; empty where it is cut from the solid
 * @param heightMm of base and lid on each other, made so
 * @param blockMm of the block that it is to be
 * @param pieces to cut and place
 * @param cuts separate closed lines to follow, or columns to pick out
 * @param pathMm length of all lines
 * @param glueMm2 faces to glue
 * @param foamMm3 foam that is taken from the store
 * @param wasteMm3 of it that is cut away
 * @param minutes by hand
 * @param looseMm by how much it fits worse than a cut outline; 0 where it is one
 * @param depthErrorMm by how much a depth is off at most
 * @param cost of the foam; empty where it has no price
 */
public record WayToMake(
        Kind kind,
        OptionalDouble sheetMm,
        double heightMm,
        double blockMm,
        int pieces,
        int cuts,
        double pathMm,
        double glueMm2,
        double foamMm3,
        double wasteMm3,
        double minutes,
        double looseMm,
        double depthErrorMm,
        OptionalDouble cost) {
    /** How foam becomes a bed. */
    public enum Kind {
        /** Out of one block for the base and one for the lid, to levels. */
        BLOCK,
        /** Out of sheets, each cut through, and glued. */
        SHEETS,
        /** Out of foam cut into columns, some picked out. */
        PICK_OUT,
        /** Out of strips, cut to length and glued: caps, rails, blocks. */
        STRIPS
    }

    private static final double MM3_PER_LITRE = 1e6;
    private static final double MM_A_MINUTE = 150;
    private static final double MINUTES_A_LINE = 1;
    private static final int CUTS_A_STRIP = 2;
    private static final double MINUTES_A_GLUED_FACE = 3;
    private static final double MINUTES_A_COLUMN = 0.05;

    /**
     * All ways for one bed: from the solid, in each thickness of sheets that can hold the item in its box, picked out.
     *
     * @param sheetsMm thicknesses that lie in the store
     * @param costPerLitre of the foam
     */
    public static List<WayToMake> all(
            BedCut cut, List<Double> sheetsMm, OptionalDouble costPerLitre, TurnEdge edge, CutTool tool) {
        List<WayToMake> ways = new ArrayList<>();
        double high = highMm(cut);
        double block = cut.blockFromAbove().areaMm2() * high;
        BlockCut solid = BlockCut.of(cut, edge, tool);
        ways.add(made(
                Kind.BLOCK,
                OptionalDouble.empty(),
                high,
                high,
                solid.pieces(),
                cut.traysMm().size(),
                solid.glueMm2(),
                block,
                cut.openMm3(),
                0,
                costPerLitre));
        for (double sheet : sheetsMm) {
            if (!SheetStack.holds(cut, sheet)) {
                continue;
            }
            SheetStack stack = SheetStack.of(cut, sheet, edge, tool);
            double foam = stack.pieces().size() * sheet * cut.blockFromAbove().areaMm2();
            ways.add(made(
                    Kind.SHEETS,
                    OptionalDouble.of(sheet),
                    stack.heightMm(),
                    high,
                    stack.pieces(),
                    stack.trays(),
                    stack.glueMm2(),
                    foam,
                    stack.cutAwayMm3(),
                    stack.depthErrorMm(),
                    costPerLitre));
            PickOutGrid grid = PickOutGrid.of(cut, PickOutGrid.USUAL_PITCH_MM, sheet);
            ways.add(new WayToMake(
                    Kind.PICK_OUT,
                    OptionalDouble.of(sheet),
                    stack.heightMm(),
                    high,
                    stack.pieces().size(),
                    grid.pickedOut(),
                    0,
                    0,
                    foam,
                    grid.pickedOut() * PickOutGrid.USUAL_PITCH_MM * PickOutGrid.USUAL_PITCH_MM * sheet,
                    grid.pickedOut() * MINUTES_A_COLUMN + stack.pieces().size() * MINUTES_A_LINE,
                    grid.looseMm(),
                    stack.depthErrorMm(),
                    cost(foam, costPerLitre)));
        }
        return List.copyOf(ways);
    }

    private static WayToMake made(
            Kind kind,
            OptionalDouble sheetMm,
            double heightMm,
            double blockMm,
            List<CutPiece> pieces,
            int trays,
            double glueMm2,
            double foamMm3,
            double wasteMm3,
            double depthErrorMm,
            OptionalDouble costPerLitre) {
        int cuts = pieces.stream().mapToInt(piece -> piece.lines().size()).sum();
        double path = pieces.stream().mapToDouble(CutPiece::pathMm).sum();
        return new WayToMake(
                kind,
                sheetMm,
                heightMm,
                blockMm,
                pieces.stream().mapToInt(piece -> Math.max(1, piece.loose())).sum(),
                cuts,
                path,
                glueMm2,
                foamMm3,
                wasteMm3,
                path / MM_A_MINUTE + cuts * MINUTES_A_LINE + CutPiece.gluedFaces(pieces, trays) * MINUTES_A_GLUED_FACE,
                0,
                depthErrorMm,
                cost(foamMm3, costPerLitre));
    }

    /**
     * A bed that leaves most of its block open, out of strips: nothing is cut away, each strip is ripped and cut to length.
     *
     * @param strips how many
     * @param glued faces at which they are glued to each other
     */
    public static WayToMake ofStrips(BedCut cut, int strips, int glued, OptionalDouble costPerLitre) {
        double high = highMm(cut);
        double left = cut.blockFromAbove().areaMm2() * high - cut.openMm3();
        int cuts = CUTS_A_STRIP * strips;
        return new WayToMake(
                Kind.STRIPS,
                OptionalDouble.empty(),
                high,
                high,
                strips,
                cuts,
                0,
                0,
                left,
                0,
                cuts * MINUTES_A_LINE + glued * MINUTES_A_GLUED_FACE,
                0,
                0,
                cost(left, costPerLitre));
    }

    private static double highMm(BedCut cut) {
        return cut.block().max().zMm() - cut.block().min().zMm();
    }

    private static OptionalDouble cost(double foamMm3, OptionalDouble perLitre) {
        return perLitre.isPresent()
                ? OptionalDouble.of(foamMm3 / MM3_PER_LITRE * perLitre.getAsDouble())
                : OptionalDouble.empty();
    }
}
