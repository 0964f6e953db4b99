package rampart.core.clearance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import rampart.core.blank.CountedBlank;
import rampart.core.blank.FittingBlanks;
import rampart.core.box.Carton;
import rampart.core.box.Fitting;
import rampart.core.box.Strapping;
import rampart.core.layout.LaidBox;
import rampart.core.layout.Layout;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Size;
import rampart.core.words.FittingWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/**
 * A box with what of board is put into it and round it, and its straps.
 *
 * @param body what is inside before its cushions, mm
 * @param takesMm what that takes of the inside, mm
 * @param strapping how it would be strapped; whether it is, its fittings say
 */
public record FittedBox(LaidBox box, Size body, Size takesMm, Strapping strapping) {
    /** The boxes of a pack that have something, from the item outward. */
    public static List<FittedBox> all(Layout layout) {
        return layout.boxes().stream()
                .filter(box -> !box.box().build().fittings().isEmpty())
                .map(box -> of(box, layout.bodyIn(box), layout.grossMassKg()))
                .toList();
    }

    private static FittedBox of(LaidBox box, Size body, double grossKg) {
        Set<Fitting> fittings = box.box().build().fittings();
        double spread = fittings.contains(Fitting.EDGE_PROTECTORS) ? FittingBlanks.PROTECTOR_MM : Strapping.STRAP_MM;
        return new FittedBox(
                box, body, FittingBlanks.takesMm(box.carton(), fittings), Strapping.of(box.carton(), grossKg, spread));
    }

    /** What of board is put into the boxes of a pack and round them, kg. */
    public static double massKg(Layout layout) {
        return all(layout).stream().mapToDouble(FittedBox::massKg).sum();
    }

    /** Outside size of a pack with what is put round its outer carton, mm: what a carrier measures. */
    public static Size outside(Layout layout) {
        Size size = layout.outside();
        double c = layout.outer().carton().board().caliperMm();
        Set<Fitting> fittings = layout.outer().box().build().fittings();
        if (fittings.contains(Fitting.EDGE_PROTECTORS)) {
            size = size.plus(2 * c, 2 * c, 0);
        }
        if (fittings.contains(Fitting.BOARD_CAPS)) {
            size = size.plus(2 * c + Carton.LID_PLAY_MM, 2 * c + Carton.LID_PLAY_MM, 2 * c);
        }
        return size;
    }

    private double massKg() {
        return FittingBlanks.of(box.carton(), box.box().build().fittings(), body, strapping).stream()
                        .mapToDouble(CountedBlank::areaMm2)
                        .sum()
                * 1e-6
                * box.carton().board().grammageGm2()
                * 1e-3;
    }

    public boolean strapped() {
        return box.box().build().fittings().contains(Fitting.STRAPS);
    }

    /** Length of strap in all, mm. */
    public double strapMm() {
        return strapped() ? strapping.lengthMm() : 0;
    }

    /** What of the room in the box is missing for them, the most of the three dimensions, mm; 0 where they go in. */
    public double lackingMm() {
        double most = 0;
        for (Axis axis : Axis.values()) {
            if (takesMm.along(axis) > 0) {
                double needed = takesMm.along(axis) + 2 * FittingBlanks.PLAY_MM;
                most = Math.max(most, needed - box.slack().along(axis));
            }
        }
        return most;
    }

    /** True where they go in and no strap crushes an edge. */
    public boolean holds() {
        return lackingMm() == 0 && (!strapped() || strapping.holds());
    }

    /** Where the straps go. */
    public List<Sentence> strapPlaces() {
        List<Sentence> places = new ArrayList<>();
        if (strapped()) {
            strapping
                    .acrossMm()
                    .forEach(mm -> places.add(FittingWords.STRAP_AT.of(Quantity.wholeMm(mm), Term.name("left"))));
            strapping
                    .alongMm()
                    .forEach(mm -> places.add(FittingWords.STRAP_AT.of(Quantity.wholeMm(mm), Term.name("front"))));
        }
        return places;
    }

    /** Whether there is room for them; empty where they take none. */
    public Optional<Sentence> room() {
        if (takesMm.lengthMm() + takesMm.heightMm() <= 0) {
            return Optional.empty();
        }
        Quantity length = Quantity.mm(takesMm.lengthMm());
        Quantity width = Quantity.mm(takesMm.widthMm());
        Quantity height = Quantity.mm(takesMm.heightMm());
        return Optional.of(
                lackingMm() > 0
                        ? FittingWords.FITTINGS_LACK.of(length, width, height, Quantity.mm(lackingMm()))
                        : FittingWords.FITTINGS_TAKE.of(length, width, height));
    }

    /** How hard straps are pulled; empty where there are none. */
    public Optional<Sentence> tension() {
        return strapped()
                ? Optional.of((strapping.holds() ? FittingWords.STRAP_TENSION : FittingWords.STRAP_TOO_TIGHT)
                        .of(Quantity.newton(strapping.tensionN()), Quantity.newton(strapping.limitN())))
                : Optional.empty();
    }

    /** Whether there is room for them, and how hard straps are pulled. */
    public List<Sentence> said() {
        return Stream.of(room(), tension()).flatMap(Optional::stream).toList();
    }
}
