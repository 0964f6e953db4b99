package rampart.core.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import rampart.core.blank.Blank;
import rampart.core.blank.Blanks;
import rampart.core.blank.CountedBlank;
import rampart.core.blank.Divider;
import rampart.core.blank.FittingBlanks;
import rampart.core.box.Carton;
import rampart.core.box.CartonStyle;
import rampart.core.box.Fitting;
import rampart.core.box.Strapping;
import rampart.core.cost.Prices;
import rampart.core.geometry.PlanPoint;
import rampart.core.item.Pieces;
import rampart.core.layout.LaidBoards;
import rampart.core.layout.LaidBox;
import rampart.core.layout.Layout;
import rampart.core.layout.Room;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Size;

/**
 * What of a pack is made of board, thing by thing, from the item outward.
 *
 * @param layer index of its layer; empty for what divides the contents
 * @param name what it is, as a packer says it
 * @param carton where it is a box; empty where it is none
 * @param blanks its pieces, equal ones counted
 * @param impossible why it cannot be made; empty where it can
 * @param cutDown how it is made lower; empty where it is not
 * @param bought true where it comes from stock as it is: its blank is for comparison alone
 */
public record BoardWork(
        OptionalInt layer,
        String name,
        Optional<Carton> carton,
        Board board,
        List<CountedBlank> blanks,
        Optional<String> impossible,
        Optional<CutDown> cutDown,
        boolean bought) {

    private static final String BOARDS = "Rigid boards on two faces";

    /** Everything of board in a pack. */
    public static List<BoardWork> of(Pack pack, Layout layout, Catalogue catalogue) {
        List<BoardWork> all = new ArrayList<>();
        pack.item()
                .properties()
                .pieces()
                .ifPresent(pieces -> divider(all, pieces, pack.item().size(), catalogue));
        layout.boards().forEach(boards -> all.add(pair(boards)));
        for (LaidBox box : layout.boxes()) {
            boolean outer = box.layer() == layout.outer().layer();
            all.add(box(box, outer));
            fittings(all, box, outer, layout);
        }
        return List.copyOf(all);
    }

    private static void divider(List<BoardWork> all, Pieces pieces, Size size, Catalogue catalogue) {
        pieces.dividerBoard().ifPresent(id -> {
            Board board = catalogue.board(id);
            List<CountedBlank> strips = Divider.of(pieces, size, board.caliperMm());
            if (!strips.isEmpty()) {
                all.add(new BoardWork(
                        OptionalInt.empty(),
                        "Divider",
                        Optional.empty(),
                        board,
                        strips,
                        Optional.empty(),
                        Optional.empty(),
                        false));
            }
        });
    }

    private static BoardWork pair(LaidBoards laid) {
        double[] edges = List.of(Axis.values()).stream()
                .filter(axis -> axis != laid.boards().across())
                .mapToDouble(axis -> laid.size().along(axis))
                .toArray();
        Blank blank = Blank.flat(
                "rigid board",
                laid.board().caliperMm(),
                List.of(
                        new PlanPoint(0, 0),
                        new PlanPoint(edges[0], 0),
                        new PlanPoint(edges[0], edges[1]),
                        new PlanPoint(0, edges[1])));
        return new BoardWork(
                OptionalInt.of(laid.layer()),
                BOARDS,
                Optional.empty(),
                laid.board(),
                List.of(new CountedBlank(blank, 2 * laid.boards().plies())),
                Optional.empty(),
                Optional.empty(),
                false);
    }

    private static BoardWork box(LaidBox box, boolean outer) {
        List<CountedBlank> blanks = new ArrayList<>();
        Optional<String> impossible = Blanks.impossible(box.carton());
        if (impossible.isEmpty()) {
            Blanks.of(box.carton()).forEach(blank -> blanks.add(new CountedBlank(blank, 1)));
        }
        return new BoardWork(
                OptionalInt.of(box.layer()),
                outer ? "Outer carton" : "Inner box",
                Optional.of(box.carton()),
                box.carton().board(),
                blanks,
                impossible,
                cutDown(box),
                box.stock());
    }

    private static void fittings(List<BoardWork> all, LaidBox box, boolean outer, Layout layout) {
        Set<Fitting> fittings = box.box().build().fittings();
        Strapping strapping = Strapping.of(box.carton(), layout.grossMassKg(), FittingBlanks.PROTECTOR_MM);
        List<CountedBlank> blanks = FittingBlanks.of(box.carton(), fittings, layout.bodyIn(box), strapping);
        if (!blanks.isEmpty()) {
            all.add(new BoardWork(
                    OptionalInt.of(box.layer()),
                    outer ? "Pads, posts and caps of the carton" : "Pads, posts and caps of the inner box",
                    Optional.empty(),
                    box.carton().board(),
                    blanks,
                    Optional.empty(),
                    Optional.empty(),
                    false));
        }
    }

    private static Optional<CutDown> cutDown(LaidBox box) {
        return box.box().room() instanceof Room.Stock stock && stock.cutFromMm().isPresent()
                ? Optional.of(CutDown.of(box.carton(), stock.cutFromMm().getAsDouble()))
                : Optional.empty();
    }

    /** Style of a box; empty where it is none. */
    public Optional<CartonStyle> style() {
        return carton.map(Carton::style);
    }

    /** True for what is put into a box and round it. */
    public boolean fittings() {
        return layer.isPresent() && carton.isEmpty() && !name.equals(BOARDS);
    }

    /** Area of the board in it, mm2: of a box by rule 58, as everywhere, so that it weighs here what it weighs in the verdict. */
    public double areaMm2() {
        return carton.map(Carton::blankAreaMm2)
                .orElseGet(
                        () -> blanks.stream().mapToDouble(CountedBlank::areaMm2).sum());
    }

    /** Area of the rectangles that it is cut from, mm2: that has to be bought. */
    public double sheetMm2() {
        return carton.map(Blanks::sheetMm2)
                .orElseGet(() ->
                        blanks.stream().mapToDouble(CountedBlank::sheetMm2).sum());
    }

    /** What its board costs, with what falls away beside its blanks; empty where that has no price. */
    public OptionalDouble cost(Prices prices) {
        OptionalDouble perM2 = prices.of(board.id());
        return perM2.isEmpty() ? perM2 : OptionalDouble.of(perM2.getAsDouble() * sheetMm2() * 1e-6);
    }

    /** Its mass, kg. */
    public double massKg() {
        return areaMm2() * 1e-6 * board.grammageGm2() * 1e-3;
    }
}
