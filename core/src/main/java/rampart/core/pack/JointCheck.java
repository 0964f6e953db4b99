package rampart.core.pack;

import java.util.List;
import java.util.function.Supplier;
import rampart.core.item.Feature;
import rampart.core.quantity.Basis;
import rampart.core.quantity.Units;

/** A heavy part on an arm (rule 44): its weight at the hardest counted drop bends its joint. */
final class JointCheck implements CheckRule {
    private static final double MM_PER_M = 1000;

    @Override
    public String id() {
        return "joint";
    }

    @Override
    public List<Check> on(Situation situation) {
        List<Feature> parts = situation.pack().item().nature().features().stream()
                .filter(Feature::onArm)
                .toList();
        if (parts.isEmpty()) {
            return List.of();
        }
        Drop hardest = situation.drops().stream()
                .filter(Drop::counted)
                .reduce((a, b) -> b.g() > a.g() ? b : a)
                .orElseThrow();
        return parts.stream()
                .map(part -> check(part, parts.indexOf(part), hardest))
                .toList();
    }

    private static Check check(Feature part, int index, Drop drop) {
        double kg = part.massKg().getAsDouble();
        double mm = part.armMm().getAsDouble();
        double moment = kg * drop.g() * Units.STANDARD_GRAVITY * mm / MM_PER_M;
        Supplier<String> because =
                () -> "When it " + Say.lower(drop.id().title()) + ", " + part.name() + " bends its joint with "
                        + Say.oneDecimal(moment) + " Nm"
                        + (part.jointBearsNm().isPresent()
                                ? "; the joint bears "
                                        + Say.oneDecimal(part.jointBearsNm().getAsDouble()) + " Nm."
                                : ", and nobody has said what the joint bears. Support the part, or take it off.");
        Supplier<Working> working = () -> new Working(
                "M = m*G*g*r/1000",
                List.of(),
                List.of(
                        Figure.input("m", "mass of the part", kg, "kg"),
                        new Figure(
                                "G", "peak, " + drop.id().id(), drop.g(), "G", Basis.NOMINAL, "the drop's own check"),
                        Figure.law("g", "gravity", Units.STANDARD_GRAVITY, "m/s2"),
                        Figure.input("r", "from the joint to the middle of the part", mm, "mm")),
                List.of("The part is taken as stiff, the blow square to its arm."));
        return Check.judged(
                "joint." + (index + 1),
                "A heavy part on an arm",
                part.face().map(Check.Where::face).orElse(Check.Where.PACK),
                moment,
                part.jointBearsNm(),
                "Nm",
                because,
                working);
    }
}
