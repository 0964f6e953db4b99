package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.insert.BedCut;
import rampart.core.insert.BlockCut;
import rampart.core.insert.CutPiece;
import rampart.core.insert.CutTool;
import rampart.core.insert.PickOutGrid;
import rampart.core.insert.SheetStack;
import rampart.core.insert.TurnEdge;
import rampart.core.insert.WayToMake;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.core.material.Foam;
import rampart.core.search.Watcher;
import rampart.core.words.Quantity;
import rampart.core.words.Wording;
import rampart.formats.cutting.CutDrawing;
import rampart.formats.cutting.FitCoupon;
import rampart.formats.pack.PackFile;
import rampart.formats.paper.Paper;
import rampart.formats.view.InsertView;
import rampart.formats.view.Nullable;
import rampart.server.messages.Message;
import rampart.server.packs.PackShelf;
import rampart.server.releases.PaperDesk;
import rampart.server.stores.DataSheets;
import rampart.server.stores.PriceList;
import rampart.server.stores.Stores;

/** How a bed is made: the ways beside each other, its pieces, and the files to cut them by. */
@RestController
class InsertController {
    /** A common can (assumed; its label says). */
    private static final double USUAL_SHOT_LITRES = 20;

    private final Catalogue catalogue;
    private final PackShelf shelf;
    private final Stores stores;
    private final PriceList prices;
    private final DataSheets dataSheets;
    private final LongWork longWork;

    InsertController(
            Catalogue catalogue,
            PackShelf shelf,
            Stores stores,
            PriceList prices,
            DataSheets dataSheets,
            LongWork longWork) {
        this.longWork = longWork;
        this.catalogue = catalogue;
        this.shelf = shelf;
        this.stores = stores;
        this.prices = prices;
        this.dataSheets = dataSheets;
    }

    /** What cuts. */
    @SuppressWarnings("java:S115")
    enum Cutter {
        knife,
        router,
        laser,
        hot_wire;

        boolean hot() {
            return this == laser || this == hot_wire;
        }
    }

    /**
     * How it is to be made.
     *
     * @param sheetMm thickness of the sheets; without one it is cut from the solid
     * @param pickOut of sheets in columns that are picked out by hand
     * @param shotLitres what one can or shot of foam fills when it has risen, by its maker's label
     * @param turn the edge over which the lid is turned: side or front
     */
    record MakingAsked(
            @DecimalMin(value = "2", message = "a sheet is 2 to 300 mm thick")
            @DecimalMax(value = "300", message = "a sheet is 2 to 300 mm thick")
            @Nullable
            Double sheetMm,

            @Nullable Boolean pickOut,

            @Nullable TurnAsked turn,

            @DecimalMin(value = "0", message = "a kerf is 0 to 10 mm")
            @DecimalMax(value = "10", message = "a kerf is 0 to 10 mm")
            @Nullable
            Double kerfMm,

            @DecimalMin(value = "0", message = "a cutter's radius is 0 to 25 mm")
            @DecimalMax(value = "25", message = "a cutter's radius is 0 to 25 mm")
            @Nullable
            Double radiusMm,

            @DecimalMin(value = "0.5", message = "a can or shot is 0.5 to 500 litres")
            @DecimalMax(value = "500", message = "a can or shot is 0.5 to 500 litres")
            @Nullable
            Double shotLitres) {
        @SuppressWarnings("java:S115")
        enum TurnAsked {
            side,
            front
        }

        TurnEdge edge() {
            return turn == TurnAsked.front ? TurnEdge.FRONT : TurnEdge.SIDE;
        }

        CutTool tool() {
            return new CutTool(kerfMm == null ? 0 : kerfMm, radiusMm == null ? 0 : radiusMm);
        }
    }

    /** The ways to make the pack's bed, and the one asked for piece by piece. */
    @PostMapping(
            path = "/api/beds/making",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    InsertView making(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @Valid @ParameterObject MakingAsked asked) {
        LaidCushion bed = bed(PackFile.read(file));
        BedCut cut = BedCut.of(bed);
        Made made = made(cut, asked);
        OptionalDouble price = prices.today().of(bed.foam().id());
        return InsertView.of(
                bed,
                cut,
                WayToMake.all(cut, sheets(bed.foam()), price, asked.edge(), asked.tool()),
                made.pieces(),
                made.picked(),
                made.steps(),
                made.glueMm2(),
                asked.shotLitres() == null ? USUAL_SHOT_LITRES : asked.shotLitres());
    }

    /** The files to cut by: all in one archive, one piece as SVG or DXF, or all as templates on paper. */
    @GetMapping("/api/packs/{id}/insert-files")
    ResponseEntity<byte[]> files(
            @PathVariable("id") String id,
            @Valid @ParameterObject MakingAsked asked,
            @RequestParam(name = "file", defaultValue = "zip") CutFiles.FileKind kind,
            @RequestParam(name = "piece", defaultValue = "") String piece,
            @RequestParam(name = "cutter", defaultValue = "knife") Cutter cutter,
            @RequestParam(name = "paper", defaultValue = "a4") Paper paper,
            HttpServletRequest request) {
        var stored = shelf.byId(id).orElseThrow(() -> new ApiException(Message.NO_PACK));
        LaidCushion bed = bed(stored.file());
        if (cutter.hot() && !dataSheets.mayBeCutHot(bed.foam())) {
            throw new ApiException(
                    Message.NOT_CUT_HOT,
                    bed.foam().name(),
                    bed.foam().substance().words());
        }
        return longWork.run(
                request,
                "files",
                watcher -> CutFiles.of(
                        stored.name(),
                        PaperDesk.standing(stored),
                        "insert",
                        drawings(bed, asked),
                        kind,
                        piece,
                        paper,
                        watcher));
    }

    /** A trial of fit before the real cut. */
    @GetMapping("/api/fit-coupon")
    ResponseEntity<byte[]> coupon(@RequestParam(name = "file", defaultValue = "svg") CutFiles.FileKind kind) {
        CutDrawing drawing = FitCoupon.drawing();
        return CutFiles.of(
                drawing.title(), "a trial", "foam", List.of(drawing), kind, drawing.file(), Paper.a4, Watcher.NONE);
    }

    /** The pieces of a bed, drawn as they are made in that way; nothing where they are picked out by hand. */
    static List<CutDrawing> drawings(LaidCushion bed, MakingAsked asked) {
        return made(BedCut.of(bed), asked).pieces().stream().map(CutDrawing::of).toList();
    }

    private record Made(
            List<CutPiece> pieces, Optional<PickOutGrid> picked, List<BlockCut.Step> steps, double glueMm2) {}

    private static Made made(BedCut cut, MakingAsked asked) {
        if (asked.sheetMm() != null && !SheetStack.holds(cut, asked.sheetMm())) {
            throw new ApiException(Message.SHEETS_DO_NOT_HOLD, Wording.METRIC.amount(Quantity.cut(asked.sheetMm())));
        }
        if (asked.sheetMm() != null && Boolean.TRUE.equals(asked.pickOut())) {
            PickOutGrid grid = PickOutGrid.of(cut, PickOutGrid.USUAL_PITCH_MM, asked.sheetMm());
            return new Made(List.of(), Optional.of(grid), List.of(), 0);
        }
        if (asked.sheetMm() != null) {
            SheetStack stack = SheetStack.of(cut, asked.sheetMm(), asked.edge(), asked.tool());
            return new Made(stack.pieces(), Optional.empty(), List.of(), stack.glueMm2());
        }
        BlockCut block = BlockCut.of(cut, asked.edge(), asked.tool());
        return new Made(block.pieces(), Optional.empty(), block.steps(), block.glueMm2());
    }

    private LaidCushion bed(PackFile file) {
        return LayoutWalk.layUndrawn(file.pack().item(), file.pack().layers(), file.catalogue(catalogue))
                .bed()
                .orElseThrow(() -> new ApiException(Message.NO_BED));
    }

    private List<Double> sheets(Foam foam) {
        return stores.onHand().sheetsMmOf(foam.id()).stream()
                .distinct()
                .sorted()
                .toList();
    }
}
