package rampart.core.blank;

import java.util.List;
import rampart.core.blank.BlankMaker.Bend;
import rampart.core.box.OnePieceFolder;

/** The cross of FEFCO style 0401. */
final class FolderBlank {
    private FolderBlank() {}

    /** @param middle where the middle of the base stands in the carton */
    static Blank of(OnePieceFolder carton, Pose middle) {
        double c = carton.board().caliperMm();
        double x = carton.longerMm() + c;
        double y = carton.shorterMm() + c;
        double wall = carton.inside().heightMm() + 1.5 * c;
        double flap = y / 2;
        BlankMaker maker = new BlankMaker();
        int base = maker.first("base", 0, 0, x, y);
        int left = maker.left(base, "end wall", Bend.square(1, 0), 0, y, 0, wall);
        int right = maker.right(base, "end wall", Bend.square(1, 0), 0, y, x, wall);
        int front = maker.below(base, "long wall", Bend.square(2, 0), 0, x, 0, wall);
        int back = maker.above(base, "long wall", Bend.square(2, 0), 0, x, y, wall);
        Bend under = Bend.square(3, .5);
        Bend over = Bend.square(4, -.5);
        // Narrower by a caliper, so that they go in between the long walls.
        maker.left(left, "inner flap", under, c / 2, y - c / 2, -wall, flap);
        maker.right(right, "inner flap", under, c / 2, y - c / 2, x + wall, flap);
        maker.below(front, "outer flap", over, 0, x, -wall, flap);
        maker.above(back, "outer flap", over, 0, x, y + wall, flap);
        return maker.made(
                "blank",
                c,
                List.of(
                        "Fold up the end walls.",
                        "Fold up the long walls.",
                        "Fold the ends in.",
                        "Fold the long flaps over them and tape the seam and the corners."),
                new Pose(middle.at(-x / 2, -y / 2, 0), middle.right(), middle.away()));
    }
}
