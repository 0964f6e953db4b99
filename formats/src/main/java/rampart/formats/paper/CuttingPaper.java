package rampart.formats.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import rampart.core.cut.SheetNeeds;
import rampart.core.geometry.PlanPoint;
import rampart.core.sheet.SheetPlan;
import rampart.core.words.Quantity;
import rampart.core.words.Wording;
import rampart.formats.paper.Block.Text.Weight;

/** What is cut, and how it lies on sheets. */
final class CuttingPaper {
    private static final double ROOM_WIDTH_MM = 88;
    private static final double ROOM_HEIGHT_MM = 60;

    private CuttingPaper() {}

    static List<Block> blocks(PaperSource source) {
        List<Block> blocks = new ArrayList<>(PackPaper.cutting(source));
        blocks.add(Block.Text.of(
                Weight.PLAIN,
                "Sharp blade: cut away from the hand, on a mat, with a guard. By heat only foam whose data sheet allows it,"
                        + " with extraction and a mask."));
        blocks.addAll(PadPlan.blocks(source));
        for (SheetNeeds.Planned planned : Sheets.plan(source)) {
            plan(blocks, planned, source);
        }
        return blocks;
    }

    private static void plan(List<Block> blocks, SheetNeeds.Planned planned, PaperSource source) {
        SheetPlan plan = planned.plan();
        Wording wording = source.wording();
        double ratio = PackPaper.ratio(plan.stock().lengthMm(), plan.stock().widthMm(), ROOM_WIDTH_MM, ROOM_HEIGHT_MM);
        int sheets = plan.sheets().size();
        blocks.add(Block.Text.of(
                Weight.STRONG,
                planned.need().foam().name() + ", "
                        + wording.amount(Quantity.cut(planned.need().sheetMm()))
                        + " thick: " + sheets + (sheets == 1 ? " sheet of " : " sheets of ")
                        + wording.amount(Quantity.cut(plan.stock().lengthMm())).number() + " × "
                        + wording.amount(Quantity.cut(plan.stock().widthMm())).number()
                        + (source.packs() == 1 ? "" : " for " + source.packs() + " packs")
                        + "; no allowance for the saw"));
        List<Drawing> row = new ArrayList<>();
        for (int i = 0; i < Math.min(sheets, 2); i++) {
            row.add(drawing(plan, i, ratio));
        }
        if (!row.isEmpty()) {
            blocks.add(PackPaper.drawings(row, ratio, wording));
        }
        blocks.add(Block.Text.of(
                Weight.PLAIN,
                planned.need().parts().stream()
                                .map(part -> part.name() + " "
                                        + wording.amount(Quantity.cut(part.lengthMm()))
                                                .number() + " × " + wording.amount(Quantity.cut(part.widthMm())) + ", "
                                        + part.count() + " a pack")
                                .collect(Collectors.joining("; "))
                        + "."));
        if (!plan.leftOver().isEmpty()) {
            blocks.add(Block.Text.of(
                    Weight.PLAIN,
                    "Some pieces are larger than such a sheet: glue them from two, or order larger sheets."));
        }
    }

    private static Drawing drawing(SheetPlan plan, int index, double ratio) {
        List<Drawing.Shape> shapes = new ArrayList<>();
        List<Drawing.Label> labels = new ArrayList<>();
        double length = plan.stock().lengthMm();
        double width = plan.stock().widthMm();
        shapes.add(rectangle(0, 0, length, width, ratio, 0));
        for (SheetPlan.Placed placed : plan.sheets().get(index).placed()) {
            shapes.add(rectangle(placed.xMm(), placed.yMm(), placed.alongMm(), placed.acrossMm(), ratio, 0.12));
            labels.add(new Drawing.Label(
                    (placed.xMm() + placed.alongMm() / 2) / ratio,
                    (placed.yMm() + placed.acrossMm() / 2) / ratio,
                    placed.name()));
        }
        return new Drawing(
                "sheet-" + (index + 1),
                "Sheet " + (index + 1) + "",
                length / ratio,
                width / ratio,
                List.of(),
                shapes,
                labels);
    }

    private static Drawing.Shape rectangle(double x, double y, double along, double across, double ratio, double tone) {
        return new Drawing.Shape(
                List.of(
                        new PlanPoint(x / ratio, y / ratio),
                        new PlanPoint((x + along) / ratio, y / ratio),
                        new PlanPoint((x + along) / ratio, (y + across) / ratio),
                        new PlanPoint(x / ratio, (y + across) / ratio)),
                tone,
                false,
                0.2);
    }
}
