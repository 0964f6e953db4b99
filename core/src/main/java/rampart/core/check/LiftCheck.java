package rampart.core.check;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Status;
import rampart.core.verdict.Working;
import rampart.core.words.CheckWords;
import rampart.core.words.FigureWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;

/** What one person, or two, should lift (rule 27). */
public final class LiftCheck implements CheckRule {
    public static final double ONE_PERSON_KG = 23;
    private static final double TWO_PERSONS_KG = 46;

    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.LIFT);
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        double gross = context.layout().grossMassKg();
        boolean one = gross <= ONE_PERSON_KG;
        double limit = one ? ONE_PERSON_KG : TWO_PERSONS_KG;
        Supplier<Working> working = () -> new Working(
                "D = m",
                List.of(),
                List.of(
                        Figure.law("m", FigureWords.GROSS_MASS, gross, "kg"),
                        Figure.std(
                                "L",
                                one ? FigureWords.ONE_PERSON : FigureWords.TWO_PEOPLE,
                                limit,
                                "kg",
                                "load constant of the NIOSH lifting equation, from memory")),
                List.of());
        Check check = Check.judged(
                CheckId.of(CheckKind.LIFT),
                "Lifting it",
                Check.Where.PACK,
                gross,
                OptionalDouble.of(limit),
                "kg",
                () -> because(gross),
                working);
        if (one) {
            return List.of(check.withStatus(Status.HOLDS));
        }
        return List.of(
                gross <= TWO_PERSONS_KG
                        ? check.withStatus(Status.THIN, CheckWords.RULE_TWO).withMargin(0)
                        : check);
    }

    private static List<Sentence> because(double gross) {
        Quantity mass = Quantity.kg(gross);
        if (gross <= ONE_PERSON_KG) {
            return List.of(CheckWords.LIFTED_BY_ONE.of(mass, Quantity.kg(ONE_PERSON_KG)));
        }
        return List.of(
                gross <= TWO_PERSONS_KG
                        ? CheckWords.LIFTED_BY_TWO.of(mass, Quantity.kg(ONE_PERSON_KG))
                        : CheckWords.LIFTED_BY_NOBODY.of(mass));
    }
}
