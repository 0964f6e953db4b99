package rampart.core.box;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.material.Board;
import rampart.core.quantity.Size;

/** Styles of carton, by FEFCO code (from memory) where there is one. */
public enum CartonStyle {
    REGULAR_SLOTTED("0201", "regular slotted", "Four walls, flaps that meet in the middle, top and bottom"),
    HALF_SLOTTED("0200", "half slotted", "Four walls and a bottom of flaps, open at the top"),
    FULL_OVERLAP("0203", "full overlap", "Outer flaps as wide as the carton: three layers at top and bottom"),
    TELESCOPE("0320", "telescope", "Two half slotted cartons, one slid over the other"),
    LID_AND_TRAY("0301", "lid and tray", "Two trays with tabs at the corners, one over the other"),
    ONE_PIECE_FOLDER("0401", "one-piece folder", "A cross: four walls fold up, their ends over the top"),
    WRAP_AROUND("0406", "wrap-around", "One blank folded round the length, flaps at both ends"),
    FIVE_PANEL_FOLDER(
            "0410", "five-panel folder", "Round the length with the fifth panel over the first: ends of four layers"),
    MAILER("0426", "self-locking mailer", "Base and lid in one, side walls rolled over double, lid tucked in front"),
    SLEEVE("0501", "sleeve", "Four panels round the length, open at both ends"),
    CAPS("caps", "caps for top and bottom", "Two shallow trays over the ends of what stands between them"),
    TWO_SHEET(
            "two-sheet",
            "two-sheet folded carton",
            "Two sheets folded up all round, corners double, one over the other"),
    RIGID_CASE("case", "rigid case", "Panels of sheet with finger joints, glued; the lid turns on two pins");

    private final String code;
    private final String words;
    private final String made;

    CartonStyle(String code, String words, String made) {
        this.code = code;
        this.words = words;
        this.made = made;
    }

    /** What a file calls it: the FEFCO code, or a word where there is none. */
    public String code() {
        return code;
    }

    /** What a packer calls it. */
    public String words() {
        return words;
    }

    /** How it is made, in one sentence without its full stop. */
    public String made() {
        return made;
    }

    /** True where it closes on all six sides by itself, so that it can travel as the outer carton. */
    public boolean closes() {
        return switch (this) {
            case HALF_SLOTTED, SLEEVE, CAPS -> false;
            default -> true;
        };
    }

    /** What cartons are sold in, and what can be made lower with a knife. */
    public static final CartonStyle STOCK = REGULAR_SLOTTED;

    /** True where it stands on four walls with upright flutes, so that the strength formula holds (rule 59). */
    public boolean uprightFlutes() {
        return switch (this) {
            case REGULAR_SLOTTED, HALF_SLOTTED, FULL_OVERLAP, TELESCOPE -> true;
            default -> false;
        };
    }

    /** True where the depth of its lid is a choice. */
    public boolean hasLid() {
        return switch (this) {
            case TELESCOPE, LID_AND_TRAY, CAPS -> true;
            default -> false;
        };
    }

    public static List<String> codes() {
        return Arrays.stream(values()).map(CartonStyle::code).toList();
    }

    /** The style of that code; empty where there is none. */
    public static Optional<CartonStyle> of(String code) {
        return Arrays.stream(values()).filter(s -> s.code.equals(code)).findFirst();
    }

    /** A carton of this style with a lid as deep as its style makes it. */
    public Carton of(Size inside, Board board) {
        return of(inside, board, OptionalDouble.empty());
    }

    /**
     * A carton of this style.
     *
     * @param lidMm inside depth of the lid, of each cap with {@link #CAPS}; without a meaning where the style has no lid
     */
    public Carton of(Size inside, Board board, OptionalDouble lidMm) {
        return switch (this) {
            case REGULAR_SLOTTED -> new RegularSlotted(inside, board);
            case HALF_SLOTTED -> new HalfSlotted(inside, board);
            case FULL_OVERLAP -> new FullOverlap(inside, board);
            case TELESCOPE -> Telescope.of(inside, board, lidMm);
            case LID_AND_TRAY -> LidAndTray.of(inside, board, lidMm);
            case ONE_PIECE_FOLDER -> new OnePieceFolder(inside, board);
            case WRAP_AROUND -> new WrapAround(inside, board);
            case FIVE_PANEL_FOLDER -> new FivePanelFolder(inside, board);
            case MAILER -> new Mailer(inside, board);
            case SLEEVE -> new Sleeve(inside, board);
            case CAPS -> Caps.of(inside, board, lidMm);
            case TWO_SHEET -> new TwoSheet(inside, board);
            case RIGID_CASE -> new RigidCase(inside, board);
        };
    }
}
