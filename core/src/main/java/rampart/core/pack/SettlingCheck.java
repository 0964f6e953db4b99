package rampart.core.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import rampart.core.box.CartonState;
import rampart.core.quantity.Axis;

/**
 * What will move on the way once foam and fill have settled (rule 39): the room above the contents against 10 mm. Judged
 * where the file says what fills a carton.
 */
final class SettlingCheck implements CheckRule {
    private static final double LIMIT_MM = MovementCheck.LIMIT_MM;
    private static final double SQUEEZE = 0.10;

    @Override
    public String id() {
        return "settling";
    }

    @Override
    public List<Check> on(Situation situation) {
        Squeezed loosest = null;
        for (Squeezed box : Squeezed.all(situation)) {
            if (box.state().fill().isPresent() && (loosest == null || box.gapMm() > loosest.gapMm())) {
                loosest = box;
            }
        }
        if (loosest == null) {
            return List.of();
        }
        boolean innermost =
                loosest.box().layer() == situation.layout().boxes().get(0).layer();
        return List.of(check(loosest, innermost ? "the item" : "the inner box"));
    }

    private static Check check(Squeezed box, String what) {
        double gap = box.gapMm();
        Supplier<String> because = () -> because(box, what, gap);
        return Check.judged(
                "settling",
                "Room to move after settling",
                Check.Where.layer(box.box().layer()),
                Math.max(0, gap),
                OptionalDouble.of(LIMIT_MM),
                "mm",
                because,
                () -> working(box));
    }

    private static String because(Squeezed box, String what, double gap) {
        String settles = "Foam and fill settle by " + Say.oneDecimal(box.settlementMm()) + " mm";
        if (gap <= 0) {
            return settles + " and stay pressed: nothing moves.";
        }
        String move = settles + "; then " + what + " has " + Say.oneDecimal(gap) + " mm above it, and more than "
                + Say.whole(LIMIT_MM) + " mm moves.";
        return gap > LIMIT_MM * (1 - Status.THIN_BELOW)
                ? move + " Foam of " + Say.whole(Math.ceil(gap / (1 - SQUEEZE)))
                        + " mm, pressed in by a tenth, closes it."
                : move;
    }

    private static Working working(Squeezed box) {
        List<Figure> figures = new ArrayList<>();
        CartonState.Fill fill = box.state().fill().orElse(CartonState.Fill.NONE);
        double slack = box.box().slack().along(Axis.Z);
        double open = fill == CartonState.Fill.NONE ? slack : Math.min(0, slack);
        figures.add(Figure.input("x", "play left open in height, with " + fill.words() + " in it", open, "mm"));
        figures.add(Figure.assumed(
                "e",
                "settling of foam and fill",
                box.settlementMm(),
                "mm",
                "foam 1 %, air cells 3 %, bubble 5 %, paper 10 %, chips 8 % of the thickness"));
        figures.add(Figure.assumed("L", "most that stays put", LIMIT_MM, "mm", "rule 33"));
        figures.add(Figure.law("z", "where it stays pressed", 0, "mm"));
        return new Working(
                box.gapMm() > 0 ? "D = x + e" : "D = z",
                List.of(),
                figures,
                List.of("What fills the play counts as taking all of it."));
    }
}
