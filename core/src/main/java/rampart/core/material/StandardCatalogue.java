package rampart.core.material;

import java.util.List;
import rampart.core.quantity.Basis;

/**
 * The materials Rampart ships with. Cushion constants are nominal: chosen to reproduce typical 24 in / 2 in cushion
 * curves, from memory, good to about 20 %. Grammages and calipers are nominal. Board limits: Item 222 / Rule 41, from
 * memory.
 */
public final class StandardCatalogue {
    /** What every catalogue foam rests on. */
    public static final String FOAM_SOURCE = "typical class value, good to about 20 %, not a supplier's data";

    /** Where the most gross mass and united inches of a board grade come from. */
    public static final String LIMITS_SOURCE = "Item 222 / Rule 41, from memory";

    private static final Catalogue CATALOGUE = new Catalogue(foams(), boards(), wraps());

    private StandardCatalogue() {}

    public static Catalogue get() {
        return CATALOGUE;
    }

    private static List<Foam> foams() {
        return List.of(
                foam(
                        "pe-28",
                        "PE foam 28",
                        Substance.PE,
                        Structure.FOAM,
                        45,
                        28,
                        79,
                        0.0186,
                        4.8,
                        1.15,
                        -.004,
                        450,
                        4.5,
                        "closed cell, inert"),
                foam(
                        "pe-35",
                        "PE foam 35",
                        Substance.PE,
                        Structure.FOAM,
                        60,
                        35,
                        100,
                        0.0151,
                        6.9,
                        1.15,
                        -.004,
                        600,
                        4.5,
                        "closed cell, inert"),
                foam(
                        "pe-64",
                        "PE foam 64",
                        Substance.PE,
                        Structure.FOAM,
                        120,
                        64,
                        196,
                        0.0081,
                        13.8,
                        1.15,
                        -.004,
                        1300,
                        4.5,
                        "closed cell, inert, firm"),
                foam(
                        "xpe-33",
                        "Cross-linked PE 33",
                        Substance.PE,
                        Structure.FOAM,
                        50,
                        33,
                        90,
                        0.0173,
                        6.2,
                        1.15,
                        -.004,
                        500,
                        4,
                        "fine cell, clean cutouts"),
                foam(
                        "pp-20",
                        "PP foam 20",
                        Substance.PP,
                        Structure.FOAM,
                        55,
                        20,
                        91,
                        0.0161,
                        6.2,
                        1.15,
                        -.004,
                        550,
                        5,
                        "keeps its shape over repeats"),
                foam(
                        "pp-30",
                        "PP foam 30",
                        Substance.PP,
                        Structure.FOAM,
                        90,
                        30,
                        141,
                        0.0110,
                        9.7,
                        1.15,
                        -.004,
                        900,
                        5,
                        "keeps its shape over repeats"),
                foam(
                        "eps-16",
                        "EPS 16",
                        Substance.PS,
                        Structure.MOULDED,
                        75,
                        16,
                        132,
                        0.0134,
                        12,
                        1.35,
                        -.001,
                        2500,
                        6,
                        "repeats much worse, crumbs"),
                foam(
                        "eps-20",
                        "EPS 20",
                        Substance.PS,
                        Structure.MOULDED,
                        105,
                        20,
                        190,
                        0.0097,
                        17,
                        1.35,
                        -.001,
                        3500,
                        6,
                        "repeats much worse, crumbs"),
                foam(
                        "pu-24",
                        "PU foam 24",
                        Substance.PU_ETHER,
                        Structure.FOAM,
                        3,
                        24,
                        39,
                        0.0432,
                        2.2,
                        1.10,
                        -.012,
                        70,
                        3.5,
                        "ether, soft: light items; oxidises with age"),
                foam(
                        "pu-32",
                        "PU foam 32",
                        Substance.PU_ESTER,
                        Structure.FOAM,
                        4.5,
                        32,
                        48.6,
                        0.0298,
                        3.4,
                        1.10,
                        -.012,
                        110,
                        3.5,
                        "ester; hydrolyses, not for archives"),
                foam(
                        "fip-8",
                        "Foam in place 8",
                        Substance.PU,
                        Structure.FOAMED_IN_PLACE,
                        15,
                        8,
                        41,
                        0.0403,
                        2.1,
                        1.30,
                        -.012,
                        200,
                        4,
                        "expands and is hot while it sets"),
                foam(
                        "bubble-12",
                        "Bubble 12 mm",
                        Substance.PE,
                        Structure.BUBBLE,
                        5,
                        8,
                        30,
                        0.0672,
                        1.4,
                        1.30,
                        -.004,
                        120,
                        4,
                        "12 mm cells in layers; cells burst"),
                foam(
                        "air-cells",
                        "Air cells",
                        Substance.PE,
                        Structure.AIR_CELLS,
                        3,
                        3,
                        14,
                        0.135,
                        0.7,
                        1.30,
                        -.004,
                        60,
                        5,
                        "large, sealed one by one; altitude changes them"));
    }

    private static Foam foam(
            String id,
            String name,
            Substance substance,
            Structure structure,
            double squeezeKpa,
            double density,
            double a,
            double b,
            double creep,
            double repeat,
            double k,
            double e,
            double q,
            String note) {
        return new Foam(
                id,
                name,
                density,
                new CushionLaw(a, b),
                creep,
                repeat,
                k,
                e,
                q,
                note,
                Basis.NOMINAL,
                FOAM_SOURCE,
                substance,
                structure,
                squeezeKpa,
                Measured.NOTHING);
    }

    private static List<Board> boards() {
        return List.of(
                board("e-23", Flute.E, 23, 400, 20, 40),
                board("b-26", Flute.B, 26, 430, 35, 50),
                board("b-29", Flute.B, 29, 480, 50, 60),
                board("b-32", Flute.B, 32, 520, 65, 75),
                board("c-29", Flute.C, 29, 500, 50, 60),
                board("c-32", Flute.C, 32, 540, 65, 75),
                board("c-40", Flute.C, 40, 650, 80, 85),
                board("c-44", Flute.C, 44, 730, 95, 95),
                board("c-55", Flute.C, 55, 900, 120, 105),
                board("bc-42", Flute.BC, 42, 820, 80, 85),
                board("bc-48", Flute.BC, 48, 900, 100, 95),
                board("bc-51", Flute.BC, 51, 980, 120, 105),
                board("bc-61", Flute.BC, 61, 1150, 140, 110),
                board("bc-71", Flute.BC, 71, 1300, 160, 115),
                board("bc-82", Flute.BC, 82, 1500, 180, 120),
                board("eb-42", Flute.EB, 42, 810, 80, 85));
    }

    private static Board board(
            String id, Flute flute, double edgeCrushLbPerIn, double grammageGm2, double limitLb, double limitIn) {
        String name = flute.letters() + " flute, ECT " + Math.round(edgeCrushLbPerIn) + " lb/in";
        return new Board(
                id,
                name,
                flute,
                flute.caliperMm(),
                edgeCrushLbPerIn,
                grammageGm2,
                limitLb,
                limitIn,
                Basis.NOMINAL,
                LIMITS_SOURCE);
    }

    private static List<WrapMaterial> wraps() {
        return List.of(
                new WrapMaterial("tissue", "Tissue", Substance.PAPER, ""),
                new WrapMaterial("foam-sheet", "Foam sheet", Substance.PE, ""),
                new WrapMaterial("film", "Film", Substance.OTHER, ""));
    }
}
