package rampart.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import rampart.core.bed.BedShape;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Face;
import rampart.core.quantity.Units;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Working;
import rampart.core.words.Quantity;
import rampart.core.words.Say;
import rampart.core.words.Sentence;

/** What holds the item in its bed against twice its weight: turned over and shaken (rule 54). */
final class BedHoldCheck implements CheckRule {
    private static final double SHAKEN = 2;
    private static final double NOT_BELOW = 0.001;

    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.BED_HOLD);
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        double massKg = context.pack().item().massKg();
        return context.layout()
                .bed()
                .filter(cushion -> cushion.bed().orElseThrow().holdsDown())
                .map(cushion -> check(cushion, cushion.bed().orElseThrow(), massKg))
                .map(List::of)
                .orElse(List.of());
    }

    private static Check check(LaidCushion cushion, BedShape bed, double massKg) {
        double pull = SHAKEN * massKg * Units.STANDARD_GRAVITY;
        double hold = Math.max(NOT_BELOW, cushion.holdN());
        Supplier<List<Sentence>> because = () -> List.of(
                (hold < pull ? Say.BED_DROPS_OUT : Say.BED_HOLDS).of(Quantity.newton(pull), Quantity.newton(hold)));
        Supplier<Working> working = () -> {
            List<Figure> figures = new ArrayList<>(List.of(
                    Figure.assumed("n", "turned over and shaken", SHAKEN, "", "rule 54"),
                    Figure.input("m", "mass of the item", massKg, "kg"),
                    Figure.law("g", "gravity", Units.STANDARD_GRAVITY, "m/s2")));
            double kpa = cushion.lidKpa();
            figures.add(Figure.law("p", "what the lid presses with", kpa, "kPa"));
            figures.add(
                    Figure.law("A", "bearing area on top", cushion.bearingMm2().on(Face.TOP) / 100, "cm2"));
            figures.add(Figure.input("Z", "pull of all ties, both ends", bed.tiesN(), "N"));
            figures.add(Figure.law("L", "what holds it", hold, "N"));
            return Working.noted("D = n*m*g", hold == cushion.holdN() ? List.of("L = p*A/10 + Z") : List.of(), figures);
        };
        return Check.judged(
                CheckId.of(CheckKind.BED_HOLD),
                "Held in its bed",
                Check.Where.layerFace(cushion.layer(), Face.TOP),
                pull,
                OptionalDouble.of(hold),
                "N",
                because,
                working);
    }
}
