package rampart.core.pack;

import java.util.List;
import java.util.OptionalDouble;
import rampart.core.layout.LaidBox;

/** What can move will wear: the largest clearance of any box against 10 mm (rule 33). */
final class MovementCheck implements CheckRule {
    private static final double LIMIT_MM = 10;

    @Override
    public List<Check> on(Situation situation) {
        LaidBox loosest = situation.layout().boxes().get(0);
        for (LaidBox box : situation.layout().boxes()) {
            if (box.largestSlackMm() > loosest.largestSlackMm()) {
                loosest = box;
            }
        }
        double slack = loosest.largestSlackMm();
        boolean outer = loosest.layer() == situation.layout().outer().layer();
        String because = "The " + (outer ? "outer carton" : "inner box") + " leaves " + Say.oneDecimal(slack)
                + " mm of play in all; more than 10 mm moves"
                + (slack > LIMIT_MM ? ". Fill it or take a closer box." : ".");
        Working working = new Working(
                "D = x",
                List.of(),
                List.of(
                        Figure.input("x", "largest clearance", slack, "mm"),
                        Figure.assumed("L", "most that stays put", LIMIT_MM, "mm", "rule 33")),
                List.of("Settling of foam and fill is not counted."));
        return List.of(Check.judged(
                "movement",
                "Room to move",
                Check.Where.layer(loosest.layer()),
                slack,
                OptionalDouble.of(LIMIT_MM),
                "mm",
                because,
                working));
    }
}
