package rampart.server.releases;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rampart.server.history.Histories;
import rampart.server.history.History;
import rampart.server.history.Version;
import rampart.server.house.Detail;
import rampart.server.house.Subject;
import rampart.server.house.Trail;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.EntryRepository;
import rampart.server.persistence.PackRepository.StoredPack;

/** Trips of packs that are used again. */
@Service
public class Returns {
    private final History<KeptReturns> kept;
    private final Trail trail;
    private final Clock clock;

    Returns(Histories histories, Trail trail, Clock clock) {
        this.kept = histories.of(EntryRepository.Kind.returns, KeptReturns.FORM);
        this.trail = trail;
        this.clock = clock;
    }

    /** Version 0 until it first goes out. */
    public Version<KeptReturns> of(String packId) {
        return kept.newest(packId)
                .orElseGet(() -> new Version<>(packId, 0, KeptReturns.NONE, false, clock.instant(), ""));
    }

    /** It goes out; empty if somebody changed something in between, or it is away already. */
    @Transactional
    public Optional<Version<KeptReturns>> out(StoredPack pack, String to, long seen, String by) {
        KeptReturns now = of(pack.id()).value();
        if (away(now)) {
            return Optional.empty();
        }
        List<KeptReturns.Trip> trips = new ArrayList<>(now.trips());
        trips.add(new KeptReturns.Trip(trips.size() + 1, to, clock.instant(), by, null));
        return set(pack, new KeptReturns(trips, now.renewedAtTrip()), seen, by);
    }

    /** It is back; empty if somebody changed something in between, or it was not away. */
    @Transactional
    public Optional<Version<KeptReturns>> back(
            StoredPack pack,
            List<KeptReturns.Found> found,
            KeptReturns.Grade grade,
            String note,
            long seen,
            String by) {
        KeptReturns now = of(pack.id()).value();
        if (!away(now)) {
            return Optional.empty();
        }
        List<KeptReturns.Trip> trips = new ArrayList<>(now.trips());
        KeptReturns.Trip last = trips.remove(trips.size() - 1);
        trips.add(new KeptReturns.Trip(
                last.number(),
                last.to(),
                last.outAt(),
                last.outBy(),
                new KeptReturns.Back(clock.instant(), by, found, grade, note)));
        return set(pack, new KeptReturns(trips, now.renewedAtTrip()), seen, by);
    }

    /** Its foam has been renewed. */
    @Transactional
    public Optional<Version<KeptReturns>> renewed(StoredPack pack, long seen, String by) {
        KeptReturns now = of(pack.id()).value();
        return set(pack, new KeptReturns(now.trips(), now.trips().size()), seen, by);
    }

    private Optional<Version<KeptReturns>> set(StoredPack pack, KeptReturns value, long seen, String by) {
        Optional<Version<KeptReturns>> set = kept.set(pack.id(), value, seen, by);
        set.ifPresent(version ->
                trail.add(by, EventType.RETURNS_CHANGED, Subject.pack(pack.id(), pack.name()), Detail.NOTHING));
        return set;
    }

    /** True while it is out. */
    public static boolean away(KeptReturns returns) {
        List<KeptReturns.Trip> trips = returns.trips();
        return !trips.isEmpty() && trips.get(trips.size() - 1).back() == null;
    }
}
