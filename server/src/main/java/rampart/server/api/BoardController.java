package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.validation.Valid;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.cut.BoardWork;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.formats.cutting.BlankDrawing;
import rampart.formats.cutting.CutDrawing;
import rampart.formats.pack.PackFile;
import rampart.formats.paper.Paper;
import rampart.formats.view.BoardWorkView;
import rampart.server.messages.Message;
import rampart.server.packs.PackShelf;
import rampart.server.stores.PriceList;

/** What of a pack is made of board: blanks, rigid boards, dividers, drawn and as files to cut by. */
@RestController
class BoardController {
    private final Catalogue catalogue;
    private final PackShelf shelf;
    private final PriceList prices;

    BoardController(Catalogue catalogue, PackShelf shelf, PriceList prices) {
        this.catalogue = catalogue;
        this.shelf = shelf;
        this.prices = prices;
    }

    /** Every piece of board in the pack, from the item outward. */
    @PostMapping(
            path = "/api/board-work",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    List<BoardWorkView> work(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @Valid @ParameterObject UnitsAsked units) {
        return BoardWorkView.of(work(PackFile.read(file)), prices.today(), units.wording());
    }

    /** The files to cut by: all in one archive, one piece as SVG or DXF, or all as templates on paper. */
    @GetMapping("/api/packs/{id}/board-files")
    ResponseEntity<byte[]> files(
            @PathVariable("id") String id,
            @RequestParam(name = "file", defaultValue = "zip") CutFiles.FileKind kind,
            @RequestParam(name = "piece", defaultValue = "") String piece,
            @RequestParam(name = "paper", defaultValue = "a4") Paper paper) {
        var stored = shelf.byId(id).orElseThrow(() -> new ApiException(Message.NO_PACK));
        List<CutDrawing> drawings = BlankDrawing.all(work(stored.file()));
        return CutFiles.of(stored.name(), "board", drawings, kind, piece, paper);
    }

    private List<BoardWork> work(PackFile file) {
        Catalogue materials = file.catalogue(catalogue);
        return BoardWork.of(
                file.pack(),
                LayoutWalk.layUndrawn(file.pack().item(), file.pack().layers(), materials),
                materials);
    }
}
