package rampart.core.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import rampart.core.journey.Journey;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Face;
import rampart.core.quantity.Units;
import rampart.core.words.Quantity;
import rampart.core.words.Say;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/** Foam that carries too much at rest thins in time: static stress on the bottom against its creep limit (rule 21). */
final class CreepCheck implements CheckRule {
    @Override
    public String id() {
        return "cushion.creep";
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        double worst = -1;
        LaidCushion cushion = null;
        for (LaidCushion candidate : context.layout().cushions()) {
            if (candidate.cushions(Face.BOTTOM)) {
                double ratio = Units.roundTo9Decimals(candidate.staticStressKpa(Face.BOTTOM)
                        / candidate.foam().creepLimitKpa());
                if (ratio > worst) {
                    worst = ratio;
                    cushion = candidate;
                }
            }
        }
        if (cushion == null) {
            return List.of();
        }
        return List.of(check(cushion, context.pack().journey()));
    }

    private static List<Sentence> because(LaidCushion cushion, Journey journey, double demand, double limit) {
        List<Sentence> text = new ArrayList<>();
        text.add(Say.RESTS.of(Term.name(cushion.foam().name()), Quantity.kpa(demand), Quantity.kpa(limit)));
        if (demand > limit) {
            text.add(Sentence.plain("Over that it counts a tenth thinner in every drop on the bottom."));
        }
        double strain = Thinning.creep(cushion, journey);
        if (strain > 0) {
            text.add(Say.LOSES_IN_TIME.of(Quantity.finePercent(strain)));
        }
        if (Thinning.beyondTests(cushion.foam(), journey)) {
            text.add(Say.CREEP_EXTRAPOLATED.of(
                    Quantity.count(
                            cushion.foam().measured().creep().orElseThrow().toHours()),
                    Quantity.count(journey.underLoadHours().orElseThrow())));
        }
        return text;
    }

    private static Check check(LaidCushion cushion, Journey journey) {
        double demand = cushion.staticStressKpa(Face.BOTTOM);
        double limit = cushion.foam().creepLimitKpa();
        Supplier<Working> working = () -> new Working(
                "s = m*g/(A/10)",
                List.of(),
                List.of(
                        Figure.law("m", "mass on the foam", cushion.movingMassKg(), "kg"),
                        Figure.law("g", "gravity", Units.STANDARD_GRAVITY, "m/s2"),
                        Figure.law(
                                "A",
                                "bearing area at the bottom",
                                cushion.bearingMm2().on(Face.BOTTOM) / 100,
                                "cm2"),
                        new Figure(
                                "s_max",
                                Say.CREEP_LIMIT_OF.of(Term.name(cushion.foam().name())),
                                limit,
                                "kPa",
                                cushion.foam().basis(),
                                cushion.foam().source())),
                List.of());
        return Check.judged(
                "cushion.creep",
                "Load on the foam at rest",
                Check.Where.layerFace(cushion.layer(), Face.BOTTOM),
                demand,
                OptionalDouble.of(limit),
                "kPa",
                () -> because(cushion, journey, demand, limit),
                working);
    }
}
