package rampart.core.cost;

import java.util.List;
import java.util.OptionalDouble;
import rampart.core.layout.LaidBoards;
import rampart.core.layout.LaidBox;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layer;
import rampart.core.layout.Layout;
import rampart.core.quantity.Size;

/**
 * Cost of the material in a pack: foam by volume, board by blank, wraps by the surface they cover once. Waste, tape,
 * labels and work are not in it.
 */
public final class MaterialCost {
    private static final double MM3_PER_LITRE = 1e6;
    private static final double MM2_PER_M2 = 1e6;

    private MaterialCost() {}

    /** The sum; empty where some part has no price. */
    public static OptionalDouble of(Size item, List<Layer> layers, Layout layout, Prices prices) {
        double sum = 0;
        for (LaidCushion cushion : layout.cushions()) {
            OptionalDouble price = prices.of(cushion.foam().id());
            if (price.isEmpty()) {
                return price;
            }
            double mm3 = cushion.foam().densityKgM3() > 0
                    ? cushion.massKg() / cushion.foam().densityKgM3() * 1e9
                    : 0;
            sum += mm3 / MM3_PER_LITRE * price.getAsDouble();
        }
        for (LaidBox box : layout.boxes()) {
            OptionalDouble price = prices.of(box.carton().board().id());
            if (price.isEmpty()) {
                return price;
            }
            sum += box.carton().blankAreaMm2() / MM2_PER_M2 * price.getAsDouble();
        }
        for (LaidBoards laid : layout.boards()) {
            OptionalDouble price = prices.of(laid.board().id());
            if (price.isEmpty()) {
                return price;
            }
            sum += laid.areaMm2() / MM2_PER_M2 * price.getAsDouble();
        }
        OptionalDouble wraps = leadingWraps(item, layers, prices);
        return wraps.isEmpty() ? wraps : OptionalDouble.of(sum + wraps.getAsDouble());
    }

    /** Wraps round the item itself, the only place where a wrap's surface is known without laying the pack. */
    private static OptionalDouble leadingWraps(Size item, List<Layer> layers, Prices prices) {
        double sum = 0;
        Size size = item;
        for (Layer.Wrap wrap : Layer.wrapsRoundTheItem(layers)) {
            OptionalDouble price = prices.of(wrap.material());
            if (price.isEmpty()) {
                return price;
            }
            double both = 2 * wrap.thicknessMm();
            size = size.plus(both, both, both);
            double mm2 = 2
                    * (size.lengthMm() * size.widthMm()
                            + size.lengthMm() * size.heightMm()
                            + size.widthMm() * size.heightMm());
            sum += mm2 / MM2_PER_M2 * price.getAsDouble();
        }
        return OptionalDouble.of(sum);
    }
}
