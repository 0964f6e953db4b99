package rampart.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.cushion.Impact;
import rampart.core.drop.Drop;
import rampart.core.layout.LaidCushion;
import rampart.core.material.CushionLaw;
import rampart.core.quantity.Face;
import rampart.core.words.DropWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/** What a drop does, in a packer's words. */
final class DropSentence {
    private static final double NEAR = 0.12;

    /** Foam that has lost less than this of its thickness is not worth a sentence. */
    private static final double TOLD_FROM = 0.05;

    private final EvaluationContext context;
    private final Drop drop;

    DropSentence(EvaluationContext context, Drop drop) {
        this.context = context;
        this.drop = drop;
    }

    public List<Sentence> byVelocity(double velocityMps) {
        double limit =
                context.pack().item().fragility().criticalVelocityChangeMps().orElseThrow();
        List<Sentence> text = new ArrayList<>();
        text.add(DropWords.BY_VELOCITY.of(Quantity.mps(velocityMps), Quantity.mps(limit), Quantity.g(drop.g())));
        doubts(text, OptionalDouble.empty());
        return text;
    }

    public List<Sentence> byAcceleration(OptionalDouble limitG) {
        if (drop.worst().capped()) {
            return List.of(bare());
        }
        List<Sentence> text = new ArrayList<>();
        text.add(
                limitG.isPresent()
                        ? DropWords.FEELS.of(Quantity.g(drop.g()), Quantity.g(limitG.getAsDouble()))
                        : DropWords.FEELS_UNKNOWN.of(Quantity.g(drop.g())));
        text.add(reason());
        doubts(text, limitG);
        return text;
    }

    private Sentence bare() {
        if (context.layout().cushions().isEmpty()) {
            return DropWords.NO_CUSHION.of();
        }
        if (drop.worst().layers().stream().anyMatch(Impact.LayerPeak::acts)) {
            return DropWords.PRESSED_NEARLY_SOLID.of();
        }
        List<Term.Name> bare = drop.id().faces().stream()
                .filter(face -> context.layout().cushions().stream().anyMatch(c -> !c.cushions(face)))
                .map(face -> new Term.Name(face.word()))
                .toList();
        Term faces = new Term.Listed(bare, " and the ");
        return bare.size() > 1 ? DropWords.BARE_FACES.of(faces) : DropWords.BARE_FACE.of(faces);
    }

    /** Why it is as it is: by the cushion that takes most of the blow, judged by how far it is pressed. */
    private Sentence reason() {
        Impact.LayerPeak main = mainLayer();
        LaidCushion cushion = context.cushion(main.layer());
        int side = mainSide(main);
        Face face = drop.id().faces().get(side);
        double fraction = main.lockUpFraction()[side];
        Term load = Quantity.kpa(cushion.staticStressKpa(face) * drop.worst().loadFactor());
        Term foam = Term.name(cushion.foam().name());
        Term on = Term.name(face.word());
        double best = bestFraction(cushion.foam().law());
        if (fraction < best - NEAR) {
            return (cushion.form().standsFree() ? DropWords.TOO_LITTLE_ON_PADS : DropWords.TOO_LITTLE)
                    .of(foam, on, load);
        }
        return (fraction > best + NEAR ? DropWords.NEARLY_FLAT : DropWords.AT_ITS_BEST).of(foam, on, load);
    }

    /** The share of lock-up that a cushion of this law reaches where it works softest: {@code b E = 1}. */
    private static double bestFraction(CushionLaw law) {
        return 1 - 1 / (Math.E * law.aKpa() * law.bPerKpa() * law.lockUpStrain());
    }

    private Impact.LayerPeak mainLayer() {
        Impact.LayerPeak main = drop.worst().layers().get(0);
        for (Impact.LayerPeak peak : drop.worst().layers()) {
            if (peak.energyJ() > main.energyJ() || !main.acts()) {
                main = peak;
            }
        }
        return main;
    }

    private static int mainSide(Impact.LayerPeak peak) {
        int side = 0;
        for (int i = 1; i < peak.lockUpFraction().length; i++) {
            if (peak.lockUpFraction()[i] > peak.lockUpFraction()[side]) {
                side = i;
            }
        }
        return side;
    }

    /** Told where it matters: a tenth is what may go. */
    private Optional<Sentence> thinned() {
        double most =
                context.creep().values().stream().mapToDouble(f -> f).max().orElse(0);
        return most > TOLD_FROM
                ? Optional.of(DropWords.THINNER_IN_TIME.of(Quantity.finePercent(most)))
                : Optional.empty();
    }

    private void doubts(List<Sentence> text, OptionalDouble limitG) {
        if (drop.id().faces().contains(Face.BOTTOM)) {
            thinned().ifPresent(text::add);
        }
        if (drop.lockUpFraction() > StrainCheck.LIMIT && !drop.worst().capped()) {
            text.add(DropWords.BOTTOMS_OUT.of(Quantity.percent(drop.lockUpFraction())));
        }
        boolean someBare = drop.worst().layers().stream().anyMatch(peak -> !peak.acts());
        if (someBare && !drop.worst().capped()) {
            text.add(DropWords.ONE_CUSHION_LEFT_OUT.of());
        }
        if (drop.tilt() == Drop.Tilt.TIPS) {
            text.add(DropWords.ITEM_TIPS.of());
        }
        if (drop.tilt() == Drop.Tilt.TOPPLES) {
            text.add(DropWords.ITEM_TOPPLES.of());
        }
        scatter(text, limitG);
        drop.simulatedG()
                .ifPresent(g -> text.add(DropWords.WORKED_IN_TIME.of(
                        Quantity.g(g), Quantity.g(drop.worst().g()))));
        if (context.doubted(drop)) {
            text.add(DropWords.BOXES_BETWEEN_CUSHIONS.of());
        }
    }

    private void scatter(List<Sentence> text, OptionalDouble limitG) {
        TestScatter scatter = TestScatter.of(context, drop.worst());
        if (!scatter.measured() || drop.worst().capped()) {
            return;
        }
        double high = drop.g() * scatter.factor();
        boolean reachesOver = limitG.isPresent() && drop.g() <= limitG.getAsDouble() && high > limitG.getAsDouble();
        text.add((reachesOver ? DropWords.SCATTER_OVER : DropWords.SCATTER)
                .of(new Term.Range(Quantity.g(drop.g() / scatter.factor()), Quantity.g(high))));
        if (scatter.extrapolated()) {
            text.add(DropWords.OUTSIDE_TESTS.of());
        }
    }
}
