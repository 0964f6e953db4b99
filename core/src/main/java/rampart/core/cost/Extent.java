package rampart.core.cost;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import rampart.core.quantity.Size;

/** What carriers measure of a parcel. */
public enum Extent {
    LONGEST_MM("longest edge", "mm"),
    SECOND_MM("second edge", "mm"),
    LENGTH_AND_GIRTH_MM("length and girth", "mm"),
    SUM_MM("length, width and height together", "mm"),
    LITRES("volume", "l"),
    MASS_KG("mass", "kg");

    private static final double MM3_PER_LITRE = 1e6;

    private final String words;
    private final String unit;

    Extent(String words, String unit) {
        this.words = words;
        this.unit = unit;
    }

    public String words() {
        return words;
    }

    public String unit() {
        return unit;
    }

    /** As a table has it, such as {@code length-and-girth-mm}. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static Optional<Extent> of(String word) {
        return Arrays.stream(values()).filter(e -> e.word().equals(word)).findFirst();
    }

    /** Of a parcel of this outside and gross mass; length and girth is the longest edge and twice the sum of the others. */
    public double of(Size outside, double kg) {
        double[] edges = {outside.lengthMm(), outside.widthMm(), outside.heightMm()};
        Arrays.sort(edges);
        return switch (this) {
            case LONGEST_MM -> edges[2];
            case SECOND_MM -> edges[1];
            case LENGTH_AND_GIRTH_MM -> edges[2] + 2 * (edges[0] + edges[1]);
            case SUM_MM -> edges[0] + edges[1] + edges[2];
            case LITRES -> outside.volumeMm3() / MM3_PER_LITRE;
            case MASS_KG -> kg;
        };
    }
}
