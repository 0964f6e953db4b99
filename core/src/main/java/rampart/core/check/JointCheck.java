package rampart.core.check;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import rampart.core.drop.Drop;
import rampart.core.item.Feature;
import rampart.core.item.Item;
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

/** A heavy part on an arm (rule 44): its weight at the hardest counted drop bends its joint. */
public final class JointCheck implements CheckRule {
    private static final double MM_PER_M = 1000;

    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.JOINT);
    }

    /** The part that a check of this id is about; empty where it is of another kind. */
    public static Optional<Feature> part(Item item, CheckId id) {
        List<Feature> parts = onArms(item);
        for (int i = 0; i < parts.size(); i++) {
            if (id.equals(id(i))) {
                return Optional.of(parts.get(i));
            }
        }
        return Optional.empty();
    }

    /** By the place of the part among those on an arm, from 0. */
    private static CheckId id(int index) {
        return CheckId.of(CheckKind.JOINT, Integer.toString(index + 1));
    }

    private static List<Feature> onArms(Item item) {
        return item.properties().features().stream().filter(Feature::onArm).toList();
    }

    @Override
    public boolean quick() {
        return false;
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        List<Feature> parts = onArms(context.pack().item());
        if (parts.isEmpty()) {
            return List.of();
        }
        Drop hardest = context.drops().stream()
                .filter(Drop::counted)
                .reduce((a, b) -> b.g() > a.g() ? b : a)
                .orElseThrow();
        return IntStream.range(0, parts.size())
                .mapToObj(i -> check(parts.get(i), i, hardest))
                .toList();
    }

    private static Check check(Feature part, int index, Drop drop) {
        double kg = part.massKg().getAsDouble();
        double mm = part.armMm().getAsDouble();
        double moment = kg * drop.g() * Units.STANDARD_GRAVITY * mm / MM_PER_M;
        Term falls = Term.name(drop.id().does());
        Term name = Term.name(part.name());
        Supplier<List<Sentence>> because = () -> List.of(
                part.jointBearsNm().isPresent()
                        ? CheckWords.JOINT_BEARS.of(
                                falls,
                                name,
                                Quantity.nm(moment),
                                Quantity.nm(part.jointBearsNm().getAsDouble()))
                        : CheckWords.JOINT_UNKNOWN.of(falls, name, Quantity.nm(moment)));
        Supplier<Working> working = () -> Working.noted(
                "M = m*G*g*r/1000",
                List.of(),
                List.of(
                        Figure.input("m", FigureWords.MASS_PART, kg, "kg"),
                        new Figure(
                                "G",
                                CheckWords.PEAK_OF.of(Term.name(drop.id().does())),
                                drop.g(),
                                "G",
                                Basis.NOMINAL,
                                "the drop's own check"),
                        Figure.law("g", FigureWords.GRAVITY, Units.STANDARD_GRAVITY, "m/s2"),
                        Figure.input("r", FigureWords.FROM_JOINT_MIDDLE, mm, "mm")),
                CheckWords.NOTE_PART_TAKEN_STIFF);
        return Check.judged(
                id(index),
                "A heavy part on an arm",
                part.face().map(Check.Where::face).orElse(Check.Where.PACK),
                moment,
                part.jointBearsNm(),
                "Nm",
                because,
                working);
    }
}
