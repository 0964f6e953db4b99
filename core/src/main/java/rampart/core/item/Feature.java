package rampart.core.item;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import rampart.core.quantity.Face;
import rampart.core.quantity.Require;

/**
 * Something about the item that whoever packs it should know of.
 *
 * @param face where it is; empty where it is nowhere in particular
 * @param massKg what a part on an arm weighs
 * @param armMm how far it stands out from its joint
 * @param jointBearsNm bending that the joint bears; empty where nobody knows
 */
public record Feature(
        String name,
        Kind kind,
        Optional<Face> face,
        OptionalDouble massKg,
        OptionalDouble armMm,
        OptionalDouble jointBearsNm) {

    /** What is to be known of it. */
    public enum Kind {
        FRAGILE,
        SENSITIVE,
        STRONG,
        HOLLOW,
        LOOSE,
        HEAVY,
        IRREPLACEABLE
    }

    public Feature {
        massKg.ifPresent(kg -> Require.positive(kg, "mass of a part in kg"));
        armMm.ifPresent(mm -> Require.positive(mm, "arm of a part in mm"));
        jointBearsNm.ifPresent(nm -> Require.positive(nm, "what a joint bears in Nm"));
    }

    /** The same on other faces. */
    Feature moved(UnaryOperator<Face> to) {
        return new Feature(name, kind, face.map(to), massKg, armMm, jointBearsNm);
    }

    /** True where it is a part on an arm. */
    public boolean onArm() {
        return massKg.isPresent() && armMm.isPresent();
    }

    /** True where a blow on its face is to be kept away. */
    public boolean delicate() {
        return kind == Kind.FRAGILE || kind == Kind.SENSITIVE || kind == Kind.IRREPLACEABLE;
    }
}
