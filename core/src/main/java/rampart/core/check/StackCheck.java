package rampart.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import rampart.core.box.Carton;
import rampart.core.box.CartonState;
import rampart.core.box.McKee;
import rampart.core.box.StackStrength;
import rampart.core.journey.Stack;
import rampart.core.quantity.Basis;
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

/** The pile on top against what the outer carton carries (rules 24, 25 and 42). */
public final class StackCheck implements CheckRule {
    private static final double TESTED_HEIGHT_OVER_PERIMETER = 1.0 / 7;
    private static final String MULTIPLIERS = "Fibre Box Handbook, from memory";

    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.STACK);
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        return context.pack()
                .journey()
                .stack()
                .map(stack -> List.of(check(context, stack)))
                .orElse(List.of());
    }

    /** What the outer carton carries new and dry, N; empty where that cannot be computed and was not tested. */
    public static OptionalDouble dryN(EvaluationContext context) {
        return DryStrength.of(context).newtons();
    }

    private static Check check(EvaluationContext context, Stack stack) {
        Carton carton = context.layout().outer().carton();
        double boxesAbove = boxesAbove(stack, carton);
        double gross = context.layout().grossMassKg();
        double demand = boxesAbove * gross * Units.STANDARD_GRAVITY;
        DryStrength dry = DryStrength.of(context);
        StackStrength strength = StackStrength.of(dry.newtons().orElse(0), stack);
        boolean ordinary = !context.cartonsMatter();
        CartonState.Condition condition = ordinary
                ? CartonState.Condition.NEW
                : Squeezed.outer(context).state().condition();
        double bulgeMm = ordinary ? 0 : Squeezed.outer(context).bulgeMm();
        double bulge = CartonState.bulgeFactor(bulgeMm);
        double limit = strength.strengthN() * condition.factor() * bulge;
        boolean low =
                !dry.measured() && carton.inside().heightMm() < TESTED_HEIGHT_OVER_PERIMETER * carton.perimeterMm();
        if (dry.newtons().isEmpty()) {
            return unknown(context, boxesAbove, gross, demand);
        }
        return Check.judged(
                CheckId.of(CheckKind.STACK),
                "Standing in a pile",
                Check.Where.layer(context.layout().outer().layer()),
                demand,
                OptionalDouble.of(limit),
                "N",
                () -> because(boxesAbove, demand, limit, low, condition, bulgeMm, bulge),
                () -> derated(
                        working(stack, carton, dry, strength, boxesAbove, gross, low),
                        condition,
                        bulgeMm,
                        bulge,
                        limit));
    }

    private static List<Sentence> because(
            double boxesAbove,
            double demand,
            double limit,
            boolean low,
            CartonState.Condition condition,
            double bulgeMm,
            double bulge) {
        List<Sentence> text = new ArrayList<>();
        text.add((boxesAbove == 1 ? CheckWords.BOX_ABOVE : CheckWords.BOXES_ABOVE)
                .of(Quantity.count(boxesAbove), Quantity.newton(demand), Quantity.newton(limit)));
        if (low) {
            text.add(CheckWords.NOTE_NOT_TESTED_SO_LOW.of());
        }
        if (condition != CartonState.Condition.NEW) {
            text.add(CheckWords.CARTON_IS.of(Term.name(condition.words()), Quantity.number(condition.factor(), 2)));
        }
        if (bulge < 1) {
            text.add(CheckWords.BULGES.of(Quantity.wholeMm(bulgeMm), Quantity.percent(1 - bulge)));
        }
        return text;
    }

    /** The working with what the state of the carton takes from its strength (rule 42), where it takes something. */
    private static Working derated(
            Working asNew, CartonState.Condition condition, double bulgeMm, double bulge, double limit) {
        if (condition == CartonState.Condition.NEW && bulge == 1) {
            return asNew;
        }
        List<Figure> figures = new ArrayList<>(asNew.figures());
        figures.replaceAll(f -> f.symbol().equals("S") ? Figure.law("S", f.name(), limit, "N") : f);
        figures.add(Figure.assumed(
                "kc", CheckWords.CARTON_CONDITION.of(Term.name(condition.words())), condition.factor(), "", "rule 42"));
        figures.add(Figure.assumed("kb", CheckWords.BULGE_OF.of(Quantity.wholeMm(bulgeMm)), bulge, "", "rule 42"));
        return new Working(asNew.formula(), List.of("S = P*kd*kh*kp*kc*kb"), figures, asNew.notes());
    }

    /** The carton new and dry: tested, or by the formula. */
    private static List<Figure> strengthFigures(Carton carton, DryStrength dry) {
        double total = dry.newtons().orElseThrow();
        if (dry.measured()) {
            return List.of(Figure.input("P", FigureWords.STRENGTH_COMPRESSION_TEST, total, "N"));
        }
        List<Figure> figures = new ArrayList<>(List.of(
                Figure.law("P", FigureWords.STRENGTH_NEW_DRY, total, "N"),
                Figure.std("K", FigureWords.MCKEES_CONSTANT, McKee.SHORT, "", "McKee 1963, from memory"),
                Figure.nominal(
                        "ECT",
                        FigureWords.EDGE_CRUSH_BOARD,
                        carton.board().edgeCrushNPerMm(),
                        "N/mm",
                        carton.board().name()),
                Figure.nominal("c", FigureWords.CALIPER, carton.board().caliperMm(), "mm", "typical for the flute"),
                Figure.law("Z", FigureWords.INSIDE_PERIMETER, carton.perimeterMm(), "mm")));
        if (dry.dividerN() > 0) {
            figures.add(Figure.assumed(
                    "Pd", FigureWords.DIVIDER_ADDS, dry.dividerN(), "N", "rule 59: slotted strips counted half"));
        }
        return figures;
    }

    private static Check unknown(EvaluationContext context, double boxesAbove, double gross, double demand) {
        Carton carton = context.layout().outer().carton();
        return Check.judged(
                CheckId.of(CheckKind.STACK),
                "Standing in a pile",
                Check.Where.layer(context.layout().outer().layer()),
                demand,
                OptionalDouble.empty(),
                "N",
                () -> List.of(CheckWords.STACK_UNKNOWN.of(
                        Quantity.newton(demand), Term.name(carton.style().words()))),
                () -> Working.noted(
                        "D = N*m*g",
                        List.of(),
                        List.of(
                                Figure.law("N", FigureWords.COUNT_ABOVE, boxesAbove, ""),
                                Figure.law("m", FigureWords.GROSS_MASS, gross, "kg"),
                                Figure.law("g", FigureWords.GRAVITY, Units.STANDARD_GRAVITY, "m/s2")),
                        CheckWords.NOTE_FORMULA_FOUR_WALLS));
    }

    private static Working working(
            Stack stack,
            Carton carton,
            DryStrength dry,
            StackStrength strength,
            double boxesAbove,
            double gross,
            boolean low) {
        List<Figure> figures = new ArrayList<>(strengthFigures(carton, dry));
        figures.addAll(List.of(
                Figure.law("N", FigureWords.COUNT_ABOVE, boxesAbove, ""),
                Figure.law("m", FigureWords.GROSS_MASS, gross, "kg"),
                Figure.law("g", FigureWords.GRAVITY, Units.STANDARD_GRAVITY, "m/s2"),
                Figure.law("S", FigureWords.STRENGTH_CARTON, strength.strengthN(), "N"),
                Figure.std(
                        "kd",
                        CheckWords.DAYS_UNDER_LOAD.of(Quantity.number(stack.days(), 1)),
                        strength.daysFactor(),
                        "",
                        MULTIPLIERS),
                Figure.std(
                        "kh",
                        CheckWords.HUMIDITY.of(Quantity.percent(stack.relativeHumidity())),
                        strength.humidityFactor(),
                        "",
                        MULTIPLIERS),
                Figure.std("kp", Sentence.asItIs(stack.pattern().words()), strength.patternFactor(), "", MULTIPLIERS)));
        if (stack.relativeHumidity() > 0.9) {
            figures.add(Figure.of("w", FigureWords.MULTIPLIER_WHEN_WET, 0.15, "", Basis.ASSUMED, "rule 25"));
        }
        List<Sentence> notes = new ArrayList<>();
        notes.add(CheckWords.NOTE_NO_SAFETY_FACTOR.of());
        if (low) {
            notes.add(CheckWords.NOTE_LOWER_THAN_TESTED.of());
        }
        String walls = dry.measured() ? "" : dry.dividerN() > 0 ? "P = K*ECT*sqrt(c*Z) + Pd" : "P = K*ECT*sqrt(c*Z)";
        return new Working(
                "D = N*m*g",
                walls.isEmpty() ? List.of("S = P*kd*kh*kp") : List.of(walls, "S = P*kd*kh*kp"),
                figures,
                notes);
    }

    private static double boxesAbove(Stack stack, Carton carton) {
        double levels = Math.floor(
                Units.roundTo9Decimals(stack.heightMm() / carton.outside().heightMm()));
        return Math.max(0, levels - 1);
    }
}
