package rampart.core.verdict;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Supplier;
import rampart.core.quantity.Face;
import rampart.core.words.CheckWords;
import rampart.core.words.Quantity;
import rampart.core.words.Say;
import rampart.core.words.Sentence;
import rampart.core.words.Unit;

/**
 * One demand against one limit.
 *
 * @param title in a packer's words
 * @param layer index of the layer concerned, where one is
 * @param face the face concerned, where one is
 * @param demand what is asked
 * @param limit what is borne; empty where nobody knows
 * @param unit of both; empty for a fraction
 * @param margin 1 - demand/limit, unrounded; empty where there is no limit
 * @param byRule why its status is another than its margin alone would give, in two or three words; empty where it is not
 * @param spread between what the demand may lie by the test data of a material, where these say
 * @param explanation the words, made when somebody reads them: a search over thousands of packs reads none
 */
public record Check(
        CheckId id,
        String title,
        OptionalInt layer,
        Optional<Face> face,
        double demand,
        OptionalDouble limit,
        String unit,
        OptionalDouble margin,
        Status status,
        Optional<Sentence> byRule,
        Optional<Spread> spread,
        Explanation explanation) {

    /** A check judged by the ordinary bands of rule 28; unknown without a limit. */
    public static Check judged(
            CheckId id,
            String title,
            Where where,
            double demand,
            OptionalDouble limit,
            String unit,
            Supplier<List<Sentence>> because,
            Supplier<Working> working) {
        OptionalDouble margin =
                limit.isPresent() ? OptionalDouble.of(1 - demand / limit.getAsDouble()) : OptionalDouble.empty();
        Status status = margin.isPresent() ? Status.ofMargin(margin.getAsDouble()) : Status.UNKNOWN;
        return new Check(
                id,
                title,
                where.layer(),
                where.face(),
                demand,
                limit,
                unit,
                margin,
                status,
                Optional.empty(),
                Optional.empty(),
                new Explanation(because, working));
    }

    /** This check with a status that a rule fixes over the bands, where no more need be said of it. */
    public Check withStatus(Status fixed) {
        return new Check(id, title, layer, face, demand, limit, unit, margin, fixed, byRule, spread, explanation);
    }

    /**
     * This check with a status that a rule fixes over the bands.
     *
     * @param why in two or three words, as they stand beside the figures
     */
    public Check withStatus(Status fixed, Say why) {
        return new Check(
                id, title, layer, face, demand, limit, unit, margin, fixed, Optional.of(why.of()), spread, explanation);
    }

    /** This check with the spread of its demand; one that holds is thin where the spread reaches over the limit. */
    public Check withSpread(Spread known) {
        boolean crosses = limit.isPresent() && known.high() > limit.getAsDouble();
        Check cautious = status == Status.HOLDS && crosses ? withStatus(Status.THIN, CheckWords.RULE_SPREAD) : this;
        return new Check(
                id,
                title,
                layer,
                face,
                demand,
                limit,
                unit,
                margin,
                cautious.status,
                cautious.byRule,
                Optional.of(known),
                explanation);
    }

    /** This check with the margin that a rule fixes. */
    public Check withMargin(double fixed) {
        return new Check(
                id,
                title,
                layer,
                face,
                demand,
                limit,
                unit,
                OptionalDouble.of(fixed),
                status,
                byRule,
                spread,
                explanation);
    }

    /** The title as it stands inside a sentence. */
    public String titleInside() {
        return inside(title);
    }

    /** A title as it stands inside a sentence. */
    public static String inside(String title) {
        return title.substring(0, 1).toLowerCase(Locale.ROOT) + title.substring(1);
    }

    /** The demand as a quantity to be said; a fraction as percent. */
    public Quantity demandSaid() {
        return said(demand);
    }

    /** The limit in the same way. */
    public Optional<Quantity> limitSaid() {
        return limit.isPresent() ? Optional.of(said(limit.getAsDouble())) : Optional.empty();
    }

    private Quantity said(double value) {
        double shown = unit.isEmpty() ? value * 100 : value;
        double size = Math.abs(shown);
        int places = size >= 20 ? 0 : size >= 2 ? 1 : 2;
        return new Quantity(shown, unit.isEmpty() ? Unit.PERCENT : Unit.of(unit), places);
    }

    /** One sentence, or a few, that a packer understands. */
    public List<Sentence> because() {
        return explanation.because.get();
    }

    /** The numbers behind it. */
    public Working working() {
        return explanation.working.get();
    }

    /** Lowest and highest demand that the test data allow, in the unit of the check. */
    public record Spread(double low, double high) {}

    /** Two ways to tell the same check. */
    public record Explanation(Supplier<List<Sentence>> because, Supplier<Working> working) {}

    /** What a check is about. */
    public record Where(OptionalInt layer, Optional<Face> face) {
        public static final Where PACK = new Where(OptionalInt.empty(), Optional.empty());

        public static Where layer(int layer) {
            return new Where(OptionalInt.of(layer), Optional.empty());
        }

        public static Where layerFace(int layer, Face face) {
            return new Where(OptionalInt.of(layer), Optional.of(face));
        }

        public static Where face(Face face) {
            return new Where(OptionalInt.empty(), Optional.of(face));
        }
    }
}
