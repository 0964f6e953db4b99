package rampart.core.words;

import rampart.core.quantity.Units;

/** Units in which quantities are said: a core unit, and what takes its place for those who think in inches or pounds. */
public enum Unit {
    NONE(""),
    MM("mm"),
    /** A length to cut, said as finely as a saw can follow. */
    CUT_MM("mm"),
    CM2("cm²"),
    /** Of board and wraps. */
    M2("m²"),
    /** Of tape and other things on a roll. */
    M("m"),
    LITRE("l"),
    KG("kg"),
    KPA("kPa"),
    N("N"),
    NM("Nm"),
    N_PER_MM("N/mm"),
    PER_KPA("1/kPa"),
    KG_PER_M3("kg/m³"),
    G_PER_M2("g/m²"),
    J("J"),
    G("G"),
    MPS("m/s"),
    DEG_C("°C"),
    HZ("Hz"),
    S("s"),
    HOURS("h"),
    PERCENT("%"),
    /** Of tables that are written in inches. */
    IN("in"),
    /** Of tables that are written in pounds. */
    LB("lb"),
    /** As boards are sold by where they are sold in inches. */
    LB_PER_IN("lb/in");

    private static final double FT2_PER_M2 = 1e6 / (Units.MM_PER_FT * Units.MM_PER_FT);
    private static final double FT3_PER_M3 = 1e9 / (Units.MM_PER_FT * Units.MM_PER_FT * Units.MM_PER_FT);

    private final String symbol;

    Unit(String symbol) {
        this.symbol = symbol;
    }

    /** As it stands behind a number. */
    public String symbol() {
        return symbol;
    }

    /** The unit of a contract's field, such as {@code cm2}; {@link #NONE} with the word itself for what is not changed. */
    public static Unit of(String word) {
        return switch (word) {
            case "mm" -> MM;
            case "cm2", "cm²" -> CM2;
            case "m²" -> M2;
            case "l" -> LITRE;
            case "kg" -> KG;
            case "kPa" -> KPA;
            case "N" -> N;
            case "Nm" -> NM;
            case "N/mm" -> N_PER_MM;
            case "1/kPa" -> PER_KPA;
            case "kg/m³" -> KG_PER_M3;
            case "g/m²" -> G_PER_M2;
            case "lb/in" -> LB_PER_IN;
            case "J" -> J;
            case "G" -> G;
            case "m/s" -> MPS;
            case "degC", "°C" -> DEG_C;
            case "Hz" -> HZ;
            case "s" -> S;
            case "h" -> HOURS;
            case "in" -> IN;
            case "lb" -> LB;
            default -> NONE;
        };
    }

    /** What a value in this unit is multiplied by for the other one of {@link Wording}. */
    double toOther() {
        return switch (this) {
            case MM, CUT_MM -> 1 / Units.MM_PER_IN;
            case CM2 -> 100 / (Units.MM_PER_IN * Units.MM_PER_IN);
            case M2 -> FT2_PER_M2;
            case M -> 1e3 / Units.MM_PER_FT;
            case LITRE -> FT3_PER_M3 / 1e3;
            case KPA -> 1 / Units.KPA_PER_PSI;
            case MPS -> 1e3 / Units.MM_PER_IN;
            case N -> 1 / Units.N_PER_LBF;
            case NM -> 1000 / (Units.N_PER_LBF * Units.MM_PER_IN);
            case N_PER_MM -> 1 / Units.N_PER_MM_PER_LB_PER_IN;
            case KG -> 1 / Units.KG_PER_LB;
            case PER_KPA -> Units.KPA_PER_PSI;
            case KG_PER_M3 -> 1 / (Units.KG_PER_LB * FT3_PER_M3);
            // Pounds of a thousand square feet for grams of a square metre.
            case G_PER_M2 -> 1 / (Units.KG_PER_LB * FT2_PER_M2);
            case LB_PER_IN -> Units.N_PER_MM_PER_LB_PER_IN;
            case IN -> Units.MM_PER_IN;
            case LB -> Units.KG_PER_LB;
            default -> 1;
        };
    }
}
