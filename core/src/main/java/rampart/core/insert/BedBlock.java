package rampart.core.insert;

import rampart.core.bed.BedShape;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Cuboid;
import rampart.core.quantity.Point;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/** The block that a bed is cut from, in mm from the middle of the item. */
final class BedBlock {
    private BedBlock() {}

    static Cuboid of(LaidCushion cushion, BedShape bed) {
        SixSided mm = cushion.thicknessMm();
        Size outside = cushion.outside();
        Size size = bed.size();
        double wrap = (outside.along(Axis.X) - size.lengthMm() - mm.left() - mm.right()) / 2;
        return new Cuboid(
                new Point(
                        -size.lengthMm() / 2 - wrap - mm.left(),
                        -size.widthMm() / 2 - wrap - mm.front(),
                        -size.heightMm() / 2 - wrap - mm.bottom()),
                new Point(
                        size.lengthMm() / 2 + wrap + mm.right(),
                        size.widthMm() / 2 + wrap + mm.back(),
                        size.heightMm() / 2 + wrap + mm.top()));
    }
}
