package rampart.server.releases;

import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import rampart.core.cost.Prices;
import rampart.core.material.Catalogue;
import rampart.core.words.Wording;
import rampart.formats.pack.PackFile;
import rampart.formats.paper.Block;
import rampart.formats.paper.PaperSource;
import rampart.formats.paper.Travel;
import rampart.formats.view.ReportView;
import rampart.server.packs.PackShelf;
import rampart.server.persistence.PackRepository.StoredPack;
import rampart.server.persistence.ReleaseRepository.StoredRelease;
import rampart.server.persistence.RevisionRepository.Revision;
import rampart.server.photographs.Photographs;
import rampart.server.stores.Stores;
import rampart.server.verdicts.KeptVerdicts;

/** Brings together what papers of a pack are made of: of its draft as it stands, or of a revision as it was frozen. */
@Service
public class PaperDesk {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm 'UTC'", Locale.ENGLISH)
            .withZone(ZoneOffset.UTC);

    private final PackShelf shelf;
    private final Releases releases;
    private final Catalogue catalogue;
    private final KeptVerdicts verdicts;
    private final Photographs photographs;
    private final Stores stores;

    PaperDesk(
            PackShelf shelf,
            Releases releases,
            Catalogue catalogue,
            KeptVerdicts verdicts,
            Photographs photographs,
            Stores stores) {
        this.shelf = shelf;
        this.releases = releases;
        this.catalogue = catalogue;
        this.verdicts = verdicts;
        this.photographs = photographs;
        this.stores = stores;
    }

    /** What a paper or a drawing of the draft says that it is of. */
    public static String standing(StoredPack pack) {
        Optional<Integer> newest = pack.newestRevision();
        return (newest.isEmpty() ? "draft" : "draft after revision " + newest.get()) + ", saved "
                + TIME.format(pack.savedAt()) + " by " + pack.savedBy();
    }

    /**
     * The draft.
     *
     * @param packs for how many packs material is listed
     */
    public PaperSource draft(StoredPack pack, int packs, Wording wording) {
        PackFile file = pack.file();
        return source(
                pack,
                file,
                catalogue,
                ReportView.of(verdicts.of(file, catalogue), wording),
                standing(pack),
                Optional.empty(),
                releases.steps(pack.id()).value(),
                releases.today(),
                packs,
                travel("DRAFT"),
                wording);
    }

    /**
     * A revision; where it is released, under its number.
     *
     * @param travel with whom and to whom it travels; empty where that is not known
     */
    public PaperSource revision(
            StoredPack pack, Revision revision, int packs, Optional<Travel> travel, Wording wording) {
        Optional<StoredRelease> release = releases.ofRevision(pack.id(), revision.number());
        String madeOn = ", on catalogue " + revision.catalogueHash().substring(0, 8);
        String standing = release.map(
                        r -> r.number() + ", " + r.name() + ", released " + at(r.releasedAt(), r.releasedBy()) + madeOn)
                .orElseGet(() -> "revision " + revision.number() + ", made " + at(revision.madeAt(), revision.author())
                        + madeOn);
        Optional<String> reason = release.filter(r -> !r.reason().isEmpty())
                .map(r -> "Released although something breaks. Signed by " + r.releasedBy() + ": " + r.reason());
        return source(
                pack,
                PackShelf.file(revision),
                shelf.catalogue(revision),
                shelf.report(pack.id(), revision, wording),
                standing,
                reason,
                release.map(releases::steps)
                        .orElseGet(() -> releases.steps(pack.id()).value()),
                release.map(releases::prices).orElseGet(releases::today),
                packs,
                travel.orElseGet(() -> travel(release.map(StoredRelease::number).orElse("DRAFT"))),
                wording);
    }

    private static String at(Instant when, String who) {
        return TIME.format(when) + " by " + who;
    }

    /** To nobody in particular. */
    private Travel travel(String number) {
        return new Travel(number, 1, 1, releases.ways().value().sender(), List.of(), "");
    }

    private PaperSource source(
            StoredPack pack,
            PackFile file,
            Catalogue standard,
            ReportView report,
            String standing,
            Optional<String> reason,
            KeptSteps steps,
            Prices prices,
            int packs,
            Travel travel,
            Wording wording) {
        Map<String, List<Double>> stocked = stores.onHand().sheetsMm();
        return PaperSource.of(
                file,
                standard,
                report,
                standing,
                reason,
                steps.edits(),
                prices,
                stocked,
                packs,
                picture(pack),
                travel,
                wording);
    }

    /** The first photograph that somebody put to the pack. */
    private Optional<Block.Picture> picture(StoredPack pack) {
        return photographs.of(pack.id()).stream()
                .findFirst()
                .flatMap(photograph -> photographs
                        .thumbnail(photograph.hash())
                        .map(image -> new Block.Picture(
                                "/api/photographs/" + photograph.hash() + "/thumbnail",
                                image,
                                "Photograph of " + photograph.addedBy())));
    }
}
