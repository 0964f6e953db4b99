package rampart.server.demo;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Component;
import rampart.core.steps.PackingRecord;
import rampart.core.steps.StepEdits;
import rampart.core.words.Wording;
import rampart.server.consignments.Consignments;
import rampart.server.consignments.KeptConsignment;
import rampart.server.history.Version;
import rampart.server.packings.Packings;
import rampart.server.packings.TableWork;
import rampart.server.packs.PackShelf;
import rampart.server.packs.PackShelf.Frozen;
import rampart.server.packs.Sort;
import rampart.server.persistence.PackRepository.StoredPack;
import rampart.server.persistence.PackingRepository.StoredPacking;
import rampart.server.persistence.ReleaseRepository.StoredRelease;
import rampart.server.releases.KeptReturns;
import rampart.server.releases.KeptSteps;
import rampart.server.releases.PaperWays;
import rampart.server.releases.Releases;
import rampart.server.releases.Returns;

/** What the invented workshop has released, sends, packs and lends. */
@Component
class DemoReleases {
    private static final String DESIGNER = "designer";
    private static final String KEEPER = "keeper";
    private static final String PACKER = "packer";
    private static final List<String> SENDER =
            List.of("Hollin Quay Instruments", "Harbour Row 4", "Port Hollin", "+00 555 0142");

    private final PackShelf shelf;
    private final Releases releases;
    private final Consignments consignments;
    private final Returns returns;
    private final Packings packings;
    private final TableWork table;

    DemoReleases(
            PackShelf shelf,
            Releases releases,
            Consignments consignments,
            Returns returns,
            Packings packings,
            TableWork table) {
        this.shelf = shelf;
        this.releases = releases;
        this.consignments = consignments;
        this.returns = returns;
        this.packings = packings;
        this.table = table;
    }

    void fill() {
        releases.setWays(
                new PaperWays("HQ-{year}-{number:3}", "{name}, revision {revision}", "C{number:4}", SENDER), 0, KEEPER);
        StoredPack theodolite = pack("Loan theodolite");
        rewords(theodolite);
        String lent = release(theodolite, "", DESIGNER);
        String funnels = release(pack("Rain-gauge funnels, six"), "", DESIGNER);
        String dial = release(pack("Slate tide dial, between boards"), "", DESIGNER);
        release(pack("Sextant in a rigid case"), "", DESIGNER);
        String gravimeter = release(pack("Gravimeter, three boxes"), "", DESIGNER);
        release(
                pack("Barograph, arm locked"),
                "The museum fetches it by its own car and carries it by hand; nobody drops it.",
                KEEPER);
        consignments.add(
                new KeptConsignment(
                        List.of("Observatory, east wing", "Signal Hill 9", "Sound Haven"),
                        "Boxes are opened in the order of their numbers.",
                        List.of(
                                new KeptConsignment.Entry(release(pack("Orrery, plinth"), "", DESIGNER), 1, ""),
                                new KeptConsignment.Entry(release(pack("Orrery, gear column"), "", DESIGNER), 1, ""),
                                new KeptConsignment.Entry(release(pack("Orrery, planet arms"), "", DESIGNER), 1, ""))),
                DESIGNER);
        consignments.add(
                new KeptConsignment(
                        List.of("Tide Museum", "Quay 1", "Sound Haven"),
                        "Two days before the opening; ring first.",
                        List.of(
                                new KeptConsignment.Entry(gravimeter, 1, ""),
                                new KeptConsignment.Entry(funnels, 2, "six funnels for rain gauges"),
                                new KeptConsignment.Entry(dial, 1, ""))),
                DESIGNER);
        lend(theodolite);
        begin(lent);
    }

    private StoredPack pack(String name) {
        String id = shelf.search(name, Optional.empty(), Optional.empty(), Sort.saved, Optional.empty(), 1)
                .items()
                .get(0)
                .header()
                .id();
        return shelf.byId(id).orElseThrow();
    }

    private void rewords(StoredPack pack) {
        releases.setSteps(
                pack,
                new KeptSteps(
                        List.of(),
                        Map.of(
                                "papers",
                                new KeptSteps.Words(
                                        "Lay the papers in a pouch on top: how to open it, the list of parts, and"
                                                + " sender, receiver and a way to reach you once more.",
                                        "Lay the loan agreement and the sheet of parts in the pouch on the case.")),
                        List.of(
                                new StepEdits.Own(
                                        "own:locks", "look", "Confirm: both clamps locked, telescope level.", true),
                                new StepEdits.Own(
                                        "own:caps", "own:locks", "Caps on both ends of the telescope.", true))),
                0,
                DESIGNER);
    }

    private String release(StoredPack pack, String reason, String by) {
        Frozen frozen = shelf.freeze(pack.id(), pack.version(), "for the table", by);
        if (frozen instanceof Frozen.Made made
                && releases.release(pack, made.revision(), reason, by.equals(KEEPER), by)
                        instanceof Releases.Outcome.Made released) {
            StoredRelease release = released.release();
            return release.number();
        }
        throw new IllegalStateException("the demo's pack " + pack.name() + " is not released: " + frozen);
    }

    /** Once out and back with an off-cut missing, and once more out. */
    private void lend(StoredPack pack) {
        Version<KeptReturns> out =
                returns.out(pack, "Survey school, Sound Haven", 0, PACKER).orElseThrow();
        Version<KeptReturns> back = returns.back(
                        pack,
                        List.of(new KeptReturns.Found("lid:bed1", 1, 1)),
                        KeptReturns.Grade.worn,
                        "lid pressed at one edge",
                        out.version(),
                        PACKER)
                .orElseThrow();
        returns.out(pack, "Harbour office", back.version(), PACKER);
    }

    /** Begun, and left after the first step. */
    private void begin(String release) {
        StoredPacking packing = table.begin(release, Wording.METRIC, PACKER).orElseThrow();
        List<String> steps = packings.byId(packing.id()).orElseThrow().steps().stream()
                .map(step -> step.id())
                .limit(1)
                .toList();
        packings.take(
                packing.id(),
                steps.stream()
                        .map(step -> new Packings.SentAct(
                                UUID.randomUUID().toString(),
                                new PackingRecord.Act(
                                        step, PackingRecord.Deed.DONE, OptionalDouble.empty(), "locked, level clamped"),
                                Instant.now()))
                        .toList(),
                PACKER);
    }
}
