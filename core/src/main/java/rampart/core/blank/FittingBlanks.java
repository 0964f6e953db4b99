package rampart.core.blank;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import rampart.core.box.Carton;
import rampart.core.box.Fitting;
import rampart.core.box.Strapping;
import rampart.core.box.Tray;
import rampart.core.geometry.PlanPoint;
import rampart.core.quantity.Point;
import rampart.core.quantity.Size;

/** What of board is put into a carton and round it, of the same board as the carton. */
public final class FittingBlanks {
    /** What a pad or a liner is smaller than its room, on each side, mm (nominal). */
    public static final double PLAY_MM = 1;

    /** Leg of a corner post or of an edge protector, mm (common practice, no source). */
    public static final double LEG_MM = 50;

    /** An edge protector under a strap is so long, mm (common practice, no source). */
    public static final double PROTECTOR_MM = 100;

    /** Depth of a board cap, mm (common practice, no source). */
    public static final double CAP_MM = 60;

    private final Carton carton;
    private final Size inside;
    private final double c;
    private final List<CountedBlank> made = new ArrayList<>();

    private FittingBlanks(Carton carton) {
        this.carton = carton;
        inside = carton.inside();
        c = carton.board().caliperMm();
    }

    /**
     * The pieces of board, equal ones counted, in the order of the fittings.
     *
     * @param strapping what goes round it; edge protectors lie under each turn of a strap
     */
    public static List<CountedBlank> of(Carton carton, Set<Fitting> fittings, Strapping strapping) {
        FittingBlanks blanks = new FittingBlanks(carton);
        for (Fitting fitting : fittings) {
            switch (fitting) {
                case TOP_PAD -> blanks.pad("pad on top");
                case BOTTOM_PAD -> blanks.pad("pad at the bottom");
                case LINER -> blanks.liner(fittings);
                case CORNER_POSTS -> blanks.angle("corner post", blanks.heightMm(fittings), 4);
                case EDGE_PROTECTORS -> blanks.protectors(fittings.contains(Fitting.STRAPS), strapping);
                case BOARD_CAPS -> blanks.caps();
                case STRAPS -> {
                    // They are bought by length.
                }
            }
        }
        return List.copyOf(blanks.made);
    }

    /** What fittings take of the inside along length, width and height, mm, their play not counted. */
    public static Size takesMm(Carton carton, Set<Fitting> fittings) {
        double c = carton.board().caliperMm();
        double sides =
                (fittings.contains(Fitting.LINER) ? 2 * c : 0) + (fittings.contains(Fitting.CORNER_POSTS) ? 2 * c : 0);
        double height = (fittings.contains(Fitting.TOP_PAD) ? c : 0) + (fittings.contains(Fitting.BOTTOM_PAD) ? c : 0);
        return new Size(sides, sides, height);
    }

    private double heightMm(Set<Fitting> fittings) {
        return inside.heightMm() - takesMm(carton, fittings).heightMm() - 2 * PLAY_MM;
    }

    private void pad(String name) {
        double x = inside.lengthMm() - 2 * PLAY_MM;
        double y = inside.widthMm() - 2 * PLAY_MM;
        if (x > 0 && y > 0) {
            made.add(new CountedBlank(
                    Blank.flat(
                            name,
                            c,
                            List.of(
                                    new PlanPoint(0, 0),
                                    new PlanPoint(x, 0),
                                    new PlanPoint(x, y),
                                    new PlanPoint(0, y))),
                    1));
        }
    }

    /** Round the walls inside, its ends meeting in the middle of a long wall: a joint at a corner would open. */
    private void liner(Set<Fitting> fittings) {
        double longWall = carton.longerMm() - 2 * PLAY_MM - c;
        double shortWall = carton.shorterMm() - 2 * PLAY_MM - c;
        double high = heightMm(fittings);
        if (longWall <= 0 || shortWall <= 0 || high <= 0) {
            return;
        }
        BlankMaker maker = new BlankMaker();
        int last = maker.first("half wall", 0, 0, longWall / 2, high);
        double x = longWall / 2;
        for (double wide : new double[] {shortWall, longWall, shortWall}) {
            last = maker.right(last, "wall", BlankMaker.Bend.square(1, 0), 0, high, x, wide);
            x += wide;
        }
        maker.right(last, "half wall", BlankMaker.Bend.square(1, 0), 0, high, x, longWall / 2);
        double front = -shortWall / 2;
        Pose pose = new Pose(new Point(0, front, -high / 2), new Point(-1, 0, 0), new Point(0, 0, 1));
        made.add(new CountedBlank(
                maker.made(
                        "liner",
                        c,
                        List.of("Fold it round and set it in, its ends in the middle of a long wall."),
                        carton.lengthwise() ? pose : pose.turned()),
                1));
    }

    private void protectors(boolean strapped, Strapping strapping) {
        double upright = carton.outside().heightMm();
        angle("edge protector, upright", upright, 4);
        int turns = 4 * strapping.straps();
        if (strapped && turns > 0) {
            angle("edge protector under a strap", PROTECTOR_MM, turns);
        }
    }

    /** An angle of board with equal legs. */
    private void angle(String name, double longMm, int count) {
        double leg = Math.min(LEG_MM, Math.min(inside.lengthMm(), inside.widthMm()) / 2);
        if (longMm <= 0 || leg < 2 * c) {
            return;
        }
        BlankMaker maker = new BlankMaker();
        int one = maker.first("leg", 0, 0, leg, longMm);
        maker.right(one, "leg", BlankMaker.Bend.square(1, 0), 0, longMm, leg, leg);
        made.add(new CountedBlank(
                maker.made(
                        name,
                        c,
                        List.of("Fold it square."),
                        new Pose(new Point(0, 0, -longMm / 2), new Point(1, 0, 0), new Point(0, 0, 1))),
                count));
    }

    private void caps() {
        Size outside = carton.outside();
        Tray tray = Tray.withTabs(
                outside.lengthMm() + Carton.LID_PLAY_MM,
                outside.widthMm() + Carton.LID_PLAY_MM,
                CAP_MM,
                carton.board());
        Blank cap = TrayBlank.of("board cap", tray, new Pose(Point.ORIGIN, new Point(1, 0, 0), new Point(0, 1, 0)));
        made.add(new CountedBlank(cap, 2));
    }
}
