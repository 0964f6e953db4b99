package rampart.core.layout;

import java.util.Optional;
import rampart.core.quantity.Face;
import rampart.core.quantity.Require;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/** One layer of a pack; the list of them runs from the item outward. */
public sealed interface Layer {
    /** Material or board id in the catalogue. */
    String material();

    /** Something wound round what is inside: adds its thickness on all six sides and nothing else (rule 3). */
    record Wrap(String material, double thicknessMm) implements Layer {
        public Wrap {
            Require.notNegative(thicknessMm, "wrap thickness in mm");
        }
    }

    /** Foam or cells that absorb the blow. */
    record Cushion(String material, CushionForm form, SixSided thicknessMm) implements Layer {
        public Cushion {
            for (Face face : Face.ALL) {
                Require.notNegative(thicknessMm.on(face), "thickness on the " + face.word() + " in mm");
            }
        }
    }

    /**
     * A regular slotted carton.
     *
     * @param slackMm total clearance per dimension round what is inside, mm (rule 2)
     * @param stockInside inside size of a carton from stock that takes the place of a made one (rule 32)
     */
    record Box(String material, double slackMm, Optional<Size> stockInside) implements Layer {
        public Box {
            Require.notNegative(slackMm, "slack in mm");
        }
    }
}
