package rampart.formats.testdata;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import rampart.core.quantity.Units;

/**
 * One column of a table of test data: its name and the units it may stand in.
 *
 * @param name as the templates write it
 * @param units the first is the one that is reckoned in
 * @param otherwise value where the column is left out; empty where it must be there
 */
record TestColumn(String name, List<Unit> units, Optional<Double> otherwise) {
    private static final Unit MM = new Unit("mm", v -> v);
    private static final Unit IN = new Unit("in", v -> v * Units.MM_PER_IN);
    private static final Unit KPA = new Unit("kPa", v -> v);
    private static final Unit PSI = new Unit("psi", v -> v * Units.KPA_PER_PSI);
    private static final Unit NONE = new Unit("", v -> v);

    static final TestColumn DROP_HEIGHT = needed("drop height", MM, IN);
    static final TestColumn THICKNESS = needed("thickness", MM, IN);
    static final TestColumn STATIC_STRESS = needed("static stress", KPA, PSI);
    static final TestColumn PEAK = needed("peak", new Unit("G", v -> v));
    static final TestColumn IMPACT = new TestColumn("impact", List.of(NONE), Optional.of(1.0));
    static final TestColumn TEMPERATURE = new TestColumn(
            "temperature", List.of(new Unit("degC", v -> v), new Unit("degF", v -> (v - 32) / 1.8)), Optional.of(23.0));
    static final TestColumn TIME = needed("time", new Unit("h", v -> v), new Unit("days", v -> v * 24));
    static final TestColumn STRAIN = needed("strain", new Unit("%", v -> v / 100), NONE);
    static final TestColumn FREQUENCY = needed("frequency", new Unit("Hz", v -> v));
    static final TestColumn TRANSMISSIBILITY = needed("transmissibility", NONE);

    /** A unit and the way from it to the unit that is reckoned in. */
    record Unit(String symbol, DoubleUnaryOperator toFirst) {}

    private static TestColumn needed(String name, Unit... units) {
        return new TestColumn(name, List.of(units), Optional.empty());
    }

    /** The heading in this unit. */
    static String heading(String name, Unit unit) {
        return unit.symbol.isEmpty() ? name : name + " (" + unit.symbol + ")";
    }

    /** The unit that a heading of a file means; empty where it is not this column's. */
    Optional<Unit> unitOf(String heading) {
        String plain = plain(heading);
        return units.stream()
                .filter(unit -> plain(heading(name, unit)).equals(plain))
                .findFirst();
    }

    /** True where the heading names this column, whatever its unit. */
    boolean named(String heading) {
        return plain(heading.replaceAll("\\(.*", "")).equals(plain(name));
    }

    /** Every heading this column may have, in words. */
    String allowed() {
        return units.stream()
                .map(unit -> "'" + heading(name, unit) + "'")
                .reduce((a, b) -> a + " or " + b)
                .orElseThrow();
    }

    private static String plain(String heading) {
        return heading.strip().toLowerCase(Locale.ROOT).replace("\u00b0", "deg").replaceAll("[\\s_]+", "");
    }
}
