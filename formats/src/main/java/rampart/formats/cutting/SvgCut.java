package rampart.formats.cutting;

import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import rampart.core.geometry.Outline;
import rampart.core.geometry.Segment;

/** A drawing as an SVG 1.1 file: one user unit is a millimetre, one group with an id for each layer, lines of no width. */
public final class SvgCut {
    private SvgCut() {}

    /**
     * The file, in UTF-8. The piece begins at its lower left; at its right and above it stand its figures and notes.
     *
     * @param head what it belongs to, line by line
     */
    public static byte[] write(CutDrawing drawing, List<String> head) {
        Drafted drafted = Drafted.file(drawing, head);
        double width = drawing.widthMm() + drafted.rightMm();
        double height = drawing.heightMm() + drafted.aboveMm();
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter out = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            out.writeStartDocument("UTF-8", "1.0");
            out.writeStartElement("svg");
            out.writeDefaultNamespace("http://www.w3.org/2000/svg");
            out.writeAttribute("version", "1.1");
            out.writeAttribute("width", mm(width) + "mm");
            out.writeAttribute("height", mm(height) + "mm");
            out.writeAttribute("viewBox", "0 0 " + mm(width) + " " + mm(height));
            out.writeStartElement("title");
            out.writeCharacters(drawing.title());
            out.writeEndElement();
            for (CutDrawing.Layer layer : drawing.layers()) {
                out.writeStartElement("g");
                out.writeAttribute("id", layer.name());
                out.writeAttribute("fill", "none");
                out.writeAttribute("stroke", colour(layer));
                out.writeAttribute("stroke-width", "0.1");
                for (Outline outline : layer.outlines()) {
                    out.writeEmptyElement("path");
                    out.writeAttribute("d", path(outline, height));
                }
                strokes(out, layer.strokes(), height);
                out.writeEndElement();
            }
            if (!drawing.texts().isEmpty()) {
                out.writeStartElement("g");
                out.writeAttribute("id", CutDrawing.MARKING + "-text");
                texts(out, drawing.texts(), height);
                out.writeEndElement();
            }
            out.writeStartElement("g");
            out.writeAttribute("id", Drafted.LAYER);
            out.writeAttribute("stroke", "#8c8c8c");
            out.writeAttribute("stroke-width", "0.1");
            strokes(out, drafted.strokes(), height);
            out.writeStartElement("g");
            out.writeAttribute("stroke", "none");
            texts(out, drafted.texts(), height);
            out.writeEndElement();
            out.writeEndElement();
            out.writeEndElement();
            out.writeEndDocument();
            out.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("a drawing could not be written", e);
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static void strokes(XMLStreamWriter out, List<CutDrawing.Stroke> strokes, double heightMm)
            throws XMLStreamException {
        for (CutDrawing.Stroke stroke : strokes) {
            out.writeEmptyElement("line");
            out.writeAttribute("x1", mm(stroke.from().xMm()));
            out.writeAttribute("y1", mm(heightMm - stroke.from().yMm()));
            out.writeAttribute("x2", mm(stroke.to().xMm()));
            out.writeAttribute("y2", mm(heightMm - stroke.to().yMm()));
        }
    }

    private static void texts(XMLStreamWriter out, List<CutDrawing.Text> texts, double heightMm)
            throws XMLStreamException {
        out.writeAttribute("font-family", "sans-serif");
        for (CutDrawing.Text words : texts) {
            out.writeStartElement("text");
            out.writeAttribute("x", mm(words.xMm()));
            out.writeAttribute("y", mm(heightMm - words.yMm()));
            out.writeAttribute("font-size", mm(words.heightMm()));
            out.writeCharacters(words.words());
            out.writeEndElement();
        }
    }

    /** Told apart on a screen; a machine goes by the layers' names. */
    private static String colour(CutDrawing.Layer layer) {
        return switch (layer.work()) {
            case CUT -> "#1c2430";
            case POCKET -> "#8a5a2b";
            case ISLAND -> "#3d6b34";
            case SCORE -> "#1f6f8b";
            case PERFORATION -> "#7a3f8c";
            case GLUE -> "#b08a1e";
            case MARK -> "#8c8c8c";
        };
    }

    private static String path(Outline outline, double heightMm) {
        StringBuilder path = new StringBuilder();
        for (Segment segment : outline.segments()) {
            if (path.isEmpty()) {
                path.append('M')
                        .append(mm(segment.from().xMm()))
                        .append(' ')
                        .append(mm(heightMm - segment.from().yMm()));
            }
            if (segment.straight()) {
                path.append('L');
            } else {
                // The y axis of the file points the other way, so that a turn to the left there is one to the right.
                path.append('A')
                        .append(mm(segment.radiusMm()))
                        .append(' ')
                        .append(mm(segment.radiusMm()))
                        .append(" 0 ")
                        .append(Math.abs(segment.bulge()) > 1 ? '1' : '0')
                        .append(segment.bulge() > 0 ? " 0 " : " 1 ");
            }
            path.append(mm(segment.to().xMm()))
                    .append(' ')
                    .append(mm(heightMm - segment.to().yMm()));
        }
        return path.append('Z').toString();
    }

    private static String mm(double value) {
        return String.format(Locale.ROOT, "%.4f", value + 0.0);
    }
}
