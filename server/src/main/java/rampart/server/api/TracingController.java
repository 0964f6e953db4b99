package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rampart.formats.paper.MarksPdf;
import rampart.formats.paper.Paper;
import rampart.formats.photograph.RefusedPhotographException;
import rampart.formats.photograph.Silhouette;
import rampart.formats.view.LaidFlatView;
import rampart.formats.view.Nullable;
import rampart.formats.view.SilhouetteView;
import rampart.server.config.Connections;
import rampart.server.messages.Message;
import rampart.server.photographs.RefusedPictureException;
import rampart.server.photographs.SentPicture;
import rampart.server.photographs.Tracing;

/** Outlines out of photographs with printed marks round the item; nothing is stored. */
@RestController
class TracingController {
    private final Tracing tracing;
    private final LongWork longWork;

    TracingController(Tracing tracing, LongWork longWork) {
        this.tracing = tracing;
        this.longWork = longWork;
    }

    /** Paper that marks are printed on; the names are the words of the interface. */
    @SuppressWarnings("java:S115")
    enum MarksPaper {
        a4,
        letter
    }

    /** The marks to print: a sheet to lay a small item on, four strips to lay round a large one. */
    @GetMapping(path = "/api/marks", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> marks(@RequestParam(name = "paper", defaultValue = "a4") MarksPaper paper) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename("marks-" + paper + ".pdf")
                                .build()
                                .toString())
                .contentType(MediaType.APPLICATION_PDF)
                .body(MarksPdf.write(Paper.valueOf(paper.name())));
    }

    /**
     * A photograph laid flat by the marks in it.
     *
     * @param measuredMm what the printed length measures, where the printer did not keep to it
     * @param cameraHeightMm how high over the table the camera was, where somebody measured it
     */
    @PostMapping(
            path = "/api/outlines/photograph",
            consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE},
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(type = "string", format = "binary")))
    LaidFlatView photograph(
            HttpServletRequest request,
            @RequestParam(name = "measuredMm", required = false) Double measuredMm,
            @RequestParam(name = "cameraHeightMm", required = false) Double cameraHeightMm)
            throws IOException {
        SentPicture sent = new SentPicture(request.getInputStream(), Connections.gone(request));
        return longWork.run(request, "photograph", watcher -> {
            try {
                return LaidFlatView.of(tracing.lay(sent, optional(measuredMm), optional(cameraHeightMm)));
            } catch (IllegalArgumentException e) {
                throw new RefusedPhotographException(e.getMessage());
            }
        });
    }

    /**
     * What is traced, and how.
     *
     * @param threshold from which a place belongs to the item; without one it is found
     * @param straight to be turned so that the largest outline lies straight
     * @param heightMm of the item's widest outline over the table
     */
    record TraceAsked(
            @NotNull LaidFlatView flat,

            @Min(value = 8, message = "a threshold is 8 to 255")
            @Max(value = 255, message = "a threshold is 8 to 255")
            @Nullable
            Integer threshold,

            @DecimalMin(value = "0", message = "a height is 0 to 2000 mm")
            @DecimalMax(value = "2000", message = "a height is 0 to 2000 mm")
            double heightMm,

            boolean straight) {}

    /** The outlines of what stands out in a photograph that was laid flat. */
    @PostMapping(
            path = "/api/outlines/photograph/trace",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    SilhouetteView trace(
            @Valid @org.springframework.web.bind.annotation.RequestBody TraceAsked asked, HttpServletRequest request) {
        Silhouette.Asked how = new Silhouette.Asked(
                asked.threshold() == null ? OptionalInt.empty() : OptionalInt.of(asked.threshold()), asked.heightMm());
        return longWork.run(request, "outline", watcher -> {
            try {
                return tracing.trace(asked.flat(), how, asked.straight(), watcher);
            } catch (IllegalArgumentException e) {
                throw new RefusedPhotographException(e.getMessage());
            }
        });
    }

    private static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    @ExceptionHandler
    ProblemDetail refused(RefusedPhotographException e) {
        return Problems.detail(Message.TRACE_REFUSED, e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail refused(RefusedPictureException e) {
        return Problems.detail(Message.TRACE_REFUSED, e.getMessage());
    }
}
