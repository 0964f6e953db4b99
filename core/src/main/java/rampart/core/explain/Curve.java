package rampart.core.explain;

import java.util.List;
import java.util.OptionalDouble;
import rampart.core.verdict.CheckId;
import rampart.core.words.Say;
import rampart.core.words.Sentence;

/**
 * How one check answers to one quantity.
 *
 * @param x the quantity that varies
 * @param y what the check demands then, or what it bears
 * @param xLogarithmic true where equal ratios of x should take equal room
 * @param points in rising x
 * @param limit the line that y is held against
 * @param holdsBelow true where y under the limit holds
 * @param band ranges of x that hold
 * @param operating where the pack stands
 */
public record Curve(
        CheckId check,
        Scale x,
        Scale y,
        boolean xLogarithmic,
        List<Spot> points,
        OptionalDouble limit,
        boolean holdsBelow,
        List<Range> band,
        Spot operating) {
    /** A quantity in words and its unit. */
    public record Scale(Sentence name, String unit) {
        static Scale of(Say name, String unit) {
            return new Scale(name.of(), unit);
        }
    }

    public record Spot(double x, double y) {}

    public record Range(double from, double to) {}
}
