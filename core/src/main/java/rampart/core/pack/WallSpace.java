package rampart.core.pack;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import rampart.core.box.RegularSlotted;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.material.Flute;
import rampart.core.material.Foam;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.core.quantity.Units;

/**
 * The walls among which the first wall is sought: one cushion in a carton, or two cushions with an inner box between;
 * every foam of the catalogue; the whole face or pads on 80, 60, 40 or 20 % of it; thicknesses in whole steps, the same
 * all round; outer cartons of every C and BC board. These choices are common practice, no source.
 */
final class WallSpace {
    /** Step of thickness, mm. */
    static final int STEP_MM = 5;

    /** Thinnest cushion that is worth cutting, mm. */
    static final int THINNEST_MM = 10;

    /** Most cushion in all on one side, mm. */
    static final int MOST_MM = 250;

    /** Clearance of each box, mm. */
    static final double SLACK_MM = 3;

    /** Board of the inner box: the common single wall. */
    static final String INNER_BOARD = "c-32";

    /** Percent of each face that bears; 100 is a full cushion. */
    static final List<Integer> SHARES = List.of(100, 80, 60, 40, 20);

    /** A rounding's width, so that a quick look does not rule out what holds by a hair. */
    static final double HAIR = 1e-9;

    private static final List<Integer> PAD_COUNTS = List.of(4, 2, 1);
    private static final double MM2_PER_CM2 = 100;

    private WallSpace() {}

    /** One cushion: foam, percent of each face, thickness all round in mm. */
    record Cushioning(Foam foam, int sharePercent, int thicknessMm) {
        /**
         * The layer on this body; pads in as many pieces, four, two or one, as stand straight with a margin. Empty
         * where not even one piece does.
         */
        Optional<Layer.Cushion> on(Size body) {
            return cushion(foam, sharePercent, SixSided.all(thicknessMm), body);
        }
    }

    /** The same for any thickness of each side. */
    static Optional<Layer.Cushion> cushion(Foam foam, int sharePercent, SixSided thickness, Size body) {
        if (sharePercent == 100) {
            return Optional.of(new Layer.Cushion(foam.id(), new CushionForm.Full(), thickness));
        }
        SixSided bearing =
                SixSided.of(face -> Math.max(1, Math.round(body.faceAreaMm2(face) * sharePercent / 100 / MM2_PER_CM2)));
        return PAD_COUNTS.stream()
                .map(count -> new CushionForm.Pads(bearing, SixSided.all(count)))
                .filter(pads ->
                        Face.ALL.stream().allMatch(face -> standsStraight(pads.padMm2(body, face), thickness.on(face))))
                .findFirst()
                .map(pads -> new Layer.Cushion(foam.id(), pads, thickness));
    }

    /** True where the foam bears what rests on it, with a margin (rule 21). */
    static boolean rests(Foam foam, Layer.Cushion layer, Size body, double massKg) {
        double areaM2 = layer.form().bearingMm2(body, Face.BOTTOM) * 1e-6;
        double kpa = massKg * Units.STANDARD_GRAVITY / areaM2 * 1e-3;
        return kpa <= foam.creepLimitKpa() * (1 - Status.THIN_BELOW) * (1 + HAIR);
    }

    /** Volume of a full or padded cushion on this body, laid round this envelope, mm3 (rule 10). */
    static double volumeMm3(Layer.Cushion layer, Size body, Size envelope) {
        SixSided mm = layer.thicknessMm();
        if (layer.form() instanceof CushionForm.Full) {
            Size outer = envelope.plus(mm.left() + mm.right(), mm.front() + mm.back(), mm.top() + mm.bottom());
            return outer.volumeMm3() - envelope.volumeMm3();
        }
        double sum = 0;
        for (Face face : Face.ALL) {
            sum += layer.form().bearingMm2(body, face) * mm.on(face);
        }
        return sum;
    }

    private static boolean standsStraight(double padMm2, double thicknessMm) {
        double side = BucklingCheck.FACTOR * thicknessMm;
        return Status.ofMargin(1 - side * side / padMm2) == Status.HOLDS;
    }

    /** All foams with all shares, at a thickness. */
    static List<Cushioning> cushionings(Catalogue catalogue, int thicknessMm) {
        List<Cushioning> all = new ArrayList<>();
        for (Foam foam : catalogue.foams()) {
            for (int share : SHARES) {
                all.add(new Cushioning(foam, share, thicknessMm));
            }
        }
        return all;
    }

    /** Thicknesses from the thinnest to this one, mm. */
    static int[] thicknesses(int mostMm) {
        return IntStream.iterate(THINNEST_MM, t -> t <= mostMm, t -> t + STEP_MM)
                .toArray();
    }

    /** Boards for outer cartons of this flute, the lightest first. */
    static List<Board> outerBoards(Catalogue catalogue, Flute flute) {
        return catalogue.boards().stream()
                .filter(b -> b.flute() == flute)
                .sorted(Comparator.comparingDouble(Board::grammageGm2))
                .toList();
    }

    /** The inner box round an item with this much cushion on every side. */
    static RegularSlotted innerBox(Size item, int thicknessMm, Catalogue catalogue) {
        double both = 2.0 * thicknessMm;
        Size inside = item.plus(both, both, both).plus(SLACK_MM, SLACK_MM, SLACK_MM);
        return new RegularSlotted(inside, catalogue.board(INNER_BOARD));
    }

    static Layer.Box box(String board) {
        return Layer.Box.made(board, SLACK_MM);
    }
}
