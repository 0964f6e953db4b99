package rampart.core.blank;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import rampart.core.blank.TubeBlank.Flap;
import rampart.core.blank.TubeBlank.Wall;
import rampart.core.box.Caps;
import rampart.core.box.Carton;
import rampart.core.box.CartonStyle;
import rampart.core.box.LidAndTray;
import rampart.core.box.Mailer;
import rampart.core.box.OnePieceFolder;
import rampart.core.box.Telescope;
import rampart.core.box.Tray;
import rampart.core.box.TwoSheet;
import rampart.core.fingers.CaseSpec;
import rampart.core.fingers.FingerCase;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Point;

/** The blanks that a carton is made from. */
public final class Blanks {
    private static final Point RIGHT = new Point(1, 0, 0);
    private static final Point LEFT = new Point(-1, 0, 0);
    private static final Point BACK = new Point(0, 1, 0);
    private static final Point FRONT = new Point(0, -1, 0);
    private static final Point UP = new Point(0, 0, 1);

    private static final String TUBE = "Fold the walls round and glue or tape the tab inside.";
    private static final String BOTTOM_INNER = "Fold in the inner flaps of the bottom.";
    private static final String OUTER = "Fold the outer flaps over them and tape the seam.";
    private static final String TOP_INNER = "Once it is filled, fold in the inner flaps of the top.";
    private static final String ENDS_INNER = "Lay the goods in and fold in the inner flaps of both ends.";
    private static final String ENDS_OUTER = "Fold the outer flaps over them and glue or tape them.";

    /** Width of a finger, in sheets (common practice, no source). */
    private static final double FINGER_SHEETS = 3;

    private final Carton carton;
    private final double c;
    private final double longer;
    private final double shorter;
    private final double height;

    private Blanks(Carton carton) {
        this.carton = carton;
        c = carton.board().caliperMm();
        longer = carton.longerMm();
        shorter = carton.shorterMm();
        height = carton.inside().heightMm();
    }

    /**
     * The blanks of a carton, each with the place where it stands when it is folded.
     *
     * @throws IllegalArgumentException where that is {@link #impossible}
     */
    public static List<Blank> of(Carton carton) {
        impossible(carton).ifPresent(why -> {
            throw new IllegalArgumentException(why);
        });
        return new Blanks(carton).made();
    }

    /**
     * Area of the rectangles that a carton is cut from, mm2: what has to be bought, never less than what it weighs (rule 58).
     */
    public static double sheetMm2(Carton carton) {
        double rectangles = impossible(carton).isPresent()
                ? 0
                : of(carton).stream()
                        .mapToDouble(blank -> new CountedBlank(blank, 1).sheetMm2())
                        .sum();
        return Math.max(carton.blankAreaMm2(), rectangles);
    }

    private List<Blank> made() {
        return switch (carton.style()) {
            case REGULAR_SLOTTED -> List.of(slotted((shorter + c) / 2, (shorter + c) / 2, 2));
            case FULL_OVERLAP -> List.of(slotted(shorter + c / 2, Math.min(shorter + c / 2, (longer + c) / 2), 3));
            case HALF_SLOTTED -> List.of(base("blank"));
            case TELESCOPE -> List.of(base("base"), lidOfTelescope((Telescope) carton));
            case LID_AND_TRAY -> trays("tray", ((LidAndTray) carton).tray(), "lid", ((LidAndTray) carton).lid());
            case CAPS -> trays("bottom cap", ((Caps) carton).cap(), "top cap", ((Caps) carton).cap());
            case TWO_SHEET ->
                trays("lower sheet", ((TwoSheet) carton).lower(), "upper sheet", ((TwoSheet) carton).upper());
            case ONE_PIECE_FOLDER ->
                List.of(FolderBlank.of((OnePieceFolder) carton, turned(base(-height / 2 - c / 2))));
            case MAILER -> List.of(mailer());
            case WRAP_AROUND -> List.of(wrapAround());
            case FIVE_PANEL_FOLDER -> List.of(fivePanels());
            case SLEEVE -> List.of(sleeve());
            case RIGID_CASE -> panels();
        };
    }

    /**
     * A tube on its end with flaps at both ends.
     *
     * @param layers of board at each end: 2 where the outer flaps meet, 3 where both reach from wall to wall
     */
    private Blank slotted(double outerMm, double innerMm, int layers) {
        double inner = (layers - 1) / 2.0;
        List<Wall> walls = List.of(
                wall("long wall", longer, outerMm, "outer flap", 3, inner - 1),
                wall("short wall", shorter, innerMm, "inner flap", 2, inner),
                wall("long wall", longer, outerMm, "outer flap", 3, -inner),
                wall("short wall", shorter, innerMm, "inner flap", 2, inner));
        return TubeBlank.of(
                "blank",
                c,
                height + layers * c,
                walls,
                true,
                List.of(TUBE, BOTTOM_INNER, OUTER, TOP_INNER, OUTER),
                turned(upright(shorter, 0)));
    }

    /** A wall with a flap at each end; that at the top is folded two steps after that at the bottom. */
    private Wall wall(String name, double insideMm, double flapMm, String flap, int step, double raise) {
        return new Wall(
                name,
                insideMm + c,
                List.of(new Flap(flap, flapMm, step, raise)),
                List.of(new Flap(flap, flapMm, step + 2, raise)));
    }

    /** Open at the top. */
    private Blank base(String name) {
        List<Wall> walls = List.of(
                new Wall("long wall", longer + c, ended(shorter, 3, -.5), List.of()),
                new Wall("short wall", shorter + c, ended(shorter, 2, .5), List.of()));
        return tube(name, height + c, walls, BOTTOM_INNER, upright(shorter, -c / 2));
    }

    /** Open at the bottom. */
    private Blank lidOfTelescope(Telescope telescope) {
        double width = telescope.lidShorterMm();
        double depth = telescope.lidMm() + c;
        List<Wall> walls = List.of(
                new Wall("long wall", telescope.lidLongerMm() + c, List.of(), ended(width, 3, -.5)),
                new Wall("short wall", width + c, List.of(), ended(width, 2, .5)));
        return tube(
                "lid", depth, walls, "Fold in the inner flaps of the top.", upright(width, height / 2 + c - depth / 2));
    }

    /** A flap that meets the one across in the middle of such a width. */
    private List<Flap> ended(double widthMm, int step, double raise) {
        return List.of(new Flap(raise > 0 ? "inner flap" : "outer flap", (widthMm + c) / 2, step, raise));
    }

    /** Two walls twice round, flaps at one end. */
    private Blank tube(String name, double depthMm, List<Wall> pair, String inner, Pose middle) {
        List<Wall> walls = List.of(pair.get(0), pair.get(1), pair.get(0), pair.get(1));
        return TubeBlank.of(name, c, depthMm, walls, true, List.of(TUBE, inner, OUTER), turned(middle));
    }

    private Blank wrapAround() {
        boolean low = height <= shorter;
        double flap = (Math.min(shorter, height) + c) / 2;
        List<Flap> outer = List.of(new Flap("outer flap", flap, 3, -.5));
        List<Flap> inner = List.of(new Flap("inner flap", flap, 2, .5));
        return round(
                "wrap-around",
                longer + 2 * c,
                low ? outer : inner,
                low ? inner : outer,
                List.of(TUBE, ENDS_INNER, ENDS_OUTER));
    }

    private Blank sleeve() {
        return round("blank", longer, List.of(), List.of(), List.of(TUBE));
    }

    private Blank round(String name, double depth, List<Flap> flat, List<Flap> upright, List<String> steps) {
        Wall wide = new Wall("wide panel", shorter + c, flat, flat);
        Wall side = new Wall("side", height + c, upright, upright);
        return TubeBlank.of(name, c, depth, List.of(wide, side, wide, side), true, steps, turned(lyingRound()));
    }

    private Blank fivePanels() {
        double flap = height + c / 2;
        List<Flap> inner = List.of(new Flap("inner flap", Math.min(flap, (shorter + c) / 2), 2, 1.5));
        Wall side = new Wall("side", height + c, inner, inner);
        return TubeBlank.of(
                "blank",
                c,
                longer + 4 * c,
                List.of(
                        fivePanelWall(flap, 3, .5),
                        side,
                        fivePanelWall(flap, 4, -.5),
                        side,
                        fivePanelWall(flap, 5, -1.5)),
                false,
                List.of(
                        "Lay the goods in, fold the panels round and glue or tape the fifth over the first.",
                        "Fold in the inner flaps of both ends.",
                        "Fold up the flaps of the bottom.",
                        "Fold down the flaps of the top over them.",
                        "Fold up the flaps of the fifth panel and tape the ends."),
                turned(lyingRound()));
    }

    private Wall fivePanelWall(double flapMm, int step, double raise) {
        List<Flap> flaps = List.of(new Flap("end flap", flapMm, step, raise));
        return new Wall("wide panel", shorter + c, flaps, flaps);
    }

    private List<Blank> trays(String lower, Tray tray, String upper, Tray lid) {
        return List.of(
                TrayBlank.of(lower, tray, base(-height / 2 - c / 2)),
                TrayBlank.of(upper, lid, top(height / 2 + c / 2)));
    }

    /** Their edges as the fingers make them, without an allowance: that comes from a trial with the cutter and the sheet. */
    private List<Blank> panels() {
        return FingerCase.panels(caseSpec(carton)).stream()
                .map(panel -> Blank.pierced(panel.name(), c, panel.outline().corners(), panel.openings()))
                .toList();
    }

    private static CaseSpec caseSpec(Carton carton) {
        double c = carton.board().caliperMm();
        return CaseSpec.round(carton.inside(), c, FINGER_SHEETS * c, 0, Optional.empty());
    }

    private Blank mailer() {
        return MailerBlank.of((Mailer) carton, new Pose(Point.ORIGIN, RIGHT, BACK));
    }

    /** Why a carton cannot be made of its board at its size, and what would do; empty where it can. */
    public static Optional<String> impossible(Carton carton) {
        if (carton.style() == CartonStyle.RIGID_CASE) {
            return impossibleCase(carton);
        }
        double c = carton.board().caliperMm();
        double least = carton.style() == CartonStyle.MAILER ? Math.max(2 * c, 2 * Carton.LID_PLAY_MM) : c;
        return Arrays.stream(Axis.values())
                .filter(axis -> carton.inside().along(axis) < least)
                .findFirst()
                .map(axis -> "An inside of "
                        + Math.round(carton.inside().along(axis) * 10) / 10.0
                        + " mm cannot be folded of board " + c + " mm thick in this style: it must be at least " + least
                        + " mm, or the board thinner.");
    }

    private static Optional<String> impossibleCase(Carton carton) {
        try {
            caseSpec(carton);
            return Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.of("A case cannot be jointed at this size from this sheet: " + e.getMessage() + ".");
        }
    }

    /** The middle of the first wall of a tube on its end, at the front; seen from the inside its x runs to the left. */
    private Pose upright(double widthMm, double middleMm) {
        return new Pose(new Point(0, -(widthMm + c) / 2, middleMm), LEFT, UP);
    }

    /** The middle of the first panel of a tube round the length, at the bottom. */
    private Pose lyingRound() {
        return new Pose(new Point(0, 0, -(height + c) / 2), FRONT, RIGHT);
    }

    private static Pose base(double zMm) {
        return new Pose(new Point(0, 0, zMm), RIGHT, BACK);
    }

    /** Upside down: its inside looks down. */
    private static Pose top(double zMm) {
        return new Pose(new Point(0, 0, zMm), RIGHT, FRONT);
    }

    private Pose turned(Pose lengthwise) {
        return carton.lengthwise() ? lengthwise : lengthwise.turned();
    }
}
