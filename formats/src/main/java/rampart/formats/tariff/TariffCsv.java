package rampart.formats.tariff;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import rampart.core.cost.Extent;
import rampart.core.cost.Tariff;
import rampart.formats.table.Guarded;
import rampart.formats.table.NamedTable;
import rampart.formats.table.UnreadableTableException;

/**
 * Tariffs as one table, one fact a row: {@code service, kind, what, value, price}. Kinds are {@code divisor} (value cm3/kg),
 * {@code band} (up to value kg, price), {@code limit} (what is an extent, value the most) and {@code surcharge} (over value,
 * price); {@code invented} marks a service whose figures are no carrier's.
 */
public final class TariffCsv {
    private static final List<String> HEAD = List.of("service", "kind", "what", "value", "price");
    private static final int MOST_ROWS = 5000;
    private static final int LONGEST_NAME = 100;
    private static final double MOST = 1e9;

    private final Map<String, Building> services = new LinkedHashMap<>();
    private final NamedTable table = new NamedTable();

    private TariffCsv() {}

    /** A service as its rows come in. */
    private static final class Building {
        private boolean invented;
        private OptionalDouble divisor = OptionalDouble.empty();
        private final List<Tariff.Band> bands = new ArrayList<>();
        private final Map<Extent, Double> limits = new EnumMap<>(Extent.class);
        private final List<Tariff.Surcharge> surcharges = new ArrayList<>();
    }

    /**
     * The services of a table, in the order in which they come.
     *
     * @throws UnreadableTableException with one problem for each row that is wrong; its path is {@code /rows/N}, N the line
     */
    public static List<Tariff> read(String text) {
        TariffCsv reader = new TariffCsv();
        reader.table.read(text, HEAD, MOST_ROWS, reader::row);
        reader.complete();
        reader.table.whole();
        return reader.built();
    }

    private void row(CSVRecord row) {
        String name = Guarded.bare(row.get("service"));
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            table.wrong("the service must have a name of 1 to 100 characters");
            return;
        }
        Building service = services.computeIfAbsent(name, key -> new Building());
        String kind = row.get("kind");
        switch (kind) {
            case "invented" -> service.invented = true;
            case "divisor" -> divisor(service, row);
            case "band" -> band(service, row);
            case "limit" -> limit(service, row);
            case "surcharge" -> surcharge(service, row);
            default ->
                table.wrong(
                        "kind \"" + kind + "\" is not known; it must be invented, divisor, band, limit or surcharge");
        }
    }

    private void divisor(Building service, CSVRecord row) {
        if (service.divisor.isPresent()) {
            table.wrong(row.get("service") + " has a divisor already, " + number(service.divisor.getAsDouble())
                    + "; a service has one");
            return;
        }
        service.divisor = value(row, 1);
    }

    private OptionalDouble value(CSVRecord row, double least) {
        return table.number(row, "value", least, MOST);
    }

    private OptionalDouble price(CSVRecord row) {
        return table.number(row, "price", 0, MOST);
    }

    private void band(Building service, CSVRecord row) {
        OptionalDouble to = value(row, 0);
        OptionalDouble price = price(row);
        if (to.isEmpty() || price.isEmpty()) {
            return;
        }
        double before = service.bands.isEmpty()
                ? 0
                : service.bands.get(service.bands.size() - 1).toKg();
        if (to.getAsDouble() <= before) {
            table.wrong("bands must rise: " + row.get("value") + " kg follows " + before + " kg");
            return;
        }
        service.bands.add(new Tariff.Band(to.getAsDouble(), price.getAsDouble()));
    }

    private void limit(Building service, CSVRecord row) {
        Optional<Extent> extent = extent(row);
        OptionalDouble most = value(row, 0);
        if (extent.isPresent() && service.limits.containsKey(extent.get())) {
            table.wrong(
                    row.get("service") + " has a limit of its " + extent.get().words() + " already, "
                            + number(service.limits.get(extent.get())) + "; a service has one");
            return;
        }
        if (extent.isPresent() && most.isPresent()) {
            service.limits.put(extent.get(), most.getAsDouble());
        }
    }

    private void surcharge(Building service, CSVRecord row) {
        Optional<Extent> extent = extent(row);
        OptionalDouble over = value(row, 0);
        OptionalDouble price = price(row);
        if (extent.isPresent() && over.isPresent() && price.isPresent()) {
            service.surcharges.add(new Tariff.Surcharge(extent.get(), over.getAsDouble(), price.getAsDouble()));
        }
    }

    private Optional<Extent> extent(CSVRecord row) {
        Optional<Extent> extent = Extent.of(row.get("what"));
        if (extent.isEmpty()) {
            table.wrong("what \"" + row.get("what") + "\" is not known; it must be one of "
                    + Arrays.stream(Extent.values()).map(Extent::word).collect(Collectors.joining(", ")));
        }
        return extent;
    }

    /** What no single row says: a service needs a divisor and a band. */
    private void complete() {
        services.forEach((name, service) -> {
            if (service.divisor.isEmpty()) {
                table.wrong(name + " has no row of kind divisor: cm3 to a kilogram, such as 5000");
            }
            if (service.bands.isEmpty()) {
                table.wrong(name + " has no row of kind band: a price up to a mass");
            }
        });
    }

    private List<Tariff> built() {
        List<Tariff> tariffs = new ArrayList<>();
        services.forEach((name, service) -> tariffs.add(new Tariff(
                name,
                service.invented,
                service.divisor.getAsDouble(),
                service.bands,
                service.limits,
                service.surcharges)));
        return tariffs;
    }

    /** The table of these services. */
    public static String write(List<Tariff> tariffs) {
        StringWriter text = new StringWriter();
        try (CSVPrinter out = new CSVPrinter(
                text, CSVFormat.DEFAULT.builder().setRecordSeparator("\n").get())) {
            out.printRecord(HEAD);
            for (Tariff tariff : tariffs) {
                if (tariff.invented()) {
                    Guarded.print(out, tariff.name(), "invented", "", "", "");
                }
                Guarded.print(out, tariff.name(), "divisor", "", number(tariff.divisor()), "");
                for (Tariff.Band band : tariff.bands()) {
                    Guarded.print(out, tariff.name(), "band", "", number(band.toKg()), number(band.price()));
                }
                for (Extent extent : Extent.values()) {
                    Double most = tariff.limits().get(extent);
                    if (most != null) {
                        Guarded.print(out, tariff.name(), "limit", extent.word(), number(most), "");
                    }
                }
                for (Tariff.Surcharge s : tariff.surcharges()) {
                    Guarded.print(
                            out, tariff.name(), "surcharge", s.extent().word(), number(s.over()), number(s.price()));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static String number(double value) {
        return value == Math.rint(value) && Math.abs(value) < MOST * 10
                ? Long.toString((long) value)
                : Double.toString(value);
    }
}
