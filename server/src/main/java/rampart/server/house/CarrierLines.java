package rampart.server.house;

import java.util.List;
import java.util.OptionalDouble;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rampart.core.cost.CarrierLine;
import rampart.formats.kept.KeptForm;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.HouseRepository;

/** What carriers take, by the figures of the house. */
@Service
public class CarrierLines {
    static final KeptForm<KeptLine[]> LINES = KeptForm.of("carrier-lines", KeptLine[].class);

    private final HouseRepository repository;
    private final Trail trail;

    CarrierLines(HouseRepository repository, Trail trail) {
        this.repository = repository;
        this.trail = trail;
    }

    /** One line as it is kept; what a carrier does not limit is null. */
    public record KeptLine(String name, Double longestMm, Double lengthAndGirthMm, Double litres, Double massKg) {
        CarrierLine line() {
            return new CarrierLine(
                    name, optional(longestMm), optional(lengthAndGirthMm), optional(litres), optional(massKg));
        }

        private static OptionalDouble optional(Double value) {
            return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
        }
    }

    public List<KeptLine> kept() {
        return List.of(LINES.readText(repository.carrierLines()));
    }

    public List<CarrierLine> lines() {
        return kept().stream().map(KeptLine::line).toList();
    }

    @Transactional
    public void set(List<KeptLine> lines, String by) {
        repository.setCarrierLines(LINES.writeText(lines.toArray(KeptLine[]::new)));
        trail.add(
                by,
                EventType.WAYS_CHANGED,
                Subject.house(),
                new Detail.Carriers(lines.stream().map(KeptLine::name).toList()));
    }
}
