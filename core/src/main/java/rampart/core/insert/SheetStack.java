package rampart.core.insert;

import java.util.ArrayList;
import java.util.List;
import rampart.core.geometry.Region;
import rampart.core.quantity.Require;

/**
 * A bed as a stack of sheets of one thickness, glued: each sheet has its own openings, counted from the parting plane
 * outward, so that depths are right at the face and what is not a whole number of sheets high shows on the outside.
 *
 * @param pieces base, then lid, each from the parting plane outward
 * @param baseRestMm by how much the sheets of the base are short of its height; below 0 where they are over
 * @param lidRestMm the same of the lid
 * @param depthErrorMm how far the depth of an opening is off at most, since it ends where a sheet ends
 * @param cutAwayMm3 foam that is cut out of the sheets
 * @param trays places at which they are not glued, since one tray lies on another
 */
public record SheetStack(
        double sheetMm,
        List<CutPiece> pieces,
        double baseRestMm,
        double lidRestMm,
        double depthErrorMm,
        double cutAwayMm3,
        int trays) {
    /** A stack that is higher than its block by more than this does not let its box close, mm (common practice, no source). */
    public static final double HIGHER_MM = 5;

    /** Openings smaller than this are what rounding leaves, mm2. */
    private static final double NOTHING_MM2 = 1;

    public SheetStack {
        pieces = List.copyOf(pieces);
    }

    /** Height of all sheets on each other, mm. */
    public double heightMm() {
        return pieces.size() * sheetMm;
    }

    /**
     * Whether a bed can be made so: it goes into its box, what is open at the face is open in the sheets there, and no opening goes
     * through a base or lid that has a floor.
     */
    public static boolean holds(BedCut cut, double sheetMm) {
        double over = 0;
        for (BedCut.Half half : BedCut.Half.values()) {
            List<BedCut.Level> levels = cut.fromTheFace(half);
            if (levels.isEmpty()) {
                continue;
            }
            List<Region> opens = openings(cut, half, sheetMm);
            double height =
                    levels.stream().mapToDouble(BedCut.Level::thicknessMm).sum();
            over += opens.size() * sheetMm - height;
            boolean lostAtTheFace = open(levels.get(0).open()) && !open(opens.get(0));
            boolean lostBelow = levels.stream()
                            .map(BedCut.Level::open)
                            .filter(SheetStack::open)
                            .findFirst()
                            .isPresent()
                    && opens.stream().noneMatch(SheetStack::open);
            boolean through = !open(levels.get(levels.size() - 1).open()) && open(opens.get(opens.size() - 1));
            if (lostAtTheFace || lostBelow || through) {
                return false;
            }
        }
        return over <= HIGHER_MM;
    }

    private static boolean open(Region region) {
        return region.areaMm2() > NOTHING_MM2;
    }

    /** Faces to glue, mm2, whole sheets. */
    public double glueMm2() {
        return CutPiece.gluedFaces(pieces, trays)
                * pieces.get(0).widthMm()
                * pieces.get(0).depthMm();
    }

    /** @throws IllegalArgumentException if the sheet is not thicker than nothing */
    public static SheetStack of(BedCut cut, double sheetMm, TurnEdge edge, CutTool tool) {
        Require.positive(sheetMm, "thickness of the sheet in mm");
        List<CutPiece> pieces = new ArrayList<>();
        double[] rest = new double[BedCut.Half.values().length];
        double error = 0;
        double away = 0;
        for (BedCut.Half half : BedCut.Half.values()) {
            List<BedCut.Level> levels = cut.fromTheFace(half);
            if (levels.isEmpty()) {
                continue;
            }
            PieceMaker maker = new PieceMaker(cut, half, edge, tool);
            double height =
                    levels.stream().mapToDouble(BedCut.Level::thicknessMm).sum();
            List<Region> opens = openings(cut, half, sheetMm);
            int count = opens.size();
            rest[half.ordinal()] = height - count * sheetMm;
            for (int i = 0; i < count; i++) {
                Region open = opens.get(i);
                away += open.areaMm2() * sheetMm;
                pieces.add(maker.piece(i + 1, count, sheetMm, List.of(new PieceMaker.Depth(sheetMm, open))));
            }
            double depth = 0;
            for (BedCut.Level level : levels.subList(0, levels.size() - 1)) {
                depth += level.thicknessMm();
                error = Math.max(error, Math.abs(depth - sheetMm * Math.round(depth / sheetMm)));
            }
        }
        return new SheetStack(
                sheetMm,
                pieces,
                rest[BedCut.Half.BASE.ordinal()],
                rest[BedCut.Half.LID.ordinal()],
                error,
                away,
                cut.traysMm().size());
    }

    /** What is open in each sheet of a half, from the parting plane outward; none where it has no height. */
    static List<Region> openings(BedCut cut, BedCut.Half half, double sheetMm) {
        List<BedCut.Level> levels = cut.fromTheFace(half);
        double height = levels.stream().mapToDouble(BedCut.Level::thicknessMm).sum();
        int count = levels.isEmpty() ? 0 : count(height, sheetMm);
        List<Region> opens = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            opens.add(openAt(levels, Math.min((i + 0.5) * sheetMm, height * (1 - 1e-9))));
        }
        return opens;
    }

    /** As many as come nearest to the height without standing out of the box; what is missing then is laid under as a thinner sheet. */
    private static int count(double heightMm, double sheetMm) {
        long nearest = Math.round(heightMm / sheetMm);
        boolean over = nearest * sheetMm - heightMm > HIGHER_MM / BedCut.Half.values().length;
        return (int) Math.max(1, over ? nearest - 1 : nearest);
    }

    private static Region openAt(List<BedCut.Level> levels, double depthMm) {
        double to = 0;
        for (BedCut.Level level : levels) {
            to += level.thicknessMm();
            if (depthMm < to) {
                return level.open();
            }
        }
        return Region.none();
    }
}
