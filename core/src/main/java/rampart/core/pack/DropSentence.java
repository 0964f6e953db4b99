package rampart.core.pack;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.cushion.Impact;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Face;

/** What a drop does, in a packer's words. */
final class DropSentence {
    /** At the softest working point of any cushion of the stress-energy law this fraction of lock-up is reached. */
    private static final double BEST_FRACTION = 1 - 1 / Math.E;

    private static final double NEAR = 0.12;

    private final Situation situation;
    private final Drop drop;

    DropSentence(Situation situation, Drop drop) {
        this.situation = situation;
        this.drop = drop;
    }

    String byVelocity(double velocityMps) {
        double limit =
                situation.pack().item().fragility().criticalVelocityChangeMps().orElseThrow();
        return "The velocity change of " + Say.twoDecimals(velocityMps) + " m/s counts here, against "
                + Say.twoDecimals(limit) + " m/s below which no G does harm; the item feels " + Say.g(drop.g())
                + " G." + doubts();
    }

    String byAcceleration(OptionalDouble limitG) {
        if (drop.worst().capped()) {
            return bare();
        }
        String feels = "The item feels " + Say.g(drop.g()) + " G"
                + (limitG.isPresent()
                        ? " of the " + Say.g(limitG.getAsDouble()) + " G it bears."
                        : ", and nobody has said what it bears.");
        return feels + reason() + doubts();
    }

    private String bare() {
        if (situation.layout().cushions().isEmpty()) {
            return "There is no cushion in this pack: the blow reaches the item whole.";
        }
        return drop.worst().layers().stream().noneMatch(Impact.LayerPeak::acts)
                ? "Nothing takes this blow: the " + bareFaces() + " bare."
                : "The cushion is pressed solid: the blow is far beyond what it can take.";
    }

    private String bareFaces() {
        List<String> bare = drop.id().faces().stream()
                .filter(face -> situation.layout().cushions().stream().anyMatch(c -> !c.cushions(face)))
                .map(Face::word)
                .toList();
        return String.join(" and the ", bare) + (bare.size() > 1 ? " are" : " is");
    }

    /** Why it is as it is: by the cushion that takes most of the blow, judged by how far it is pressed. */
    private String reason() {
        Impact.LayerPeak main = mainLayer();
        LaidCushion cushion = situation.cushion(main.layer());
        int side = mainSide(main);
        Face face = drop.id().faces().get(side);
        double fraction = main.lockUpFraction()[side];
        String load =
                Say.oneDecimal(cushion.staticStressKpa(face) * drop.worst().loadFactor());
        String foam = cushion.foam().name() + " on the " + face.word();
        if (fraction < BEST_FRACTION - NEAR) {
            return " The " + foam + " carries only " + load + " kPa at rest: too little to sink in. "
                    + (cushion.form().standsFree() ? "Smaller pads give more." : "Pads, or a softer foam, give more.");
        }
        if (fraction > BEST_FRACTION + NEAR) {
            return " The " + foam + " carries " + load + " kPa at rest and is pressed nearly flat: "
                    + "it wants more thickness or a larger area.";
        }
        return " The " + foam + " works near its best at " + load + " kPa; only more thickness softens the blow.";
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

    private Optional<String> thinned() {
        OptionalDouble most =
                situation.thinning().values().stream().mapToDouble(f -> f).max();
        if (most.isEmpty()) {
            return Optional.empty();
        }
        if (most.getAsDouble() == Thinning.OVER_LIMIT && situation.creeps()) {
            return Optional.of(" The bottom foam is overloaded at rest and counts a tenth thinner.");
        }
        return Optional.of(" After so long under its load the bottom foam is "
                + Say.oneDecimal(100 * (1 - 1 / most.getAsDouble())) + " % thinner.");
    }

    private String doubts() {
        StringBuilder text = new StringBuilder();
        if (drop.id().faces().contains(Face.BOTTOM)) {
            thinned().ifPresent(text::append);
        }
        boolean someBare = drop.worst().layers().stream().anyMatch(peak -> !peak.acts());
        if (someBare && !drop.worst().capped()) {
            text.append(" A bare face leaves one cushion out of this blow.");
        }
        if (drop.tips()) {
            text.append(" The weight lies so far off centre that the item tips: call it thin at best.");
        }
        TestScatter scatter = TestScatter.of(situation, drop.worst());
        if (scatter.measured() && !drop.worst().capped()) {
            text.append(" By the scatter of its test data it may be ")
                    .append(Say.g(drop.g() / scatter.factor()))
                    .append(" to ")
                    .append(Say.g(drop.g() * scatter.factor()))
                    .append(" G.");
            if (scatter.extrapolated()) {
                text.append(" This blow lies outside what was tested.");
            }
        }
        drop.simulatedG()
                .ifPresent(
                        g -> text.append(" The boxes between the cushions are heavy, so the fall was worked in time: ")
                                .append(Say.g(g))
                                .append(" G there, ")
                                .append(Say.g(drop.worst().g()))
                                .append(" G by the quick reckoning; the higher counts."));
        if (situation.doubted(drop)) {
            text.append(
                    " The boxes between the cushions are heavy, which this reckoning doubts: call it thin at best.");
        }
        return text.toString();
    }
}
