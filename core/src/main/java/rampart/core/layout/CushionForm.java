package rampart.core.layout;

import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Require;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/** How a cushion lies round its body. */
public sealed interface CushionForm {
    double MM2_PER_CM2 = 100;

    /** Area that bears on this face of the body, mm2. */
    double bearingMm2(Size body, Face face);

    /** Area of one pad on this face of the body, mm2; 0 where there is none. */
    double padMm2(Size body, Face face);

    /** True for forms whose pads can buckle (rule 22). */
    boolean standsFree();

    /** The whole face bears. */
    record Full() implements CushionForm {
        @Override
        public double bearingMm2(Size body, Face face) {
            return body.faceAreaMm2(face);
        }

        @Override
        public double padMm2(Size body, Face face) {
            return body.faceAreaMm2(face);
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
        public boolean standsFree() {
            return true;
        }
    }
}
