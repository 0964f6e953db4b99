package rampart.core.search;

import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.core.words.Quantity;
import rampart.core.words.Say;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/** A remedy in a packer's words: what to change, from what, to what. */
final class RemedyTitle {
    private RemedyTitle() {}

    public static Sentence of(Pack pack, Remedy.Change change, Catalogue catalogue) {
        Layer now = pack.layers().get(change.layer());
        String to = change.changed().material();
        if (change.kind() == Remedy.ChangeKind.BOARD) {
            boolean outer = change.layer() == pack.layers().size() - 1;
            return (outer ? Say.OUTER_OF : Say.INNER_OF)
                    .of(
                            Term.name(catalogue.board(to).name()),
                            Term.name(catalogue.board(now.material()).name()));
        }
        Term foam = Term.name(catalogue.foam(now.material()).name());
        if (change.kind() == Remedy.ChangeKind.FOAM) {
            return Say.TAKE_FOAM.of(Term.name(catalogue.foam(to).name()), foam);
        }
        Layer.Cushion before = (Layer.Cushion) now;
        Layer.Cushion after = (Layer.Cushion) change.changed();
        Face face = change.face().orElse(null);
        return switch (change.kind()) {
            case THICKNESS -> thickness(foam, before.thicknessMm(), after.thicknessMm(), face);
            case PAD_COUNT -> Say.PAD_COUNT.of(foam, count(after), count(before));
            case BLOCK -> Say.BLOCKS.of(foam, block(after), block(before));
            default -> area(foam, before, after, face);
        };
    }

    private static Sentence thickness(Term foam, SixSided before, SixSided after, Face face) {
        if (face != null) {
            return Say.THICK_ON.of(
                    foam, Term.name(face.word()), Quantity.cut(after.on(face)), Quantity.cut(before.on(face)));
        }
        double from = before.bottom();
        double to = after.bottom();
        if (before.equals(SixSided.all(from))) {
            return Say.THICK_ALL_ROUND.of(foam, Quantity.cut(to), Quantity.cut(from));
        }
        return (to > from ? Say.THICKER_ALL_ROUND : Say.THINNER_ALL_ROUND).of(foam, Quantity.cut(to));
    }

    private static Sentence area(Term foam, Layer.Cushion before, Layer.Cushion after, Face face) {
        if (after.form() instanceof CushionForm.Full) {
            return Say.WHOLE_FACE.of(foam);
        }
        SixSided to = ((CushionForm.Pads) after.form()).bearingCm2();
        if (before.form() instanceof CushionForm.Full) {
            return Say.PADS_INSTEAD.of(foam, Quantity.cm2(to.bottom()));
        }
        SixSided from = ((CushionForm.Pads) before.form()).bearingCm2();
        return face == null
                ? Say.PADS_ALIKE.of(foam, Quantity.cm2(to.bottom()), Quantity.cm2(from.bottom()))
                : Say.PADS_ON.of(foam, Term.name(face.word()), Quantity.cm2(to.on(face)), Quantity.cm2(from.on(face)));
    }

    private static Sentence count(Layer.Cushion cushion) {
        double n = ((CushionForm.Pads) cushion.form()).count().bottom();
        return (n == 1 ? Say.ONE_PAD : Say.SOME_PADS).of(Quantity.count(n));
    }

    private static Sentence block(Layer.Cushion cushion) {
        Size block = ((CushionForm.Corners) cushion.form()).block();
        return Say.EDGES.of(
                Quantity.cut(block.lengthMm()), Quantity.cut(block.widthMm()), Quantity.cut(block.heightMm()));
    }
}
