package rampart.server.house;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rampart.core.words.Wording;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.HouseRepository;
import rampart.server.persistence.HouseRepository.HouseSettings;

/** The ways of the house: how it shows lengths, masses and numbers. */
@Service
public class House {
    private final HouseRepository repository;
    private final Trail trail;

    House(HouseRepository repository, Trail trail) {
        this.repository = repository;
        this.trail = trail;
    }

    public HouseSettings ways() {
        return repository.ways();
    }

    /** How the house writes quantities. */
    public Wording wording() {
        HouseSettings ways = ways();
        return new Wording(
                Wording.Lengths.valueOf(ways.lengthUnit()),
                Wording.Masses.valueOf(ways.massUnit()),
                Wording.Decimal.valueOf(ways.numbers()));
    }

    @Transactional
    public void set(HouseSettings ways, String by) {
        repository.set(ways);
        trail.add(
                by,
                EventType.WAYS_CHANGED,
                Subject.house(),
                new Detail.Settings(ways.lengthUnit(), ways.massUnit(), ways.numbers(), ways.currency()));
    }
}
