package rampart.server.packings;

import java.util.Optional;
import org.springframework.stereotype.Service;
import rampart.core.words.Wording;
import rampart.formats.paper.PackStepsView;
import rampart.server.consignments.Consignments;
import rampart.server.packs.PackShelf;
import rampart.server.persistence.PackRepository.StoredPack;
import rampart.server.persistence.PackingRepository.StoredPacking;
import rampart.server.persistence.ReleaseRepository.StoredRelease;
import rampart.server.persistence.RevisionRepository.Revision;
import rampart.server.releases.PaperDesk;
import rampart.server.releases.Releases;

/** Finds what was scanned at the table and begins to pack it, or goes on with it. */
@Service
public class TableWork {
    private final Packings packings;
    private final Releases releases;
    private final Consignments consignments;
    private final PackShelf shelf;
    private final PaperDesk desk;

    TableWork(Packings packings, Releases releases, Consignments consignments, PackShelf shelf, PaperDesk desk) {
        this.packings = packings;
        this.releases = releases;
        this.consignments = consignments;
        this.shelf = shelf;
        this.desk = desk;
    }

    /**
     * What was scanned: a packing that was begun goes on; a box of a consignment is begun under its own number; a release under the
     * next number of it. Empty where it is none of these.
     */
    public Optional<StoredPacking> begin(String scanned, Wording wording, String by) {
        Optional<StoredPacking> there = packings.byNumber(scanned);
        if (there.isPresent()) {
            return there;
        }
        Optional<String> box = consignments.releaseOf(scanned);
        return releases.byNumber(box.orElse(scanned))
                .flatMap(release -> begin(box.map(known -> scanned), release, wording, by));
    }

    private Optional<StoredPacking> begin(Optional<String> number, StoredRelease release, Wording wording, String by) {
        Optional<StoredPack> pack = shelf.byId(release.packId());
        Optional<Revision> revision = shelf.revision(release.packId(), release.revision());
        if (pack.isEmpty() || revision.isEmpty()) {
            return Optional.empty();
        }
        PackStepsView steps = PackStepsView.of(desk.revision(pack.get(), revision.get(), 1, Optional.empty(), wording));
        return Optional.of(packings.begin(number, release, steps.steps(), by));
    }
}
