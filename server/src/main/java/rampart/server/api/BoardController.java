package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.blank.Blank;
import rampart.core.blank.CountedBlank;
import rampart.core.box.CartonStyle;
import rampart.core.cut.BoardWork;
import rampart.core.cut.JoinedBlank;
import rampart.core.cut.OpenedCarton;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.formats.cutting.BlankDrawing;
import rampart.formats.cutting.CutDrawing;
import rampart.formats.json.Problem;
import rampart.formats.pack.PackFile;
import rampart.formats.paper.Paper;
import rampart.formats.view.BoardWorkView;
import rampart.formats.view.SizeView;
import rampart.server.messages.Message;
import rampart.server.packs.PackShelf;
import rampart.server.releases.PaperDesk;
import rampart.server.stores.Materials;
import rampart.server.stores.PriceList;
import rampart.server.stores.StoredCarton;
import rampart.server.stores.Stores;

/** What of a pack is made of board: blanks, rigid boards, dividers, drawn and as files to cut by. */
@RestController
class BoardController {
    private final Catalogue catalogue;
    private final PackShelf shelf;
    private final PriceList prices;
    private final Stores stores;
    private final Materials materials;
    private final LongWork longWork;

    BoardController(
            Catalogue catalogue,
            PackShelf shelf,
            PriceList prices,
            Stores stores,
            Materials materials,
            LongWork longWork) {
        this.longWork = longWork;
        this.catalogue = catalogue;
        this.shelf = shelf;
        this.prices = prices;
        this.stores = stores;
        this.materials = materials;
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
            @RequestParam(name = "paper", defaultValue = "a4") Paper paper,
            HttpServletRequest request) {
        var stored = shelf.byId(id).orElseThrow(() -> new ApiException(Message.NO_PACK));
        return longWork.run(request, "files", watcher -> {
            List<CutDrawing> drawings = BlankDrawing.all(work(stored.file()));
            return CutFiles.of(
                    stored.name(), PaperDesk.standing(stored), "board", drawings, kind, piece, paper, watcher);
        });
    }

    /**
     * A piece of board from sheets.
     *
     * @param acrossMm joints that run along the flutes, from the left of the blank
     * @param alongMm joints that run across them, from its lower edge
     * @param sound false where a joint lies too near to a score
     */
    record JoinedView(int parts, List<Double> acrossMm, List<Double> alongMm, boolean sound, String said) {}

    /** Where the joints of a piece fall when it is cut from sheets of a size, their flutes along {@code alongMm}. */
    @PostMapping(
            path = "/api/board-sheets",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    JoinedView sheets(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @RequestParam("piece") String piece,
            @RequestParam("acrossMm") double acrossMm,
            @RequestParam("alongMm") double alongMm,
            @Valid @ParameterObject UnitsAsked units) {
        Blank blank = piece(work(PackFile.read(file)), piece);
        JoinedBlank joined = joined(blank, acrossMm, alongMm);
        return new JoinedView(
                joined.parts(),
                joined.acrossMm(),
                joined.alongMm(),
                joined.sound(),
                units.wording().say(joined.said()));
    }

    private static JoinedBlank joined(Blank blank, double acrossMm, double alongMm) {
        try {
            return JoinedBlank.of(blank, acrossMm, alongMm);
        } catch (IllegalArgumentException e) {
            throw new FieldsException(Message.FIELDS, List.of(new Problem("/sheet", e.getMessage())));
        }
    }

    /**
     * A carton of the store from which a piece comes out whole.
     *
     * @param from which part of it
     * @param xMm from the left of that part to the left of the piece
     * @param yMm from below likewise
     */
    record CartonCutView(String name, SizeView insideMm, String from, double xMm, double yMm, String said) {}

    /** The cartons in store, laid flat, from which a piece comes out whole, the smallest first. */
    @PostMapping(
            path = "/api/board-cartons",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    List<CartonCutView> cartons(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @RequestParam("piece") String piece,
            @Valid @ParameterObject UnitsAsked units) {
        Blank blank = piece(work(PackFile.read(file)), piece);
        Catalogue house = materials.house().catalogue();
        List<CartonCutView> views = new ArrayList<>();
        stores.cartons().stream()
                .map(StoredCarton::carton)
                .sorted(Comparator.comparingDouble(c -> c.inside().volumeMm3()))
                .forEach(c -> OpenedCarton.of(blank, CartonStyle.REGULAR_SLOTTED.of(c.inside(), house.board(c.board())))
                        .ifPresent(cut -> views.add(new CartonCutView(
                                c.name(),
                                SizeView.of(c.inside()),
                                cut.from(),
                                cut.xMm(),
                                cut.yMm(),
                                units.wording().say(cut.said())))));
        return views;
    }

    private static Blank piece(List<BoardWork> works, String name) {
        List<CutDrawing> drawings = BlankDrawing.all(works);
        List<Blank> blanks = works.stream()
                .flatMap(w -> w.blanks().stream())
                .map(CountedBlank::blank)
                .toList();
        for (int i = 0; i < drawings.size(); i++) {
            if (drawings.get(i).file().equals(name)) {
                return blanks.get(i);
            }
        }
        throw new ApiException(
                Message.NO_PIECE,
                name,
                String.join(", ", drawings.stream().map(CutDrawing::file).toList()));
    }

    /** Everything of the pack that is cut, of board and of foam, in one archive. */
    @GetMapping("/api/packs/{id}/all-files")
    ResponseEntity<byte[]> everything(
            @PathVariable("id") String id,
            @Valid @ParameterObject InsertController.MakingAsked asked,
            @RequestParam(name = "paper", defaultValue = "a4") Paper paper,
            HttpServletRequest request) {
        var stored = shelf.byId(id).orElseThrow(() -> new ApiException(Message.NO_PACK));
        return longWork.run(request, "files", watcher -> {
            List<CutDrawing> drawings = new ArrayList<>(BlankDrawing.all(work(stored.file())));
            layout(stored.file()).bed().ifPresent(bed -> drawings.addAll(InsertController.drawings(bed, asked)));
            return CutFiles.of(
                    stored.name(),
                    PaperDesk.standing(stored),
                    "all that is cut",
                    drawings,
                    CutFiles.FileKind.zip,
                    "",
                    paper,
                    watcher);
        });
    }

    private Layout layout(PackFile file) {
        return LayoutWalk.layUndrawn(file.pack().item(), file.pack().layers(), file.catalogue(catalogue));
    }

    private List<BoardWork> work(PackFile file) {
        return BoardWork.of(file.pack(), layout(file), file.catalogue(catalogue));
    }
}
