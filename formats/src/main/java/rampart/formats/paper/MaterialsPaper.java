package rampart.formats.paper;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import rampart.core.clearance.FittedBox;
import rampart.core.cut.BoardWork;
import rampart.core.cut.SheetNeeds;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layer;
import rampart.core.quantity.Size;
import rampart.core.steps.TapeNeeded;
import rampart.core.words.Quantity;
import rampart.core.words.Unit;
import rampart.core.words.Wording;
import rampart.formats.paper.Block.Table.Column;
import rampart.formats.paper.Block.Text.Weight;

/** What is used for one pack and for several, what sheets to buy for it, and what it costs at the prices of the house. */
final class MaterialsPaper {
    private static final double MM3_PER_LITRE = 1e6;
    private static final double MM2_PER_M2 = 1e6;

    private final PaperSource source;
    private final Wording wording;

    MaterialsPaper(PaperSource source) {
        this.source = source;
        this.wording = source.wording();
    }

    /** One material: how much of it, in what, and the price of one unit. */
    private record Need(String name, double amount, String unit, OptionalDouble price) {
        Need plus(double more) {
            return new Need(name, amount + more, unit, price);
        }
    }

    List<Block> blocks() {
        List<Block> blocks = new ArrayList<>();
        Map<String, Need> needs = needs();
        int packs = source.packs();
        List<List<String>> rows = new ArrayList<>();
        double sum = 0;
        int unpriced = 0;
        for (Need need : needs.values()) {
            boolean priced = need.price().isPresent();
            double cost = priced ? need.price().getAsDouble() * need.amount() : 0;
            sum += cost;
            unpriced += priced ? 0 : 1;
            rows.add(List.of(
                    need.name(),
                    number(need.amount(), 2),
                    number(need.amount() * packs, 2),
                    need.unit(),
                    priced ? number(need.price().getAsDouble(), 2) : "no price",
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

    private Map<String, Need> needs() {
        Map<String, Need> needs = new LinkedHashMap<>();
        for (LaidCushion cushion : source.layout().cushions()) {
            double density = cushion.foam().densityKgM3();
            double litres = density > 0 ? cushion.massKg() / density * 1e9 / MM3_PER_LITRE : 0;
            add(needs, cushion.foam().id(), cushion.foam().name(), litres, "l");
        }
        for (BoardWork work : BoardWork.of(source.pack(), source.layout(), source.catalogue())) {
            add(needs, work.board().id(), work.board().name(), work.areaMm2() / MM2_PER_M2, "m²");
        }
        Size size = source.pack().item().size();
        for (Layer.Wrap wrap : Layer.wrapsRoundTheItem(source.pack().layers())) {
            double both = 2 * wrap.thicknessMm();
            size = size.plus(both, both, both);
            double mm2 = 2
                    * (size.lengthMm() * size.widthMm()
                            + size.lengthMm() * size.heightMm()
                            + size.widthMm() * size.heightMm());
            add(needs, wrap.material(), source.catalogue().wrap(wrap.material()).name(), mm2 / MM2_PER_M2, "m²");
        }
        double tape = TapeNeeded.metres(source.layout());
        needs.put("tape", new Need("Tape, 50 mm", tape, "m", OptionalDouble.empty()));
        double straps = FittedBox.all(source.layout()).stream()
                        .mapToDouble(FittedBox::strapMm)
                        .sum()
                / 1000;
        if (straps > 0) {
            needs.put("strap", new Need("Strap, 12 mm", straps, "m", OptionalDouble.empty()));
        }
        return needs;
    }

    private void add(Map<String, Need> needs, String id, String name, double amount, String unit) {
        if (amount > 0) {
            needs.merge(
                    id,
                    new Need(name, amount, unit, source.prices().of(id)),
                    (before, more) -> before.plus(more.amount()));
        }
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
                    planned.packsPerSheet() == 0 ? "" : String.valueOf(planned.packsPerSheet())));
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
