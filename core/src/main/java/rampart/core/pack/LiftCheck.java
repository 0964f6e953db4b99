package rampart.core.pack;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Supplier;

/** What one person, or two, should lift (rule 27). */
final class LiftCheck implements CheckRule {
    static final double ONE_PERSON_KG = 23;
    private static final double TWO_PERSONS_KG = 46;

    @Override
    public String id() {
        return "lift";
    }

    @Override
    public List<Check> on(Situation situation) {
        double gross = situation.layout().grossMassKg();
        boolean one = gross <= ONE_PERSON_KG;
        double limit = one ? ONE_PERSON_KG : TWO_PERSONS_KG;
        Supplier<Working> working = () -> new Working(
                "D = m",
                List.of(),
                List.of(
                        Figure.law("m", "gross mass", gross, "kg"),
                        Figure.std(
                                "L",
                                one ? "one person" : "two people",
                                limit,
                                "kg",
                                "load constant of the NIOSH lifting equation, from memory")),
                List.of());
        Check check = Check.judged(
                "lift",
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
        return List.of(gross <= TWO_PERSONS_KG ? check.withStatus(Status.THIN).withMargin(0) : check);
    }

    private static String because(double gross) {
        String mass = "It weighs " + Say.oneDecimal(gross) + " kg. ";
        if (gross <= ONE_PERSON_KG) {
            return mass + "One person lifts up to 23 kg.";
        }
        return mass
                + (gross <= TWO_PERSONS_KG
                        ? "Mark it for two people; your own safety rules come first."
                        : "That is too much for two people: it needs a lifting aid.");
    }
}
