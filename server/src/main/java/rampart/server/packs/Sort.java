package rampart.server.packs;

import java.util.Comparator;
import java.util.Optional;
import java.util.function.Function;
import rampart.core.verdict.Status;
import rampart.formats.view.SizeView;
import rampart.server.packs.PackShelf.OnShelf;
import rampart.server.persistence.PackRepository.Header;

/** Orders of the shelf; packs that are alike stay with the last saved first. */
public enum Sort {
    /** Last saved first. */
    saved(Comparator.comparing(Header::savedAt).reversed(), OnShelf::header),
    /** By name, as a person reads it. */
    name(Comparator.comparing(Header::name, String.CASE_INSENSITIVE_ORDER), OnShelf::header),
    /** What breaks first, then by margin. */
    weakest(Comparator.comparing((OnShelf p) -> p.summary().verdict(), Comparator.comparingInt(Sort::urgency))
            .thenComparingDouble(p -> p.summary().margin().orElse(0))),
    /** Largest outside first. */
    size(Comparator.comparingDouble(
            (OnShelf p) -> -p.summary().outsideMm().map(Sort::volume).orElse(0.0))),
    /** Heaviest first. */
    mass(Comparator.comparingDouble((OnShelf p) -> -p.summary().grossMassKg().orElse(0)));

    private final Comparator<OnShelf> order;
    private final Optional<Comparator<Header>> ofHeaders;

    Sort(Comparator<OnShelf> order) {
        this.order = order;
        ofHeaders = Optional.empty();
    }

    Sort(Comparator<Header> order, Function<OnShelf, Header> header) {
        this.order = Comparator.comparing(header, order);
        ofHeaders = Optional.of(order);
    }

    /** The same order told from the headers alone; empty where it needs what the packs come to. */
    Optional<Comparator<Header>> ofHeaders() {
        return ofHeaders;
    }

    Comparator<OnShelf> order() {
        return order;
    }

    private static int urgency(Status status) {
        return switch (status) {
            case BREAKS -> 0;
            case UNKNOWN -> 1;
            case THIN -> 2;
            case HOLDS -> 3;
        };
    }

    private static double volume(SizeView size) {
        return size.length() * size.width() * size.height();
    }
}
