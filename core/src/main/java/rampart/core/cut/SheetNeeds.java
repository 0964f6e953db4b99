package rampart.core.cut;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.function.BooleanSupplier;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layout;
import rampart.core.material.Foam;
import rampart.core.sheet.CutPart;
import rampart.core.sheet.SheetPlan;
import rampart.core.sheet.SheetPlanner;
import rampart.core.sheet.StockSheet;

/** Which sheets the cut pieces of a pack come from. */
public final class SheetNeeds {
    /** A piece within this of whole sheets is laid out of them, mm. */
    private static final double SAME_MM = 1;

    /** More packs than this are not tried on one sheet. */
    public static final int MOST_PACKS = 60;

    private SheetNeeds() {}

    /**
     * Pieces of one foam in one thickness of sheet, for one pack.
     *
     * @param sheetMm thickness of the sheet
     */
    public record Need(Foam foam, double sheetMm, List<CutPart> parts) {
        public Need {
            parts = List.copyOf(parts);
        }

        /** The parts of so many packs. */
        List<CutPart> times(int packs) {
            return parts.stream()
                    .map(part -> new CutPart(part.name(), part.lengthMm(), part.widthMm(), part.count() * packs))
                    .toList();
        }
    }

    /**
     * A need laid on sheets.
     *
     * @param packsPerSheet how many packs' pieces go on one sheet, {@link #MOST_PACKS} where they are as many or more; 0 where one pack needs more than one;
     *     empty where it was stopped before it was known
     */
    public record Planned(Need need, SheetPlan plan, OptionalInt packsPerSheet) {}

    /**
     * What one pack needs.
     *
     * @param stockedMm by id of the foam, thicknesses of sheets that are stocked: a piece is laid out of the thickest of
     *     them that goes into it a whole number of times, else it is one piece of its own thickness
     * @param sides how the sides of linings meet
     */
    public static List<Need> of(Layout layout, Map<String, List<Double>> stockedMm, CutList.Sides sides) {
        Map<String, Need> needs = new LinkedHashMap<>();
        for (CutList.Piece piece : CutList.of(layout, sides).pieces()) {
            Foam foam = layout.cushions().stream()
                    .filter(cushion -> cushion.layer() == piece.layer())
                    .map(LaidCushion::foam)
                    .findFirst()
                    .orElseThrow();
            double sheet = sheet(piece.thicknessMm(), stockedMm.getOrDefault(foam.id(), List.of()));
            int layers = (int) Math.max(1, Math.round(piece.thicknessMm() / sheet));
            String key = foam.id() + " " + sheet;
            Need before = needs.getOrDefault(key, new Need(foam, sheet, List.of()));
            List<CutPart> parts = new ArrayList<>(before.parts());
            parts.add(new CutPart(
                    (char) ('A' + parts.size() % 26) + (parts.size() < 26 ? "" : Integer.toString(parts.size() / 26)),
                    piece.lengthMm(),
                    piece.widthMm(),
                    piece.count() * layers));
            needs.put(key, new Need(foam, sheet, parts));
        }
        return List.copyOf(needs.values());
    }

    private static double sheet(double thicknessMm, List<Double> stockedMm) {
        double best = thicknessMm;
        double thickest = 0;
        for (double stocked : stockedMm) {
            double layers = Math.round(thicknessMm / stocked);
            if (layers >= 1 && Math.abs(layers * stocked - thicknessMm) <= SAME_MM && stocked > thickest) {
                thickest = stocked;
                best = stocked;
            }
        }
        return best;
    }

    /**
     * The sheets for so many packs.
     *
     * @param stopped asked between two ways to lay the pieces
     */
    public static Planned plan(Need need, StockSheet stock, int packs, BooleanSupplier stopped) {
        SheetPlan plan = SheetPlanner.plan(need.times(packs), stock, stopped);
        return new Planned(need, plan, packsPerSheet(need, stock, stopped));
    }

    /**
     * By halving: where so many packs go on one sheet, fewer do.
     *
     * @return empty where it was stopped before it was known
     */
    private static OptionalInt packsPerSheet(Need need, StockSheet stock, BooleanSupplier stopped) {
        double area = need.parts().stream()
                .mapToDouble(part -> part.count() * part.lengthMm() * part.widthMm())
                .sum();
        int known = 0;
        int most = (int) Math.min(MOST_PACKS, stock.lengthMm() * stock.widthMm() / area);
        while (known < most) {
            int tried = (known + most + 1) / 2;
            SheetPlan plan = SheetPlanner.plan(need.times(tried), stock, stopped);
            if (stopped.getAsBoolean()) {
                return OptionalInt.empty();
            }
            if (plan.sheets().size() == 1 && plan.leftOver().isEmpty()) {
                known = tried;
            } else {
                most = tried - 1;
            }
        }
        return OptionalInt.of(known);
    }
}
