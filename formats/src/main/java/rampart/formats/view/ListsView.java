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
import rampart.core.material.Structure;
import rampart.core.material.Substance;
import rampart.core.verdict.Status;
import rampart.formats.journey.DropBasis;
import rampart.formats.journey.RideProfile;
import rampart.formats.schema.PackSchema;

/**
 * What a pack file may say in single words, each with a packer's words for it, and the numbers it may hold.
 *
 * @param statuses the worst first
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
        List<Choice> forms,
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
        List<String> statuses,
        List<PackSchema.Range> limits) {

    /**
     * One word of a list.
     *
     * @param value as a pack file has it
     * @param words as a packer says it
     * @param detail where its figures come from; empty where it has none
     */
    public record Choice(String value, String words, String detail) {}

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
     * @param computed true where its strength in a pile can be computed
     */
    public record StyleChoice(String code, String words, String made, boolean closes, boolean lid, boolean computed) {
        static StyleChoice of(CartonStyle style) {
            return new StyleChoice(
                    style.code(), style.words(), style.made(), style.closes(), style.hasLid(), style.uprightFlutes());
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
                List.of(
                        new Choice("full", "all round", ""),
                        new Choice("pads", "pads", ""),
                        new Choice("corners", "corner blocks", ""),
                        new Choice("bed", "a bed cut to it", "")),
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
                Stream.of(Status.values()).map(Status::word).toList(),
                PackSchema.ranges());
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
