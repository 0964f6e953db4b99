package rampart.core.material;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * A snapshot of all materials an evaluation may name. The same pack with the same catalogue gives the same answer.
 */
public final class Catalogue {
    private final Map<String, Foam> foams;
    private final Map<String, Board> boards;
    private final Map<String, WrapMaterial> wraps;

    public Catalogue(List<Foam> foams, List<Board> boards, List<WrapMaterial> wraps) {
        this.foams = byId(foams, Foam::id);
        this.boards = byId(boards, Board::id);
        this.wraps = byId(wraps, WrapMaterial::id);
    }

    /** This catalogue with other materials besides; one of the same id takes the place of its own. */
    public Catalogue with(Catalogue others) {
        return new Catalogue(merged(foams, others.foams), merged(boards, others.boards), merged(wraps, others.wraps));
    }

    private static <T> List<T> merged(Map<String, T> mine, Map<String, T> others) {
        Map<String, T> all = new LinkedHashMap<>(mine);
        all.putAll(others);
        return List.copyOf(all.values());
    }

    /** True where nothing is in it. */
    public boolean isEmpty() {
        return foams.isEmpty() && boards.isEmpty() && wraps.isEmpty();
    }

    /** @throws IllegalArgumentException if no foam has this id */
    public Foam foam(String id) {
        return find(foams, id, "foam");
    }

    /** @throws IllegalArgumentException if no board has this id */
    public Board board(String id) {
        return find(boards, id, "board");
    }

    /** @throws IllegalArgumentException if no wrap has this id */
    public WrapMaterial wrap(String id) {
        return find(wraps, id, "wrap");
    }

    public List<Foam> foams() {
        return List.copyOf(foams.values());
    }

    public List<Board> boards() {
        return List.copyOf(boards.values());
    }

    public List<WrapMaterial> wraps() {
        return List.copyOf(wraps.values());
    }

    private static <T> Map<String, T> byId(List<T> all, Function<T, String> id) {
        Map<String, T> map = new LinkedHashMap<>();
        for (T one : all) {
            if (map.put(id.apply(one), one) != null) {
                throw new IllegalArgumentException("the id " + id.apply(one) + " stands twice in the catalogue");
            }
        }
        return map;
    }

    private static <T> T find(Map<String, T> map, String id, String kind) {
        T found = map.get(id);
        if (found == null) {
            throw new IllegalArgumentException(
                    "no " + kind + " is called " + id + "; there are " + String.join(", ", map.keySet()));
        }
        return found;
    }
}
