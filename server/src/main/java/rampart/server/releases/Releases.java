package rampart.server.releases;

import java.time.Clock;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import rampart.core.cost.Prices;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.core.material.StandardCatalogue;
import rampart.core.steps.Contradictions;
import rampart.core.steps.Step;
import rampart.core.steps.StepEdits;
import rampart.core.words.Wording;
import rampart.formats.kept.KeptForm;
import rampart.formats.pack.PackFile;
import rampart.formats.paper.PaperSource;
import rampart.formats.view.EvaluationView;
import rampart.formats.view.StatusView;
import rampart.server.history.Histories;
import rampart.server.history.History;
import rampart.server.history.Version;
import rampart.server.house.Detail;
import rampart.server.house.Subject;
import rampart.server.house.Trail;
import rampart.server.house.Trail.EventType;
import rampart.server.packs.PackShelf;
import rampart.server.persistence.EntryRepository;
import rampart.server.persistence.Listed;
import rampart.server.persistence.Mark;
import rampart.server.persistence.PackRepository;
import rampart.server.persistence.PackRepository.StoredPack;
import rampart.server.persistence.ReleaseRepository;
import rampart.server.persistence.ReleaseRepository.StoredRelease;
import rampart.server.persistence.RevisionRepository.Revision;
import rampart.server.persistence.TryAgain;
import rampart.server.stores.PriceList;

/** Releases revisions under numbers of the house, with the steps as people arranged them and the prices of the day. */
@Service
public class Releases {
    private static final String HOUSE = "house";
    private static final int MOST_TRIES = 12;

    private final ReleaseRepository repository;
    private final History<PaperWays> ways;
    private final History<KeptSteps> steps;
    private final PackShelf shelf;
    private final PackRepository packs;
    private final PriceList prices;
    private final Trail trail;
    private final TransactionTemplate transaction;
    private final Clock clock;

    Releases(
            ReleaseRepository repository,
            Histories histories,
            PackShelf shelf,
            PackRepository packs,
            PriceList prices,
            Trail trail,
            PlatformTransactionManager transactions,
            Clock clock) {
        this.repository = repository;
        this.ways = histories.of(EntryRepository.Kind.papers, PaperWays.FORM);
        this.steps = histories.of(EntryRepository.Kind.steps, KeptSteps.FORM);
        this.shelf = shelf;
        this.packs = packs;
        this.prices = prices;
        this.trail = trail;
        this.transaction = TryAgain.template(transactions);
        this.clock = clock;
    }

    /** Prices as a release keeps them. */
    record KeptPrices(String currency, Map<String, Double> perUnit) {
        static final KeptForm<KeptPrices> FORM = KeptForm.of("prices", KeptPrices.class);
    }

    /** What came of releasing. */
    public sealed interface Outcome {
        record Made(StoredRelease release) implements Outcome {}

        /** Something breaks and nobody signed a reason. */
        record Breaks(String because) implements Outcome {}

        /** Words that somebody wrote for steps no longer fit the design. */
        record StaleSteps(String which) implements Outcome {}

        /** Something breaks, and who signs may not. */
        record MayNotSign() implements Outcome {}
    }

    /** Version 0 until somebody sets them. */
    public Version<PaperWays> ways() {
        return ways.newest(HOUSE)
                .orElseGet(() -> new Version<>(HOUSE, 0, PaperWays.ORDINARY, false, clock.instant(), ""));
    }

    /** Empty if somebody changed them in between. */
    public Optional<Version<PaperWays>> setWays(PaperWays value, long seen, String by) {
        return transaction.execute(status -> {
            Optional<Version<PaperWays>> set = ways.set(HOUSE, value, seen, by);
            set.ifPresent(version -> trail.add(by, EventType.WAYS_CHANGED, Subject.house(), Detail.NOTHING));
            return set;
        });
    }

    /** What somebody changed in the steps of a pack; version 0 where nobody did. */
    public Version<KeptSteps> steps(String packId) {
        return steps.newest(packId)
                .orElseGet(() -> new Version<>(packId, 0, KeptSteps.NONE, false, clock.instant(), ""));
    }

    /** Empty if somebody changed them in between. */
    public Optional<Version<KeptSteps>> setSteps(StoredPack pack, KeptSteps value, long seen, String by) {
        return transaction.execute(status -> {
            Optional<Version<KeptSteps>> set = steps.set(pack.id(), value, seen, by);
            set.ifPresent(version ->
                    trail.add(by, EventType.STEPS_CHANGED, Subject.pack(pack.id(), pack.name()), Detail.NOTHING));
            return set;
        });
    }

    /**
     * Releases a revision; asked twice, it answers the one release. Where its steps have been arranged anew, it is another one.
     *
     * @param reason why it goes out although something breaks; blank where nothing does
     * @param maySign whether who asks may take that on themselves
     */
    public Outcome release(StoredPack pack, Revision revision, String reason, boolean maySign, String by) {
        Optional<StoredRelease> there = asItIs(pack, revision);
        if (there.isPresent()) {
            return new Outcome.Made(there.get());
        }
        PackFile file = PackShelf.file(revision);
        Catalogue catalogue = file.catalogue(StandardCatalogue.get());
        Layout layout = LayoutWalk.lay(file.pack().item(), file.pack().layers(), catalogue);
        Optional<String> stale = stale(pack.id(), PaperSource.steps(file, layout, catalogue));
        if (stale.isPresent()) {
            return new Outcome.StaleSteps(stale.get());
        }
        EvaluationView evaluation =
                shelf.report(pack.id(), revision, Wording.METRIC).evaluation();
        List<String> wrong = Stream.concat(
                        evaluation.checks().stream()
                                .filter(check -> check.status() == StatusView.breaks)
                                .map(check -> check.titleInside()),
                        Contradictions.of(file.pack(), layout, catalogue).stream()
                                .map(Wording.METRIC::say)
                                .map(words -> words.replaceAll("\\.$", "")))
                .distinct()
                .toList();
        boolean breaks = !wrong.isEmpty();
        if (breaks && reason.isBlank()) {
            return new Outcome.Breaks(String.join("; ", wrong));
        }
        if (breaks && !maySign) {
            return new Outcome.MayNotSign();
        }
        String signed = breaks ? reason.strip() : "";
        for (int i = 1; ; i++) {
            try {
                return transaction.execute(status -> {
                    // Whoever asks at the same moment waits here, and then finds this one.
                    packs.lock(pack.id());
                    return new Outcome.Made(asItIs(pack, revision)
                            .orElseGet(() -> add(pack, revision, evaluation.verdict(), signed, by)));
                });
            } catch (DuplicateKeyException taken) {
                // Another pack took the running number at the same moment.
                if (i == MOST_TRIES) {
                    throw taken;
                }
            }
        }
    }

    /** What steps say by somebody's own words that were written for another design; empty where all fit. */
    private Optional<String> stale(String packId, List<Step> computed) {
        return steps(packId).value().edits().on(computed).steps().stream()
                .filter(StepEdits.Edited::outdated)
                .map(each -> "\u201c" + each.says(Wording.METRIC) + "\u201d")
                .reduce((a, b) -> a + ", " + b);
    }

    /** A release of this revision with the steps as they are arranged now. */
    private Optional<StoredRelease> asItIs(StoredPack pack, Revision revision) {
        return repository.ofRevision(pack.id(), revision.number()).filter(release -> !stepsChanged(release));
    }

    private boolean stepsChanged(StoredRelease release) {
        return !stepsChanged(List.of(release)).isEmpty();
    }

    /** Numbers of those whose steps somebody arranged anew since. */
    public Set<String> stepsChanged(List<StoredRelease> releases) {
        Map<String, Version<KeptSteps>> now =
                steps.newest(releases.stream().map(StoredRelease::packId).collect(Collectors.toSet()));
        return releases.stream()
                .filter(release -> !steps(release)
                        .equals(Optional.ofNullable(now.get(release.packId()))
                                .map(Version::value)
                                .orElse(KeptSteps.NONE)))
                .map(StoredRelease::number)
                .collect(Collectors.toSet());
    }

    private StoredRelease add(StoredPack pack, Revision revision, StatusView verdict, String reason, String by) {
        PaperWays scheme = ways().value();
        long running = repository.next();
        int year = clock.instant().atZone(ZoneOffset.UTC).getYear();
        String name = PackShelf.file(revision).name();
        Prices today = prices.today();
        StoredRelease release = new StoredRelease(
                running,
                NumberScheme.ofNumbers(scheme.numberScheme()).of(running, year, revision.number(), ""),
                NumberScheme.ofNames(scheme.nameScheme()).of(running, year, revision.number(), name),
                pack.id(),
                revision.number(),
                verdict.name(),
                reason,
                KeptSteps.FORM.writeText(steps(pack.id()).value()),
                KeptPrices.FORM.writeText(new KeptPrices(today.currency(), today.perUnit())),
                clock.instant(),
                by);
        repository.add(release);
        trail.add(
                by,
                EventType.RELEASED,
                Subject.pack(pack.id(), pack.name()),
                new Detail.Released(release.number(), reason));
        return release;
    }

    /** Newest first. */
    public List<StoredRelease> of(String packId) {
        return repository.of(packId);
    }

    /**
     * The newest of each pack on the shelf, by name; those whose name or number holds the text.
     *
     * @param after where the page before ended; empty for the first
     */
    public Listed<StoredRelease> newest(String text, Optional<Mark> after, int most) {
        return repository.newest(text, after, most);
    }

    public Optional<StoredRelease> byNumber(String number) {
        return repository.byNumber(number);
    }

    public Optional<StoredRelease> ofRevision(String packId, int revision) {
        return repository.ofRevision(packId, revision);
    }

    /** Steps as they were arranged when it was released. */
    KeptSteps steps(StoredRelease release) {
        return KeptSteps.FORM.readText(release.edits());
    }

    /** Prices of the day on which it was released. */
    Prices prices(StoredRelease release) {
        KeptPrices kept = KeptPrices.FORM.readText(release.prices());
        return new Prices(kept.currency(), kept.perUnit());
    }

    Prices today() {
        return prices.today();
    }
}
