package rampart.core.blank;

import java.util.List;
import rampart.core.blank.BlankMaker.Bend;
import rampart.core.box.Carton;
import rampart.core.box.Mailer;
import rampart.core.geometry.CutWork;

/**
 * The blank of FEFCO style 0426. Outward from the inside an end has the inner side, an ear and the outer side, the front has the
 * lid's tuck and the front wall; the rolled edges of the sides carry the lid.
 */
final class MailerBlank {
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
        maker.left(leftRoof, "inner side", roll, inFrom, inTo, -side - h - 2 * c, h - c / 2);
        int right = maker.right(base, "outer side", up, 0, deep, side, h);
        int rightRoof = maker.right(right, "rolled edge", roll, inFrom, inTo, side + h, 2 * c);
        maker.right(rightRoof, "inner side", roll, inFrom, inTo, side + h + 2 * c, h - c / 2);
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
                        "Roll the sides over the ears and press them down inside.",
                        "Close the lid.",
                        "Tuck it in behind the front."),
                new Pose(middle.at(0, -w / 2 - 1.5 * c, -h / 2 - c / 2), middle.right(), middle.away()));
    }
}
