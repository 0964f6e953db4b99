package rampart.server.api;

import jakarta.validation.Valid;
import java.nio.charset.StandardCharsets;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.material.Catalogue;
import rampart.core.words.Wording;
import rampart.formats.pack.PackFile;
import rampart.formats.paper.Block;
import rampart.formats.paper.PackPaper;
import rampart.formats.paper.Paper;
import rampart.formats.paper.PaperDocument;
import rampart.formats.paper.PaperView;
import rampart.formats.paper.PdfMedium;
import rampart.formats.view.ReportView;
import rampart.server.messages.Message;
import rampart.server.packs.PackShelf;
import rampart.server.persistence.PackRepository.StoredPack;
import rampart.server.persistence.RevisionRepository.Revision;
import rampart.server.photographs.Photographs;
import rampart.server.verdicts.KeptVerdicts;

/** The page to work from, for the screen and as a PDF file. */
@RestController
class PaperController {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm 'UTC'", Locale.ENGLISH)
            .withZone(ZoneOffset.UTC);

    private final PackShelf shelf;
    private final Catalogue catalogue;
    private final KeptVerdicts verdicts;
    private final Photographs photographs;

    PaperController(PackShelf shelf, Catalogue catalogue, KeptVerdicts verdicts, Photographs photographs) {
        this.photographs = photographs;
        this.verdicts = verdicts;
        this.shelf = shelf;
        this.catalogue = catalogue;
    }

    /** What stands on the page: of the draft, or of a revision as it was evaluated when it was made. */
    @GetMapping(path = "/api/packs/{id}/page", produces = MediaType.APPLICATION_JSON_VALUE)
    PaperView page(
            @PathVariable("id") String id,
            @Valid @ParameterObject UnitsAsked units,
            @RequestParam(name = "revision", required = false) Integer revision) {
        return PaperView.of(document(pack(id), revision, units.wording()));
    }

    /** The same as a file to print. */
    @GetMapping(path = "/api/packs/{id}/page.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(
            @PathVariable("id") String id,
            @Valid @ParameterObject UnitsAsked units,
            @RequestParam(name = "paper", defaultValue = "a4") Paper paper,
            @RequestParam(name = "revision", required = false) Integer revision) {
        StoredPack pack = pack(id);
        byte[] pdf = PdfMedium.write(document(pack, revision, units.wording()), paper);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(FileNames.of(pack.name(), ".pdf"), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(pdf);
    }

    private StoredPack pack(String id) {
        return shelf.byId(id).orElseThrow(() -> new ApiException(Message.NO_PACK));
    }

    private PaperDocument document(StoredPack pack, Integer revision, Wording wording) {
        return revision == null ? draft(pack, wording) : revision(pack, revision, wording);
    }

    private PaperDocument draft(StoredPack pack, Wording wording) {
        PackFile file = pack.file();
        ReportView report = ReportView.of(verdicts.of(file, catalogue), wording);
        Optional<Integer> newest = pack.newestRevision();
        String standing = (newest.isEmpty() ? "draft" : "draft after revision " + newest.get()) + ", saved "
                + TIME.format(pack.savedAt()) + " by " + pack.savedBy();
        return PackPaper.document(file, catalogue, report, standing, picture(pack), wording);
    }

    private PaperDocument revision(StoredPack pack, int number, Wording wording) {
        Revision revision =
                shelf.revision(pack.id(), number).orElseThrow(() -> new ApiException(Message.NO_REVISION, number));
        String standing =
                "revision " + number + ", made " + TIME.format(revision.madeAt()) + " by " + revision.author();
        return PackPaper.document(
                PackShelf.file(revision),
                shelf.catalogue(revision),
                shelf.report(pack.id(), revision, wording),
                standing,
                picture(pack),
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
