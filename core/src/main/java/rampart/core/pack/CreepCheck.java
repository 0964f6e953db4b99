package rampart.core.pack;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import rampart.core.journey.Journey;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Face;
import rampart.core.quantity.Units;

/** Foam that carries too much at rest thins in time: static stress on the bottom against its creep limit (rule 21). */
final class CreepCheck implements CheckRule {
    @Override
    public String id() {
        return "cushion.creep";
    }

    @Override
    public List<Check> on(Situation situation) {
        double worst = -1;
        LaidCushion cushion = null;
        for (LaidCushion candidate : situation.layout().cushions()) {
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
        return List.of(check(cushion, situation.pack().journey()));
    }

    private static String inTime(LaidCushion cushion, Journey journey) {
        double strain = Thinning.creep(cushion, journey);
        return strain > 0
                ? " In the time it lies under this load it loses " + Say.oneDecimal(100 * strain)
                        + " % of its thickness, and the drops on the bottom are worked with what is left."
                : "";
    }

    private static Check check(LaidCushion cushion, Journey journey) {
        double demand = cushion.staticStressKpa(Face.BOTTOM);
        double limit = cushion.foam().creepLimitKpa();
        Supplier<String> because =
                () -> "The " + cushion.foam().name() + " under the item carries " + Say.oneDecimal(demand)
                        + " kPa at rest; it keeps its thickness up to " + Say.oneDecimal(limit) + " kPa."
                        + (demand > limit ? " Over that it counts a tenth thinner in every drop on the bottom." : "")
                        + inTime(cushion, journey);
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
                                "creep limit of " + cushion.foam().name(),
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
                because,
                working);
    }
}
