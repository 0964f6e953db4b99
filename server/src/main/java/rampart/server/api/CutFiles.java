package rampart.server.api;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import rampart.core.search.Watcher;
import rampart.formats.cutting.CutArchive;
import rampart.formats.cutting.CutDrawing;
import rampart.formats.cutting.DxfCut;
import rampart.formats.cutting.SvgCut;
import rampart.formats.paper.Paper;
import rampart.formats.paper.TemplatePdf;
import rampart.server.messages.Message;

/** Drawings to cut by as files to take away. */
final class CutFiles {
    private CutFiles() {}

    /** Kinds of files; the names are the words of the interface. */
    @SuppressWarnings("java:S115")
    enum FileKind {
        zip,
        svg,
        dxf,
        pdf
    }

    /**
     * All in one archive or as templates on paper, or one as SVG or DXF.
     *
     * @param title on the paper, and the beginning of the file's name
     * @param standing what state of it they are of
     * @param what the rest of that name
     * @param piece name of one drawing; empty for all, where the kind takes all
     * @param watcher looked up to between leaves and pieces
     * @throws ApiException where no drawing is called so, with those that there are
     */
    static ResponseEntity<byte[]> of(
            String title,
            String standing,
            String what,
            List<CutDrawing> drawings,
            FileKind kind,
            String piece,
            Paper paper,
            Watcher watcher) {
        return switch (kind) {
            case zip ->
                file(
                        title + ", " + what,
                        ".zip",
                        "application/zip",
                        CutArchive.write(title, standing, drawings, paper, watcher));
            case pdf -> {
                List<CutDrawing> these = piece.isEmpty() ? drawings : List.of(one(drawings, piece));
                long leaves = TemplatePdf.leaves(these, paper);
                if (leaves > TemplatePdf.MOST_LEAVES) {
                    throw new ApiException(Message.TOO_MANY_LEAVES, leaves, TemplatePdf.MOST_LEAVES);
                }
                yield file(
                        title + ", " + what + " templates",
                        ".pdf",
                        MediaType.APPLICATION_PDF_VALUE,
                        TemplatePdf.write(title, standing, these, paper, watcher));
            }
            case svg -> {
                CutDrawing drawing = one(drawings, piece);
                yield file(
                        title + ", " + drawing.file(),
                        ".svg",
                        "image/svg+xml",
                        SvgCut.write(drawing, List.of(title, standing)));
            }
            case dxf -> {
                CutDrawing drawing = one(drawings, piece);
                yield file(
                        title + ", " + drawing.file(),
                        ".dxf",
                        "image/vnd.dxf",
                        DxfCut.write(drawing, List.of(title, standing)));
            }
        };
    }

    private static CutDrawing one(List<CutDrawing> drawings, String piece) {
        return drawings.stream()
                .filter(d -> d.file().equals(piece))
                .findFirst()
                .orElseThrow(() -> new ApiException(
                        Message.NO_PIECE,
                        piece,
                        String.join(
                                ", ", drawings.stream().map(CutDrawing::file).toList())));
    }

    private static ResponseEntity<byte[]> file(String name, String ending, String type, byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(FileNames.of(name, ending), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(bytes);
    }
}
