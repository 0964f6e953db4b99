package rampart.core.pack;

import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;

/** A remedy in a packer's words: what to change, from what, to what. */
final class RemedyTitle {
    private RemedyTitle() {}

    static String of(Pack pack, int index, Remedy.Lever lever, Face face, Layer changed, Catalogue catalogue) {
        Layer now = pack.layers().get(index);
        if (lever == Remedy.Lever.BOARD) {
            boolean outer = index == pack.layers().size() - 1;
            return "Make the " + (outer ? "outer carton" : "inner box") + " of "
                    + catalogue.board(changed.material()).name() + " instead of "
                    + catalogue.board(now.material()).name();
        }
        String foam = catalogue.foam(now.material()).name();
        if (lever == Remedy.Lever.FOAM) {
            return "Take " + catalogue.foam(changed.material()).name() + " instead of " + foam;
        }
        Layer.Cushion before = (Layer.Cushion) now;
        Layer.Cushion after = (Layer.Cushion) changed;
        return switch (lever) {
            case THICKNESS -> thickness(foam, before.thicknessMm(), after.thicknessMm(), face);
            case PAD_COUNT ->
                foam + ": the same area in " + count(after) + " instead of " + count(before) + " on each face";
            case BLOCK -> foam + ": corner blocks of " + block(after) + " instead of " + block(before) + " mm";
            default -> area(foam, before, after, face);
        };
    }

    private static String thickness(String foam, SixSided before, SixSided after, Face face) {
        if (face != null) {
            return foam + " on the " + face.word() + ": " + Say.oneDecimal(after.on(face)) + " mm thick instead of "
                    + Say.oneDecimal(before.on(face)) + " mm";
        }
        boolean alike = before.equals(SixSided.all(before.bottom()));
        return alike
                ? foam + " all round: " + Say.oneDecimal(after.bottom()) + " mm thick instead of "
                        + Say.oneDecimal(before.bottom()) + " mm"
                : foam + " all round: " + Say.oneDecimal(Math.abs(after.bottom() - before.bottom())) + " mm "
                        + (after.bottom() > before.bottom() ? "thicker" : "thinner");
    }

    private static String area(String foam, Layer.Cushion before, Layer.Cushion after, Face face) {
        if (after.form() instanceof CushionForm.Full) {
            return foam + ": the whole face instead of pads";
        }
        SixSided to = ((CushionForm.Pads) after.form()).bearingCm2();
        if (before.form() instanceof CushionForm.Full) {
            return foam + ": two pads on each face instead of the whole face, " + Say.whole(to.bottom())
                    + " cm² in all at the bottom";
        }
        SixSided from = ((CushionForm.Pads) before.form()).bearingCm2();
        Face at = face == null ? Face.BOTTOM : face;
        return foam + (face == null ? ", all pads alike: " : " on the " + face.word() + ": ") + Say.whole(to.on(at))
                + " cm² of pads instead of " + Say.whole(from.on(at)) + (face == null ? " at the bottom" : "");
    }

    private static String count(Layer.Cushion cushion) {
        double n = ((CushionForm.Pads) cushion.form()).count().bottom();
        return Say.whole(n) + (n == 1 ? " pad" : " pads");
    }

    private static String block(Layer.Cushion cushion) {
        var block = ((CushionForm.Corners) cushion.form()).block();
        return Say.oneDecimal(block.lengthMm()) + " x " + Say.oneDecimal(block.widthMm()) + " x "
                + Say.oneDecimal(block.heightMm());
    }
}
