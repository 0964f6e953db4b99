package rampart.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import rampart.core.cushion.BottomSprings;
import rampart.core.cushion.Resonance;
import rampart.core.cushion.ResponseLevel;
import rampart.core.item.Fragility;
import rampart.core.journey.Vibration;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Basis;
import rampart.core.quantity.Face;
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
import rampart.core.words.Unit;

/** The ride: three times the response level of the item on its bottom cushions against half of what it bears (rule 23). */
public final class VibrationCheck implements CheckRule {
    private static final double PEAK_FACTOR = 3;
    private static final double SHARE_OF_LIMIT = 0.5;

    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.VIBRATION);
    }

    @Override
    public boolean quick() {
        return false;
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        return context.pack()
                .journey()
                .vibration()
                .map(v -> List.of(check(context, v)))
                .orElse(List.of());
    }

    private static Check check(EvaluationContext context, Vibration vibration) {
        Optional<Resonance> cushion = cushion(context);
        Fragility fragility = context.pack().item().fragility();
        double response = ResponseLevel.grms(vibration.spectrum(), resonances(context));
        double demand = PEAK_FACTOR * response;
        OptionalDouble bears = fragility.leastLimitG();
        OptionalDouble limit =
                bears.isPresent() ? OptionalDouble.of(SHARE_OF_LIMIT * bears.getAsDouble()) : OptionalDouble.empty();
        return Check.judged(
                CheckId.of(CheckKind.VIBRATION),
                "The ride",
                Check.Where.PACK,
                demand,
                limit,
                "G",
                () -> because(vibration, cushion, fragility, demand, limit),
                () -> working(vibration, cushion, measured(context), fragility, response));
    }

    private static Working working(
            Vibration vibration, Optional<Resonance> cushion, boolean measured, Fragility fragility, double response) {
        List<Figure> figures = new ArrayList<>();
        List<String> steps = new ArrayList<>();
        figures.add(Figure.law("R", FigureWords.RESPONSE_ITEM, response, "Grms"));
        figures.add(Figure.std(
                "P",
                FigureWords.LEVEL_RIDE,
                ResponseLevel.grms(vibration.spectrum(), List.of()),
                "Grms",
                vibration.source()));
        figures.add(Figure.assumed("c", FigureWords.PEAK_OVER_LEVEL, PEAK_FACTOR, "", "three standard deviations"));
        cushion.ifPresent(c -> {
            Basis basis = measured ? Basis.MEASURED : Basis.NOMINAL;
            String source = measured ? "vibration tests of the house" : "typical";
            figures.add(Figure.of(
                    "fn", FigureWords.OWN_FREQUENCY_ON_FOAM, c.hz(), "Hz", basis, "small-signal modulus, " + source));
            figures.add(Figure.of("Q", FigureWords.AMPLIFICATION_THERE, c.q(), "", basis, source));
        });
        fragility.component().ifPresent(part -> {
            figures.add(Figure.input("fc", FigureWords.FREQUENCY_PART_ITEM, part.frequencyHz(), "Hz"));
            figures.add(Figure.input("Qc", FigureWords.AMPLIFICATION_PART, part.q(), ""));
        });
        fragility.leastLimitG().ifPresent(g -> {
            figures.add(Figure.input("Gc", FigureWords.ITEM_BEARS, g, "G"));
            figures.add(Figure.assumed("w", FigureWords.SHARE_LONG_RIDE, SHARE_OF_LIMIT, "", "half"));
            figures.add(Figure.law("L", FigureWords.LIMIT, SHARE_OF_LIMIT * g, "G"));
            steps.add("L = w*Gc");
        });
        return Working.noted(
                "D = c*R",
                steps,
                figures,
                fragility.component().isPresent() ? CheckWords.NOTE_R_WITH_PART : CheckWords.NOTE_R);
    }

    private static List<Sentence> because(
            Vibration vibration,
            Optional<Resonance> cushion,
            Fragility fragility,
            double demand,
            OptionalDouble limit) {
        List<Sentence> text = new ArrayList<>();
        Term ride = Term.name(vibration.name());
        Quantity peaks = new Quantity(demand, Unit.G, 1);
        text.add(
                limit.isPresent()
                        ? CheckWords.RIDE.of(ride, peaks, new Quantity(limit.getAsDouble(), Unit.G, 1))
                        : CheckWords.RIDE_UNKNOWN.of(ride, peaks));
        if (cushion.isEmpty()) {
            text.add(CheckWords.NOTE_NO_CUSHION_UNDER.of());
            return text;
        }
        text.add(CheckWords.SWINGS_AT.of(Quantity.hz(cushion.get().hz())));
        fragility.component().ifPresent(part -> {
            double ratio = part.frequencyHz() / cushion.get().hz();
            if (ratio > 1 / Math.sqrt(2) && ratio < Math.sqrt(2)) {
                text.add(CheckWords.CLOSE_TO_THE_PART.of(Quantity.hz(part.frequencyHz())));
            }
        });
        return text;
    }

    /** True where the bottom cushions were all tested in vibration. */
    private static boolean measured(EvaluationContext context) {
        return context.layout().cushions().stream()
                .filter(c -> c.cushions(Face.BOTTOM))
                .allMatch(c -> c.foam().measured().vibration().isPresent());
    }

    /** The item on its bottom cushions; empty where there are none. */
    public static Optional<Resonance> cushion(EvaluationContext context) {
        List<BottomSprings.Spring> springs = new ArrayList<>();
        for (LaidCushion c : context.layout().cushions()) {
            if (c.cushions(Face.BOTTOM)) {
                springs.add(
                        new BottomSprings.Spring(c.layer(), c.foam(), c.movingMassKg(), c.bottomAreaOverThicknessM()));
            }
        }
        return BottomSprings.resonance(springs);
    }

    /** The foam's and the part's resonance, as far as there are such. */
    public static List<Resonance> resonances(EvaluationContext context) {
        List<Resonance> resonances = new ArrayList<>();
        cushion(context).ifPresent(resonances::add);
        context.pack()
                .item()
                .fragility()
                .component()
                .ifPresent(part -> resonances.add(new Resonance(part.frequencyHz(), part.q())));
        return resonances;
    }
}
