package rampart.formats.view;

import java.util.List;
import java.util.Map;
import rampart.core.bed.BedShape;
import rampart.core.kit.KitLayout;
import rampart.formats.pack.LayerWriter;

/**
 * Several things in one bed, as one item.
 *
 * @param centreMm of mass, from the middle of all: right, back, up
 * @param bed as it stands in a pack file
 * @param layers names in each, the lowest first
 * @param takingOut names in the order in which they are best taken out; laid in the other way round
 * @param offPercent how far the centre of mass is from the middle, of half the length or width
 */
public record KitView(
        SizeView sizeMm,
        double massKg,
        List<Double> centreMm,
        Map<String, Object> bed,
        List<List<String>> layers,
        List<String> takingOut,
        double offPercent,
        boolean balanced) {
    public static KitView of(KitLayout kit) {
        return new KitView(
                SizeView.of(kit.size()),
                kit.massKg(),
                List.of(kit.centre().xMm(), kit.centre().yMm(), kit.centre().zMm()),
                LayerWriter.bed(new BedShape(kit.size(), kit.parts(), kit.wells(), kit.splitMm(), 0, List.of())),
                kit.layers(),
                kit.takingOut(),
                100 * kit.unbalanced(),
                kit.unbalanced() <= KitLayout.BALANCED);
    }
}
