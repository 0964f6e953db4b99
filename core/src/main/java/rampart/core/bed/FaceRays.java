package rampart.core.bed;

import java.util.Arrays;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;

/**
 * The rays of one face: what each meets, how far inward, and whether it bears. Cells are numbered along the face's first
 * axis, then along its second, in the order x, y, z.
 */
final class FaceRays {
    static final int NOTHING = -1;

    private final Face face;
    private final Axis first;
    private final Axis second;
    private final RayGrid grid;
    private final int secondCells;
    private final int[] part;
    private final double[] inwardMm;
    private final boolean[] bears;
    private final boolean[] shutOut;

    FaceRays(Face face, RayGrid grid) {
        this.face = face;
        this.grid = grid;
        first = face.axis() == Axis.X ? Axis.Y : Axis.X;
        second = face.axis() == Axis.Z ? Axis.Y : Axis.Z;
        secondCells = grid.cells(second);
        int count = grid.cells(first) * secondCells;
        part = new int[count];
        Arrays.fill(part, NOTHING);
        inwardMm = new double[count];
        bears = new boolean[count];
        shutOut = new boolean[count];
    }

    int index(int one, int other) {
        return one * secondCells + other;
    }

    void meets(int index, int met, double distanceMm, boolean bearing) {
        part[index] = met;
        inwardMm[index] = distanceMm;
        bears[index] = bearing;
    }

    /** A ray that meets a strong part where neither half can be closed round the item. */
    void shutOut(int index) {
        shutOut[index] = true;
    }

    boolean isShutOut(int index) {
        return shutOut[index];
    }

    Face face() {
        return face;
    }

    Axis first() {
        return first;
    }

    Axis second() {
        return second;
    }

    int firstCells() {
        return grid.cells(first);
    }

    int secondCells() {
        return secondCells;
    }

    int count() {
        return part.length;
    }

    /** Index of the part that a ray meets; {@link #NOTHING} where none. */
    int part(int index) {
        return part[index];
    }

    /** From the plane of the size to the place that is met, mm. */
    double inwardMm(int index) {
        return inwardMm[index];
    }

    boolean bears(int index) {
        return bears[index];
    }

    double firstCellMm() {
        return grid.cellMm(first);
    }

    double secondCellMm() {
        return grid.cellMm(second);
    }

    double cellMm2() {
        return firstCellMm() * secondCellMm();
    }
}
