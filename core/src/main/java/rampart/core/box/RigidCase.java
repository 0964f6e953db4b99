package rampart.core.box;

import rampart.core.material.Board;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * A rigid case of sheet with finger joints: floor and four sides, and a lid between the sides one sheet under their edge
 * (rule 58).
 *
 * @param inside inside size under the lid, mm
 * @param board the sheet, its thickness as the caliper
 */
public record RigidCase(Size inside, Board board) implements Carton {
    @Override
    public CartonStyle style() {
        return CartonStyle.RIGID_CASE;
    }

    @Override
    public SixSided wallMm() {
        double c = board.caliperMm();
        return new SixSided(2 * c, c, c, c, c, c);
    }

    /** Floor and sides by what they hold of the outside, and the lid. */
    @Override
    public double blankAreaMm2() {
        double c = board.caliperMm();
        double lid = inside.lengthMm() * inside.widthMm();
        double open = lid * (inside.heightMm() + 2 * c);
        return (outside().volumeMm3() - open) / c + lid;
    }
}
