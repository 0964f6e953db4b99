package rampart.formats.view;

import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Stream;
import rampart.core.bed.Nature;
import rampart.core.box.CartonState;
import rampart.core.box.CartonStyle;
import rampart.core.box.Fitting;
import rampart.core.cost.Roll;
import rampart.core.item.Feature;
import rampart.core.item.Fragility;
import rampart.core.item.Pieces;
import rampart.core.item.Surface;
import rampart.core.journey.DropHeights;
import rampart.core.journey.DropSequence;
import rampart.core.journey.Stack;
import rampart.core.journey.Vibration;
import rampart.core.layout.Layer;
import rampart.core.layout.LayerKind;
import rampart.core.material.Structure;
import rampart.core.material.Substance;
import rampart.core.verdict.Status;
import rampart.formats.journey.DropBasis;
import rampart.formats.journey.RideProfile;
import rampart.formats.paper.PaperKind;
import rampart.formats.schema.PackSchema;
import tools.jackson.databind.JsonNode;

/**
 * What a pack file may say in single words, each with a packer's words for it, and the numbers it may hold.
 *
 * @param statuses the worst first
 * @param plainPack a plain box of foam to begin with, to be changed at once
 */
public record ListsView(
        List<Choice> dropBases,
        List<Choice> dropSequences,
        List<Choice> impacts,
        List<Choice> rides,
        List<Choice> stackPatterns,
        List<Choice> fragilityBases,
        List<Choice> features,
        List<Choice> surfaces,
        List<LayerChoice> layers,
        List<FormChoice> forms,
        List<Choice> natures,
        List<Choice> tapes,
        List<Choice> fills,
        List<Choice> conditions,
        List<StyleChoice> styles,
        List<Choice> fittings,
        List<Choice> arrangements,
        List<Choice> substances,
        List<Choice> structures,
        List<RollChoice> rolls,
        List<PaperChoice> papers,
        List<String> statuses,
        List<PackSchema.Range> limits,
        JsonNode plainPack) {

    /**
     * One word of a list.
     *
     * @param value as a pack file has it
     * @param words as a packer says it
     * @param detail where its figures come from; empty where it has none
     */
    public record Choice(String value, String words, String detail) {}

    /**
     * A kind of layer.
     *
     * @param kind as a pack file has it
     * @param words as a packer asks for one
     * @param first true for what lies round the item itself but for wraps, and therefore once in a pack
     * @param begins such a layer of a pack file, to be changed at once
     */
    public record LayerChoice(String kind, String words, boolean first, JsonNode begins) {
        static LayerChoice of(LayerKind kind) {
            return new LayerChoice(kind.word(), kind.words(), kind.first(), Begins.layer(kind));
        }
    }

    /** A form of a cushion. */
    public record FormChoice(String value, String words) {}

    /**
     * A paper of a pack.
     *
     * @param kind the word in its address
     * @param use who takes it and for what
     */
    public record PaperChoice(String kind, String title, String use) {}

    /** What comes on a roll and can have a price by the metre. */
    public record RollChoice(String id, String words, double wideMm) {
        static RollChoice of(Roll roll) {
            return new RollChoice(roll.id(), roll.words(), roll.wideMm());
        }
    }

    /**
     * A style of carton.
     *
     * @param code as a pack file has it
     * @param words as a packer says it
     * @param made how it is made
     * @param closes true where it can be the outer carton
     * @param lid true where the depth of its lid is a choice
     * @param stock true for the style that stock cartons have, the one that is cut down to a height
     * @param computed true where its strength in a pile can be computed
     */
    public record StyleChoice(
            String code, String words, String made, boolean closes, boolean lid, boolean stock, boolean computed) {
        static StyleChoice of(CartonStyle style) {
            return new StyleChoice(
                    style.code(),
                    style.words(),
                    style.made(),
                    style.closes(),
                    style.hasLid(),
                    style == CartonStyle.STOCK,
                    style.uprightFlutes());
        }
    }

    public static ListsView get() {
        return new ListsView(
                Stream.of(DropBasis.values())
                        .map(b -> new Choice(
                                b.word(),
                                b.words(),
                                b.table().map(DropHeights::source).orElse("")))
                        .toList(),
                choices(DropSequence.values(), DropSequence::words),
                List.of(new Choice("first", "once on each", ""), new Choice("repeated", "again and again", "")),
                Stream.of(RideProfile.values())
                        .map(p -> new Choice(
                                p.word(),
                                p.words(),
                                p.published().map(Vibration::source).orElse("")))
                        .toList(),
                choices(Stack.Pattern.values(), Stack.Pattern::words),
                choices(Fragility.FragilityBasis.values(), Fragility.FragilityBasis::words),
                choices(Feature.Kind.values(), ListsView::word),
                choices(Surface.values(), Surface::words),
                Stream.of(LayerKind.values()).map(LayerChoice::of).toList(),
                List.of(
                        new FormChoice("full", "all round"),
                        new FormChoice("pads", "pads"),
                        new FormChoice("corners", "corner blocks"),
                        new FormChoice("bed", "a bed cut to it")),
                choices(Nature.values(), Nature::words),
                choices(Layer.Wrap.Tape.values(), Layer.Wrap.Tape::words),
                choices(CartonState.Fill.values(), CartonState.Fill::words),
                choices(CartonState.Condition.values(), CartonState.Condition::words),
                Stream.of(CartonStyle.values()).map(StyleChoice::of).toList(),
                choices(Fitting.values(), Fitting::words),
                choices(Pieces.Arrangement.values(), Pieces.Arrangement::words),
                choices(Substance.values(), Substance::words),
                choices(Structure.values(), Structure::words),
                Stream.of(Roll.values()).map(RollChoice::of).toList(),
                Stream.of(PaperKind.values())
                        .map(kind -> new PaperChoice(kind.name(), kind.title(), kind.use()))
                        .toList(),
                Stream.of(Status.values()).map(Status::word).toList(),
                PackSchema.ranges(),
                Begins.pack());
    }

    private static <E extends Enum<E>> List<Choice> choices(E[] all, Function<E, String> words) {
        return Stream.of(all)
                .map(one -> new Choice(word(one), words.apply(one), ""))
                .toList();
    }

    private static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
