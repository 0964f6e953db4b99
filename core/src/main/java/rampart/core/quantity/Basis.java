package rampart.core.quantity;

/** What a figure in a result rests on. */
public enum Basis {
    /** Physics or mathematics. */
    LAW("law"),
    /** A published standard or handbook, quoted from memory. */
    STD("std"),
    /** A typical class value, good to about 20 %; never a supplier's data. */
    NOMINAL("nominal"),
    /** Common practice of the trade, no source. */
    CP("cp"),
    /** A modelling assumption. */
    ASSUMED("assumed"),
    /** Measured on the material itself. */
    MEASURED("measured"),
    /** Measured, but not where it is used. */
    EXTRAPOLATED("extrapolated"),
    /** Given by the person. */
    INPUT("input");

    private final String word;

    Basis(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
