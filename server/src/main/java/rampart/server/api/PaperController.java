package rampart.server.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.nio.charset.StandardCharsets;
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
import rampart.core.words.Wording;
import rampart.formats.paper.LabelsPaper;
import rampart.formats.paper.Paper;
import rampart.formats.paper.PaperKind;
import rampart.formats.paper.PaperSource;
import rampart.formats.paper.PaperView;
import rampart.formats.paper.Papers;
import rampart.formats.paper.PdfMedium;
import rampart.formats.paper.TextMedium;
import rampart.formats.view.Nullable;
import rampart.server.messages.Message;
import rampart.server.packs.PackShelf;
import rampart.server.persistence.PackRepository.StoredPack;
import rampart.server.releases.PaperDesk;

/** The papers of a pack, for the screen, as PDF files and as text: of the draft, or of a revision as it was evaluated when it was made. */
@RestController
class PaperController {
    private final PackShelf shelf;
    private final PaperDesk desk;

    PaperController(PackShelf shelf, PaperDesk desk) {
        this.shelf = shelf;
        this.desk = desk;
    }

    /**
     * Which paper.
     *
     * @param kind the packer's page where none is named
     * @param revision the draft where none is named
     * @param packs for how many packs material is listed
     */
    record PaperAsked(
            @Nullable PaperKind kind,

            @Min(value = 1, message = "revisions count from 1") @Nullable
            Integer revision,

            @Min(value = 1, message = "1 to 100 packs") @Max(value = 100, message = "1 to 100 packs") @Nullable
            Integer packs) {
        PaperKind which() {
            return kind == null ? PaperKind.page : kind;
        }
    }

    @GetMapping(path = "/api/packs/{id}/page", produces = MediaType.APPLICATION_JSON_VALUE)
    PaperView page(
            @PathVariable("id") String id,
            @Valid @ParameterObject UnitsAsked units,
            @Valid @ParameterObject PaperAsked asked) {
        return PaperView.of(Papers.document(asked.which(), source(pack(id), asked, units.wording())));
    }

    /** The same as a file to print. */
    @GetMapping(path = "/api/packs/{id}/page.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(
            @PathVariable("id") String id,
            @Valid @ParameterObject UnitsAsked units,
            @RequestParam(name = "paper", defaultValue = "a4") Paper paper,
            @Valid @ParameterObject PaperAsked asked) {
        StoredPack pack = pack(id);
        return file(
                PdfMedium.write(Papers.document(asked.which(), source(pack, asked, units.wording())), paper),
                MediaType.APPLICATION_PDF,
                name(pack, asked, ".pdf"));
    }

    /** The same as plain text, for a supplier's mail. */
    @GetMapping(path = "/api/packs/{id}/page.txt", produces = MediaType.TEXT_PLAIN_VALUE)
    ResponseEntity<byte[]> text(
            @PathVariable("id") String id,
            @Valid @ParameterObject UnitsAsked units,
            @Valid @ParameterObject PaperAsked asked) {
        StoredPack pack = pack(id);
        return file(
                TextMedium.write(Papers.document(asked.which(), source(pack, asked, units.wording())))
                        .getBytes(StandardCharsets.UTF_8),
                new MediaType(MediaType.TEXT_PLAIN, StandardCharsets.UTF_8),
                name(pack, asked, ".txt"));
    }

    /** Every label once, each on a leaf of its own size, for a printer of labels. */
    @GetMapping(path = "/api/packs/{id}/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> labels(
            @PathVariable("id") String id,
            @Valid @ParameterObject UnitsAsked units,
            @Valid @ParameterObject PaperAsked asked) {
        StoredPack pack = pack(id);
        return file(
                PdfMedium.single(pack.name(), new LabelsPaper(source(pack, asked, units.wording())).singles()),
                MediaType.APPLICATION_PDF,
                FileNames.of(pack.name() + ", single labels", ".pdf"));
    }

    static ResponseEntity<byte[]> file(byte[] body, MediaType type, String name) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(body);
    }

    private static String name(StoredPack pack, PaperAsked asked, String ending) {
        return FileNames.of(
                asked.which() == PaperKind.page
                        ? pack.name()
                        : pack.name() + ", " + asked.which().title().toLowerCase(Locale.ROOT),
                ending);
    }

    private StoredPack pack(String id) {
        return shelf.byId(id).orElseThrow(() -> new ApiException(Message.NO_PACK));
    }

    private PaperSource source(StoredPack pack, PaperAsked asked, Wording wording) {
        int packs = asked.packs() == null ? 1 : asked.packs();
        if (asked.revision() == null) {
            return desk.draft(pack, packs, wording);
        }
        return desk.revision(
                pack,
                shelf.revision(pack.id(), asked.revision())
                        .orElseThrow(() -> new ApiException(Message.NO_REVISION, asked.revision())),
                packs,
                Optional.empty(),
                wording);
    }
}
