package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.security.Principal;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rampart.server.config.Connections;
import rampart.server.messages.Message;
import rampart.server.packs.PackShelf;
import rampart.server.persistence.PhotographRepository.PackPhotograph;
import rampart.server.photographs.Photographs;
import rampart.server.photographs.RefusedPictureException;
import rampart.server.photographs.SentPicture;

/** Photographs of a pack's item. */
@RestController
class PhotographController {
    private final Photographs photographs;
    private final PackShelf shelf;

    PhotographController(Photographs photographs, PackShelf shelf) {
        this.photographs = photographs;
        this.shelf = shelf;
    }

    /** A photograph of a pack; the picture is at {@code /api/photographs/hash}. */
    record PhotographView(String hash, int width, int height, Instant addedAt, String addedBy) {
        static PhotographView of(PackPhotograph p) {
            return new PhotographView(p.hash(), p.width(), p.height(), p.addedAt(), p.addedBy());
        }
    }

    @GetMapping(path = "/api/packs/{id}/photographs", produces = MediaType.APPLICATION_JSON_VALUE)
    List<PhotographView> of(@PathVariable("id") String id) {
        name(id);
        return photographs.of(id).stream().map(PhotographView::of).toList();
    }

    @PostMapping(
            path = "/api/packs/{id}/photographs",
            consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE},
            produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    @RequestBody(required = true, content = @Content(schema = @Schema(type = "string", format = "binary")))
    PhotographView add(@PathVariable("id") String id, HttpServletRequest request, Principal who) throws IOException {
        SentPicture sent = new SentPicture(request.getInputStream(), Connections.gone(request));
        return PhotographView.of(photographs.add(id, name(id), sent, who.getName()));
    }

    @DeleteMapping("/api/packs/{id}/photographs/{hash}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable("id") String id, @PathVariable("hash") String hash, Principal who) {
        if (!photographs.remove(id, name(id), hash, who.getName())) {
            throw new ApiException(Message.NO_PHOTOGRAPH);
        }
    }

    @GetMapping("/api/photographs/{hash}")
    ResponseEntity<byte[]> picture(@PathVariable("hash") String hash) {
        return jpeg(photographs.picture(hash));
    }

    @GetMapping("/api/photographs/{hash}/thumbnail")
    ResponseEntity<byte[]> thumbnail(@PathVariable("hash") String hash) {
        return jpeg(photographs.thumbnail(hash));
    }

    @ExceptionHandler
    ProblemDetail refused(RefusedPictureException e) {
        return Problems.detail(Message.PICTURE_REFUSED, e.getMessage());
    }

    /** Addressed by content, so it never changes. */
    private static ResponseEntity<byte[]> jpeg(Optional<byte[]> bytes) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable())
                .body(bytes.orElseThrow(() -> new ApiException(Message.NO_PHOTOGRAPH)));
    }

    private String name(String id) {
        return shelf.byId(id)
                .orElseThrow(() -> new ApiException(Message.NO_PACK))
                .name();
    }
}
