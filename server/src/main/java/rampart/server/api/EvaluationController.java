package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import java.nio.charset.StandardCharsets;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.cut.CutList;
import rampart.core.drop.DropId;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.explain.Curves;
import rampart.core.explain.Simulations;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.simulation.Assumptions;
import rampart.core.verdict.CheckId;
import rampart.formats.pack.PackFile;
import rampart.formats.view.CurveView;
import rampart.formats.view.CutListView;
import rampart.formats.view.EvaluationCsv;
import rampart.formats.view.EvaluationView;
import rampart.formats.view.SimulationView;
import rampart.server.messages.Message;
import rampart.server.verdicts.KeptVerdicts;

/** Evaluates pack files; nothing is stored. */
@RestController
class EvaluationController {
    private final Catalogue catalogue;
    private final KeptVerdicts verdicts;

    EvaluationController(Catalogue catalogue, KeptVerdicts verdicts) {
        this.catalogue = catalogue;
        this.verdicts = verdicts;
    }

    /**
     * Everything Rampart says of the pack.
     *
     * @param simulate {@code auto}, the default, works the counted drops in time where heavy boxes between the cushions
     *     leave the closed form in doubt (rule 34); {@code never} is the quick first look
     */
    @PostMapping(
            path = "/api/evaluations",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    EvaluationView evaluate(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @RequestParam(name = "simulate", defaultValue = "auto")
                    @Pattern(regexp = "auto|never", message = "it is auto or never")
                    String simulate,
            @Valid @ParameterObject UnitsAsked units) {
        return EvaluationView.of(evaluation(file, simulate), units.wording());
    }

    /** The same as a table: every check and drop in a line, with comma and decimal point. */
    @PostMapping(
            path = "/api/evaluations.csv",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = "text/csv;charset=UTF-8")
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    byte[] evaluateAsTable(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @RequestParam(name = "simulate", defaultValue = "auto")
                    @Pattern(regexp = "auto|never", message = "it is auto or never")
                    String simulate,
            @Valid @ParameterObject UnitsAsked units) {
        return EvaluationCsv.write(evaluation(file, simulate), units.wording()).getBytes(StandardCharsets.UTF_8);
    }

    private Evaluation evaluation(byte[] file, String simulate) {
        PackFile read = PackFile.read(file);
        return simulate.equals("auto")
                ? verdicts.of(read, catalogue)
                : Evaluator.evaluate(read.pack(), read.catalogue(catalogue));
    }

    /**
     * One drop worked in time, in the condition of its highest peak.
     *
     * @param drop id of the drop, such as {@code drop.corner.2-3-5}
     * @param gravity gravity goes on pulling while the cushions are pressed
     */
    @PostMapping(
            path = "/api/simulations",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    SimulationView simulate(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @RequestParam("drop") String drop,
            @RequestParam(name = "gravity", defaultValue = "true") boolean gravity) {
        Assumptions assumptions = new Assumptions(gravity, Assumptions.RULE_34.relativeTolerance());
        PackFile read = PackFile.read(file);
        return DropId.read(drop)
                .map(id -> Simulations.of(read.pack(), read.catalogue(catalogue), id, assumptions))
                .map(SimulationView::of)
                .orElseThrow(() -> new ApiException(Message.NO_DROP));
    }

    /** What to cut and what to buy for the pack. */
    @PostMapping(
            path = "/api/cut-lists",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    CutListView cutList(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @Valid @ParameterObject UnitsAsked units) {
        PackFile read = PackFile.read(file);
        Pack pack = read.pack();
        return CutListView.of(
                CutList.of(LayoutWalk.lay(pack.item(), pack.layers(), read.catalogue(catalogue))), units.wording());
    }

    @PostMapping(
            path = "/api/curves",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    CurveView curve(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @RequestParam("check") String check,
            @Valid @ParameterObject UnitsAsked units) {
        PackFile read = PackFile.read(file);
        return CheckId.read(check)
                .flatMap(id -> Curves.of(read.pack(), read.catalogue(catalogue), id))
                .map(curve -> CurveView.of(curve, units.wording()))
                .orElseThrow(() -> new ApiException(Message.NO_CURVE));
    }
}
