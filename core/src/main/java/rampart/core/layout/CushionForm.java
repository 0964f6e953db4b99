package rampart.core.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import rampart.core.bed.BedContact;
import rampart.core.bed.BedShape;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Require;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/** How a cushion lies round its body. */
public sealed interface CushionForm {
    double MM2_PER_CM2 = 100;

    /** What one of these gives, by what form this is: a new form has to be thought of wherever this stands. */
    <R> R match(Function<Full, R> full, Function<Pads, R> pads, Function<Corners, R> corners, Function<Bed, R> bed);

    /** Area that bears on this face of the body, mm2. */
    double bearingMm2(Size body, Face face);

    /** Area of one pad on this face of the body, mm2; 0 where there is none. */
    double padMm2(Size body, Face face);

    /** Where it bears on the body: faces without thickness or area have none. */
    List<ContactPatch> patches(Size body, SixSided thicknessMm);

    /**
     * Volume of a cushion of this form, mm3 (rule 10).
     *
     * @param envelope what it lies round: the body with its wraps
     */
    double volumeMm3(SixSided thicknessMm, Size body, Size envelope);

    /** True for forms whose pads can buckle (rule 22). */
    boolean standsFree();

    /** The whole face bears. */
    record Full() implements CushionForm {
        @Override
        public <R> R match(
                Function<Full, R> full, Function<Pads, R> pads, Function<Corners, R> corners, Function<Bed, R> bed) {
            return full.apply(this);
        }

        @Override
        public double bearingMm2(Size body, Face face) {
            return body.faceAreaMm2(face);
        }

        @Override
        public double padMm2(Size body, Face face) {
            return body.faceAreaMm2(face);
        }

        @Override
        public List<ContactPatch> patches(Size body, SixSided thicknessMm) {
            List<ContactPatch> patches = new ArrayList<>(Face.ALL.size());
            for (Face face : Face.ALL) {
                if (thicknessMm.on(face) > 0) {
                    patches.add(new ContactPatch(
                            face,
                            body.faceAreaMm2(face),
                            thicknessMm.on(face),
                            0,
                            0,
                            body.along(ContactPatch.first(face)),
                            body.along(ContactPatch.second(face))));
                }
            }
            return patches;
        }

        @Override
        public double volumeMm3(SixSided mm, Size body, Size envelope) {
            Size outer = envelope.plus(mm.left() + mm.right(), mm.front() + mm.back(), mm.top() + mm.bottom());
            return outer.volumeMm3() - envelope.volumeMm3();
        }

        @Override
        public boolean standsFree() {
            return false;
        }
    }

    /**
     * Equal pads on each face (rule 6).
     *
     * @param bearingCm2 total bearing area on each face, cm2; more than the body's face is not counted
     * @param count pads on each face, whole numbers of 1 or more
     */
    record Pads(SixSided bearingCm2, SixSided count) implements CushionForm {
        @Override
        public <R> R match(
                Function<Full, R> full, Function<Pads, R> pads, Function<Corners, R> corners, Function<Bed, R> bed) {
            return pads.apply(this);
        }

        public Pads {
            for (Face face : Face.ALL) {
                Require.notNegative(bearingCm2.on(face), "bearing area on the " + face.word() + " in cm2");
                double n = count.on(face);
                if (!(n >= 1) || n != Math.rint(n)) {
                    throw new IllegalArgumentException("pad count on the " + face.word() + " is " + n
                            + "; it must be a whole number of 1 or more");
                }
            }
        }

        @Override
        public double bearingMm2(Size body, Face face) {
            return Math.min(bearingCm2.on(face) * MM2_PER_CM2, body.faceAreaMm2(face));
        }

        @Override
        public double padMm2(Size body, Face face) {
            return bearingMm2(body, face) / count.on(face);
        }

        /** How the pads lie on this face (rule 22). */
        public PadGrid grid(Size body, Face face) {
            return PadGrid.of(body, face, (int) count.on(face), padMm2(body, face));
        }

        @Override
        public List<ContactPatch> patches(Size body, SixSided thicknessMm) {
            List<ContactPatch> patches = new ArrayList<>();
            for (Face face : Face.ALL) {
                double area = padMm2(body, face);
                if (thicknessMm.on(face) > 0 && area > 0) {
                    PadGrid grid = grid(body, face);
                    double one = grid.cutMm(grid.first());
                    double other = grid.cutMm(grid.second());
                    for (int i = 0; i < grid.alongFirst(); i++) {
                        for (int k = 0; k < grid.alongSecond(); k++) {
                            patches.add(new ContactPatch(
                                    face,
                                    area,
                                    thicknessMm.on(face),
                                    (i + 0.5) * grid.cellFirstMm() - one / 2,
                                    (k + 0.5) * grid.cellSecondMm() - other / 2,
                                    one,
                                    other));
                        }
                    }
                }
            }
            return patches;
        }

        @Override
        public double volumeMm3(SixSided mm, Size body, Size envelope) {
            double sum = 0;
            for (Face face : Face.ALL) {
                sum += bearingMm2(body, face) * mm.on(face);
            }
            return sum;
        }

        @Override
        public boolean standsFree() {
            return true;
        }
    }

    /**
     * Eight equal blocks at the corners (rule 7).
     *
     * @param block how far each reaches along the body from its corner, mm
     */
    record Corners(Size block) implements CushionForm {
        @Override
        public <R> R match(
                Function<Full, R> full, Function<Pads, R> pads, Function<Corners, R> corners, Function<Bed, R> bed) {
            return corners.apply(this);
        }

        public Corners {
            for (Axis axis : Axis.values()) {
                Require.positive(block.along(axis), "block along " + axis + " in mm");
            }
        }

        /** The block as it counts on this body: no longer than half the body's edge, mm. */
        public Size countedBlock(Size body) {
            return new Size(
                    Math.min(block.lengthMm(), body.lengthMm() / 2),
                    Math.min(block.widthMm(), body.widthMm() / 2),
                    Math.min(block.heightMm(), body.heightMm() / 2));
        }

        @Override
        public double bearingMm2(Size body, Face face) {
            return 4 * padMm2(body, face);
        }

        @Override
        public double padMm2(Size body, Face face) {
            return countedBlock(body).faceAreaMm2(face);
        }

        @Override
        public List<ContactPatch> patches(Size body, SixSided thicknessMm) {
            List<ContactPatch> patches = new ArrayList<>();
            Size counted = countedBlock(body);
            for (Face face : Face.ALL) {
                double one = counted.along(ContactPatch.first(face));
                double other = counted.along(ContactPatch.second(face));
                double farOne = body.along(ContactPatch.first(face)) - one;
                double farOther = body.along(ContactPatch.second(face)) - other;
                if (thicknessMm.on(face) > 0) {
                    for (double at : new double[] {0, farOne}) {
                        for (double up : new double[] {0, farOther}) {
                            patches.add(new ContactPatch(face, one * other, thicknessMm.on(face), at, up, one, other));
                        }
                    }
                }
            }
            return patches;
        }

        @Override
        public double volumeMm3(SixSided mm, Size body, Size envelope) {
            Size counted = countedBlock(body);
            double sum = 0;
            for (double x : new double[] {mm.left(), mm.right()}) {
                for (double y : new double[] {mm.front(), mm.back()}) {
                    for (double z : new double[] {mm.top(), mm.bottom()}) {
                        sum += counted.plus(x, y, z).volumeMm3() - counted.volumeMm3();
                    }
                }
            }
            return sum;
        }

        @Override
        public boolean standsFree() {
            return true;
        }
    }

    /**
     * A block with the item's shape cut out of it, base and lid together (rules 46 to 50); only round the item itself.
     *
     * @param shape what is cut out
     */
    record Bed(BedShape shape) implements CushionForm {
        @Override
        public <R> R match(
                Function<Full, R> full, Function<Pads, R> pads, Function<Corners, R> corners, Function<Bed, R> bed) {
            return bed.apply(this);
        }

        @Override
        public double bearingMm2(Size body, Face face) {
            return shape.contact().bearingMm2(face);
        }

        @Override
        public double padMm2(Size body, Face face) {
            return bearingMm2(body, face);
        }

        @Override
        public List<ContactPatch> patches(Size body, SixSided thicknessMm) {
            BedContact contact = shape.contact();
            List<ContactPatch> patches = new ArrayList<>();
            for (Face face : Face.ALL) {
                double first = contact.firstCellMm(face);
                double second = contact.secondCellMm(face);
                for (BedContact.Run run : contact.runs(face)) {
                    patches.add(new ContactPatch(
                            face,
                            first * second * run.cells(),
                            thicknessMm.on(face) + run.depthMm(),
                            run.firstCell() * first,
                            run.secondCell() * second,
                            first,
                            second * run.cells()));
                }
            }
            return patches;
        }

        @Override
        public double volumeMm3(SixSided mm, Size body, Size envelope) {
            return new Full().volumeMm3(mm, body, envelope)
                    + shape.size().volumeMm3()
                    - shape.contact().cutOutMm3();
        }

        @Override
        public boolean standsFree() {
            return false;
        }
    }
}
