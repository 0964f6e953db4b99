package rampart.core.blank;

import java.util.ArrayList;
import java.util.Arrays;
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
     * @param body what is inside, before its cushions: what profiles and corner pieces go on, mm
     * @param strapping what goes round it; edge protectors lie under each turn of a strap
     */
    public static List<CountedBlank> of(Carton carton, Set<Fitting> fittings, Size body, Strapping strapping) {
        FittingBlanks blanks = new FittingBlanks(carton);
        for (Fitting fitting : fittings) {
            switch (fitting) {
                case TOP_PAD -> blanks.pad("pad on top");
                case BOTTOM_PAD -> blanks.pad("pad at the bottom");
                case LINER -> blanks.liner(fittings);
                case CORNER_POSTS -> blanks.angle("corner post", blanks.heightMm(fittings), 4);
                case EDGE_PROTECTORS -> blanks.protectors(fittings.contains(Fitting.STRAPS), strapping);
                case BOARD_CAPS -> blanks.caps();
                case EDGE_PROFILES -> blanks.profiles(body);
                case CORNER_PIECES -> blanks.cornerPieces(body);
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
        double round = 2 * c * count(fittings, Fitting.EDGE_PROFILES, Fitting.CORNER_PIECES);
        double sides = round + 2 * c * count(fittings, Fitting.LINER, Fitting.CORNER_POSTS);
        return new Size(sides, sides, round + padsMm(c, fittings));
    }

    private static double padsMm(double c, Set<Fitting> fittings) {
        return c * count(fittings, Fitting.TOP_PAD, Fitting.BOTTOM_PAD);
    }

    private static long count(Set<Fitting> fittings, Fitting... among) {
        return Arrays.stream(among).filter(fittings::contains).count();
    }

    private double heightMm(Set<Fitting> fittings) {
        return inside.heightMm() - padsMm(c, fittings) - 2 * PLAY_MM;
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

    /** Channels over the four edges of flat work, two of each length. */
    private void profiles(Size body) {
        double[] edges = flat(body);
        channel("edge profile, long", edges[0], edges[2]);
        channel("edge profile, short", edges[1], edges[2]);
    }

    private void channel(String name, double longMm, double thickMm) {
        double leg = Math.min(LEG_MM, longMm / 2);
        double web = thickMm + 2 * PLAY_MM + c;
        BlankMaker maker = new BlankMaker();
        int middle = maker.first("edge", 0, 0, longMm, web);
        maker.below(middle, "leg", BlankMaker.Bend.square(1, 0), 0, longMm, 0, leg);
        maker.above(middle, "leg", BlankMaker.Bend.square(1, 0), 0, longMm, web, leg);
        made.add(new CountedBlank(
                maker.made(name, c, List.of("Fold both legs square and push it over the edge."), LYING), 2));
    }

    /** A channel round each of the four corners of flat work: its edge is bent, its legs are cut there and lie over each other. */
    private void cornerPieces(Size body) {
        double[] edges = flat(body);
        double arm = Math.min(PROTECTOR_MM, edges[1] / 2);
        double leg = Math.min(LEG_MM, arm);
        double web = edges[2] + 2 * PLAY_MM + c;
        BlankMaker maker = new BlankMaker();
        int one = maker.first("edge", 0, 0, arm, web);
        int other = maker.right(one, "edge", BlankMaker.Bend.square(1, 0), 0, web, arm, arm);
        maker.below(one, "leg", BlankMaker.Bend.square(2, 0), 0, arm, 0, leg);
        maker.above(one, "leg", BlankMaker.Bend.square(2, 0), 0, arm, web, leg);
        maker.below(other, "leg", BlankMaker.Bend.square(3, -1), arm, 2 * arm, 0, leg);
        maker.above(other, "leg", BlankMaker.Bend.square(3, -1), arm, 2 * arm, web, leg);
        maker.cut(arm, -leg, arm, 0);
        maker.cut(arm, web, arm, web + leg);
        List<String> steps = List.of(
                "Bend the edge square in the middle.",
                "Fold the legs of one half over the corner.",
                "Fold those of the other half over them and tape them.");
        made.add(new CountedBlank(maker.made("corner piece", c, steps, LYING), 4));
    }

    private static final Pose LYING = new Pose(Point.ORIGIN, new Point(1, 0, 0), new Point(0, 1, 0));

    /** The two edges of what is flat, the longer first, and how thick it is, mm. */
    private static double[] flat(Size body) {
        double[] sorted = {body.lengthMm(), body.widthMm(), body.heightMm()};
        Arrays.sort(sorted);
        return new double[] {sorted[2], sorted[1], sorted[0]};
    }
}
