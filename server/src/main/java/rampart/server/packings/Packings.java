package rampart.server.packings;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import rampart.core.steps.PackingRecord;
import rampart.core.words.Sentence;
import rampart.core.words.TableWords;
import rampart.formats.kept.KeptForm;
import rampart.formats.kept.KeptForms;
import rampart.formats.paper.PackStepsView.PackStepView;
import rampart.server.house.Detail;
import rampart.server.house.Subject;
import rampart.server.house.Trail;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.Listed;
import rampart.server.persistence.Mark;
import rampart.server.persistence.PackingRepository;
import rampart.server.persistence.PackingRepository.Cancellation;
import rampart.server.persistence.PackingRepository.StoredAct;
import rampart.server.persistence.PackingRepository.StoredPacking;
import rampart.server.persistence.PhotographRepository;
import rampart.server.persistence.ReleaseRepository.StoredRelease;
import rampart.server.persistence.TryAgain;

/** Packs at the packing table. An act that is sent twice counts once; one that is refused changes nothing. */
@Service
public class Packings {
    /** A number has 40 letters at most; so many of them stand before the mark of one that was given up. */
    private static final int NUMBER_KEPT = 31;

    private static final int ID_SHOWN = 8;

    /** A device whose clock is farther off than this has none: when its act came in counts. */
    private static final Duration CLOCK_OFF = Duration.ofDays(1);

    private static final int READ_AT_ONCE = 50;

    private static final Instant BEFORE_ANY = Instant.parse("2000-01-01T00:00:00Z");

    private final PackingRepository repository;
    private final PhotographRepository photographs;
    private final Trail trail;
    private final TransactionTemplate transaction;
    private final Clock clock;

    Packings(
            PackingRepository repository,
            PhotographRepository photographs,
            Trail trail,
            PlatformTransactionManager transactions,
            Clock clock) {
        this.repository = repository;
        this.photographs = photographs;
        this.trail = trail;
        this.transaction = TryAgain.template(transactions);
        this.clock = clock;
    }

    /**
     * Something that was done, as the device sends it.
     *
     * @param id that it gave, so that it is written once
     * @param doneAt by its clock
     */
    public record SentAct(String id, PackingRecord.Act act, Instant doneAt) {}

    /**
     * What came of an act.
     *
     * @param refused why it does not count; empty where it does, or did before
     */
    public record Received(String id, Optional<Sentence> refused) {}

    /** As acts are kept. */
    record KeptAct(String deed, Double value, String note) {
        static final KeptForm<KeptAct> FORM = KeptForm.of("act", KeptAct.class);
    }

    /** A packing as it stands. */
    public record Standing(
            StoredPacking packing, List<PackStepView> steps, PackingRecord record, List<StoredAct> acts) {}

    /**
     * Begins to pack a released pack; where this number has been begun before, that goes on.
     *
     * @param number that will be scanned; empty for the next one of the release
     * @param steps as they stand in the release
     */
    public StoredPacking begin(Optional<String> number, StoredRelease release, List<PackStepView> steps, String by) {
        return transaction.execute(status -> {
            String scanned =
                    number.orElseGet(() -> release.number() + "/" + (repository.countOf(release.number()) + 1));
            Optional<StoredPacking> there = repository.byNumber(scanned);
            if (there.isPresent()) {
                return there.get();
            }
            StoredPacking packing = new StoredPacking(
                    UUID.randomUUID().toString(),
                    scanned,
                    release.number(),
                    release.name(),
                    KeptForms.PACKING_STEPS.writeText(steps.toArray(PackStepView[]::new)),
                    clock.instant(),
                    by,
                    Optional.empty());
            if (repository.add(packing)) {
                trail.add(by, EventType.PACKING_BEGUN, Subject.pack(release.packId(), release.name()), Detail.NOTHING);
            }
            return repository.byNumberNow(scanned).orElseThrow();
        });
    }

    /**
     * Those begun last first whose number or name holds the text.
     *
     * @param after where the page before ended; empty for the first
     */
    public Listed<Standing> page(String text, Optional<Mark> after, int most) {
        Listed<StoredPacking> page = repository.page(text, after, most);
        return new Listed<>(standing(page.rows()), page.total(), page.next());
    }

    public Optional<Standing> byId(String id) {
        return repository.byId(id).map(this::standing);
    }

    public Optional<StoredPacking> byNumber(String number) {
        return repository.byNumber(number);
    }

    /** How far a packing has come. */
    public record Progress(String id, int open, boolean complete) {}

    /** Of those of these numbers that were begun, by number. Steps are long: a few are read at a time. */
    public Map<String, Progress> progress(List<String> numbers) {
        Map<String, Progress> progress = new HashMap<>();
        for (int from = 0; from < numbers.size(); from += READ_AT_ONCE) {
            List<String> some = numbers.subList(from, Math.min(numbers.size(), from + READ_AT_ONCE));
            for (Standing standing : standing(repository.byNumbers(some))) {
                PackingRecord record = standing.record();
                progress.put(
                        standing.packing().number(),
                        new Progress(standing.packing().id(), record.open(), record.complete()));
            }
        }
        return progress;
    }

    /** Which of these numbers were begun. */
    public Set<String> begun(List<String> numbers) {
        return repository.begun(numbers);
    }

    private Standing standing(StoredPacking packing) {
        return standing(List.of(packing)).get(0);
    }

    private List<Standing> standing(List<StoredPacking> packings) {
        List<String> ids = packings.stream().map(StoredPacking::id).toList();
        Map<String, List<StoredAct>> acts = repository.acts(ids);
        Map<String, Set<String>> pictured = photographs.pictured(ids);
        return packings.stream()
                .map(packing -> standing(
                        packing,
                        acts.getOrDefault(packing.id(), List.of()),
                        pictured.getOrDefault(packing.id(), Set.of())))
                .toList();
    }

    private static Standing standing(StoredPacking packing, List<StoredAct> acts, Set<String> pictured) {
        List<PackStepView> steps = List.of(KeptForms.PACKING_STEPS.readText(packing.steps()));
        PackingRecord record =
                new PackingRecord(steps.stream().map(PackStepView::planned).toList());
        pictured.forEach(record::pictured);
        acts.forEach(act -> record.restore(act(act)));
        return new Standing(packing, steps, record, acts);
    }

    private static PackingRecord.Act act(StoredAct stored) {
        KeptAct kept = KeptAct.FORM.readText(stored.document());
        return new PackingRecord.Act(
                stored.step(),
                PackingRecord.Deed.valueOf(kept.deed()),
                kept.value() == null ? OptionalDouble.empty() : OptionalDouble.of(kept.value()),
                kept.note());
    }

    /**
     * Gives a packing up: a wrong scan, or one that will not go. What was done stays written; its number is free again.
     *
     * @return empty where there is no such packing
     */
    public Optional<StoredPacking> cancel(String id, String reason, String by) {
        return transaction.execute(status -> {
            Optional<StoredPacking> held = repository.lock(id);
            held.filter(packing -> packing.cancelled().isEmpty()).ifPresent(packing -> {
                String freed =
                        packing.number().substring(0, Math.min(packing.number().length(), NUMBER_KEPT)) + "~"
                                + id.substring(0, ID_SHOWN);
                repository.cancel(id, freed, new Cancellation(clock.instant(), by, reason));
                trail.add(
                        by,
                        EventType.PACKING_CANCELLED,
                        Subject.house(),
                        new Detail.Written(packing.number() + (reason.isBlank() ? "" : ": " + reason)));
            });
            return held;
        });
    }

    /** Takes acts in their order, each by itself; empty where there is no such packing. */
    public Optional<List<Received>> take(String id, List<SentAct> sent, String by) {
        return transaction.execute(status -> {
            Optional<Standing> held = repository.lock(id).map(this::standing);
            if (held.isPresent() && held.get().packing().cancelled().isPresent()) {
                // Each is told, and none of them blocks what a device sends after it.
                return Optional.of(sent.stream()
                        .map(act -> new Received(act.id(), Optional.of(TableWords.TABLE_CANCELLED.of())))
                        .toList());
            }
            return held.map(standing -> take(standing, sent, by));
        });
    }

    private List<Received> take(Standing standing, List<SentAct> sent, String by) {
        Map<String, StoredAct> known = new HashMap<>();
        standing.acts().forEach(act -> known.put(act.id(), act));
        long place = standing.acts().size();
        List<Received> received = new ArrayList<>();
        for (SentAct each : sent) {
            Optional<Sentence> refused = Optional.empty();
            if (!known.containsKey(each.id())) {
                refused = standing.record().take(each.act());
                if (refused.isEmpty()) {
                    place++;
                    StoredAct act = stored(each, place, by);
                    repository.add(standing.packing().id(), act);
                    known.put(each.id(), act);
                }
            }
            received.add(new Received(each.id(), refused));
        }
        return List.copyOf(received);
    }

    private StoredAct stored(SentAct sent, long place, String by) {
        PackingRecord.Act act = sent.act();
        return new StoredAct(
                sent.id(),
                place,
                act.step(),
                KeptAct.FORM.writeText(new KeptAct(
                        act.deed().name(), act.value().isPresent() ? act.value().getAsDouble() : null, act.note())),
                believed(sent.doneAt()),
                clock.instant(),
                by);
    }

    private Instant believed(Instant doneAt) {
        Instant now = clock.instant();
        return doneAt.isBefore(BEFORE_ANY) || doneAt.isAfter(now.plus(CLOCK_OFF)) ? now : doneAt;
    }
}
