package rampart.formats.paper;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.BedWell;
import rampart.core.bed.Nature;
import rampart.core.bed.Tie;
import rampart.core.bed.TieSlot;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.CutWork;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.insert.BedCut;
import rampart.core.insert.BlockCut;
import rampart.core.insert.CutLine;
import rampart.core.insert.CutPiece;
import rampart.core.insert.CutTool;
import rampart.core.insert.TurnEdge;
import rampart.core.insert.Wedge;
import rampart.core.layout.LaidCushion;
import rampart.core.words.Quantity;
import rampart.core.words.Unit;
import rampart.core.words.Wording;
import rampart.formats.cutting.PieceNotes;
import rampart.formats.paper.Block.Table.Column;
import rampart.formats.paper.Block.Text.Weight;

/** What the packing table needs of a bed: its pieces, each cut in its order, and what lies where. */
final class InsertPaper {
    private static final double ROOM_WIDTH_MM = 88;
    private static final double ROOM_HEIGHT_MM = 70;
    private static final double FLATNESS_MM = 0.2;

    /** The deepest pocket is this dark. */
    private static final double DARKEST = 0.45;

    private final LaidCushion bed;
    private final BlockCut cut;
    private final BedCut levels;
    private final Wording wording;

    private InsertPaper(LaidCushion bed, Wording wording) {
        this.bed = bed;
        this.wording = wording;
        levels = BedCut.of(bed);
        cut = BlockCut.of(levels, TurnEdge.SIDE, CutTool.KNIFE);
    }

    static List<Block> blocks(LaidCushion bed, Wording wording) {
        InsertPaper paper = new InsertPaper(bed, wording);
        List<Block> blocks = new ArrayList<>();
        blocks.add(Block.Text.of(Weight.STRONG, "The insert, cut by hand from the solid"));
        paper.drawings(blocks);
        blocks.add(paper.order());
        blocks.add(paper.positions());
        paper.glued().ifPresent(blocks::add);
        paper.hinged().ifPresent(blocks::add);
        paper.wedges().ifPresent(blocks::add);
        blocks.add(paper.facing());
        return blocks;
    }

    private String mm(double value) {
        return wording.amount(Quantity.cut(value)).toString();
    }

    private static String name(BedCut.Half half, int number, int count) {
        String word = half == BedCut.Half.BASE ? "base" : "lid";
        return count == 1 ? word : word + ", piece " + number + " of " + count;
    }

    /** Two pieces on a row, all to one scale a ruler has. */
    private void drawings(List<Block> blocks) {
        double wide = 0;
        double deep = 0;
        for (CutPiece piece : cut.pieces()) {
            wide = Math.max(wide, piece.widthMm());
            deep = Math.max(deep, piece.depthMm());
        }
        double ratio = PackPaper.ratio(wide, deep, ROOM_WIDTH_MM, ROOM_HEIGHT_MM);
        for (int i = 0; i < cut.pieces().size(); i += 2) {
            List<Drawing> row = new ArrayList<>();
            for (CutPiece piece :
                    cut.pieces().subList(i, Math.min(i + 2, cut.pieces().size()))) {
                row.add(drawing(piece, ratio));
            }
            blocks.add(PackPaper.drawings(row, ratio, wording));
            for (CutPiece piece :
                    cut.pieces().subList(i, Math.min(i + 2, cut.pieces().size()))) {
                String name = name(piece.half(), piece.number(), piece.count());
                PieceNotes.of(piece, wording)
                        .forEach(line -> blocks.add(
                                Block.Text.of(Weight.SMALL, cut.pieces().size() == 1 ? line : name + ": " + line)));
            }
        }
    }

    private Drawing drawing(CutPiece piece, double ratio) {
        List<Drawing.Shape> shapes = new ArrayList<>();
        List<Drawing.Label> labels = new ArrayList<>();
        double deepest =
                piece.lines().stream().mapToDouble(CutLine::depthMm).max().orElse(1);
        // The edge of the piece first, then from shallow to deep, so that each lies on what it is cut into.
        CutLine edge = piece.lines().get(piece.lines().size() - 1);
        shapes.add(shape(edge.outline(), piece, ratio, 0));
        piece.lines().subList(0, piece.lines().size() - 1).stream()
                .sorted(Comparator.comparingDouble(line -> line.depthMm() + (line.work() == CutWork.ISLAND ? 0.01 : 0)))
                .forEach(line -> {
                    double tone = line.work() == CutWork.ISLAND ? 0 : DARKEST * line.depthMm() / deepest;
                    shapes.add(shape(line.outline(), piece, ratio, tone));
                    if (line.work() == CutWork.CUT || line.work() == CutWork.POCKET) {
                        Bounds bounds = line.outline().bounds();
                        // Behind in its opening and in front by turns, so that one in another is not written over it.
                        double y = labels.size() % 2 == 0
                                ? (piece.depthMm() - bounds.maxYMm()) / ratio + 2.5
                                : (piece.depthMm() - bounds.minYMm()) / ratio - 2.5;
                        labels.add(new Drawing.Label(
                                (bounds.minXMm() + bounds.maxXMm()) / 2 / ratio,
                                y,
                                wording.amount(Quantity.cut(line.depthMm())).number()));
                    }
                });
        String which = name(piece.half(), piece.number(), piece.count());
        return new Drawing(
                which.replaceAll("[^a-z0-9]+", "-"),
                which + ": " + mm(piece.widthMm()) + " by " + mm(piece.depthMm()) + ", " + mm(piece.thicknessMm())
                        + " thick" + (piece.half() == BedCut.Half.LID ? ", lying turned over its side" : ""),
                piece.widthMm() / ratio,
                piece.depthMm() / ratio,
                List.of(),
                shapes,
                labels);
    }

    private static Drawing.Shape shape(Outline outline, CutPiece piece, double ratio, double tone) {
        return new Drawing.Shape(
                outline.flattened(FLATNESS_MM).corners().stream()
                        .map(place -> new PlanPoint(place.xMm() / ratio, (piece.depthMm() - place.yMm()) / ratio))
                        .toList(),
                tone,
                false,
                0.25);
    }

    private Block order() {
        List<List<String>> rows = new ArrayList<>();
        for (BlockCut.Step step : cut.steps()) {
            int count = (int) cut.pieces().stream()
                    .filter(piece -> piece.half() == step.half())
                    .count();
            rows.add(List.of(
                    String.valueOf(rows.size() + 1),
                    name(step.half(), step.piece(), count),
                    mm(step.knifeMm()),
                    mm(step.toMm()),
                    step.openings() == 1 ? "one opening" : step.openings() + " openings",
                    step.through() ? "right through" : "lift the foam out"));
        }
        return new Block.Table(
                "Order of cuts, each from the face that lies up; figures on the drawings are depths from it",
                List.of(
                        new Column("cut", 9, true),
                        new Column("piece", 36, false),
                        new Column("set the knife to", 28, true),
                        new Column("depth reached", 28, true),
                        new Column("round", 28, false),
                        new Column("then", 40, false)),
                rows,
                false);
    }

    /** What is laid in first stands first: what lies lowest. */
    private Block positions() {
        BedShape shape = bed.bed().orElseThrow();
        double under = levels.block().min().zMm();
        List<List<String>> rows = new ArrayList<>();
        shape.parts().stream()
                .sorted(Comparator.comparingDouble(part -> part.prism().bottomMm()))
                .forEach(part -> rows.add(List.of(
                        part.name(),
                        part.nature().word(),
                        place(part.prism().outline(), part.prism().bottomMm(), under),
                        keeps(part))));
        for (BedWell well : shape.wells()) {
            rows.add(List.of(
                    well.name(),
                    "left empty",
                    place(well.prism().outline(), well.prism().bottomMm(), under),
                    ""));
        }
        for (TieSlot slot : levels.slotsInFoam()) {
            Tie tie = shape.ties().get(slot.tie());
            rows.add(List.of(
                    "tie " + mm(tie.widthMm()) + " wide",
                    "pulled to " + wording.amount(new Quantity(tie.tensionN(), Unit.N, 0)),
                    "slots in bed and box: " + slot(slot.first()) + "; " + slot(slot.second()),
                    "along the " + tie.axis().word()));
        }
        return new Block.Table(
                "What lies where, from the block's left, front and underside",
                List.of(
                        new Column("what", 42, false),
                        new Column("how", 34, false),
                        new Column("from left, front, underside", 60, false),
                        new Column("fit", 44, false)),
                rows,
                false);
    }

    /** Its near corner and its sides. */
    private String slot(List<PlanPoint> outline) {
        Bounds bounds = Bounds.of(outline);
        return mm(bounds.minXMm() - levels.block().min().xMm()) + ", "
                + mm(bounds.minYMm() - levels.block().min().yMm()) + " (" + mm(bounds.widthMm()) + " by "
                + mm(bounds.heightMm()) + ")";
    }

    private String place(List<PlanPoint> outline, double bottomMm, double underMm) {
        Bounds bounds = Outline.polygon(outline).bounds();
        return mm(bounds.minXMm() - levels.block().min().xMm()) + ", "
                + mm(bounds.minYMm() - levels.block().min().yMm()) + ", " + mm(bottomMm - underMm);
    }

    private String keeps(BedPart part) {
        if (part.nature() == Nature.STRONG) {
            return part.clearanceMm() < 0
                    ? "gripped by " + mm(-part.clearanceMm())
                    : part.clearanceMm() > 0 ? mm(part.clearanceMm()) + " loose all round" : "snug";
        }
        return mm(part.clearanceMm()) + " kept clear";
    }

    private Optional<Block> glued() {
        return cut.glueMm2() > 0
                ? Optional.of(Block.Text.of(
                        Weight.PLAIN,
                        "Glue the pieces of each half together again: "
                                + wording.amount(Quantity.cm2(cut.glueMm2() / 100)) + " in all."))
                : Optional.empty();
    }

    private Optional<Block> hinged() {
        int trays = levels.traysMm().size();
        return trays > 0
                ? Optional.of(Block.Text.of(
                        Weight.PLAIN,
                        "The base is " + (trays + 1)
                                + " trays, one on the other, not glued: hinge each to the one below along its back edge with a"
                                + " strip of cloth tape, so that it opens like a page and none is lost, and mark its front"
                                + " edge. Fill and close the lowest first."))
                : Optional.empty();
    }

    private Optional<Block> wedges() {
        List<Wedge> wedges = Wedge.of(bed);
        if (wedges.isEmpty()) {
            return Optional.empty();
        }
        Wedge first = wedges.get(0);
        String sides = wedges.stream()
                .map(wedge -> wedge.face().word() + " " + mm(wedge.wideMm()) + " by " + mm(wedge.highMm()))
                .collect(Collectors.joining(", "));
        return Optional.of(
                Block.Text.of(
                        Weight.PLAIN,
                        "Off-cuts to push in beside " + first.part() + ", which has " + mm(first.gapMm()) + " of play: "
                                + mm(first.thickMm()) + " thick, " + sides
                                + ". They are to hold by themselves while the box is turned over; a folded strip of the same foam will do."));
    }

    private Block facing() {
        return Block.Text.of(
                Weight.PLAIN,
                "Cloth or an interleaf over all that the item touches: "
                        + wording.amount(Quantity.cm2(levels.facedMm2(BedCut.Half.BASE) / 100)) + " for the base, "
                        + wording.amount(Quantity.cm2(levels.facedMm2(BedCut.Half.LID) / 100))
                        + " for the lid, and what is tucked in at the edges; only if the finish asks for it.");
    }
}
