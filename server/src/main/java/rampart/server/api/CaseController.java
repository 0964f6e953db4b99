package rampart.server.api;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.fingers.CaseCoupon;
import rampart.core.fingers.CaseSpec;
import rampart.core.fingers.FingerCase;
import rampart.core.quantity.Size;
import rampart.formats.cutting.CaseDrawing;
import rampart.formats.cutting.CutDrawing;
import rampart.formats.json.Problem;
import rampart.formats.paper.Paper;
import rampart.formats.view.CaseView;
import rampart.formats.view.Nullable;
import rampart.server.messages.Message;

/** Rigid cases of sheet with finger joints; nothing is stored. */
@RestController
class CaseController {
    private final Patience patience;

    CaseController(Patience patience) {
        this.patience = patience;
    }

    /** The trial begins here and goes in these steps, mm (common practice, no source). */
    private static final double LEAST_ALLOWANCE_MM = 0.07;

    private static final double STEP_MM = 0.01;
    private static final int PAIRS = 7;

    /**
     * A case.
     *
     * @param inside true where the size is that of the inside, under the lid
     * @param allowanceMm what every cut edge is moved outward, from the trial
     * @param tagLengthMm of a name tag let into the lid; none where left out
     * @param tagAllowanceMm by how much the tag is larger on each side
     */
    record CaseAsked(
            @NotNull(message = "give the length")
            @DecimalMin(value = "1", message = "a length is 1 to 3000 mm")
            @DecimalMax(value = "3000", message = "a length is 1 to 3000 mm")
            Double lengthMm,

            @NotNull(message = "give the width")
            @DecimalMin(value = "1", message = "a width is 1 to 3000 mm")
            @DecimalMax(value = "3000", message = "a width is 1 to 3000 mm")
            Double widthMm,

            @NotNull(message = "give the height")
            @DecimalMin(value = "1", message = "a height is 1 to 3000 mm")
            @DecimalMax(value = "3000", message = "a height is 1 to 3000 mm")
            Double heightMm,

            @Nullable Boolean inside,

            @NotNull(message = "give the thickness of the sheet")
            @DecimalMin(value = "0.5", message = "a sheet is 0.5 to 30 mm thick")
            @DecimalMax(value = "30", message = "a sheet is 0.5 to 30 mm thick")
            Double sheetMm,

            @DecimalMin(value = "1", message = "a finger is 1 to 200 mm wide")
            @DecimalMax(value = "200", message = "a finger is 1 to 200 mm wide")
            @Nullable
            Double fingerMm,

            @DecimalMin(value = "0", message = "an allowance is 0 to 0.5 mm")
            @DecimalMax(value = "0.5", message = "an allowance is 0 to 0.5 mm")
            @Nullable
            Double allowanceMm,

            @DecimalMin(value = "1", message = "a tag is 1 to 1000 mm long")
            @DecimalMax(value = "1000", message = "a tag is 1 to 1000 mm long")
            @Nullable
            Double tagLengthMm,

            @DecimalMin(value = "1", message = "a tag is 1 to 1000 mm wide")
            @DecimalMax(value = "1000", message = "a tag is 1 to 1000 mm wide")
            @Nullable
            Double tagWidthMm,

            @DecimalMin(value = "0", message = "the allowance of a tag is 0 to 1 mm")
            @DecimalMax(value = "1", message = "the allowance of a tag is 0 to 1 mm")
            @Nullable
            Double tagAllowanceMm) {
        CaseSpec spec() {
            Size size = new Size(lengthMm, widthMm, heightMm);
            double finger = fingerMm == null ? 3 * sheetMm : fingerMm;
            double allowance = allowanceMm == null ? 0 : allowanceMm;
            try {
                Optional<CaseSpec.Tag> tag = tagLengthMm == null || tagWidthMm == null
                        ? Optional.empty()
                        : Optional.of(
                                new CaseSpec.Tag(tagLengthMm, tagWidthMm, tagAllowanceMm == null ? 0 : tagAllowanceMm));
                return Boolean.TRUE.equals(inside)
                        ? CaseSpec.round(size, sheetMm, finger, allowance, tag)
                        : new CaseSpec(size, sheetMm, finger, allowance, tag);
            } catch (IllegalArgumentException e) {
                throw new FieldsException(Message.FIELDS, List.of(new Problem("", e.getMessage())));
            }
        }
    }

    @GetMapping(path = "/api/cases", produces = MediaType.APPLICATION_JSON_VALUE)
    CaseView panels(@Valid @ParameterObject CaseAsked asked) {
        return CaseView.of(asked.spec());
    }

    /** The files to cut by: all panels and the trial in one archive, one of them as SVG or DXF, or all as templates on paper. */
    @GetMapping("/api/case-files")
    ResponseEntity<byte[]> files(
            @Valid @ParameterObject CaseAsked asked,
            @RequestParam(name = "file", defaultValue = "zip") CutFiles.FileKind kind,
            @RequestParam(name = "piece", defaultValue = "") String piece,
            @RequestParam(name = "paper", defaultValue = "a4") Paper paper,
            HttpServletRequest request) {
        CaseSpec spec = asked.spec();
        List<CutDrawing> drawings = new ArrayList<>();
        FingerCase.panels(spec).forEach(panel -> drawings.add(CaseDrawing.of(panel, spec.sheetMm())));
        drawings.add(CaseDrawing.of(CaseCoupon.of(spec.sheetMm(), LEAST_ALLOWANCE_MM, STEP_MM, PAIRS), spec.sheetMm()));
        return patience.run(
                request,
                watcher -> CutFiles.of("case", "as it was asked for", "sheet", drawings, kind, piece, paper, watcher));
    }
}
