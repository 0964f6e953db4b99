package rampart.formats.paper;

import java.io.ByteArrayOutputStream;
import java.io.Closeable;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;

/** Paper to write and draw on: lengths in mm from the upper left corner, text in points, a new leaf when one is full. */
final class Sheet implements Closeable {
    static final double MARGIN_MM = 12;

    private static final double POINTS_PER_MM = 72 / 25.4;
    private static final double LINE = 1.3;

    /** Small, in the margin, where printers still print. */
    private static final double HEAD = 7;

    private static final double HEAD_TOP_MM = 6.5;
    private static final double HEAD_GAP_MM = 4;
    private final PDDocument document = new PDDocument();
    private double paperWidthMm;
    private double paperHeightMm;
    private final Faces faces;
    private PDPageContentStream stream;
    private final String running;
    private double y;

    /** @param running stands at the head of every leaf, with its number and how many there are */
    Sheet(Paper paper, String title, String running) throws IOException {
        this(paper.widthMm(), paper.heightMm(), title, running);
    }

    /** Of a size of its own, mm, without a head. */
    Sheet(double paperWidthMm, double paperHeightMm, String title) throws IOException {
        this(paperWidthMm, paperHeightMm, title, "");
    }

    private Sheet(double paperWidthMm, double paperHeightMm, String title, String running) throws IOException {
        this.running = running;
        this.paperWidthMm = paperWidthMm;
        this.paperHeightMm = paperHeightMm;
        faces = new Faces(document);
        document.getDocumentInformation().setTitle(title);
        document.getDocumentInformation().setProducer("Rampart");
        leaf();
    }

    double widthMm() {
        return paperWidthMm - 2 * MARGIN_MM;
    }

    /** Where the next line goes, mm from the upper edge. */
    double y() {
        return y;
    }

    void down(double mm) {
        y += mm;
    }

    /** Begins a new leaf unless this much is left on the present one. */
    void need(double mm) throws IOException {
        if (y + mm > paperHeightMm - MARGIN_MM) {
            leaf();
        }
    }

    /** Begins a new leaf of a size of its own, mm. */
    void leaf(double widthMm, double heightMm) throws IOException {
        stream.close();
        stream = null;
        paperWidthMm = widthMm;
        paperHeightMm = heightMm;
        leaf();
    }

    /** Begins a new leaf. */
    void leaf() throws IOException {
        if (stream != null) {
            stream.close();
        }
        PDPage page = new PDPage(new PDRectangle(points(paperWidthMm), points(paperHeightMm)));
        document.addPage(page);
        stream = new PDPageContentStream(document, page);
        y = MARGIN_MM;
    }

    /** Height of one line of this size, mm. */
    static double lineMm(double size) {
        return size * LINE / POINTS_PER_MM;
    }

    /** One line at this place; its baseline lies within the line below {@code top}. */
    void text(double x, double top, double size, boolean bold, String text) throws IOException {
        stream.beginText();
        stream.setNonStrokingColor(0.11f, 0.14f, 0.19f);
        stream.setStrokingColor(0.11f, 0.14f, 0.19f);
        // One weight is shipped; a bold one is that one with a drawn edge.
        stream.setRenderingMode(bold ? RenderingMode.FILL_STROKE : RenderingMode.FILL);
        stream.setLineWidth((float) (size * 0.03));
        stream.newLineAtOffset(points(x), up(top) - (float) size);
        for (Faces.Run run : faces.runs(text)) {
            stream.setFont(run.font(), (float) size);
            stream.showText(run.text());
        }
        stream.endText();
    }

    /** Lines broken at spaces to fit the width; moves down. */
    void paragraph(double size, boolean bold, String text) throws IOException {
        for (String line : broken(text, size, widthMm())) {
            need(lineMm(size));
            text(MARGIN_MM, y, size, bold, line);
            y += lineMm(size);
        }
    }

    List<String> broken(String text, double size, double widthMm) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.strip().split("\\s+", -1)) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && lengthMm(longer, size) > widthMm) {
                lines.add(line.toString());
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(longer);
            }
            // A word longer than the line, a name without spaces perhaps, is cut where it must be.
            while (lengthMm(line.toString(), size) > widthMm && line.codePointCount(0, line.length()) > 1) {
                int fits = line.length();
                do {
                    fits = line.offsetByCodePoints(fits, -1);
                } while (fits > 1 && lengthMm(line.substring(0, fits), size) > widthMm);
                lines.add(line.substring(0, fits));
                line = new StringBuilder(line.substring(fits));
            }
        }
        lines.add(line.toString());
        return lines;
    }

    double lengthMm(String text, double size) throws IOException {
        double thousandths = 0;
        for (Faces.Run run : faces.runs(text)) {
            thousandths += run.font().getStringWidth(run.text());
        }
        return thousandths / 1000 * size / POINTS_PER_MM;
    }

    void line(double x1, double y1, double x2, double y2, double widthMm) throws IOException {
        stream.setStrokingColor(0.11f, 0.14f, 0.19f);
        stream.setLineWidth(points(widthMm));
        stream.moveTo(points(x1), up(y1));
        stream.lineTo(points(x2), up(y2));
        stream.stroke();
    }

    /** A JPEG or PNG image of this height; moves down. */
    void picture(byte[] image, double heightMm) throws IOException {
        PDImageXObject picture = PDImageXObject.createFromByteArray(document, image, null);
        double width = Math.min(widthMm(), heightMm * picture.getWidth() / picture.getHeight());
        stream.drawImage(picture, points(MARGIN_MM), up(y + heightMm), points(width), points(heightMm));
        y += heightMm;
    }

    /** The stream itself, for drawing; {@link #points} and {@link #up} give its coordinates. */
    PDPageContentStream stream() {
        return stream;
    }

    static float points(double mm) {
        return (float) (mm * POINTS_PER_MM);
    }

    /** A place measured from the upper edge in mm, as the stream measures it. */
    float up(double fromTopMm) {
        return points(paperHeightMm - fromTopMm);
    }

    byte[] bytes() throws IOException {
        stream.close();
        if (!running.isEmpty()) {
            heads();
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        document.save(out);
        return out.toByteArray();
    }

    /** How many leaves there are is known at the end. */
    private void heads() throws IOException {
        int leaves = document.getNumberOfPages();
        for (int i = 0; i < leaves; i++) {
            String page = "page " + (i + 1) + " of " + leaves;
            double room = widthMm() - lengthMm(page, HEAD) - HEAD_GAP_MM;
            stream = new PDPageContentStream(
                    document, document.getPage(i), PDPageContentStream.AppendMode.APPEND, true, true);
            text(
                    MARGIN_MM,
                    HEAD_TOP_MM,
                    HEAD,
                    false,
                    broken(running, HEAD, room).get(0));
            text(MARGIN_MM + widthMm() - lengthMm(page, HEAD), HEAD_TOP_MM, HEAD, false, page);
            stream.close();
        }
    }

    @Override
    public void close() throws IOException {
        document.close();
    }
}
