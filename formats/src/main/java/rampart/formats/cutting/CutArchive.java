package rampart.formats.cutting;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import rampart.core.search.Watcher;
import rampart.formats.paper.Paper;
import rampart.formats.paper.TemplatePdf;

/** All drawings of an insert in one archive: each as SVG and DXF, and all as templates on paper, where these are not too many leaves. */
public final class CutArchive {
    /** The beginning of 1980, the first that an archive can name: files of a draft have no time of their own. */
    private static final long NO_TIME = 315_532_800_000L;

    private CutArchive() {}

    /**
     * The archive.
     *
     * @param standing what state of it they are of
     */
    public static byte[] write(String title, String standing, List<CutDrawing> drawings, Paper paper, Watcher watcher) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (CutDrawing drawing : drawings) {
                watcher.look();
                entry(zip, drawing.file() + ".svg", SvgCut.write(drawing, List.of(title, standing)));
                entry(zip, drawing.file() + ".dxf", DxfCut.write(drawing, List.of(title, standing)));
            }
            long leaves = TemplatePdf.leaves(drawings, paper);
            if (leaves > TemplatePdf.MOST_LEAVES) {
                String why = "At true size this takes " + leaves + " leaves of paper, and at most "
                        + TemplatePdf.MOST_LEAVES + " are printed: cut by the files.\n";
                entry(zip, "no-templates.txt", why.getBytes(StandardCharsets.UTF_8));
            } else {
                entry(zip, "templates.pdf", TemplatePdf.write(title, standing, drawings, paper, watcher));
            }
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
