package rampart.formats.paper;

import java.util.ArrayList;
import java.util.List;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.Unit;
import rampart.core.words.Wording;
import rampart.formats.paper.Block.Table.Column;
import rampart.formats.paper.Block.Text.Weight;

/** What travels together: every box with its number and contents, for the receiver to count. */
public final class ConsignmentPaper {
    private ConsignmentPaper() {}

    /**
     * One box.
     *
     * @param scanned number on its label
     * @param pack what it is packed as
     */
    public record Line(int box, String scanned, String contents, String pack, double grossKg, boolean twoPeople) {}

    /**
     * The paper.
     *
     * @param remarks what to mind of the boxes together
     * @param replaces which papers printed before it takes the place of; empty for none
     */
    public static PaperDocument document(
            String number,
            List<String> sender,
            List<String> receiver,
            String note,
            List<Line> lines,
            List<Sentence> remarks,
            String replaces,
            Wording wording) {
        List<Block> blocks = new ArrayList<>();
        blocks.add(new Block.Title(
                "Contents of " + number,
                lines.size() + (lines.size() == 1 ? " box" : " boxes") + (replaces.isEmpty() ? "" : ", " + replaces)));
        if (!sender.isEmpty()) {
            blocks.add(Block.Text.of(Weight.PLAIN, "From: " + String.join(", ", sender)));
        }
        if (!receiver.isEmpty()) {
            blocks.add(Block.Text.of(Weight.PLAIN, "To: " + String.join(", ", receiver)));
        }
        List<List<String>> rows = new ArrayList<>();
        for (Line line : lines) {
            rows.add(List.of(
                    line.box() + " of " + lines.size(),
                    line.scanned(),
                    line.contents(),
                    line.pack(),
                    wording.amount(new Quantity(line.grossKg(), Unit.KG, 1))
                            + (line.twoPeople() ? ", two people" : "")));
        }
        blocks.add(new Block.Table(
                "Boxes",
                List.of(
                        new Column("box", 20, false),
                        new Column("number", 30, false),
                        new Column("contents", 58, false),
                        new Column("packed as", 48, false),
                        new Column("mass", 30, false)),
                rows,
                false));
        remarks.forEach(remark -> blocks.add(Block.Text.of(Weight.PLAIN, wording.say(remark))));
        if (!note.isBlank()) {
            blocks.add(Block.Text.of(Weight.PLAIN, note));
        }
        return new PaperDocument("Contents of " + number, blocks);
    }
}
