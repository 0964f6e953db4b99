package rampart.core.search;

import java.util.List;
import java.util.Optional;
import rampart.core.bed.Tie;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.core.words.Quantity;
import rampart.core.words.SearchWords;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/** A remedy in a packer's words: what to change, from what, to what. */
final class RemedyTitle {
    private final Pack pack;
    private final Remedy.Change change;
    private final Catalogue catalogue;

    private RemedyTitle(Pack pack, Remedy.Change change, Catalogue catalogue) {
        this.pack = pack;
        this.change = change;
        this.catalogue = catalogue;
    }

    /** @throws IllegalArgumentException for a change that is none of this kind of layer */
    public static Sentence of(Pack pack, Remedy.Change change, Catalogue catalogue) {
        RemedyTitle title = new RemedyTitle(pack, change, catalogue);
        return pack.layers().get(change.layer()).match(title::wrap, title::cushion, title::box, title::boards);
    }

    private Sentence wrap(Layer.Wrap wrap) {
        throw none();
    }

    private Sentence boards(Layer.Boards boards) {
        throw none();
    }

    private Sentence box(Layer.Box box) {
        boolean outer = change.layer() == pack.layers().size() - 1;
        return change.what()
                .match(
                        thickness -> {
                            throw none();
                        },
                        form -> {
                            throw none();
                        },
                        foam -> {
                            throw none();
                        },
                        board -> (outer ? SearchWords.OUTER_OF : SearchWords.INNER_OF)
                                .of(
                                        Term.name(catalogue.board(board.board()).name()),
                                        Term.name(
                                                catalogue.board(box.material()).name())));
    }

    private Sentence cushion(Layer.Cushion before) {
        Term foam = Term.name(catalogue.foam(before.material()).name());
        return change.what()
                .match(
                        thickness -> thickness(foam, before.thicknessMm(), thickness),
                        form -> form(foam, before.form(), form),
                        other -> SearchWords.TAKE_FOAM.of(
                                Term.name(catalogue.foam(other.foam()).name()), foam),
                        board -> {
                            throw none();
                        });
    }

    private IllegalArgumentException none() {
        return new IllegalArgumentException(change + " is none of the layer it stands for");
    }

    private static Sentence thickness(Term foam, SixSided before, LayerChange.Thickness after) {
        if (after.face().isPresent()) {
            Face face = after.face().get();
            return SearchWords.THICK_ON.of(
                    foam, Term.name(face.word()), Quantity.cut(after.mm().on(face)), Quantity.cut(before.on(face)));
        }
        double from = before.bottom();
        double to = after.mm().bottom();
        if (before.equals(SixSided.all(from))) {
            return SearchWords.THICK_ALL_ROUND.of(foam, Quantity.cut(to), Quantity.cut(from));
        }
        return (to > from ? SearchWords.THICKER_ALL_ROUND : SearchWords.THINNER_ALL_ROUND).of(foam, Quantity.cut(to));
    }

    private static Sentence form(Term foam, CushionForm before, LayerChange.Form after) {
        return after.form()
                .match(
                        full -> SearchWords.WHOLE_FACE.of(foam),
                        pads -> before.match(
                                full -> padsInstead(foam, pads),
                                were -> pads(foam, were, pads, after),
                                were -> padsInstead(foam, pads),
                                were -> padsInstead(foam, pads)),
                        corners -> SearchWords.BLOCKS.of(
                                foam,
                                block(corners),
                                before.match(
                                        full -> block(corners),
                                        were -> block(corners),
                                        RemedyTitle::block,
                                        were -> block(corners))),
                        bed -> presses(before, bed)
                                .<Sentence>map(mm ->
                                        SearchWords.CUT_LID_LOWER.of(Quantity.cut(mm), Quantity.cut(pressed(before))))
                                .orElseGet(() ->
                                        ties(before, bed).equals(bed.shape().ties())
                                                ? relief(foam, before, bed, after)
                                                : tied(bed.shape().ties())));
    }

    private static double pressed(CushionForm form) {
        return form.match(
                full -> 0.0, pads -> 0.0, corners -> 0.0, bed -> bed.shape().holdDownMm());
    }

    /** By how much the lid presses now, if that is what has changed. */
    private static Optional<Double> presses(CushionForm before, CushionForm.Bed after) {
        double now = after.shape().holdDownMm();
        return now == pressed(before) ? Optional.empty() : Optional.of(now);
    }

    private static List<Tie> ties(CushionForm before, CushionForm.Bed after) {
        return before.match(
                full -> after.shape().ties(),
                pads -> after.shape().ties(),
                corners -> after.shape().ties(),
                bed -> bed.shape().ties());
    }

    private static Sentence tied(List<Tie> ties) {
        Quantity pull = Quantity.newton(ties.get(0).tensionN());
        return ties.size() == 1
                ? SearchWords.TIE_DOWN_ONE.of(Quantity.mm(ties.get(0).atMm()), pull)
                : SearchWords.TIE_DOWN.of(Quantity.count(ties.size()), pull);
    }

    private static Sentence relief(Term foam, CushionForm before, CushionForm.Bed bed, LayerChange.Form after) {
        return after.face()
                .map(face ->
                        SearchWords.RELIEF_ON.of(foam, Term.name(face.word()), bears(bed, face), bears(before, face)))
                .orElseGet(() -> SearchWords.RELIEF.of(foam, bears(bed, Face.BOTTOM), bears(before, Face.BOTTOM)));
    }

    /** What bears on a face of a bed, whose area does not depend on the body. */
    private static Quantity bears(CushionForm bed, Face face) {
        return Quantity.cm2(bed.bearingMm2(new Size(1, 1, 1), face) / 100);
    }

    private static Sentence padsInstead(Term foam, CushionForm.Pads pads) {
        return SearchWords.PADS_INSTEAD.of(foam, Quantity.cm2(pads.bearingCm2().bottom()), count(pads, Face.BOTTOM));
    }

    private static Sentence pads(Term foam, CushionForm.Pads before, CushionForm.Pads after, LayerChange.Form change) {
        SixSided from = before.bearingCm2();
        SixSided to = after.bearingCm2();
        if (from.equals(to)) {
            return SearchWords.PAD_COUNT.of(foam, count(after, Face.BOTTOM), count(before, Face.BOTTOM));
        }
        return change.face()
                .map(face -> SearchWords.PADS_ON.of(
                        foam,
                        Term.name(face.word()),
                        Quantity.cm2(to.on(face)),
                        Quantity.cm2(from.on(face)),
                        count(after, face)))
                .orElseGet(() -> SearchWords.PADS_ALIKE.of(
                        foam, Quantity.cm2(to.bottom()), Quantity.cm2(from.bottom()), count(after, Face.BOTTOM)));
    }

    private static Sentence count(CushionForm.Pads pads, Face face) {
        double n = pads.count().on(face);
        return (n == 1 ? SearchWords.ONE_PAD : SearchWords.SOME_PADS).of(Quantity.count(n));
    }

    private static Sentence block(CushionForm.Corners corners) {
        Size block = corners.block();
        return SearchWords.EDGES.of(
                Quantity.cut(block.lengthMm()), Quantity.cut(block.widthMm()), Quantity.cut(block.heightMm()));
    }
}
