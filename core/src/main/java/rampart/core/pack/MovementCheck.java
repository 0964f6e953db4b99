package rampart.core.pack;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import rampart.core.layout.LaidBox;

/** What can move will wear: the largest clearance of any box against 10 mm (rule 33). */
final class MovementCheck implements CheckRule {
    static final double LIMIT_MM = 10;

    @Override
    public String id() {
        return "movement";
    }

    @Override
    public List<Check> on(Situation situation) {
        LaidBox loosest = situation.layout().boxes().get(0);
        for (LaidBox box : situation.layout().boxes()) {
            if (box.largestSlackMm() > loosest.largestSlackMm()) {
                loosest = box;
            }
        }
        return List.of(
                check(loosest, loosest.layer() == situation.layout().outer().layer()));
    }

    private static Check check(LaidBox loosest, boolean outer) {
        // A made carton closed over more than it holds has no play; a stock carton too small breaks by its fit.
        double slack = loosest.stock() ? loosest.largestSlackMm() : Math.max(0, loosest.largestSlackMm());
        String box = outer ? "outer carton" : "inner box";
        Supplier<String> because = () -> slack <= 0
                ? "The " + box + " leaves no play."
                : "The " + box + " leaves " + Say.oneDecimal(slack) + " mm of play in all; more than 10 mm moves"
                        + (slack > LIMIT_MM ? ". Fill it or take a closer box." : ".");
        Supplier<Working> working = () -> new Working(
                "D = x",
                List.of(),
                List.of(
                        Figure.input("x", "largest clearance", slack, "mm"),
                        Figure.assumed("L", "most that stays put", LIMIT_MM, "mm", "rule 33")),
                List.of("Settling of foam and fill is not counted."));
        return Check.judged(
                "movement",
                "Room to move",
                Check.Where.layer(loosest.layer()),
                slack,
                OptionalDouble.of(LIMIT_MM),
                "mm",
                because,
                working);
    }
}
