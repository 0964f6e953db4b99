package rampart.formats.view;

import java.util.List;
import java.util.OptionalDouble;
import rampart.core.cut.SheetNeeds;
import rampart.core.sheet.CutPart;
import rampart.core.sheet.SheetPlan;

/**
 * Pieces of one foam in one thickness, laid on sheets.
 *
 * @param sheetMm thickness of the sheet
 * @param packsPerSheet packs whose pieces go on one sheet; 0 where one pack needs more than one, or it was stopped before that was known
 * @param yieldPercent area of the pieces over that of the sheets
 * @param costPerPack of the sheet, shared by all packs that go on it; null where the foam has no price
 * @param leftOver pieces that are larger than a sheet
 */
public record SheetPlanView(
        String foam,
        String foamName,
        double sheetMm,
        double lengthMm,
        double widthMm,
        List<SheetPartView> parts,
        List<LaidSheetView> sheets,
        int packsPerSheet,
        double yieldPercent,
        @Nullable Double costPerPack,
        List<SheetPartView> leftOver) {
    private static final double MM3_PER_LITRE = 1e6;

    /** Equal pieces of one pack. */
    public record SheetPartView(String name, double lengthMm, double widthMm, int count) {
        static SheetPartView of(CutPart part) {
            return new SheetPartView(part.name(), part.lengthMm(), part.widthMm(), part.count());
        }
    }

    /**
     * One sheet, in mm from its lower left corner.
     *
     * @param cuts from edge to edge in the order in which they are made; none where pieces lie freely
     */
    public record LaidSheetView(List<LaidPieceView> placed, List<SheetCutView> cuts) {
        static LaidSheetView of(SheetPlan.Sheet sheet) {
            return new LaidSheetView(
                    sheet.placed().stream().map(LaidPieceView::of).toList(),
                    sheet.cuts().stream().map(SheetCutView::of).toList());
        }
    }

    /** One piece in its place. */
    public record LaidPieceView(String name, double xMm, double yMm, double alongMm, double acrossMm) {
        static LaidPieceView of(SheetPlan.Placed placed) {
            return new LaidPieceView(placed.name(), placed.xMm(), placed.yMm(), placed.alongMm(), placed.acrossMm());
        }
    }

    /** One cut; across runs across the sheet's length, {@code atMm} from its left, else from its front. */
    public record SheetCutView(boolean across, double atMm, double fromMm, double toMm) {
        static SheetCutView of(SheetPlan.Cut cut) {
            return new SheetCutView(cut.across(), cut.atMm(), cut.fromMm(), cut.toMm());
        }
    }

    /** @param perLitre what the foam costs */
    public static SheetPlanView of(SheetNeeds.Planned planned, int packs, OptionalDouble perLitre) {
        SheetPlan plan = planned.plan();
        double sheetMm3 = plan.stock().lengthMm()
                * plan.stock().widthMm()
                * planned.need().sheetMm();
        return new SheetPlanView(
                planned.need().foam().id(),
                planned.need().foam().name(),
                planned.need().sheetMm(),
                plan.stock().lengthMm(),
                plan.stock().widthMm(),
                planned.need().parts().stream().map(SheetPartView::of).toList(),
                plan.sheets().stream().map(LaidSheetView::of).toList(),
                planned.packsPerSheet().orElse(0),
                100 * plan.used(),
                costPerPack(planned, packs, sheetMm3, perLitre),
                plan.leftOver().stream().map(SheetPartView::of).toList());
    }

    /** What is left of a sheet is used for more packs, where more go on one. */
    private static Double costPerPack(SheetNeeds.Planned planned, int packs, double sheetMm3, OptionalDouble perLitre) {
        if (perLitre.isEmpty()) {
            return null;
        }
        double sheet = sheetMm3 / MM3_PER_LITRE * perLitre.getAsDouble();
        return planned.packsPerSheet().orElse(0) > 0
                ? sheet / planned.packsPerSheet().getAsInt()
                : planned.plan().sheets().size() * sheet / packs;
    }
}
