package rampart.core.quote;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import rampart.core.clearance.FittedBox;
import rampart.core.cost.Prices;
import rampart.core.cut.BoardWork;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layer;
import rampart.core.layout.Layout;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Size;
import rampart.core.steps.TapeNeeded;

/** Everything that one pack uses up, each material once. */
public final class MaterialNeeds {
    private static final double MM3_PER_LITRE = 1e6;
    private static final double MM2_PER_M2 = 1e6;

    private final Prices prices;
    private final Map<String, Need> needs = new LinkedHashMap<>();

    private MaterialNeeds(Prices prices) {
        this.prices = prices;
    }

    /**
     * One material.
     *
     * @param amount in {@code unit}
     * @param price of one unit; empty where nobody has given one
     */
    public record Need(String name, double amount, String unit, OptionalDouble price) {
        private Need plus(double more) {
            return new Need(name, amount + more, unit, price);
        }
    }

    /** From the item outward, then tape and straps. */
    public static List<Need> of(Pack pack, Layout layout, Catalogue catalogue, Prices prices) {
        MaterialNeeds all = new MaterialNeeds(prices);
        all.wraps(pack, catalogue);
        for (LaidCushion cushion : layout.cushions()) {
            double density = cushion.foam().densityKgM3();
            double litres = density > 0 ? cushion.massKg() / density * 1e9 / MM3_PER_LITRE : 0;
            all.add(cushion.foam().id(), cushion.foam().name(), litres, "l");
        }
        for (BoardWork work : BoardWork.of(pack, layout, catalogue)) {
            all.add(work.board().id(), work.board().name(), work.areaMm2() / MM2_PER_M2, "m²");
        }
        all.add("tape", "Tape, 50 mm", TapeNeeded.metres(layout), "m");
        double straps =
                FittedBox.all(layout).stream().mapToDouble(FittedBox::strapMm).sum() / 1000;
        all.add("strap", "Strap, 12 mm", straps, "m");
        return List.copyOf(all.needs.values());
    }

    private void wraps(Pack pack, Catalogue catalogue) {
        Size size = pack.item().size();
        for (Layer.Wrap wrap : Layer.wrapsRoundTheItem(pack.layers())) {
            double both = 2 * wrap.thicknessMm();
            size = size.plus(both, both, both);
            double mm2 = 2
                    * (size.lengthMm() * size.widthMm()
                            + size.lengthMm() * size.heightMm()
                            + size.widthMm() * size.heightMm());
            add(wrap.material(), catalogue.wrap(wrap.material()).name(), mm2 / MM2_PER_M2, "m²");
        }
    }

    private void add(String id, String name, double amount, String unit) {
        if (amount > 0) {
            needs.merge(id, new Need(name, amount, unit, prices.of(id)), (before, more) -> before.plus(more.amount()));
        }
    }
}
