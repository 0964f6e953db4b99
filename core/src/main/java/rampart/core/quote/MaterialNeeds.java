package rampart.core.quote;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import rampart.core.clearance.FittedBox;
import rampart.core.cost.Prices;
import rampart.core.cost.Roll;
import rampart.core.cut.MaterialCost;
import rampart.core.cut.MaterialUse;
import rampart.core.item.Pieces;
import rampart.core.layout.Layout;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.steps.TapeNeeded;
import rampart.core.words.PartWords;
import rampart.core.words.Sentence;
import rampart.core.words.Unit;

/**
 * Everything that one pack uses up, and what that comes to: the quote and the list of materials say the same.
 *
 * @param materials each once, from the item outward, then tape and straps
 * @param cost of all of them but what is wound round the pieces of a set, tape and straps where they have a price; empty where foam, board or a wrap has none
 */
public record MaterialNeeds(List<Need> materials, OptionalDouble cost) {
    public MaterialNeeds {
        materials = List.copyOf(materials);
    }

    private static final double MM3_PER_LITRE = 1e6;

    /** What is wound round all pieces of a set; which material that is no pack says, so it has no price. */
    private static double wrapMm3(Pieces pieces) {
        double both = 2 * pieces.wrapMm();
        double each = pieces.piece().plus(both, both, both).volumeMm3()
                - pieces.piece().volumeMm3();
        // Round ones fill so much of the box round them.
        return pieces.quantity() * each * (pieces.round() ? Math.PI / 4 : 1);
    }

    /**
     * One material.
     *
     * @param amount in {@code unit}
     * @param price of one unit; empty where nobody has given one
     */
    public record Need(Sentence name, double amount, Unit unit, OptionalDouble price) {
        /** Of this amount; 0 where it has no price. */
        public double cost() {
            return amount * price.orElse(0);
        }
    }

    private static Need need(Roll roll, double metres, Prices prices) {
        return new Need(roll.said(), metres, Unit.M, prices.of(roll.id()));
    }

    /** Of one pack, at the prices of the house. */
    public static MaterialNeeds of(Pack pack, Layout layout, Catalogue catalogue, Prices prices) {
        List<Need> needs = new ArrayList<>();
        for (MaterialUse use : MaterialUse.of(pack, layout, catalogue)) {
            if (use.amount() > 0) {
                needs.add(new Need(Sentence.asItIs(use.name()), use.amount(), use.unit(), prices.of(use.id())));
            }
        }
        pack.item()
                .properties()
                .pieces()
                .filter(pieces -> pieces.wrapMm() > 0)
                .ifPresent(pieces -> needs.add(new Need(
                        PartWords.WRAPS_OF_PIECES.of(),
                        wrapMm3(pieces) / MM3_PER_LITRE,
                        Unit.LITRE,
                        OptionalDouble.empty())));
        double straps =
                FittedBox.all(layout).stream().mapToDouble(FittedBox::strapMm).sum() / 1000;
        List<Need> round =
                List.of(need(Roll.TAPE, TapeNeeded.metres(layout), prices), need(Roll.STRAP, straps, prices));
        round.stream().filter(need -> need.amount() > 0).forEach(needs::add);
        OptionalDouble material = MaterialCost.of(pack, layout, catalogue, prices);
        return new MaterialNeeds(
                needs,
                material.isEmpty()
                        ? material
                        : OptionalDouble.of(material.getAsDouble()
                                + round.stream().mapToDouble(Need::cost).sum()));
    }
}
