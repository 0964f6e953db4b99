package rampart.formats.paper;

import java.util.ArrayList;
import java.util.List;
import rampart.core.words.Wording;

/** Every paper of a pack. */
public final class Papers {
    private Papers() {}

    /** One of them. */
    public static PaperDocument document(PaperKind kind, PaperSource source) {
        if (kind == PaperKind.page) {
            return PackPaper.document(source);
        }
        List<Block> blocks = new ArrayList<>();
        blocks.add(new Block.Title(kind.title() + ": " + source.file().name(), source.standing()));
        source.reason().ifPresent(reason -> blocks.add(Block.Text.of(Block.Text.Weight.STRONG, reason)));
        switch (kind) {
            case specification -> blocks.addAll(new SpecificationPaper(source).blocks());
            case drawings -> blocks.addAll(DrawingsPaper.blocks(source));
            case materials -> blocks.addAll(new MaterialsPaper(source).blocks());
            case cutting -> blocks.addAll(CuttingPaper.blocks(source));
            case packing -> blocks.addAll(new StepsPaper(source).packing());
            case unpacking -> blocks.addAll(new StepsPaper(source).unpacking());
            case inspection -> blocks.addAll(new StepsPaper(source).inspection());
            case labels -> blocks.addAll(new LabelsPaper(source).blocks());
            case parts -> blocks.addAll(PartsPaper.blocks(source));
            case page -> throw new IllegalStateException("written above");
        }
        return new PaperDocument(kind.title() + ": " + source.file().name(), blocks);
    }

    /** One line of small print that stands under whatever rests on figures. */
    static Block smallPrint(PaperSource source) {
        return Block.Text.of(
                Block.Text.Weight.SMALL,
                "Rests on nominal foam constants, good to about 20 %, and on tables quoted from memory; rules' edition "
                        + source.report().evaluation().rules()
                        + ". A prediction for planning: prove what is valuable or can hurt someone in a laboratory. Carriers'"
                        + " rules and local law come first.");
    }

    static String unit(Wording wording) {
        return wording.lengths().name();
    }
}
