package rampart.server.consignments;

import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.util.ConcurrentLruCache;
import rampart.core.check.LiftCheck;
import rampart.core.consignment.Together;
import rampart.core.item.Feature;
import rampart.core.layout.LayoutWalk;
import rampart.core.words.Wording;
import rampart.formats.pack.PackFile;
import rampart.formats.paper.ConsignmentPaper;
import rampart.formats.paper.Drawing;
import rampart.formats.paper.LabelsPaper;
import rampart.formats.paper.PaperDocument;
import rampart.formats.paper.Travel;
import rampart.server.history.Version;
import rampart.server.packs.PackShelf;
import rampart.server.persistence.PackRepository.StoredPack;
import rampart.server.persistence.ReleaseRepository.StoredRelease;
import rampart.server.persistence.RevisionRepository.Revision;
import rampart.server.releases.PaperDesk;
import rampart.server.releases.Releases;

/** The boxes of a consignment with what is in them, and their papers. */
@Service
public class ConsignmentDesk {
    /** Enough for some pages of consignments; one holds a name, a mass and a list of features. */
    private static final int RELEASES_KNOWN = 1000;

    private final Releases releases;
    private final PackShelf shelf;
    private final PaperDesk papers;

    /** A release is never changed, and reading its pack takes longer than all else on a list of consignments. */
    private final ConcurrentLruCache<String, Known> known = new ConcurrentLruCache<>(RELEASES_KNOWN, this::read);

    ConsignmentDesk(Releases releases, PackShelf shelf, PaperDesk papers) {
        this.releases = releases;
        this.shelf = shelf;
        this.papers = papers;
    }

    /**
     * A box as it is numbered.
     *
     * @param scanned number on its label
     */
    public record Boxed(
            int number,
            String scanned,
            String release,
            String name,
            String contents,
            double grossKg,
            boolean twoPeople,
            List<Feature> features) {
        public Together.Box together() {
            return new Together.Box(number, name, grossKg, features);
        }
    }

    /** What of a released pack stands on papers of a consignment. */
    private record Known(String name, String item, double grossKg, List<Feature> features) {}

    /** Each box by itself, from 1. */
    public List<Boxed> boxes(Version<KeptConsignment> consignment) {
        List<Boxed> boxes = new ArrayList<>();
        for (KeptConsignment.Entry entry : consignment.value().boxes()) {
            Known of = known.get(entry.release());
            int number = boxes.size() + 1;
            boxes.add(new Boxed(
                    number,
                    Consignments.boxNumber(consignment.id(), number),
                    entry.release(),
                    of.name(),
                    entry.contents().isBlank() ? of.item() : entry.contents(),
                    of.grossKg(),
                    of.grossKg() > LiftCheck.ONE_PERSON_KG,
                    of.features()));
        }
        return List.copyOf(boxes);
    }

    /** A label of before the change looks like one of after it, but for this. */
    private static String replaces(Version<KeptConsignment> consignment) {
        return consignment.version() == 1
                ? ""
                : "version " + consignment.version() + " of "
                        + consignment.changedAt().atZone(ZoneOffset.UTC).toLocalDate() + ", replaces earlier ones";
    }

    private Known read(String number) {
        StoredRelease release = releases.byNumber(number).orElseThrow();
        Revision revision = shelf.revision(release.packId(), release.revision()).orElseThrow();
        PackFile file = PackShelf.file(revision);
        double gross = LayoutWalk.layUndrawn(
                        file.pack().item(), file.pack().layers(), file.catalogue(shelf.catalogue(revision)))
                .grossMassKg();
        return new Known(
                release.name(),
                file.pack().item().name(),
                gross,
                file.pack().item().properties().features());
    }

    /** What is in each box. */
    public PaperDocument contents(Version<KeptConsignment> consignment, Wording wording) {
        List<Boxed> boxes = boxes(consignment);
        return ConsignmentPaper.document(
                consignment.id(),
                releases.ways().value().sender(),
                consignment.value().receiver(),
                consignment.value().note(),
                boxes.stream()
                        .map(b -> new ConsignmentPaper.Line(
                                b.number(), b.scanned(), b.contents(), b.name(), b.grossKg(), b.twoPeople()))
                        .toList(),
                Together.remarks(boxes.stream().map(Boxed::together).toList()),
                replaces(consignment),
                wording);
    }

    /** An address label for each box. */
    public List<Drawing> labels(Version<KeptConsignment> consignment, Wording wording) {
        List<Drawing> labels = new ArrayList<>();
        List<Boxed> boxes = boxes(consignment);
        for (Boxed box : boxes) {
            StoredRelease release = releases.byNumber(box.release()).orElseThrow();
            Optional<StoredPack> pack = shelf.byId(release.packId());
            Optional<Revision> revision = shelf.revision(release.packId(), release.revision());
            if (pack.isPresent() && revision.isPresent()) {
                Travel travel = new Travel(
                        box.scanned(),
                        box.number(),
                        boxes.size(),
                        releases.ways().value().sender(),
                        consignment.value().receiver(),
                        replaces(consignment));
                labels.add(new LabelsPaper(papers.revision(pack.get(), revision.get(), 1, Optional.of(travel), wording))
                        .addresses()
                        .get(0));
            }
        }
        return List.copyOf(labels);
    }
}
