package rampart.formats.paper;

import java.util.ArrayList;
import java.util.List;
import rampart.core.cut.SheetNeeds;
import rampart.core.quote.MaterialNeeds;
import rampart.core.words.Quantity;
import rampart.core.words.Unit;
import rampart.core.words.Wording;
import rampart.formats.paper.Block.Table.Column;
import rampart.formats.paper.Block.Text.Weight;

/** What is used for one pack and for several, what sheets to buy for it, and what it costs at the prices of the house. */
final class MaterialsPaper {
    private final PaperSource source;
    private final Wording wording;

    MaterialsPaper(PaperSource source) {
        this.source = source;
        this.wording = source.wording();
    }

    List<Block> blocks() {
        List<Block> blocks = new ArrayList<>();
        MaterialNeeds needs = MaterialNeeds.of(source.pack(), source.layout(), source.catalogue(), source.prices());
        int packs = source.packs();
        List<List<String>> rows = new ArrayList<>();
        double sum = 0;
        int unpriced = 0;
        for (MaterialNeeds.Need need : needs.materials()) {
            boolean priced = need.price().isPresent();
            double cost = need.cost();
            sum += cost;
            unpriced += priced ? 0 : 1;
            Wording.Amount one = wording.amount(new Quantity(need.amount(), need.unit(), 2));
            rows.add(List.of(
                    wording.say(need.name()),
                    one.number(),
                    wording.amount(new Quantity(need.amount() * packs, need.unit(), 2))
                            .number(),
                    one.unit(),
                    priced
                            ? number(
                                    need.price().getAsDouble()
                                            / wording.scale(need.unit()).factor(),
                                    2)
                            : "no price",
                    priced ? number(cost * packs, 2) : ""));
        }
        String currency = source.prices().currency();
        blocks.add(new Block.Table(
                "What is used" + (packs == 1 ? "" : ", for one pack and for " + packs),
                List.of(
                        new Column("material", 76, false),
                        new Column("a pack", 22, true),
                        new Column(packs == 1 ? "in all" : "for " + packs, 22, true),
                        new Column("of", 18, false),
                        new Column("price" + (currency.isEmpty() ? "" : ", " + currency), 24, true),
                        new Column("cost", 24, true)),
                rows,
                false));
        blocks.add(Block.Text.of(
                Weight.STRONG,
                sum == 0
                        ? "No material of this pack has a price yet: the house gives them at Stores."
                        : "Material comes to " + number(sum, 2) + " " + currency + " a pack"
                                + (packs == 1 ? "" : ", " + number(sum * packs, 2) + " " + currency + " for " + packs)
                                + (unpriced == 0 ? "" : ", without what has no price")
                                + ". Waste, labels and work are not in it."));
        sheets(blocks);
        return blocks;
    }

    private void sheets(List<Block> blocks) {
        List<List<String>> rows = new ArrayList<>();
        for (SheetNeeds.Planned planned : Sheets.plan(source)) {
            rows.add(List.of(
                    planned.need().foam().name(),
                    wording.amount(Quantity.cut(planned.need().sheetMm())).number(),
                    wording.amount(Quantity.cut(planned.plan().stock().lengthMm()))
                                    .number() + " × "
                            + wording.amount(Quantity.cut(planned.plan().stock().widthMm()))
                                    .number(),
                    String.valueOf(planned.plan().sheets().size()),
                    planned.packsPerSheet().orElse(0) == 0
                            ? ""
                            : String.valueOf(planned.packsPerSheet().getAsInt())));
        }
        if (!rows.isEmpty()) {
            blocks.add(new Block.Table(
                    "Sheets to buy, " + Papers.unit(wording),
                    List.of(
                            new Column("foam", 70, false),
                            new Column("thick", 24, true),
                            new Column("sheet", 40, true),
                            new Column("sheets", 20, true),
                            new Column("packs a sheet", 30, true)),
                    rows,
                    false));
        }
    }

    private String number(double value, int decimals) {
        return wording.amount(new Quantity(value, Unit.NONE, decimals)).number();
    }
}
