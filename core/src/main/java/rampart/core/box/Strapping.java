package rampart.core.box;

import java.util.List;
import java.util.stream.IntStream;
import rampart.core.quantity.Size;
import rampart.core.quantity.Units;

/**
 * Straps round a closed carton: how many, where, how long, and how hard they may be pulled.
 *
 * @param acrossMm places along the length of those that go round width and height, mm from the left
 * @param alongMm places along the width of those that go round length and height, mm from the front
 * @param doubled true where each goes round twice
 * @param lengthMm of all of them, with what the seals take
 * @param tensionN what each has to be pulled to
 * @param limitN what the edge of the board bears
 */
public record Strapping(
        List<Double> acrossMm, List<Double> alongMm, boolean doubled, double lengthMm, double tensionN, double limitN) {
    /** Width of a strap, mm (nominal). */
    public static final double STRAP_MM = 12;

    /** What a seal takes of each turn beyond its loop, mm (assumed). */
    private static final double SEAL_MM = 100;

    /** Farthest from one strap to the next, mm (common practice, no source). */
    private static final double APART_MM = 500;

    /** From this gross mass a carton is strapped along as well, kg (common practice, no source). */
    private static final double ALONG_FROM_KG = 15;

    /** From this gross mass each goes round twice, kg (common practice, no source). */
    private static final double DOUBLED_FROM_KG = 30;

    /** All together they hold the lid against so many times the weight (assumed). */
    private static final double HELD = 2;

    /** Share of the edge crush strength that a strap may press with for good (assumed). */
    private static final double LASTING = 0.4;

    /**
     * Of a closed carton.
     *
     * @param spreadMm length of edge over which each strap presses: an edge protector's, or the strap's own width
     * @throws IllegalArgumentException if the mass is not above 0
     */
    public static Strapping of(Carton carton, double grossKg, double spreadMm) {
        if (!(grossKg > 0)) {
            throw new IllegalArgumentException("gross mass is " + grossKg + " kg; it must be above 0");
        }
        Size outside = carton.outside();
        List<Double> across = places(outside.lengthMm(), 2);
        List<Double> along = grossKg >= ALONG_FROM_KG ? places(outside.widthMm(), 1) : List.of();
        boolean doubled = grossKg >= DOUBLED_FROM_KG;
        double round = across.size() * (2 * (outside.widthMm() + outside.heightMm()) + SEAL_MM)
                + along.size() * (2 * (outside.lengthMm() + outside.heightMm()) + SEAL_MM);
        int count = across.size() + along.size();
        double each = HELD * grossKg * Units.STANDARD_GRAVITY / (2 * count * (doubled ? 2 : 1));
        return new Strapping(
                across,
                along,
                doubled,
                doubled ? 2 * round : round,
                each,
                LASTING * carton.board().edgeCrushNPerMm() * spreadMm);
    }

    /** How many there are, each counted once. */
    public int straps() {
        return acrossMm.size() + alongMm.size();
    }

    /** True where the edge bears what has to be pulled. */
    public boolean holds() {
        return tensionN <= limitN;
    }

    private static List<Double> places(double mm, int least) {
        int count = Math.max(least, (int) Math.ceil(mm / APART_MM));
        return IntStream.range(0, count)
                .mapToObj(i -> mm * (2 * i + 1) / (2 * count))
                .toList();
    }
}
