package rampart.core.item;

import java.util.Collection;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import rampart.core.quantity.Face;
import rampart.core.quantity.Require;

/**
 * How much of a blow the item bears: the damage boundary of ASTM D3332 (from memory) and its exceptions by face.
 *
 * @param criticalAccelerationG peak acceleration the item bears, G; empty where nobody knows
 * @param criticalVelocityChangeMps velocity change below which no acceleration damages, m/s
 * @param basis where these come from
 * @param component a part on the item that swings by itself; empty where none is known
 * @param criticalAccelerationByFaceG what the item bears when it is struck on that face, G
 */
public record Fragility(
        OptionalDouble criticalAccelerationG,
        OptionalDouble criticalVelocityChangeMps,
        FragilityBasis basis,
        Optional<Component> component,
        Map<Face, Double> criticalAccelerationByFaceG) {

    /** How the fragility became known. */
    public enum FragilityBasis {
        TEST("a test"),
        CLASS("its class"),
        ESTIMATE("an estimate");

        private final String words;

        FragilityBasis(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * A single-degree part on the item.
     *
     * @param frequencyHz its own frequency
     * @param q amplification
     * @param criticalG peak that the part itself bears, G; empty where nobody knows
     */
    public record Component(double frequencyHz, double q, OptionalDouble criticalG) {
        public static final double DEFAULT_Q = 10;

        public Component {
            Require.positive(frequencyHz, "component frequency in Hz");
            Require.positive(q, "component Q");
            criticalG.ifPresent(g -> Require.positive(g, "critical acceleration of the component in G"));
        }
    }

    public Fragility {
        criticalAccelerationG.ifPresent(g -> Require.positive(g, "critical acceleration in G"));
        criticalVelocityChangeMps.ifPresent(v -> Require.positive(v, "critical velocity change in m/s"));
        criticalAccelerationByFaceG = Map.copyOf(criticalAccelerationByFaceG);
        criticalAccelerationByFaceG.forEach(
                (face, g) -> Require.positive(g, "critical acceleration on the " + face.word() + " in G"));
    }

    /** What the item bears when these faces are struck: the least of its own and theirs, G (rule 36). */
    public OptionalDouble limitG(Collection<Face> struck) {
        double least = criticalAccelerationG.orElse(Double.POSITIVE_INFINITY);
        for (Face face : struck) {
            least = Math.min(least, criticalAccelerationByFaceG.getOrDefault(face, Double.POSITIVE_INFINITY));
        }
        return least < Double.POSITIVE_INFINITY ? OptionalDouble.of(least) : OptionalDouble.empty();
    }

    /** The same with every acceleration it bears multiplied. */
    public Fragility times(double factor) {
        Map<Face, Double> byFace = new EnumMap<>(Face.class);
        criticalAccelerationByFaceG.forEach((face, g) -> byFace.put(face, g * factor));
        return new Fragility(
                criticalAccelerationG.isPresent()
                        ? OptionalDouble.of(criticalAccelerationG.getAsDouble() * factor)
                        : criticalAccelerationG,
                criticalVelocityChangeMps,
                basis,
                component,
                byFace);
    }

    /** The same with the limits by face moved to other faces. */
    Fragility moved(UnaryOperator<Face> to) {
        Map<Face, Double> byFace = new EnumMap<>(Face.class);
        criticalAccelerationByFaceG.forEach((face, g) -> byFace.put(to.apply(face), g));
        return new Fragility(criticalAccelerationG, criticalVelocityChangeMps, basis, component, byFace);
    }

    /** The least of every limit that is given, G (rule 36, for vibration). */
    public OptionalDouble leastLimitG() {
        return limitG(Face.ALL);
    }
}
