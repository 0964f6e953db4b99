package rampart.core.check;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import rampart.core.material.Board;
import rampart.core.quantity.Size;
import rampart.core.quantity.Units;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Working;
import rampart.core.words.CheckWords;
import rampart.core.words.FigureWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/** The most mass and size that the outer carton's board grade is meant for (rule 26). */
final class BoardLimitsCheck implements CheckRule {
    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.BOARD_LIMITS);
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        Board board = context.layout().outer().carton().board();
        Size outside = context.layout().outside();
        double lb = context.layout().grossMassKg() / Units.KG_PER_LB;
        double sumMm = outside.lengthMm() + outside.widthMm() + outside.heightMm();
        double inches = sumMm / Units.MM_PER_IN;
        boolean bySize =
                Units.roundTo9Decimals(inches / board.limitIn()) > Units.roundTo9Decimals(lb / board.limitLb());
        double limit = bySize ? board.limitIn() : board.limitLb();
        Supplier<Figure> most = () -> Figure.of(
                "L",
                bySize ? FigureWords.MOST_SIZE_OF_GRADE : FigureWords.MOST_MASS_OF_GRADE,
                limit,
                bySize ? "in" : "lb",
                board.limitsBasis(),
                board.source());
        Supplier<Working> working = () -> bySize
                ? new Working(
                        "D = (l + w + h)/u",
                        List.of(),
                        List.of(
                                Figure.law("l", FigureWords.OUTSIDE_LENGTH, outside.lengthMm(), "mm"),
                                Figure.law("w", FigureWords.OUTSIDE_WIDTH, outside.widthMm(), "mm"),
                                Figure.law("h", FigureWords.OUTSIDE_HEIGHT, outside.heightMm(), "mm"),
                                Figure.law("u", FigureWords.MM_IN_INCH, Units.MM_PER_IN, ""),
                                most.get()),
                        List.of())
                : new Working(
                        "D = m/u",
                        List.of(),
                        List.of(
                                Figure.law(
                                        "m",
                                        FigureWords.GROSS_MASS,
                                        context.layout().grossMassKg(),
                                        "kg"),
                                Figure.law("u", FigureWords.KG_IN_POUND, Units.KG_PER_LB, ""),
                                most.get()),
                        List.of());
        Supplier<List<Sentence>> because = () -> List.of(
                bySize
                        ? CheckWords.SUM_FOR_BOARD.of(
                                Quantity.wholeMm(sumMm),
                                Term.name(board.name()),
                                Quantity.wholeMm(board.limitIn() * Units.MM_PER_IN))
                        : CheckWords.MASS_FOR_BOARD.of(
                                Quantity.kg(context.layout().grossMassKg()),
                                Term.name(board.name()),
                                Quantity.kg(board.limitLb() * Units.KG_PER_LB)));
        return List.of(Check.judged(
                CheckId.of(CheckKind.BOARD_LIMITS),
                "Board for this size and mass",
                Check.Where.layer(context.layout().outer().layer()),
                bySize ? inches : lb,
                OptionalDouble.of(limit),
                bySize ? "in" : "lb",
                because,
                working));
    }
}
