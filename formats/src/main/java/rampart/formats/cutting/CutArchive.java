package rampart.formats.cutting;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import rampart.formats.paper.Paper;
import rampart.formats.paper.TemplatePdf;

/** All drawings of an insert in one archive: each as SVG and DXF, and all as templates on paper. */
public final class CutArchive {
    /** The beginning of 1980, the first that an archive can name: files of a draft have no time of their own. */
    private static final long NO_TIME = 315_532_800_000L;

    private CutArchive() {}

    /**
     * The archive.
     *
     * @param standing what state of it they are of
     */
    public static byte[] write(String title, String standing, List<CutDrawing> drawings, Paper paper) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (CutDrawing drawing : drawings) {
                entry(zip, drawing.file() + ".svg", SvgCut.write(drawing, List.of(title, standing)));
                entry(zip, drawing.file() + ".dxf", DxfCut.write(drawing, List.of(title, standing)));
            }
            entry(zip, "templates.pdf", TemplatePdf.write(title, standing, drawings, paper));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private static void entry(ZipOutputStream zip, String name, byte[] content) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTime(NO_TIME);
        zip.putNextEntry(entry);
        zip.write(content);
        zip.closeEntry();
    }
}
