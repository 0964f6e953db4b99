package rampart.core.check;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import rampart.core.cushion.ImpactSolver;
import rampart.core.drop.Drop;
import rampart.core.item.Fragility;
import rampart.core.quantity.Basis;
import rampart.core.quantity.Units;
import rampart.core.simulation.HalfSine;
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

/**
 * A part on the item that swings by itself (rule 43): the pulse of each counted drop, taken as a half sine of the same
 * peak and velocity change, times what the part makes of it, against what the part bears. Judged where that is given.
 */
final class ComponentCheck implements CheckRule {
    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.COMPONENT);
    }

    @Override
    public boolean quick() {
        return false;
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        return context.pack()
                .item()
                .fragility()
                .component()
                .filter(part -> part.criticalG().isPresent())
                .map(part -> List.of(check(context, part)))
                .orElse(List.of());
    }

    private record Response(Drop drop, double g, double durationS, double amplification, double partG) {}

    private static Check check(EvaluationContext context, Fragility.Component part) {
        Response worst = null;
        for (Drop drop : context.drops()) {
            if (drop.counted()) {
                Response response = response(context, part, drop);
                worst = worst == null || response.partG > worst.partG ? response : worst;
            }
        }
        Response most = worst;
        double limit = part.criticalG().getAsDouble();
        Supplier<List<Sentence>> because = () -> List.of(CheckWords.PART_SWINGS.of(
                Term.name(most.drop.id().does()),
                Quantity.hz(part.frequencyHz()),
                Quantity.g(most.partG),
                Quantity.g(most.g),
                Quantity.g(limit)));
        return Check.judged(
                CheckId.of(CheckKind.COMPONENT),
                "A part that swings by itself",
                Check.Where.PACK,
                most.partG,
                OptionalDouble.of(limit),
                "G",
                because,
                () -> working(context, part, most));
    }

    private static Response response(EvaluationContext context, Fragility.Component part, Drop drop) {
        double g = Math.min(drop.g(), ImpactSolver.CAP_G);
        double duration = HalfSine.durationS(context.velocityChangeMps(drop), g * Units.STANDARD_GRAVITY);
        double amplification = HalfSine.amplification(part.frequencyHz() * duration);
        return new Response(drop, g, duration, amplification, g * amplification);
    }

    private static Working working(EvaluationContext context, Fragility.Component part, Response most) {
        return Working.noted(
                "C = G*M",
                List.of("T = pi*V/(2*G*g)"),
                List.of(
                        new Figure(
                                "G",
                                CheckWords.PEAK_AT_ITEM.of(
                                        Term.name(most.drop.id().does())),
                                most.g,
                                "G",
                                Basis.NOMINAL,
                                "the drop's own check"),
                        Figure.law("V", FigureWords.VELOCITY_CHANGE, context.velocityChangeMps(most.drop), "m/s"),
                        Figure.law("g", FigureWords.GRAVITY, Units.STANDARD_GRAVITY, "m/s2"),
                        Figure.law("pi", FigureWords.PI, Math.PI, ""),
                        Figure.law("T", FigureWords.DURATION_HALF_SINE, most.durationS, "s"),
                        Figure.input("f", FigureWords.OWN_FREQUENCY_OF_PART, part.frequencyHz(), "Hz"),
                        Figure.law("M", FigureWords.WHAT_HALF_SINE_DOES, most.amplification, "")),
                CheckWords.NOTE_PART_TAKEN_WITHOUT,
                CheckWords.NOTE_NOT_ON_TOP_OF_LONG_PULSE);
    }
}
