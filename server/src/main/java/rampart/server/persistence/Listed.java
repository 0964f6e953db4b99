package rampart.server.persistence;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * One page of a list.
 *
 * @param total how many there are on all pages
 * @param next where the next page begins; empty where this is the last
 */
public record Listed<T>(List<T> rows, long total, Optional<Mark> next) {
    public Listed {
        rows = List.copyOf(rows);
    }

    public <U> Listed<U> map(Function<? super T, ? extends U> each) {
        return new Listed<>(rows.stream().<U>map(each).toList(), total, next);
    }
}
