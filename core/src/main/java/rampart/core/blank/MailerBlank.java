package rampart.core.blank;

import java.util.ArrayList;
import java.util.List;
import rampart.core.blank.BlankMaker.Bend;
import rampart.core.box.Carton;
import rampart.core.box.Mailer;
import rampart.core.geometry.CutWork;
import rampart.core.geometry.PlanPoint;

/**
 * The blank of FEFCO style 0426. Outward from the inside an end has the inner side, an ear and the outer side, the front has the
 * lid's tuck and the front wall; the rolled edges of the sides carry the lid.
 */
final class MailerBlank {
    /** Width of a rolled edge, in calipers: over an outer and an inner side, an ear between them. */
    private static final double ROLL_CALIPERS = 2;

    private MailerBlank() {}

    /** @param middle where the middle of the inside stands, x to the right and y to the back */
    static Blank of(Mailer carton, Pose middle) {
        double c = carton.board().caliperMm();
        double l = carton.inside().lengthMm();
        double w = carton.inside().widthMm();
        double h = carton.inside().heightMm();
        double side = (l + 5 * c) / 2;
        double ear = (l + 3 * c) / 2;
        double tuck = (l - Carton.LID_PLAY_MM) / 2;
        double deep = w + 2 * c;
        double inFrom = 1.5 * c;
        double inTo = inFrom + w;
        BlankMaker maker = new BlankMaker();
        int base = maker.first("base", -side, 0, side, deep);
        int back = maker.above(base, "back", Bend.square(1, 0), -ear, ear, deep, h + c);
        int front = maker.below(base, "front", Bend.square(1, 0), -ear, ear, 0, h + c / 2);
        Bend in = Bend.square(2, 0);
        double earTo = h - c / 2;
        maker.left(back, "ear", in, deep + c / 2, deep + earTo, -ear, w / 2);
        maker.right(back, "ear", in, deep + c / 2, deep + earTo, ear, w / 2);
        maker.left(front, "ear", in, -earTo, -c / 2, -ear, w / 2);
        maker.right(front, "ear", in, -earTo, -c / 2, ear, w / 2);
        Bend up = Bend.square(3, 0);
        Bend roll = new Bend(4, 90, 0, CutWork.PERFORATION);
        int left = maker.left(base, "outer side", up, 0, deep, -side, h);
        int leftRoof = maker.left(left, "rolled edge", roll, inFrom, inTo, -side - h, 2 * c);
        inner(maker, leftRoof, roll, -side - h - 2 * c, -1, c, w, h);
        int right = maker.right(base, "outer side", up, 0, deep, side, h);
        int rightRoof = maker.right(right, "rolled edge", roll, inFrom, inTo, side + h, 2 * c);
        inner(maker, rightRoof, roll, side + h + 2 * c, 1, c, w, h);
        double lidFrom = deep + h + c;
        double over = l / 2 + 3 * c;
        int lid = maker.hung(
                back,
                "lid",
                Bend.square(5, 0),
                List.of(
                        BlankMaker.at(-over, lidFrom),
                        BlankMaker.at(over, lidFrom),
                        BlankMaker.at(over, lidFrom + w + c),
                        BlankMaker.at(-over, lidFrom + w + c)),
                BlankMaker.at(-ear, lidFrom),
                BlankMaker.at(ear, lidFrom));
        maker.above(lid, "tuck", Bend.square(6, 0), -tuck, tuck, lidFrom + w + c, h - c);
        return maker.made(
                "blank",
                c,
                List.of(
                        "Fold up the back and the front.",
                        "Fold their ears in square.",
                        "Fold up the outer sides.",
                        "Roll the sides over the ears and press their locks into the slots of the base.",
                        "Close the lid.",
                        "Tuck it in behind the front."),
                new Pose(middle.at(0, -w / 2 - 1.5 * c, -h / 2 - c / 2), middle.right(), middle.away()));
    }

    /** Width of a lock along the side, as a share of it; there are two on each side (common practice, no source). */
    private static final double LOCK_SHARE = 1 / 6.0;

    /** A slot is so much longer and wider than the lock that goes into it, mm (common practice, no source). */
    private static final double LOCK_PLAY_MM = 1;

    /**
     * An inner side whose two locks go through slots in the base: what holds the rolled sides down without tape.
     *
     * @param from where its crease is, mm
     * @param out to which side it lies on the blank
     */
    private static void inner(
            BlankMaker maker, int roof, Bend roll, double from, int out, double c, double w, double h) {
        double near = 1.5 * c;
        double far = near + w;
        double edge = from + out * (h - c / 2);
        double lock = w * LOCK_SHARE;
        double middle = (near + far) / 2;
        List<PlanPoint> corners = new ArrayList<>(List.of(BlankMaker.at(from, near), BlankMaker.at(edge, near)));
        // Rolled over the rolled edge it comes down as far inside the outer side as that edge is wide.
        double slot = out * (Math.abs(from) - h - 2 * ROLL_CALIPERS * c);
        for (double at : new double[] {middle - w / 4 - lock / 2, middle + w / 4 - lock / 2}) {
            corners.add(BlankMaker.at(edge, at));
            corners.add(BlankMaker.at(edge + out * c, at));
            corners.add(BlankMaker.at(edge + out * c, at + lock));
            corners.add(BlankMaker.at(edge, at + lock));
            hole(maker, slot, at, lock, c);
        }
        corners.add(BlankMaker.at(edge, far));
        corners.add(BlankMaker.at(from, far));
        maker.hung(roof, "inner side", roll, corners, BlankMaker.at(from, near), BlankMaker.at(from, far));
    }

    private static void hole(BlankMaker maker, double x, double y, double lock, double c) {
        double half = (c + LOCK_PLAY_MM) / 2;
        maker.opening(x - half, y - LOCK_PLAY_MM / 2, x + half, y + lock + LOCK_PLAY_MM / 2);
    }
}
