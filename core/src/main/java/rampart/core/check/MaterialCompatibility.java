package rampart.core.check;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import rampart.core.item.Surface;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.material.Structure;
import rampart.core.material.Substance;
import rampart.core.pack.Pack;
import rampart.core.words.MaterialWords;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/**
 * Foam, wrap and tape against the item's surfaces and the time they lie together (rule 45). Common conservation guidance
 * and common practice of the trade, no source; the times are assumed.
 */
final class MaterialCompatibility {
    private static final double HOURS_A_DAY = 24;
    private static final double DAYS_A_YEAR = 365;

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
    private final List<Incompatibility> found = new ArrayList<>();

    private MaterialCompatibility(Pack pack, Catalogue catalogue) {
        this.pack = pack;
        this.catalogue = catalogue;
        this.days = pack.journey().underLoadHours() / HOURS_A_DAY;
    }

    /** All of them, in the order of the layers. */
    public static List<Incompatibility> of(Pack pack, Catalogue catalogue) {
        MaterialCompatibility clashes = new MaterialCompatibility(pack, catalogue);
        clashes.touching(pack.layers().get(0));
        for (Layer layer : pack.layers()) {
            clashes.breathing(layer);
            clashes.ageing(layer);
        }
        clashes.tape();
        return clashes.found;
    }

    private void harms(Sentence reason) {
        found.add(new Incompatibility(true, reason));
    }

    private void watch(Sentence reason) {
        found.add(new Incompatibility(false, reason));
    }

    private boolean has(Surface surface) {
        return pack.item().properties().surfaces().contains(surface);
    }

    private boolean hasAny(Set<Surface> some) {
        return pack.item().properties().surfaces().stream().anyMatch(some::contains);
    }

    private Term named(Set<Surface> some) {
        return Term.name(pack.item().properties().surfaces().stream()
                .filter(some::contains)
                .sorted()
                .map(Surface::words)
                .findFirst()
                .orElse("surface"));
    }

    private Substance substance(Layer layer) {
        return layer.match(
                wrap -> catalogue.wrap(wrap.material()).substance(),
                cushion -> catalogue.foam(cushion.material()).substance(),
                box -> Substance.PAPER,
                boards -> Substance.PAPER);
    }

    private Term name(Layer layer) {
        return Term.name(layer.match(
                wrap -> catalogue.wrap(wrap.material()).name(),
                cushion -> catalogue.foam(cushion.material()).name(),
                box -> "The carton's board",
                boards -> "The rigid board"));
    }

    private static boolean cushion(Layer layer) {
        return layer.match(wrap -> false, cushion -> true, box -> false, boards -> false);
    }

    /** What lies on the item itself. */
    private void touching(Layer first) {
        Substance of = substance(first);
        Term name = name(first);
        boolean foam = cushion(first);
        if (foam && catalogue.foam(first.material()).structure().cells() && hasAny(SOFT)) {
            harms(MaterialWords.CELLS_PRINT.of(name, named(SOFT)));
        } else if (foam && (has(Surface.GILDED) || has(Surface.OIL_PAINT))) {
            watch(MaterialWords.FOAM_RUBS.of(name, named(EnumSet.of(Surface.GILDED, Surface.OIL_PAINT))));
        }
        if (of == Substance.PVC && (hasAny(SOFT) || has(Surface.PLASTIC))) {
            harms(MaterialWords.SOFTENER.of(name));
        }
        if (foam && catalogue.foam(first.material()).structure() == Structure.FOAMED_IN_PLACE) {
            harms(MaterialWords.NOTE_FOAM_PLACE_EXPANDS.of());
        }
        if (of == Substance.PS && foam && (has(Surface.ELECTRONICS) || has(Surface.TEXTILE))) {
            watch(MaterialWords.CRUMBS.of(name, named(EnumSet.of(Surface.ELECTRONICS, Surface.TEXTILE))));
        }
        if (of == Substance.PAPER && days > 90 && hasAny(ACID_SPOILS)) {
            watch(MaterialWords.ACID_YELLOWS.of(name, named(ACID_SPOILS)));
        }
        if (of == Substance.PAPER && pack.journey().keptLong() && has(Surface.SILVER)) {
            harms(MaterialWords.BOARD_TARNISHES.of(name));
        }
        if (of == Substance.OTHER
                && days > 90
                && !pack.item().properties().surfaces().isEmpty()) {
            watch(MaterialWords.UNNAMED_PLASTIC.of(name));
        }
        boolean damp =
                pack.journey().stack().map(s -> s.relativeHumidity() >= 0.7).orElse(false);
        if ((of == Substance.PE || of == Substance.PP || of == Substance.OTHER)
                && damp
                && (has(Surface.IRON) || has(Surface.BARE_METAL))) {
            watch(MaterialWords.HOLDS_DAMP.of(name));
        }
    }

    /** What gives off vapour need not touch. */
    private void breathing(Layer layer) {
        Substance of = substance(layer);
        boolean vapour = of.polyurethane() || of == Substance.PVC || of == Substance.RUBBER || of == Substance.WOOL;
        if (vapour && (has(Surface.SILVER) || has(Surface.COPPER))) {
            Sentence reason = MaterialWords.TARNISHES.of(
                    name(layer), Term.name(of.words()), named(EnumSet.of(Surface.SILVER, Surface.COPPER)));
            if (days > 30) {
                harms(reason);
            } else {
                watch(reason);
            }
        }
        if (of == Substance.PAPER && has(Surface.LEAD) && days > 30) {
            watch(MaterialWords.CORRODES_LEAD.of(name(layer)));
        }
        if (of.polyurethane() && hasAny(METALS) && days > DAYS_A_YEAR) {
            watch(MaterialWords.DECAY_CORRODES.of(name(layer), Term.name(of.words())));
        }
    }

    /** What falls apart by itself, or does not hold up for years. */
    private void ageing(Layer layer) {
        Substance of = substance(layer);
        if (pack.journey().keptLong()) {
            if (cushion(layer) && catalogue.foam(layer.material()).structure().sinks()) {
                harms(MaterialWords.SINKS.of(name(layer)));
                return;
            }
            if (of.ages() && !agedOut(of)) {
                harms(MaterialWords.AGES.of(name(layer), Term.name(of.words())));
                return;
            }
        }
        if (of == Substance.PU_ESTER && days > DAYS_A_YEAR) {
            harms(MaterialWords.HYDROLYSIS.of(name(layer)));
        } else if (of.polyurethane() && days > 5 * DAYS_A_YEAR) {
            harms(MaterialWords.OXIDISES.of(name(layer)));
        } else if (of.polyurethane() && days > DAYS_A_YEAR) {
            watch(MaterialWords.YELLOWS.of(name(layer)));
        }
        if (of == Substance.RUBBER && days > 5 * DAYS_A_YEAR) {
            harms(MaterialWords.PERISHES.of(name(layer)));
        }
        boolean stored = pack.journey().storageHours().isPresent();
        if (of == Substance.STARCH && (stored || days > 30)) {
            watch(MaterialWords.VERMIN.of(name(layer)));
        }
        if (of == Substance.PAPER && stored && cushion(layer)) {
            watch(MaterialWords.ACID_STAYS.of(name(layer)));
        }
    }

    /** True where its age alone is told of as harm already. */
    private boolean agedOut(Substance of) {
        return (of == Substance.PU_ESTER && days > DAYS_A_YEAR)
                || ((of.polyurethane() || of == Substance.RUBBER) && days > 5 * DAYS_A_YEAR);
    }

    private void tape() {
        boolean onItem = pack.layers().stream()
                .anyMatch(layer -> layer.match(
                        wrap -> wrap.tape() == Layer.Wrap.Tape.ON_ITEM,
                        cushion -> false,
                        box -> false,
                        boards -> false));
        if (onItem && hasAny(TAPE_LIFTS)) {
            harms(MaterialWords.TAPE_LIFTS.of(named(TAPE_LIFTS)));
        } else if (onItem) {
            watch(MaterialWords.NOTE_TAPE_ITEM_LEAVES.of());
        }
    }
}
