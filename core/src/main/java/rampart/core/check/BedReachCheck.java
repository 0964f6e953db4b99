package rampart.core.check;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.Nature;
import rampart.core.drop.DropId;
import rampart.core.drop.Drops;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Face;
import rampart.core.quantity.Units;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Status;
import rampart.core.verdict.Working;
import rampart.core.words.BedWords;
import rampart.core.words.FigureWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/**
 * How far the item sinks into its bed against what is kept clear of its parts: those that nothing may reach, and those that
 * may be touched but not leaned on (rule 51).
 */
final class BedReachCheck implements CheckRule {
    /** Told where the bed is pressed solid, or bears nothing there, mm. */
    private static final double SOLID = 9999;

    private final CheckKind kind;
    private final Nature nature;

    /** @param nature fragile or sensitive */
    BedReachCheck(CheckKind kind, Nature nature) {
        this.kind = kind;
        this.nature = nature;
    }

    @Override
    public Set<CheckKind> makes() {
        return Set.of(kind);
    }

    @Override
    public boolean quick() {
        return false;
    }

    /**
     * The worst of one face, part and drop.
     *
     * @param pressedMm how far the bed is pressed in there; infinite where it is solid
     */
    private record Reach(DropId drop, Face face, BedPart part, double pressedMm, double playMm, double creptMm) {
        double demandMm() {
            return Double.isInfinite(pressedMm) ? SOLID : pressedMm + playMm + creptMm;
        }

        double rounded() {
            return Units.roundTo9Decimals(demandMm() / part.clearanceMm());
        }
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        return context.layout()
                .bed()
                .flatMap(cushion ->
                        worst(context, cushion, cushion.bed().orElseThrow()).map(reach -> check(reach, cushion)))
                .map(List::of)
                .orElse(List.of());
    }

    private Optional<Reach> worst(EvaluationContext context, LaidCushion cushion, BedShape bed) {
        if (bed.parts().stream().noneMatch(part -> part.nature() == nature)) {
            return Optional.empty();
        }
        Drops drops = context.working();
        double play = Math.max(0, bed.leastStrongClearanceMm().orElse(0));
        double crept = cushion.thicknessMm().bottom() * context.creep().getOrDefault(cushion.layer(), 0.0);
        Reach worst = null;
        for (DropId drop : context.counted()) {
            double[] pressed = greatest(drops.pressedMm(drop, cushion.layer()));
            for (int side = 0; side < pressed.length; side++) {
                Face face = drop.faces().get(side);
                for (int i = 0; i < bed.parts().size(); i++) {
                    BedPart part = bed.parts().get(i);
                    if (part.nature() == nature
                            && (part.slight() || bed.contact().faces(i, face))) {
                        Reach reach = new Reach(drop, face, part, pressed[side], play, face == Face.BOTTOM ? crept : 0);
                        if (worst == null || reach.rounded() > worst.rounded()) {
                            worst = reach;
                        }
                    }
                }
            }
        }
        return Optional.ofNullable(worst);
    }

    private static double[] greatest(List<double[]> conditions) {
        double[] greatest = conditions.get(0).clone();
        for (double[] one : conditions) {
            for (int i = 0; i < greatest.length; i++) {
                greatest[i] = Math.max(greatest[i], one[i]);
            }
        }
        return greatest;
    }

    private Check check(Reach reach, LaidCushion cushion) {
        boolean solid = Double.isInfinite(reach.pressedMm());
        Term drop = Term.name(reach.drop().does());
        Term part = Term.name(reach.part().name());
        Supplier<List<Sentence>> because = () -> List.of(
                solid
                        ? BedWords.BED_SOLID.of(drop, part)
                        : (nature == Nature.FRAGILE ? BedWords.BED_REACHES : BedWords.BED_TOUCHES)
                                .of(
                                        drop,
                                        Quantity.mm(reach.demandMm()),
                                        part,
                                        Quantity.mm(reach.part().clearanceMm())));
        Supplier<Working> working = () -> {
            Figure clear =
                    Figure.input("L", FigureWords.KEPT_CLEAR_PART, reach.part().clearanceMm(), "mm");
            if (solid) {
                return Working.noted(
                        "D = x",
                        List.of(),
                        List.of(Figure.assumed("x", FigureWords.PRESSED_SOLID, SOLID, "mm", "rule 51"), clear),
                        BedWords.NOTE_NO_FOAM_LEFT);
            }
            return Working.noted(
                    "D = d + p + c",
                    List.of(),
                    List.of(
                            Figure.law("d", FigureWords.BED_PRESSED_IN, reach.pressedMm(), "mm"),
                            Figure.input("p", FigureWords.PLAY_STRONG_PARTS, reach.playMm(), "mm"),
                            Figure.law("c", FigureWords.THINNED_UNDER_LOAD, reach.creptMm(), "mm"),
                            clear),
                    BedWords.NOTE_WORST_OVER_ALL);
        };
        Check check = Check.judged(
                CheckId.of(kind),
                nature == Nature.FRAGILE ? "Clear of what must not be reached" : "Clear of what may only be touched",
                Check.Where.layerFace(cushion.layer(), reach.face()),
                reach.demandMm(),
                OptionalDouble.of(reach.part().clearanceMm()),
                "mm",
                because,
                working);
        return nature == Nature.SENSITIVE && check.status() == Status.BREAKS
                ? check.withStatus(Status.THIN, BedWords.RULE_MARKS)
                : check;
    }
}
