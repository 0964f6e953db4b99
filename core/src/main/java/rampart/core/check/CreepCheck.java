package rampart.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import rampart.core.drop.Creep;
import rampart.core.journey.Journey;
import rampart.core.layout.LaidCushion;
import rampart.core.material.CreepLaw;
import rampart.core.material.Foam;
import rampart.core.quantity.Basis;
import rampart.core.quantity.Face;
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

/** Foam that carries its load for the time of the journey thins: share of the bottom that is lost (rule 21). */
public final class CreepCheck implements CheckRule {
    /** Most of the thickness that may be lost (assumed). */
    public static final double LIMIT = 0.10;

    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.CREEP);
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        double most = -1;
        int layer = -1;
        for (Map.Entry<Integer, Double> lost : context.creep().entrySet()) {
            if (Units.roundTo9Decimals(lost.getValue()) > most) {
                most = Units.roundTo9Decimals(lost.getValue());
                layer = lost.getKey();
            }
        }
        return layer < 0
                ? List.of()
                : List.of(check(
                        context.cushion(layer),
                        context.pack().journey(),
                        context.creep().get(layer)));
    }

    private static Check check(LaidCushion cushion, Journey journey, double lost) {
        return Check.judged(
                CheckId.of(CheckKind.CREEP),
                "Foam thinning under its load",
                Check.Where.layerFace(cushion.layer(), Face.BOTTOM),
                lost,
                OptionalDouble.of(LIMIT),
                "",
                () -> because(cushion, journey, lost),
                working(cushion, journey, lost));
    }

    private static List<Sentence> because(LaidCushion cushion, Journey journey, double lost) {
        List<Sentence> text = new ArrayList<>();
        text.add(CheckWords.LOSES_IN_TIME.of(
                Term.name(cushion.foam().name()),
                Quantity.kpa(cushion.restingKpa()),
                Quantity.finePercent(lost),
                Quantity.count(journey.underLoadHours()),
                Quantity.percent(LIMIT)));
        if (lost > LIMIT) {
            text.add(CheckWords.NOTE_LARGER_AREA.of());
        }
        if (Creep.beyondTests(cushion.foam(), journey)) {
            text.add(CheckWords.CREEP_EXTRAPOLATED.of(
                    Quantity.count(
                            cushion.foam().measured().creep().orElseThrow().toHours()),
                    Quantity.count(journey.underLoadHours())));
        }
        return text;
    }

    private static Supplier<Working> working(LaidCushion cushion, Journey journey, double lost) {
        return () -> {
            Foam foam = cushion.foam();
            CreepLaw law = Creep.law(foam);
            boolean tested = foam.measured().creep().isPresent();
            Basis basis = tested ? Basis.MEASURED : Basis.NOMINAL;
            String source = tested ? "creep tests of this material" : "a tenth in 1,000 hours at the creep limit";
            double stress = cushion.restingKpa();
            double hours = Math.max(1, journey.underLoadHours());
            List<Figure> figures = new ArrayList<>();
            figures.add(Figure.law("m", FigureWords.MASS_ON_FOAM, cushion.movingMassKg(), "kg"));
            figures.add(Figure.law("g", FigureWords.GRAVITY, Units.STANDARD_GRAVITY, "m/s2"));
            figures.add(Figure.law(
                    "A", FigureWords.BEARING_AREA_BOTTOM, cushion.bearingMm2().on(Face.BOTTOM) / 100, "cm2"));
            figures.add(Figure.law("s", FigureWords.LOAD_AT_REST, stress, "kPa"));
            boolean held = cushion.holdN() > 0;
            if (held) {
                figures.add(Figure.law("H", FigureWords.HELD_DOWN_WITH, cushion.holdN(), "N"));
            }
            figures.add(
                    journey.saysHours()
                            ? Figure.input("T", FigureWords.TIME_UNDER_LOAD, hours, "h")
                            : Figure.assumed(
                                    "T", FigureWords.TIME_UNDER_LOAD, hours, "h", "nobody says how long it takes"));
            figures.add(Figure.of("c1", FigureWords.LOST_FIRST_HOUR, law.c1(), "", basis, source));
            figures.add(Figure.of("c2", FigureWords.LOST_EACH_TENFOLD, law.c2(), "", basis, source));
            figures.add(new Figure(
                    "s_c",
                    CheckWords.CREEP_LOAD_OF.of(Term.name(foam.name())),
                    law.atKpa(),
                    "kPa",
                    basis,
                    foam.source()));
            boolean kept = lost == law.atKnownLoad(hours) * stress / law.atKpa();
            if (!kept) {
                figures.add(Figure.assumed("z", FigureWords.KEPT_WITHIN, lost, "", "rule 21"));
            }
            return new Working(
                    kept ? "D = (c1 + c2*ln(T)/ln(10))*s/s_c" : "D = z",
                    List.of(held ? "s = (m*g + H)/(A/10)" : "s = m*g/(A/10)"),
                    figures,
                    List.of());
        };
    }
}
