package rampart.core.evaluation;

import rampart.core.cushion.Impact;
import rampart.core.drop.Drop;
import rampart.core.layout.LaidBox;
import rampart.core.quantity.Axis;
import rampart.core.verdict.Check;

/** Looks through an evaluation for what is no number: an answer never holds one. */
final class Finite {
    private Finite() {}

    /**
     * The same evaluation.
     *
     * @throws UnreckonableException if some figure in it is infinite or not a number
     */
    public static Evaluation all(Evaluation evaluation) {
        require("the gross mass", evaluation.layout().grossMassKg());
        require("the drop height", evaluation.dropHeightMm());
        require("the velocity change", evaluation.velocityChangeMps());
        evaluation.naturalFrequencyHz().ifPresent(hz -> require("the natural frequency", hz));
        for (LaidBox box : evaluation.layout().boxes()) {
            for (Axis axis : Axis.values()) {
                require(
                        "the size of layer " + box.layer(),
                        box.carton().outside().along(axis));
            }
        }
        evaluation.checks().forEach(Finite::check);
        evaluation.blows().forEach(Finite::check);
        evaluation.drops().forEach(Finite::drop);
        return evaluation;
    }

    private static void check(Check check) {
        require(check.id().text(), check.demand());
        check.limit().ifPresent(limit -> require("the limit of " + check.id(), limit));
        check.margin().ifPresent(margin -> require("the margin of " + check.id(), margin));
        check.spread().ifPresent(spread -> require("the spread of " + check.id(), spread.high()));
    }

    private static void drop(Drop drop) {
        String id = drop.id().id().text();
        require(id, drop.g());
        drop.cosine().forEach(c -> require("the direction of " + id, c));
        for (Impact.LayerPeak peak : drop.worst().layers()) {
            require("the energy of " + id, peak.energyJ());
            require("the force of " + id, peak.forceN());
            for (int i = 0; i < peak.stressKpa().length; i++) {
                require("the stress of " + id, peak.stressKpa()[i]);
                require("the strain of " + id, peak.strain()[i]);
            }
        }
    }

    private static void require(String figure, double value) {
        if (!Double.isFinite(value)) {
            throw new UnreckonableException(figure, value);
        }
    }
}
