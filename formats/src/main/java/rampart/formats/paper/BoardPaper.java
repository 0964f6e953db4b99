package rampart.formats.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rampart.core.blank.CountedBlank;
import rampart.core.box.CartonStyle;
import rampart.core.clearance.FittedBox;
import rampart.core.cut.BoardWork;
import rampart.core.geometry.Bounds;
import rampart.core.layout.Layout;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.words.Quantity;
import rampart.core.words.Wording;
import rampart.formats.paper.Block.Table.Column;
import rampart.formats.paper.Block.Text.Weight;

/** What of board is cut for a pack: each piece on the flat, how a carton is cut down, where the straps go. */
final class BoardPaper {
    private final Wording wording;
    private final List<Block> blocks = new ArrayList<>();

    private BoardPaper(Wording wording) {
        this.wording = wording;
    }

    static List<Block> blocks(Pack pack, Layout layout, Catalogue catalogue, Wording wording) {
        BoardPaper paper = new BoardPaper(wording);
        List<BoardWork> works = BoardWork.of(pack, layout, catalogue);
        // A regular carton is bought, or made by whoever makes cartons, from its inside size: it stands among the
        // boxes.
        paper.pieces(works.stream()
                .filter(work -> !work.style().equals(Optional.of(CartonStyle.REGULAR_SLOTTED)))
                .toList());
        works.forEach(work -> work.cutDown()
                .ifPresent(down -> paper.steps(
                        work.name() + ", cut down",
                        down.steps().stream().map(wording::say).toList())));
        FittedBox.all(layout).stream().filter(FittedBox::strapped).forEach(paper::straps);
        return paper.blocks;
    }

    private void pieces(List<BoardWork> works) {
        List<List<String>> rows = new ArrayList<>();
        for (BoardWork work : works) {
            for (CountedBlank counted : work.blanks()) {
                Bounds b = counted.blank().bounds();
                rows.add(List.of(
                        String.valueOf(counted.count()),
                        work.fittings()
                                ? counted.blank().name()
                                : work.name() + ", " + counted.blank().name(),
                        cut(b.widthMm()) + " × " + cut(b.heightMm()),
                        work.board().name()));
            }
        }
        if (!rows.isEmpty()) {
            blocks.add(new Block.Table(
                    "Board to cut, on the flat; files and true-size templates stand at the station Carton",
                    List.of(
                            new Column("pieces", 13, true),
                            new Column("what", 80, false),
                            new Column("size, " + wording.lengths().name(), 40, true),
                            new Column("of", 51, false)),
                    rows,
                    true));
        }
    }

    private void straps(FittedBox box) {
        List<String> said = new ArrayList<>();
        said.add("one each "
                + String.join(", ", box.strapPlaces().stream().map(wording::say).toList())
                + (box.strapping().doubled() ? ", twice round." : "."));
        box.said().forEach(sentence -> said.add(wording.say(sentence)));
        said.add("Strap under tension springs back: glasses and gloves, and a hand on it while it is cut.");
        steps("Straps, " + wording.amount(Quantity.wholeMm(box.strapMm())) + " of them", said);
    }

    private void steps(String title, List<String> lines) {
        blocks.add(Block.Text.of(Weight.PLAIN, title + ": " + String.join(" ", lines)));
    }

    private String cut(double mm) {
        return wording.amount(Quantity.cut(mm)).number();
    }
}
