package rampart.core.bed;

import java.util.List;
import java.util.stream.IntStream;
import rampart.core.geometry.PlanPoint;
import rampart.core.quantity.Axis;

/**
 * The two slots that a tie is led down through, in the base of the bed and in the floor of its box: close beside everything
 * that the tie passes over, so that it pulls down and not sideways. Sizes are common practice, no source.
 *
 * @param tie index of it
 * @param first outline of the one to the left or in front, seen from above
 * @param second outline of the other
 * @param band where it runs between them
 */
public record TieSlot(int tie, List<PlanPoint> first, List<PlanPoint> second, List<PlanPoint> band) {
    /** Foam left between the opening and the slot, mm. */
    private static final double BESIDE_MM = 5;

    /** What a band needs to be drawn through, mm. */
    private static final double ACROSS_MM = 4;

    /** A slot is so much longer than its band is wide, mm. */
    private static final double LONGER_MM = 4;

    /** For each tie that passes over any part; the others have nowhere to go down. */
    public static List<TieSlot> of(BedShape bed) {
        return IntStream.range(0, bed.ties().size())
                .mapToObj(i -> of(bed, i))
                .flatMap(List::stream)
                .toList();
    }

    private static List<TieSlot> of(BedShape bed, int index) {
        Tie tie = bed.ties().get(index);
        double half = (tie.widthMm() + LONGER_MM) / 2;
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (BedPart part : bed.parts()) {
            // Whatever would come nearer to the slot than foam has to stay, not what lies on the middle line alone.
            double reach = half + part.gapMm() + BESIDE_MM;
            for (double at : new double[] {tie.atMm() - reach, tie.atMm(), tie.atMm() + reach}) {
                for (double crossed : crossings(part.prism().outline(), tie.axis(), at)) {
                    least = Math.min(least, crossed - part.gapMm());
                    most = Math.max(most, crossed + part.gapMm());
                }
            }
            for (PlanPoint place : part.prism().outline()) {
                if (Math.abs(across(place, tie.axis()) - tie.atMm()) <= reach) {
                    least = Math.min(least, along(place, tie.axis()) - part.gapMm());
                    most = Math.max(most, along(place, tie.axis()) + part.gapMm());
                }
            }
        }
        return least > most
                ? List.of()
                : List.of(new TieSlot(
                        index,
                        slot(tie, half, least - BESIDE_MM - ACROSS_MM, least - BESIDE_MM),
                        slot(tie, half, most + BESIDE_MM, most + BESIDE_MM + ACROSS_MM),
                        slot(tie, tie.widthMm() / 2, least - BESIDE_MM, most + BESIDE_MM)));
    }

    private static List<PlanPoint> slot(Tie tie, double half, double from, double to) {
        double low = tie.atMm() - half;
        double high = tie.atMm() + half;
        return tie.axis() == Axis.X
                ? List.of(
                        new PlanPoint(from, low),
                        new PlanPoint(to, low),
                        new PlanPoint(to, high),
                        new PlanPoint(from, high))
                : List.of(
                        new PlanPoint(low, from),
                        new PlanPoint(high, from),
                        new PlanPoint(high, to),
                        new PlanPoint(low, to));
    }

    /** Where a line along this axis crosses an outline. */
    private static double[] crossings(List<PlanPoint> outline, Axis along, double at) {
        return IntStream.range(0, outline.size())
                .mapToObj(i -> new PlanPoint[] {outline.get(i), outline.get((i + 1) % outline.size())})
                .filter(edge -> across(edge[0], along) > at != across(edge[1], along) > at)
                .mapToDouble(edge -> {
                    double share = (at - across(edge[0], along)) / (across(edge[1], along) - across(edge[0], along));
                    return along(edge[0], along) + share * (along(edge[1], along) - along(edge[0], along));
                })
                .toArray();
    }

    private static double along(PlanPoint place, Axis axis) {
        return axis == Axis.X ? place.xMm() : place.yMm();
    }

    private static double across(PlanPoint place, Axis axis) {
        return axis == Axis.X ? place.yMm() : place.xMm();
    }
}
