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
import rampart.core.words.BedWords;
import rampart.core.words.FigureWords;
import rampart.core.words.Quantity;
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
        Supplier<List<Sentence>> because = () -> List.of((hold < pull ? BedWords.BED_DROPS_OUT : BedWords.BED_HOLDS)
                .of(Quantity.newton(pull), Quantity.newton(hold)));
        Supplier<Working> working = () -> {
            List<Figure> figures = new ArrayList<>(List.of(
                    Figure.assumed("n", FigureWords.TURNED_OVER_SHAKEN, SHAKEN, "", "rule 54"),
                    Figure.input("m", FigureWords.MASS_OF_ITEM, massKg, "kg"),
                    Figure.law("g", FigureWords.GRAVITY, Units.STANDARD_GRAVITY, "m/s2")));
            double kpa = cushion.lidKpa();
            figures.add(Figure.law("p", FigureWords.FORCE_OF_LID, kpa, "kPa"));
            figures.add(Figure.law(
                    "A", FigureWords.BEARING_AREA_TOP, cushion.bearingMm2().on(Face.TOP) / 100, "cm2"));
            figures.add(Figure.input("Z", FigureWords.PULL_ALL_TIES, bed.tiesN(), "N"));
            figures.add(Figure.law("L", FigureWords.WHAT_HOLDS_IT, hold, "N"));
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
