package rampart.formats.view;

import java.util.Locale;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.material.Foam;

/** How a material is drawn, on screen and on paper alike: cushions by how they are built, foams by what they are made of. */
public enum Hatching {
    ITEM,
    SHEET,
    DOTS,
    GRAIN,
    CHEVRON,
    BEADS,
    WAVE,
    RINGS,
    CELLS,
    CRUMBS,
    CREASES,
    FLUTE;

    /** Of a layer: boards all alike, wraps all alike. */
    public static Hatching of(Layer layer, Catalogue catalogue) {
        return layer.match(
                wrap -> SHEET, cushion -> of(catalogue.foam(cushion.material())), box -> FLUTE, boards -> FLUTE);
    }

    /** Of a cushion. */
    public static Hatching of(Foam foam) {
        return switch (foam.structure()) {
            case FOAMED_IN_PLACE -> WAVE;
            case BUBBLE -> RINGS;
            case AIR_CELLS -> CELLS;
            case LOOSE -> CRUMBS;
            case PAPER -> CREASES;
            case MOULDED -> BEADS;
            case FOAM ->
                switch (foam.substance()) {
                    case PE -> DOTS;
                    case PP -> CHEVRON;
                    case PS -> BEADS;
                    default -> GRAIN;
                };
        };
    }

    /** As the page knows it. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
