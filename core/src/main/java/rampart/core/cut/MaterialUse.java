package rampart.core.cut;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layer;
import rampart.core.layout.Layout;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Size;
import rampart.core.words.Unit;

/**
 * How much of one material a pack takes.
 *
 * @param amount in {@code unit}: foam by the litre, board by the square metre of the rectangles that it is cut from, wraps by the square metre that
 *     they cover once
 */
public record MaterialUse(String id, String name, double amount, Unit unit) {
    private static final double MM3_PER_LITRE = 1e6;
    private static final double MM2_PER_M2 = 1e6;

    /** Foam, board and wraps, each material once, from the item outward. Waste, tape, straps, labels and work are not in it. */
    public static List<MaterialUse> of(Pack pack, Layout layout, Catalogue catalogue) {
        Map<String, MaterialUse> all = new LinkedHashMap<>();
        wraps(all, pack, catalogue);
        for (LaidCushion cushion : layout.cushions()) {
            double density = cushion.foam().densityKgM3();
            double litres = density > 0 ? cushion.massKg() / density * 1e9 / MM3_PER_LITRE : 0;
            add(all, cushion.foam().id(), cushion.foam().name(), litres, Unit.LITRE);
        }
        for (BoardWork work : BoardWork.of(pack, layout, catalogue)) {
            add(all, work.board().id(), work.board().name(), work.sheetMm2() / MM2_PER_M2, Unit.M2);
        }
        return List.copyOf(all.values());
    }

    /** Round the item itself, the only place where a wrap's surface is known without laying the pack. */
    private static void wraps(Map<String, MaterialUse> all, Pack pack, Catalogue catalogue) {
        Size size = pack.item().size();
        for (Layer.Wrap wrap : Layer.wrapsRoundTheItem(pack.layers())) {
            double both = 2 * wrap.thicknessMm();
            size = size.plus(both, both, both);
            double mm2 = 2
                    * (size.lengthMm() * size.widthMm()
                            + size.lengthMm() * size.heightMm()
                            + size.widthMm() * size.heightMm());
            add(all, wrap.material(), catalogue.wrap(wrap.material()).name(), mm2 / MM2_PER_M2, Unit.M2);
        }
    }

    private static void add(Map<String, MaterialUse> all, String id, String name, double amount, Unit unit) {
        all.merge(
                id,
                new MaterialUse(id, name, amount, unit),
                (before, more) -> new MaterialUse(id, name, before.amount + more.amount, unit));
    }
}
