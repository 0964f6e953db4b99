package rampart.core.blank;

import java.util.List;
import rampart.core.blank.BlankMaker.Bend;
import rampart.core.box.Tray;

/**
 * A base and four walls folded up from one sheet; tabs at the ends of two of them lie on the outside of the others, so that nothing
 * stands in the inside.
 */
final class TrayBlank {
    private static final List<String> STEPS = List.of(
            "Fold up the two walls with the tabs.",
            "Fold up the other two walls between them.",
            "Fold the tabs square round the outside of those and glue or tape them.");

    private TrayBlank() {}

    /** @param middle where the middle of the base stands in the carton */
    static Blank of(String name, Tray tray, Pose middle) {
        double c = tray.board().caliperMm();
        double x = tray.lengthMm() + c;
        double y = tray.widthMm() + c;
        double wall = tray.wallMm();
        BlankMaker maker = new BlankMaker();
        int base = maker.first("base", 0, 0, x, y);
        int front = maker.below(base, "wall", Bend.square(1, 0), 0, x, 0, wall);
        int back = maker.above(base, "wall", Bend.square(1, 0), 0, x, y, wall);
        double tabFrom = -wall;
        double tabTo = tray.tabHeightMm() - wall;
        Bend tab = Bend.square(3, -1);
        maker.glued(maker.left(front, "corner tab", tab, tabFrom, tabTo, 0, tray.tabMm()));
        maker.glued(maker.right(front, "corner tab", tab, tabFrom, tabTo, x, tray.tabMm()));
        maker.glued(maker.left(back, "corner tab", tab, y - tabTo, y - tabFrom, 0, tray.tabMm()));
        maker.glued(maker.right(back, "corner tab", tab, y - tabTo, y - tabFrom, x, tray.tabMm()));
        maker.left(base, "end wall", Bend.square(2, 0), 0, y, 0, wall);
        maker.right(base, "end wall", Bend.square(2, 0), 0, y, x, wall);
        if (tray.doubleCorners()) {
            for (double edge : new double[] {0, y}) {
                maker.cut(-wall, edge, 0, edge);
                maker.cut(x, edge, x + wall, edge);
            }
        }
        return maker.made(name, c, STEPS, new Pose(middle.at(-x / 2, -y / 2, 0), middle.right(), middle.away()));
    }
}
