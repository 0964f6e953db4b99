package rampart.core.pack;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import rampart.core.item.Surface;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.material.Foam;
import rampart.core.material.Substance;

/**
 * Foam, wrap and tape against the item's surfaces and the time they lie together (rule 45). Common conservation guidance
 * and common practice of the trade, no source; the times are assumed.
 */
final class Clashes {
    private static final double HOURS_A_DAY = 24;
    private static final double DAYS_A_YEAR = 365;
    /** How long a journey lasts that does not say. */
    private static final double JOURNEY_HOURS = 72;

    private static final Set<Surface> SOFT = EnumSet.of(
            Surface.VARNISHED, Surface.OIL_PAINT, Surface.GILDED, Surface.PHOTOGRAPH, Surface.PAINTED, Surface.LEATHER);
    private static final Set<Surface> TAPE_LIFTS = EnumSet.of(
            Surface.PAINTED,
            Surface.VARNISHED,
            Surface.OIL_PAINT,
            Surface.GILDED,
            Surface.PAPER,
            Surface.PHOTOGRAPH,
            Surface.TEXTILE,
            Surface.LEATHER,
            Surface.WOOD);
    private static final Set<Surface> METALS =
            EnumSet.of(Surface.SILVER, Surface.COPPER, Surface.IRON, Surface.LEAD, Surface.BARE_METAL);
    private static final Set<Surface> ACID_SPOILS = EnumSet.of(Surface.PAPER, Surface.PHOTOGRAPH, Surface.TEXTILE);

    private final Pack pack;
    private final Catalogue catalogue;
    private final double days;
    private final List<Clash> found = new ArrayList<>();

    private Clashes(Pack pack, Catalogue catalogue) {
        this.pack = pack;
        this.catalogue = catalogue;
        this.days = pack.journey().underLoadHours().orElse(JOURNEY_HOURS) / HOURS_A_DAY;
    }

    /** All of them, in the order of the layers. */
    static List<Clash> of(Pack pack, Catalogue catalogue) {
        Clashes clashes = new Clashes(pack, catalogue);
        clashes.touching(pack.layers().get(0));
        for (Layer layer : pack.layers()) {
            clashes.breathing(layer);
            clashes.ageing(layer);
        }
        clashes.tape();
        return clashes.found;
    }

    private void harms(String reason) {
        found.add(new Clash(true, reason));
    }

    private void watch(String reason) {
        found.add(new Clash(false, reason));
    }

    private boolean has(Surface surface) {
        return pack.item().nature().surfaces().contains(surface);
    }

    private boolean hasAny(Set<Surface> some) {
        return pack.item().nature().surfaces().stream().anyMatch(some::contains);
    }

    private String named(Set<Surface> some) {
        return pack.item().nature().surfaces().stream()
                .filter(some::contains)
                .sorted()
                .map(Surface::words)
                .findFirst()
                .orElse("surface");
    }

    private Substance substance(Layer layer) {
        if (layer instanceof Layer.Wrap) {
            return catalogue.wrap(layer.material()).substance();
        }
        return layer instanceof Layer.Cushion ? catalogue.foam(layer.material()).substance() : Substance.PAPER;
    }

    private String name(Layer layer) {
        if (layer instanceof Layer.Wrap) {
            return catalogue.wrap(layer.material()).name();
        }
        return layer instanceof Layer.Cushion ? catalogue.foam(layer.material()).name() : "The carton's board";
    }

    /** What lies on the item itself. */
    private void touching(Layer first) {
        Substance of = substance(first);
        String name = name(first);
        boolean foam = first instanceof Layer.Cushion;
        if (foam && isCells(catalogue.foam(first.material())) && hasAny(SOFT)) {
            harms(name + " prints its cells into a " + named(SOFT) + " surface. Lay smooth acid-free tissue between.");
        } else if (foam && (has(Surface.GILDED) || has(Surface.OIL_PAINT))) {
            watch(name + " rubs on a " + named(EnumSet.of(Surface.GILDED, Surface.OIL_PAINT))
                    + " surface when it is shaken. Lay smooth acid-free tissue between.");
        }
        if (of == Substance.PVC && (hasAny(SOFT) || has(Surface.PLASTIC))) {
            harms(name + " is PVC: its softener creeps into the surface and leaves it tacky.");
        }
        if (of == Substance.PU && foam && catalogue.foam(first.material()).id().equals("fip-8")) {
            harms("Foam in place expands hot and sticks to what it touches: wrap the item in film first.");
        }
        if (of == Substance.PS && foam && (has(Surface.ELECTRONICS) || has(Surface.TEXTILE))) {
            watch(name + " sheds crumbs that charge up and cling to "
                    + named(EnumSet.of(Surface.ELECTRONICS, Surface.TEXTILE)) + ". Wrap the item first.");
        }
        if (of == Substance.PAPER && days > 90 && hasAny(ACID_SPOILS)) {
            watch(name + " holds acid, which yellows " + named(ACID_SPOILS)
                    + " in months. Use acid-free tissue or board.");
        }
        if (of == Substance.OTHER
                && days > 90
                && !pack.item().nature().surfaces().isEmpty()) {
            watch(name + " is of a plastic that nobody has named; for months it must be polyethylene, polypropylene or"
                    + " polyester.");
        }
        boolean damp =
                pack.journey().stack().map(s -> s.relativeHumidity() >= 0.7).orElse(false);
        if ((of == Substance.PE || of == Substance.PP || of == Substance.OTHER)
                && damp
                && (has(Surface.IRON) || has(Surface.BARE_METAL))) {
            watch(name + " holds damp against bare metal, which rusts. Add a drying agent or an oiled paper.");
        }
    }

    /** What gives off vapour need not touch. */
    private void breathing(Layer layer) {
        Substance of = substance(layer);
        boolean vapour = of.polyurethane() || of == Substance.PVC || of == Substance.RUBBER || of == Substance.WOOL;
        if (vapour && (has(Surface.SILVER) || has(Surface.COPPER))) {
            String reason = name(layer) + " is " + of.words() + ", whose vapours tarnish "
                    + named(EnumSet.of(Surface.SILVER, Surface.COPPER))
                    + " even without touching it. Use polyethylene or polypropylene.";
            if (days > 30) {
                harms(reason);
            } else {
                watch(reason);
            }
        }
        if (of == Substance.PAPER && has(Surface.LEAD) && days > 30) {
            watch(name(layer) + " gives off acids that corrode lead in time. Keep it in a closed polyester bag.");
        }
        if (of.polyurethane() && hasAny(METALS) && days > DAYS_A_YEAR) {
            watch(name(layer) + " is " + of.words() + "; in years its decay corrodes metal.");
        }
    }

    /** What falls apart by itself. */
    private void ageing(Layer layer) {
        Substance of = substance(layer);
        if (of == Substance.PU_ESTER && days > DAYS_A_YEAR) {
            harms(name(layer) + " takes up water from the air and turns sticky in a few years (hydrolysis): not for"
                    + " storage.");
        } else if (of.polyurethane() && days > 5 * DAYS_A_YEAR) {
            harms(name(layer) + " oxidises to dust in some years: not for storage as long as this.");
        } else if (of.polyurethane() && days > DAYS_A_YEAR) {
            watch(name(layer) + " yellows and crumbles with the years. Look at it every year.");
        }
        if (of == Substance.RUBBER && days > 5 * DAYS_A_YEAR) {
            harms(name(layer) + " perishes in some years and sticks to what it touches.");
        }
        if (of == Substance.STARCH && days > 30) {
            watch(name(layer) + " draws damp and vermin in storage.");
        }
    }

    private void tape() {
        boolean onItem = pack.layers().stream()
                .anyMatch(layer -> layer instanceof Layer.Wrap wrap && wrap.tape() == Layer.Wrap.Tape.ON_ITEM);
        if (onItem && hasAny(TAPE_LIFTS)) {
            harms("Tape on a " + named(TAPE_LIFTS) + " surface lifts it or leaves its glue. Tape the wrap to itself.");
        } else if (onItem) {
            watch("Tape on the item leaves glue in time. Tape the wrap to itself.");
        }
    }

    private static boolean isCells(Foam foam) {
        return foam.id().equals("bubble-12") || foam.id().equals("air-cells");
    }
}
