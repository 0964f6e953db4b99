package rampart.server.api;

import java.nio.charset.StandardCharsets;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.material.Catalogue;
import rampart.formats.PackFile;
import rampart.formats.paper.PackPaper;
import rampart.formats.paper.Paper;
import rampart.formats.paper.PaperUnits;
import rampart.server.messages.Message;
import rampart.server.packs.PackShelf;
import rampart.server.store.PackRepository.StoredPack;
import rampart.server.store.RevisionRepository.Revision;

/** The page to work from as a PDF file. */
@RestController
class PaperController {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm 'UTC'", Locale.ENGLISH)
            .withZone(ZoneOffset.UTC);

    private final PackShelf shelf;
    private final Catalogue catalogue;

    PaperController(PackShelf shelf, Catalogue catalogue) {
        this.shelf = shelf;
        this.catalogue = catalogue;
    }

    /** Of the draft, or of a revision. */
    @GetMapping(path = "/api/packs/{id}/page.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> page(
            @PathVariable("id") String id,
            @RequestParam(name = "units", defaultValue = "mm") PaperUnits units,
            @RequestParam(name = "paper", defaultValue = "a4") Paper paper,
            @RequestParam(name = "revision", required = false) Integer revision) {
        StoredPack pack = shelf.byId(id).orElseThrow(() -> new ApiException(Message.NO_PACK));
        byte[] pdf = revision == null
                ? PackPaper.write(pack.file(), catalogue, draft(pack), units, paper)
                : revision(pack, revision, units, paper);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(FileNames.of(pack.file().name(), ".pdf"), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(pdf);
    }

    private byte[] revision(StoredPack pack, int number, PaperUnits units, Paper paper) {
        Revision revision =
                shelf.revision(pack.id(), number).orElseThrow(() -> new ApiException(Message.NO_REVISION, number));
        PackFile file = PackFile.read(revision.document().getBytes(StandardCharsets.UTF_8));
        String standing =
                "revision " + number + ", made " + TIME.format(revision.madeAt()) + " by " + revision.author();
        return PackPaper.write(file, shelf.catalogue(revision), standing, units, paper);
    }

    private static String draft(StoredPack pack) {
        Optional<Integer> newest = pack.newestRevision();
        return (newest.isEmpty() ? "draft" : "draft after revision " + newest.get()) + ", saved "
                + TIME.format(pack.savedAt()) + " by " + pack.savedBy();
    }
}
