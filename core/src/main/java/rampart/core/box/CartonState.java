package rampart.core.box;

import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.quantity.Require;

/**
 * A carton as it stands on the table: new or not, with or without fill in its play, flat or bulging.
 *
 * @param fill what takes up the play; empty where the file does not say, so that settling is not judged
 * @param bulgeMm how far its sides stand out, as measured; empty where nobody measured
 */
public record CartonState(Optional<Fill> fill, Condition condition, OptionalDouble bulgeMm) {
    /** New, flat, and nothing said of fill. */
    public static final CartonState NEW = new CartonState(Optional.empty(), Condition.NEW, OptionalDouble.empty());

    /** Up to 5 mm costs nothing, up to 15 mm 15 %, more 30 % (assumed). */
    private static final double[] BULGE_MM = {5, 15};

    private static final double[] BULGE_FACTOR = {1, .85, .70};

    public CartonState {
        bulgeMm.ifPresent(mm -> Require.within(mm, 0, 200, "bulge in mm"));
    }

    /** What lies in the play between contents and carton. */
    public enum Fill {
        NONE("nothing", 0),
        PAPER("paper", .10),
        CHIPS("chips", .08),
        AIR_CELLS("air cells", .03),
        BUBBLE("bubble", .05),
        FOAM("foam", .01);

        private final String words;
        private final double settlement;

        Fill(String words, double settlement) {
            this.words = words;
            this.settlement = settlement;
        }

        public String words() {
            return words;
        }

        /** Share of its thickness that it settles on the way (assumed). */
        public double settlement() {
            return settlement;
        }
    }

    /** What the carton has been through, and what of its strength is left (assumed). */
    public enum Condition {
        NEW("new", 1),
        USED("used before", .85),
        DENTED("dented", .70);

        private final String words;
        private final double factor;

        Condition(String words, double factor) {
            this.words = words;
            this.factor = factor;
        }

        public String words() {
            return words;
        }

        public double factor() {
            return factor;
        }
    }

    /** What of the strength in a stack a bulge of so many mm leaves. */
    public static double bulgeFactor(double bulgeMm) {
        return BULGE_FACTOR[bulgeMm <= BULGE_MM[0] ? 0 : bulgeMm <= BULGE_MM[1] ? 1 : 2];
    }
}
