package rampart.formats.outline;

import java.nio.charset.StandardCharsets;
import java.util.Optional;

/** Reads a drawing file of either kind. */
public final class DrawingReader {
    private static final int SNIFFED = 4096;

    private DrawingReader() {}

    /**
     * The curves of a file.
     *
     * @param asked unit to take it in; empty to go by the file
     * @throws RefusedDrawingException with the reason
     */
    public static DrawnCurves read(byte[] file, Optional<FileUnit> asked) {
        if (file.length == 0) {
            throw new RefusedDrawingException("the file is empty");
        }
        if (file.length > DrawnCurves.MOST_BYTES) {
            throw new RefusedDrawingException(
                    "the file has " + file.length + " bytes; at most " + DrawnCurves.MOST_BYTES + " are read");
        }
        String begin = new String(file, 0, Math.min(file.length, SNIFFED), StandardCharsets.ISO_8859_1);
        if (begin.contains("<svg") || begin.stripLeading().startsWith("<") || begin.contains("<?xml")) {
            return SvgDrawing.read(file, asked);
        }
        if (begin.indexOf(0) >= 0) {
            throw new RefusedDrawingException(
                    "this is a binary file, no text; save the drawing as DXF text (ASCII) or as SVG");
        }
        if (begin.contains("SECTION")) {
            return DxfDrawing.read(file, asked);
        }
        throw new RefusedDrawingException(
                "this is neither an SVG nor a DXF file: it begins with neither <svg nor a SECTION");
    }
}
