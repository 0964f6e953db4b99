package rampart.core.check;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import rampart.core.layout.LaidCushion;
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

/** Tall narrow pads fold instead of giving: each pad must be at least (1.33 t)^2 (rule 22). */
public final class BucklingCheck implements CheckRule {
    public static final double FACTOR = 1.33;

    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.BUCKLING);
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        double worst = -1;
        LaidCushion cushion = null;
        Face at = Face.TOP;
        for (LaidCushion candidate : context.layout().cushions()) {
            if (!candidate.form().standsFree()) {
                continue;
            }
            for (Face face : Face.ALL) {
                if (candidate.cushions(face)) {
                    double ratio = Units.roundTo9Decimals(demandCm2(candidate, face) / limitCm2(candidate, face));
                    if (ratio > worst) {
                        worst = ratio;
                        cushion = candidate;
                        at = face;
                    }
                }
            }
        }
        if (cushion == null) {
            return List.of();
        }
        return List.of(check(cushion, at));
    }

    private static Check check(LaidCushion cushion, Face at) {
        double demand = demandCm2(cushion, at);
        double limit = limitCm2(cushion, at);
        Supplier<List<Sentence>> because = () -> List.of(CheckWords.PAD_STANDS.of(
                Term.name(at.word()),
                Quantity.cm2(limit),
                Quantity.cut(cushion.thicknessMm().on(at)),
                Quantity.cm2(demand)));
        Supplier<Working> working = () -> new Working(
                "D = (z*t/10)^2",
                List.of(),
                List.of(
                        Figure.of(
                                "z",
                                FigureWords.SLENDERNESS_FACTOR,
                                FACTOR,
                                "",
                                Basis.STD,
                                "MIL-HDBK-304, from memory"),
                        Figure.input(
                                "t",
                                FigureWords.THICKNESS,
                                cushion.thicknessMm().on(at),
                                "mm"),
                        Figure.input("A", FigureWords.AREA_ONE_PAD, limit, "cm2")),
                List.of());
        return Check.judged(
                CheckId.of(CheckKind.BUCKLING),
                "Pads folding over",
                Check.Where.layerFace(cushion.layer(), at),
                demand,
                OptionalDouble.of(limit),
                "cm2",
                because,
                working);
    }

    private static double demandCm2(LaidCushion cushion, Face face) {
        double side = FACTOR * cushion.thicknessMm().on(face) / 10;
        return side * side;
    }

    private static double limitCm2(LaidCushion cushion, Face face) {
        return cushion.padMm2().on(face) / 100;
    }
}
