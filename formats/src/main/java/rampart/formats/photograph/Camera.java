package rampart.formats.photograph;

import boofcv.factory.geo.FactoryMultiView;
import boofcv.struct.geo.AssociatedPair;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.ejml.data.DMatrixRMaj;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer.Optimum;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import rampart.core.geometry.PlanPoint;

/**
 * The camera that took a photograph, found from the marks in it: where it was, which way it looked, how long its lens is and how
 * it bends lines. One pinhole with one radial coefficient after Brown (Decentering distortion of lenses, 1966, first radial term,
 * from memory), square pixels, its axis through the middle of the picture. Papers but the first may lie anywhere in the plane.
 */
final class Camera {
    /** Telephones' lenses are about this long, in long sides of the picture, [assumed] within a third. */
    private static final double USUAL_FOCAL = 0.75;

    private static final double FOCAL_SPREAD = 0.3;
    private static final double DISTORTION_SPREAD = 0.1;

    /** How well a corner is found, pixels. */
    private static final double CORNER = 0.15;

    /** How well a person measures how high the camera was, as a share. */
    private static final double MEASURED = 0.005;

    private static final int OWN = 8;

    private final double middleX;
    private final double middleY;
    private final double longSide;
    private final Rotation first;
    private final List<MarkSheet> sheets;
    private final List<FoundMark> marks;
    private final double[] start;

    /** Taken from here on: logarithm of the focal length, distortion, turn (3), place of the plane's origin (3), each paper's x, y, angle. */
    private double[] found = {};

    private double rmsPixels;
    private double heightError;

    private Camera(Pixels pixels, List<FoundMark> marks) {
        middleX = pixels.width() / 2.0;
        middleY = pixels.height() / 2.0;
        longSide = Math.max(pixels.width(), pixels.height());
        Map<MarkSheet, List<FoundMark>> bySheet = new LinkedHashMap<>();
        marks.stream()
                .sorted(Comparator.comparingInt(m -> m.mark().number()))
                .forEach(m -> bySheet.computeIfAbsent(m.sheet(), s -> new ArrayList<>())
                        .add(m));
        sheets = bySheet.keySet().stream()
                .sorted(Comparator.comparingInt(s -> -bySheet.get(s).size()))
                .toList();
        this.marks = List.copyOf(marks);
        Homography plane = Homography.of(bySheet.get(sheets.get(0)));
        start = new double[OWN + 3 * (sheets.size() - 1)];
        start[0] = Math.log(USUAL_FOCAL);
        double f = USUAL_FOCAL * longSide;
        Vector3D a = direction(plane, 0, f);
        Vector3D b = direction(plane, 1, f);
        Vector3D t = direction(plane, 2, f);
        double scale = 2 / (a.getNorm() + b.getNorm()) * (t.getZ() < 0 ? -1 : 1);
        Vector3D x = a.scalarMultiply(scale).normalize();
        Vector3D z = Vector3D.crossProduct(x, b.scalarMultiply(scale)).normalize();
        Vector3D y = Vector3D.crossProduct(z, x);
        first = new Rotation(Vector3D.PLUS_I, Vector3D.PLUS_J, x, y);
        start[5] = t.getX() * scale;
        start[6] = t.getY() * scale;
        start[7] = t.getZ() * scale;
        for (int s = 1; s < sheets.size(); s++) {
            Homography other = Homography.of(bySheet.get(sheets.get(s)));
            PlanPoint origin = plane.onPlane(other.inPicture(0, 0));
            PlanPoint along = plane.onPlane(other.inPicture(0, 100));
            start[OWN + 3 * (s - 1)] = origin.xMm();
            start[OWN + 3 * (s - 1) + 1] = origin.yMm();
            start[OWN + 3 * (s - 1) + 2] =
                    Math.atan2(along.yMm() - origin.yMm(), along.xMm() - origin.xMm()) - Math.PI / 2;
        }
    }

    private Vector3D direction(Homography h, int column, double f) {
        double w = h.at(2, column);
        return new Vector3D((h.at(0, column) - middleX * w) / f, (h.at(1, column) - middleY * w) / f, w);
    }

    /**
     * The camera that shows the marks where they were found.
     *
     * @param heightMm how high over the table it was held, where somebody measured it
     */
    static Camera of(Pixels pixels, List<FoundMark> marks, OptionalDouble heightMm) {
        Camera camera = new Camera(pixels, marks);
        camera.fit(heightMm);
        return camera;
    }

    private void fit(OptionalDouble heightMm) {
        int priors = heightMm.isPresent() ? 3 : 2;
        Optimum optimum = new LevenbergMarquardtOptimizer()
                .optimize(new LeastSquaresBuilder()
                        .model(point -> new org.hipparchus.util.Pair<>(
                                residuals(point.toArray(), priors, heightMm), jacobian(point, priors, heightMm)))
                        .start(start)
                        .target(new double[8 * marks.size() + priors])
                        .lazyEvaluation(false)
                        .maxEvaluations(300)
                        .maxIterations(300)
                        .build());
        found = optimum.getPoint().toArray();
        RealVector left = optimum.getResiduals();
        double sum = 0;
        for (int i = 0; i < 8 * marks.size(); i++) {
            sum += left.getEntry(i) * left.getEntry(i);
        }
        rmsPixels = Math.sqrt(sum / (4 * marks.size())) * CORNER;
        // Corners worse than usual make everything found from them worse in proportion.
        double worse = Math.max(1, Math.sqrt(sum / (8 * marks.size())));
        RealVector slope = new ArrayRealVector(found.length);
        for (int i = 0; i < found.length; i++) {
            slope.setEntry(i, (placed(found, i, 1).getZ() - placed(found, i, -1).getZ()) / (2 * step(i)));
        }
        heightError = worse
                * Math.sqrt(Math.max(
                        0, slope.dotProduct(optimum.getCovariances(1e-14).operate(slope))));
    }

    private static double step(int parameter) {
        return parameter < 5 ? 1e-5 : parameter < OWN || (parameter - OWN) % 3 < 2 ? 1e-3 : 1e-5;
    }

    private Vector3D placed(double[] p, int parameter, int sign) {
        double[] moved = p.clone();
        moved[parameter] += sign * step(parameter);
        return place(moved);
    }

    private RealMatrix jacobian(RealVector point, int priors, OptionalDouble heightMm) {
        RealMatrix jacobian =
                org.hipparchus.linear.MatrixUtils.createRealMatrix(8 * marks.size() + priors, point.getDimension());
        for (int i = 0; i < point.getDimension(); i++) {
            double[] up = point.toArray();
            double[] down = point.toArray();
            up[i] += step(i);
            down[i] -= step(i);
            jacobian.setColumnVector(
                    i,
                    residuals(up, priors, heightMm)
                            .subtract(residuals(down, priors, heightMm))
                            .mapDivide(2 * step(i)));
        }
        return jacobian;
    }

    /** How far off each corner is, in what a corner may be off, and each thing known beforehand likewise. */
    private RealVector residuals(double[] p, int priors, OptionalDouble heightMm) {
        RealVector residuals = new ArrayRealVector(8 * marks.size() + priors);
        Rotation turn = turn(p);
        int at = 0;
        for (FoundMark mark : marks) {
            List<PlanPoint> corners = mark.mark().corners();
            for (int c = 0; c < 4; c++) {
                FoundMark.Pixel seen = project(p, turn, onPlane(p, mark.sheet(), corners.get(c)));
                residuals.setEntry(at++, (seen.x() - mark.corners().get(c).x()) / CORNER);
                residuals.setEntry(at++, (seen.y() - mark.corners().get(c).y()) / CORNER);
            }
        }
        residuals.setEntry(at++, (p[0] - Math.log(USUAL_FOCAL)) / FOCAL_SPREAD);
        residuals.setEntry(at++, p[1] / DISTORTION_SPREAD);
        if (priors > 2) {
            double height = heightMm.orElseThrow();
            residuals.setEntry(at, (place(p).getZ() - height) / (MEASURED * height));
        }
        return residuals;
    }

    private Rotation turn(double[] p) {
        Vector3D by = new Vector3D(p[2], p[3], p[4]);
        return by.getNorm() == 0
                ? first
                : new Rotation(by, by.getNorm(), RotationConvention.VECTOR_OPERATOR).applyTo(first);
    }

    private PlanPoint onPlane(double[] p, MarkSheet sheet, PlanPoint place) {
        int s = sheets.indexOf(sheet);
        if (s == 0) {
            return place;
        }
        int at = OWN + 3 * (s - 1);
        double cos = Math.cos(p[at + 2]);
        double sin = Math.sin(p[at + 2]);
        return new PlanPoint(
                p[at] + cos * place.xMm() - sin * place.yMm(), p[at + 1] + sin * place.xMm() + cos * place.yMm());
    }

    private FoundMark.Pixel project(double[] p, Rotation turn, PlanPoint place) {
        Vector3D seen = turn.applyTo(new Vector3D(place.xMm(), place.yMm(), 0)).add(new Vector3D(p[5], p[6], p[7]));
        double u = seen.getX() / seen.getZ();
        double v = seen.getY() / seen.getZ();
        double f = Math.exp(p[0]) * longSide * (1 + p[1] * (u * u + v * v));
        return new FoundMark.Pixel(middleX + f * u, middleY + f * v);
    }

    private Vector3D place(double[] p) {
        return turn(p).applyInverseTo(new Vector3D(-p[5], -p[6], -p[7]));
    }

    /** Every paper that was seen, the one whose lower left corner is the plane's origin first. */
    List<MarkSheet> sheets() {
        return sheets;
    }

    /** A place of a paper in the plane, mm. */
    PlanPoint onPlane(MarkSheet sheet, PlanPoint place) {
        return onPlane(found, sheet, place);
    }

    /** Where a place of the plane is in the picture, row by row of a raster: one turn for all of them. */
    Looking looking() {
        Rotation turn = turn(found);
        return place -> project(found, turn, place);
    }

    /** From a place of the plane to one of the picture. */
    interface Looking {
        FoundMark.Pixel at(PlanPoint place);
    }

    /** The place of the table right under the camera. */
    PlanPoint footMm() {
        Vector3D place = place(found);
        return new PlanPoint(place.getX(), place.getY());
    }

    /** How high it was held over the table, mm. */
    double heightMm() {
        return place(found).getZ();
    }

    /** Standard error of that height, mm. */
    double heightErrorMm() {
        return heightError;
    }

    /** How far corners of marks are from where they should be, root of the mean square, mm on the table. */
    double marksErrorMm() {
        return rmsPixels * heightMm() / (Math.exp(found[0]) * longSide);
    }

    /** How far it leans from straight down, degrees. */
    double tiltDegrees() {
        Vector3D axis = turn(found).applyInverseTo(Vector3D.PLUS_K);
        return Math.toDegrees(Vector3D.angle(axis, Vector3D.MINUS_K));
    }

    /** From a plane to its picture, by eight numbers. */
    private record Homography(DMatrixRMaj to) {
        static Homography of(List<FoundMark> marks) {
            List<AssociatedPair> pairs = new ArrayList<>();
            for (FoundMark mark : marks) {
                List<PlanPoint> corners = mark.mark().corners();
                for (int c = 0; c < 4; c++) {
                    FoundMark.Pixel seen = mark.corners().get(c);
                    pairs.add(new AssociatedPair(
                            corners.get(c).xMm(), corners.get(c).yMm(), seen.x(), seen.y()));
                }
            }
            DMatrixRMaj to = new DMatrixRMaj(3, 3);
            if (!FactoryMultiView.homographyDLT(true).process(pairs, to)) {
                throw new RefusedPhotographException("the marks lie so that nothing can be found from them");
            }
            return new Homography(to);
        }

        double at(int row, int column) {
            return to.get(row, column);
        }

        FoundMark.Pixel inPicture(double x, double y) {
            double w = at(2, 0) * x + at(2, 1) * y + at(2, 2);
            return new FoundMark.Pixel(
                    (at(0, 0) * x + at(0, 1) * y + at(0, 2)) / w, (at(1, 0) * x + at(1, 1) * y + at(1, 2)) / w);
        }

        PlanPoint onPlane(FoundMark.Pixel pixel) {
            double a = at(0, 0) - pixel.x() * at(2, 0);
            double b = at(0, 1) - pixel.x() * at(2, 1);
            double c = pixel.x() * at(2, 2) - at(0, 2);
            double d = at(1, 0) - pixel.y() * at(2, 0);
            double e = at(1, 1) - pixel.y() * at(2, 1);
            double g = pixel.y() * at(2, 2) - at(1, 2);
            double det = a * e - b * d;
            return new PlanPoint((c * e - b * g) / det, (a * g - c * d) / det);
        }
    }
}
