package rampart.server.house;

import java.util.List;
import java.util.OptionalDouble;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rampart.core.cost.CarrierLine;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.HouseRepository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What carriers take, by the figures of the house. */
@Service
public class CarrierLines {
    private final HouseRepository repository;
    private final Trail trail;
    private final JsonMapper mapper;

    CarrierLines(HouseRepository repository, Trail trail, JsonMapper mapper) {
        this.repository = repository;
        this.trail = trail;
        this.mapper = mapper;
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
        return mapper.readValue(repository.carrierLines(), new TypeReference<>() {});
    }

    public List<CarrierLine> lines() {
        return kept().stream().map(KeptLine::line).toList();
    }

    @Transactional
    public void set(List<KeptLine> lines, String by) {
        repository.setCarrierLines(mapper.writeValueAsString(lines));
        trail.add(
                by,
                EventType.WAYS_CHANGED,
                Subject.house(),
                new Detail.Carriers(lines.stream().map(KeptLine::name).toList()));
    }
}
