package rampart.core.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.cushion.BottomSprings;
import rampart.core.cushion.Resonance;
import rampart.core.cushion.ResponseLevel;
import rampart.core.item.Fragility;
import rampart.core.journey.Vibration;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Basis;
import rampart.core.quantity.Face;

/** The ride: three times the response level of the item on its bottom cushions against half of what it bears (rule 23). */
final class VibrationCheck implements CheckRule {
    private static final double PEAK_FACTOR = 3;
    private static final double SHARE_OF_LIMIT = 0.5;

    @Override
    public String id() {
        return "vibration";
    }

    @Override
    public List<Check> on(Situation situation) {
        return situation
                .pack()
                .journey()
                .vibration()
                .map(v -> List.of(check(situation, v)))
                .orElse(List.of());
    }

    private static Check check(Situation situation, Vibration vibration) {
        Optional<Resonance> cushion = cushion(situation);
        Fragility fragility = situation.pack().item().fragility();
        double response = ResponseLevel.grms(vibration.spectrum(), resonances(situation));
        double demand = PEAK_FACTOR * response;
        OptionalDouble bears = fragility.leastLimitG();
        OptionalDouble limit =
                bears.isPresent() ? OptionalDouble.of(SHARE_OF_LIMIT * bears.getAsDouble()) : OptionalDouble.empty();
        return Check.judged(
                "vibration",
                "The ride",
                Check.Where.PACK,
                demand,
                limit,
                "G",
                () -> because(vibration, cushion, fragility, demand, limit),
                () -> working(vibration, cushion, measured(situation), fragility, response));
    }

    private static Working working(
            Vibration vibration, Optional<Resonance> cushion, boolean measured, Fragility fragility, double response) {
        List<Figure> figures = new ArrayList<>();
        List<String> steps = new ArrayList<>();
        figures.add(Figure.law("R", "response of the item", response, "Grms"));
        figures.add(Figure.std(
                "P",
                "level of the ride",
                ResponseLevel.grms(vibration.spectrum(), List.of()),
                "Grms",
                vibration.source()));
        figures.add(Figure.assumed("c", "peak over level", PEAK_FACTOR, "", "three standard deviations"));
        cushion.ifPresent(c -> {
            Basis basis = measured ? Basis.MEASURED : Basis.NOMINAL;
            String source = measured ? "vibration tests of the house" : "typical";
            figures.add(new Figure(
                    "fn",
                    "the item's own frequency on the foam",
                    c.hz(),
                    "Hz",
                    basis,
                    "small-signal modulus, " + source));
            figures.add(new Figure("Q", "amplification there", c.q(), "", basis, source));
        });
        fragility.component().ifPresent(part -> {
            figures.add(Figure.input("fc", "frequency of the part on the item", part.frequencyHz(), "Hz"));
            figures.add(Figure.input("Qc", "amplification of the part", part.q(), ""));
        });
        fragility.leastLimitG().ifPresent(g -> {
            figures.add(Figure.input("Gc", "what the item bears", g, "G"));
            figures.add(Figure.assumed("w", "share that a long ride may use", SHARE_OF_LIMIT, "", "half"));
            figures.add(Figure.law("L", "limit", SHARE_OF_LIMIT * g, "G"));
            steps.add("L = w*Gc");
        });
        List<String> notes =
                List.of("R is the square root of the integral of the profile times the squared gain of the foam"
                        + (fragility.component().isPresent() ? " and of the part." : "."));
        return new Working("D = c*R", steps, figures, notes);
    }

    private static String because(
            Vibration vibration,
            Optional<Resonance> cushion,
            Fragility fragility,
            double demand,
            OptionalDouble limit) {
        StringBuilder text = new StringBuilder("On the " + vibration.name() + " the item sees peaks of "
                + Say.oneDecimal(demand) + " G"
                + (limit.isPresent()
                        ? "; a long ride may reach " + Say.oneDecimal(limit.getAsDouble()) + " G."
                        : ", and nobody has said what it bears."));
        if (cushion.isEmpty()) {
            text.append(" It stands on no cushion, so it feels the ride as it is.");
        } else {
            text.append(" It swings on its foam at ")
                    .append(Say.oneDecimal(cushion.get().hz()))
                    .append(" Hz.");
            fragility.component().ifPresent(part -> {
                double ratio = part.frequencyHz() / cushion.get().hz();
                if (ratio > 1 / Math.sqrt(2) && ratio < Math.sqrt(2)) {
                    text.append(" That lies close to the part's own ")
                            .append(Say.oneDecimal(part.frequencyHz()))
                            .append(" Hz.");
                }
            });
        }
        return text.toString();
    }

    /** True where the bottom cushions were all tested in vibration. */
    private static boolean measured(Situation situation) {
        return situation.layout().cushions().stream()
                .filter(c -> c.cushions(Face.BOTTOM))
                .allMatch(c -> c.foam().measured().vibration().isPresent());
    }

    /** The item on its bottom cushions; empty where there are none. */
    static Optional<Resonance> cushion(Situation situation) {
        List<BottomSprings.Spring> springs = new ArrayList<>();
        for (LaidCushion c : situation.layout().cushions()) {
            if (c.cushions(Face.BOTTOM)) {
                springs.add(new BottomSprings.Spring(
                        c.layer(),
                        c.foam(),
                        c.movingMassKg(),
                        c.thicknessMm().bottom() * 1e-3,
                        c.bearingMm2().bottom() * 1e-6));
            }
        }
        return BottomSprings.resonance(springs);
    }

    /** The foam's and the part's resonance, as far as there are such. */
    static List<Resonance> resonances(Situation situation) {
        List<Resonance> resonances = new ArrayList<>();
        cushion(situation).ifPresent(resonances::add);
        situation
                .pack()
                .item()
                .fragility()
                .component()
                .ifPresent(part -> resonances.add(new Resonance(part.frequencyHz(), part.q())));
        return resonances;
    }
}
