package rampart.server.house;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rampart.core.cost.Tariff;
import rampart.formats.tariff.TariffCsv;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.HouseRepository;

/** What carriers charge, by the tables of the house. */
@Service
public class Tariffs {
    private final HouseRepository repository;
    private final Trail trail;

    Tariffs(HouseRepository repository, Trail trail) {
        this.repository = repository;
        this.trail = trail;
    }

    /** The table as it was given. */
    public String table() {
        return repository.tariffs();
    }

    public List<Tariff> all() {
        String table = repository.tariffs();
        return table.isBlank() ? List.of() : TariffCsv.read(table);
    }

    /**
     * Keeps a table, comments and order as they are.
     *
     * @throws rampart.formats.table.UnreadableTableException if it is none
     */
    @Transactional
    public void set(String table, String by) {
        List<String> names = table.isBlank()
                ? List.of()
                : TariffCsv.read(table).stream().map(Tariff::name).toList();
        repository.setTariffs(table);
        trail.add(by, EventType.WAYS_CHANGED, Subject.house(), new Detail.Charges(names));
    }
}
