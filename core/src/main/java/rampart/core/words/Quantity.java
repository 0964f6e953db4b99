package rampart.core.words;

/**
 * A number with its unit, as core knows it.
 *
 * @param value in {@code unit}
 * @param decimals most places behind the point in that unit; {@link #AS_A_LIMIT} for as many as tell it from a limit
 */
public record Quantity(double value, Unit unit, int decimals) implements Term {
    /** One place under 20, none above. */
    public static final int AS_A_LIMIT = -1;

    private static final double PERCENT = 100;

    public static Quantity mm(double value) {
        return new Quantity(value, Unit.MM, 1);
    }

    public static Quantity wholeMm(double value) {
        return new Quantity(value, Unit.MM, 0);
    }

    /** A length that somebody cuts. */
    public static Quantity cut(double mm) {
        return new Quantity(mm, Unit.CUT_MM, 1);
    }

    public static Quantity cm2(double value) {
        return new Quantity(value, Unit.CM2, 0);
    }

    public static Quantity litres(double value) {
        return new Quantity(value, Unit.LITRE, 0);
    }

    public static Quantity kg(double value) {
        return new Quantity(value, Unit.KG, 1);
    }

    public static Quantity kpa(double value) {
        return new Quantity(value, Unit.KPA, 1);
    }

    public static Quantity newton(double value) {
        return new Quantity(value, Unit.N, 0);
    }

    public static Quantity nm(double value) {
        return new Quantity(value, Unit.NM, 1);
    }

    public static Quantity joule(double value) {
        return new Quantity(value, Unit.J, 1);
    }

    public static Quantity g(double value) {
        return new Quantity(value, Unit.G, AS_A_LIMIT);
    }

    public static Quantity fineG(double value) {
        return new Quantity(value, Unit.G, 2);
    }

    public static Quantity mps(double value) {
        return new Quantity(value, Unit.MPS, 2);
    }

    public static Quantity hz(double value) {
        return new Quantity(value, Unit.HZ, 1);
    }

    public static Quantity degC(double value) {
        return new Quantity(value, Unit.DEG_C, 1);
    }

    /** A share as whole percent. */
    public static Quantity percent(double share) {
        return new Quantity(PERCENT * share, Unit.PERCENT, 0);
    }

    /** A share as percent to a tenth. */
    public static Quantity finePercent(double share) {
        return new Quantity(PERCENT * share, Unit.PERCENT, 1);
    }

    public static Quantity count(double value) {
        return new Quantity(value, Unit.NONE, 0);
    }

    public static Quantity number(double value, int decimals) {
        return new Quantity(value, Unit.NONE, decimals);
    }
}
