package rampart.formats.paper;

import java.util.ArrayList;
import java.util.List;
import rampart.core.steps.PackParts;
import rampart.formats.paper.Block.Table.Column;
import rampart.formats.paper.Block.Text.Weight;

/** Every part that goes out and has to come back, to be ticked off twice. */
final class PartsPaper {
    private PartsPaper() {}

    static List<Block> blocks(PaperSource source) {
        List<Block> blocks = new ArrayList<>();
        blocks.add(Block.Text.of(
                Weight.PLAIN,
                "Each part has one place and one way round. Count it when it goes out and when it comes back; parts that look"
                        + " alike are not. Write what is missing or damaged below."));
        List<List<String>> rows = new ArrayList<>();
        for (PackParts.Part part : PaperSource.parts(source.file(), source.layout(), source.catalogue())) {
            String place = source.wording().say(part.place());
            rows.add(List.of(
                    String.valueOf(rows.size() + 1),
                    part.name(),
                    String.valueOf(part.count()),
                    part.bag() == 0 ? "" : "bag " + part.bag(),
                    part.round().isEmpty() ? place : place + "; " + part.round(),
                    "[  ]",
                    "[  ]"));
        }
        blocks.add(new Block.Table(
                "Parts",
                List.of(
                        new Column("no.", 10, true),
                        new Column("part", 56, false),
                        new Column("count", 14, true),
                        new Column("bag", 16, false),
                        new Column("where, and which way round", 66, false),
                        new Column("out", 12, false),
                        new Column("back", 12, false)),
                rows,
                false));
        blocks.add(Block.Text.of(
                Weight.PLAIN,
                "Out on ______________ by ______________      Back on ______________ by ______________      Grade: whole /"
                        + " worn / damaged"));
        return blocks;
    }
}
