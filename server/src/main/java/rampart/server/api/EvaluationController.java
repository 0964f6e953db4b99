package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.core.pack.Curves;
import rampart.core.pack.CutList;
import rampart.core.pack.Evaluator;
import rampart.core.pack.Pack;
import rampart.formats.PackFile;
import rampart.formats.view.CurveView;
import rampart.formats.view.CutListView;
import rampart.formats.view.EvaluationView;
import rampart.server.messages.Message;

/** Evaluates pack files; nothing is stored. */
@RestController
class EvaluationController {
    private final Catalogue catalogue;

    EvaluationController(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    @PostMapping(
            path = "/api/evaluations",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    EvaluationView evaluate(@org.springframework.web.bind.annotation.RequestBody byte[] file) {
        return EvaluationView.of(Evaluator.evaluate(PackFile.read(file).pack(), catalogue));
    }

    /** What to cut and what to buy for the pack. */
    @PostMapping(
            path = "/api/cut-lists",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    CutListView cutList(@org.springframework.web.bind.annotation.RequestBody byte[] file) {
        Pack pack = PackFile.read(file).pack();
        return CutListView.of(CutList.of(LayoutWalk.lay(pack.item(), pack.layers(), catalogue)));
    }

    @PostMapping(
            path = "/api/curves",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    CurveView curve(
            @org.springframework.web.bind.annotation.RequestBody byte[] file, @RequestParam("check") String check) {
        return Curves.of(PackFile.read(file).pack(), catalogue, check)
                .map(CurveView::of)
                .orElseThrow(() -> new ApiException(Message.NO_CURVE));
    }
}
