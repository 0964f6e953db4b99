package rampart.server.consignments;

import java.time.Clock;
import java.time.ZoneOffset;
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
import rampart.server.persistence.Listed;
import rampart.server.persistence.Mark;
import rampart.server.releases.NumberScheme;
import rampart.server.releases.Releases;

/** Consignments of the house, numbered by its scheme; box 2 of C0001 is scanned as C0001/2. */
@Service
public class Consignments {
    private final History<KeptConsignment> kept;
    private final Releases releases;
    private final Trail trail;
    private final Clock clock;

    Consignments(Histories histories, Releases releases, Trail trail, Clock clock) {
        this.kept = histories.of(EntryRepository.Kind.consignment, KeptConsignment.FORM);
        this.releases = releases;
        this.trail = trail;
        this.clock = clock;
    }

    /** Those with the text in number, receiver, note or contents, made last first. */
    public Listed<Version<KeptConsignment>> page(String text, Optional<Mark> after, int size) {
        return kept.page(text, after, size);
    }

    public Optional<Version<KeptConsignment>> byNumber(String number) {
        return kept.present(number);
    }

    /** Under the next number; a number that was taken at the same moment is passed over. */
    @Transactional
    public Version<KeptConsignment> add(KeptConsignment consignment, String by) {
        NumberScheme scheme = NumberScheme.ofNumbers(releases.ways().value().consignmentScheme());
        int year = clock.instant().atZone(ZoneOffset.UTC).getYear();
        for (long running = kept.count() + 1; ; running++) {
            String number = scheme.of(running, year, 1, "");
            Optional<Version<KeptConsignment>> added =
                    kept.newest(number).isPresent() ? Optional.empty() : kept.set(number, consignment, 0, by);
            if (added.isPresent()) {
                told(number, by);
                return added.get();
            }
        }
    }

    /** Empty if somebody changed it in between. */
    @Transactional
    public Optional<Version<KeptConsignment>> set(String number, KeptConsignment value, long seen, String by) {
        Optional<Version<KeptConsignment>> set = kept.set(number, value, seen, by);
        set.ifPresent(version -> told(number, by));
        return set;
    }

    /** False if somebody changed it in between. */
    @Transactional
    public boolean remove(String number, long seen, String by) {
        Optional<Version<KeptConsignment>> there = kept.present(number);
        boolean removed = there.isPresent()
                && kept.remove(number, there.get().value(), seen, by).isPresent();
        if (removed) {
            told(number, by);
        }
        return removed;
    }

    private void told(String number, String by) {
        trail.add(
                by,
                EventType.CONSIGNMENT_CHANGED,
                new Subject(Subject.Kind.consignment, number, number),
                Detail.NOTHING);
    }

    /** What is scanned on a box. */
    public static String boxNumber(String number, int box) {
        return number + "/" + box;
    }

    /** Number of the release in the box that was scanned; empty where it is no box of a consignment. */
    public Optional<String> releaseOf(String scanned) {
        int slash = scanned.lastIndexOf('/');
        if (slash < 0 || !scanned.substring(slash + 1).matches("[1-9][0-9]{0,3}")) {
            return Optional.empty();
        }
        int box = Integer.parseInt(scanned.substring(slash + 1));
        return byNumber(scanned.substring(0, slash))
                .map(version -> version.value().boxes())
                .filter(boxes -> box <= boxes.size())
                .map(boxes -> boxes.get(box - 1).release());
    }
}
