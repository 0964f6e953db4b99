package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rampart.formats.cutting.CutterPlay;
import rampart.formats.outline.FileUnit;
import rampart.formats.outline.ImportedOutlines;
import rampart.formats.outline.RefusedDrawingException;
import rampart.formats.view.CutterPlayView;
import rampart.formats.view.OutlinesView;
import rampart.server.messages.Message;

/** Outlines out of drawing files; nothing is stored and nothing is fetched. */
@RestController
class OutlineController {
    private final LongWork longWork;

    OutlineController(LongWork longWork) {
        this.longWork = longWork;
    }

    /**
     * Closed outlines of an SVG or DXF file.
     *
     * @param unit to take the file in; without one as it says
     * @param gapMm widest gap between ends of lines that is closed
     */
    @PostMapping(
            path = "/api/outlines",
            consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(type = "string", format = "binary")))
    OutlinesView outlines(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @RequestParam(name = "unit", required = false) String unit,
            @RequestParam(name = "gapMm", defaultValue = "0.5") double gapMm,
            HttpServletRequest request) {
        Optional<FileUnit> asked = Optional.ofNullable(unit)
                .map(sign -> FileUnit.of(sign)
                        .orElseThrow(() -> new RefusedDrawingException("the unit is one of "
                                + Arrays.stream(FileUnit.values())
                                        .map(FileUnit::sign)
                                        .collect(Collectors.joining(", "))
                                + ", not " + sign)));
        if (!(gapMm >= 0 && gapMm <= ImportedOutlines.WIDEST_GAP_MM)) {
            throw new RefusedDrawingException(
                    "the gap that is closed is 0 to " + ImportedOutlines.WIDEST_GAP_MM + " mm, not " + gapMm);
        }
        return longWork.run(
                request, "drawing", watcher -> OutlinesView.of(ImportedOutlines.read(file, asked, gapMm, watcher)));
    }

    /**
     * A file to cut by, played back on a sheet whose lower left corner is the file's origin.
     *
     * @param lengthMm of the sheet
     * @param mmPerSecond while it cuts
     */
    @PostMapping(
            path = "/api/cutter-plays",
            consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(type = "string", format = "binary")))
    CutterPlayView play(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @RequestParam(name = "lengthMm") double lengthMm,
            @RequestParam(name = "widthMm") double widthMm,
            @RequestParam(name = "mmPerSecond", defaultValue = "20") double mmPerSecond,
            HttpServletRequest request) {
        CutterPlay.Machine machine;
        try {
            machine = new CutterPlay.Machine(lengthMm, widthMm, mmPerSecond);
        } catch (IllegalArgumentException e) {
            throw new RefusedDrawingException(e.getMessage());
        }
        CutterPlay.Machine on = machine;
        return longWork.run(request, "drawing", watcher -> CutterPlayView.of(CutterPlay.of(file, on)));
    }

    @ExceptionHandler
    ProblemDetail refused(RefusedDrawingException e) {
        return Problems.detail(Message.DRAWING_REFUSED, e.getMessage());
    }
}
