package rampart.formats.outline;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Line2D;
import java.awt.geom.PathIterator;
import java.awt.geom.RoundRectangle2D;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.apache.batik.parser.AWTPolygonProducer;
import org.apache.batik.parser.AWTPolylineProducer;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;
import rampart.core.geometry.PlanPoint;

/**
 * Curves of an SVG file (W3C SVG 1.1): paths and basic shapes with their transforms; a group's id is the layer. Document types,
 * entities and references to elsewhere are not followed. Paths and transforms are parsed by Batik.
 */
final class SvgDrawing {
    private static final int DEEPEST = 200;

    /** Recursion of the flattening: at most 2 to this power lines for one curve. */
    private static final int FINEST = 10;

    private static final Pattern LENGTH = Pattern.compile("\\s*([+-]?[0-9.]+(?:[eE][+-]?[0-9]+)?)\\s*([a-z%]*)\\s*");

    /** What is inside these is not drawn where it stands. */
    private static final Set<String> NOT_DRAWN =
            Set.of("defs", "clipPath", "mask", "pattern", "marker", "symbol", "metadata");

    /** What is drawn and cannot be an outline here. */
    private static final Set<String> LEFT_OUT = Set.of("use", "text", "image", "foreignObject");

    private final DrawnCurves.Collector collector = new DrawnCurves.Collector();
    private final Deque<AffineTransform> transforms = new ArrayDeque<>();
    private final Deque<String> layers = new ArrayDeque<>();
    private final Optional<FileUnit> asked;
    private FileUnit unit = FileUnit.PX;
    private boolean stated;

    private SvgDrawing(Optional<FileUnit> asked) {
        this.asked = asked;
    }

    static DrawnCurves read(byte[] file, Optional<FileUnit> asked) {
        XMLInputFactory factory = XMLInputFactory.newFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_REPLACING_ENTITY_REFERENCES, false);
        SvgDrawing drawing = new SvgDrawing(asked);
        try {
            XMLStreamReader in = factory.createXMLStreamReader(new ByteArrayInputStream(file));
            drawing.elements(in);
        } catch (XMLStreamException e) {
            throw new RefusedDrawingException(
                    "the SVG file is broken in line "
                            + (e.getLocation() == null ? "?" : e.getLocation().getLineNumber()),
                    e);
        }
        return drawing.collector.done(drawing.unit, drawing.stated);
    }

    private void elements(XMLStreamReader in) throws XMLStreamException {
        boolean found = false;
        int hidden = 0;
        while (in.hasNext()) {
            switch (in.next()) {
                case XMLStreamConstants.START_ELEMENT -> {
                    String name = in.getLocalName();
                    if (layers.size() >= DEEPEST) {
                        throw new RefusedDrawingException(
                                "groups of the drawing lie in each other more than " + DEEPEST + " deep");
                    }
                    AffineTransform here =
                            new AffineTransform(transforms.isEmpty() ? new AffineTransform() : transforms.peek());
                    if (!found && "svg".equals(name)) {
                        found = true;
                        here.concatenate(page(in));
                    }
                    transform(in).ifPresent(here::concatenate);
                    transforms.push(here);
                    layers.push(layer(in, name));
                    if (hidden > 0 || NOT_DRAWN.contains(name)) {
                        hidden++;
                    } else if (LEFT_OUT.contains(name)) {
                        collector.leaveOut(name);
                    } else {
                        shape(in, name);
                    }
                }
                case XMLStreamConstants.END_ELEMENT -> {
                    transforms.pop();
                    layers.pop();
                    hidden = Math.max(0, hidden - 1);
                }
                case XMLStreamConstants.DTD ->
                    throw new RefusedDrawingException(
                            "the SVG file has a document type of its own; save it as plain SVG");
                case XMLStreamConstants.ENTITY_REFERENCE ->
                    throw new RefusedDrawingException(
                            "the SVG file refers to the entity '" + in.getLocalName() + "'; save it as plain SVG");
                default -> {}
            }
        }
        if (!found) {
            throw new RefusedDrawingException("there is no <svg> element in the file");
        }
    }

    private String layer(XMLStreamReader in, String name) {
        String id = in.getAttributeValue(null, "id");
        String outer = layers.isEmpty() ? "" : layers.peek();
        return "g".equals(name) && id != null ? id : outer;
    }

    /** From the page's units to mm with y away from the reader; says what the unit is. */
    private AffineTransform page(XMLStreamReader in) {
        Optional<Length> width = length(in.getAttributeValue(null, "width"));
        Optional<Length> height = length(in.getAttributeValue(null, "height"));
        double[] box = box(in.getAttributeValue(null, "viewBox"));
        Optional<FileUnit> absolute = width.flatMap(w -> FileUnit.of(w.unit)).filter(u -> u != FileUnit.PX);
        stated = absolute.isPresent();
        double scale = FileUnit.PX.mm();
        double left = 0;
        double top = 0;
        if (box != null) {
            left = box[0];
            top = box[1];
        }
        if (absolute.isPresent()) {
            unit = absolute.get();
            double mm = width.get().value * unit.mm();
            scale = box != null ? mm / box[2] : FileUnit.PX.mm();
            if (box != null && height.flatMap(h -> FileUnit.of(h.unit)).isPresent()) {
                // The page keeps its proportions: the smaller scale, as a viewer shows it.
                double high = height.get().value
                        * FileUnit.of(height.get().unit).orElseThrow().mm();
                scale = Math.min(scale, high / box[3]);
            }
        }
        if (asked.isPresent()) {
            unit = asked.get();
            stated = true;
            scale = unit.mm();
        }
        double bottom = box != null ? top + box[3] : height.map(h -> h.value).orElse(0.0);
        return new AffineTransform(scale, 0, 0, -scale, -left * scale, bottom * scale);
    }

    private record Length(double value, String unit) {}

    private static Optional<Length> length(String text) {
        if (text == null) {
            return Optional.empty();
        }
        Matcher matcher = LENGTH.matcher(text);
        if (!matcher.matches()) {
            return Optional.empty();
        }
        try {
            return Optional.of(new Length(Double.parseDouble(matcher.group(1)), matcher.group(2)))
                    .filter(length -> Double.isFinite(length.value) && length.value > 0);
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    private static double[] box(String text) {
        if (text == null) {
            return null;
        }
        double[] box = numbers(text, "viewBox");
        if (box.length != 4 || !(box[2] > 0) || !(box[3] > 0)) {
            throw new RefusedDrawingException(
                    "the viewBox '" + shortened(text) + "' must be four numbers, the last two above 0");
        }
        return box;
    }

    private static double[] numbers(String text, String what) {
        String[] parts = text.strip().split("[\\s,]+", -1);
        double[] numbers = new double[parts.length];
        for (int i = 0; i < parts.length; i++) {
            numbers[i] = number(parts[i], what);
        }
        return numbers;
    }

    private static double number(String text, String what) {
        try {
            double number = Double.parseDouble(text.strip().replaceAll("(px)$", ""));
            if (Double.isFinite(number)) {
                return number;
            }
        } catch (NumberFormatException e) {
            // Told below, with what stands there.
        }
        throw new RefusedDrawingException(what + " must be a number, not '" + shortened(text) + "'");
    }

    private static String shortened(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "..." : text;
    }

    private static Optional<AffineTransform> transform(XMLStreamReader in) {
        String text = in.getAttributeValue(null, "transform");
        if (text == null) {
            return Optional.empty();
        }
        try {
            return Optional.of(AWTTransformProducer.createAffineTransform(text));
        } catch (ParseException e) {
            throw new RefusedDrawingException("the transform '" + shortened(text) + "' cannot be read", e);
        }
    }

    private void shape(XMLStreamReader in, String name) {
        try {
            Shape shape = switch (name) {
                case "path" -> parsed(in, "d", text -> SvgPath.parse(text, flatness()));
                case "polygon" ->
                    parsed(
                            in,
                            "points",
                            text -> AWTPolygonProducer.createShape(new StringReader(text), PathIterator.WIND_EVEN_ODD));
                case "polyline" ->
                    parsed(
                            in,
                            "points",
                            text -> AWTPolylineProducer.createShape(
                                    new StringReader(text), PathIterator.WIND_EVEN_ODD));
                case "rect" -> rectangle(in);
                case "circle" -> ellipse(in, number(in, "r"), number(in, "r"));
                case "ellipse" -> ellipse(in, number(in, "rx"), number(in, "ry"));
                case "line" ->
                    new Line2D.Double(number(in, "x1"), number(in, "y1"), number(in, "x2"), number(in, "y2"));
                default -> null;
            };
            if (shape != null) {
                add(shape);
            }
        } catch (ParseException e) {
            throw new RefusedDrawingException(
                    "a " + name + " of the drawing cannot be read: " + shortened(String.valueOf(e.getMessage())), e);
        }
    }

    /** In units of what is being read. */
    private double flatness() {
        AffineTransform here = transforms.peek();
        double scale = Math.sqrt(Math.abs(here.getDeterminant()));
        return scale > 0 ? DrawnCurves.FLATNESS_MM / scale : DrawnCurves.FLATNESS_MM;
    }

    private interface Parser {
        Shape parse(String text) throws IOException;
    }

    private static Shape parsed(XMLStreamReader in, String attribute, Parser parser) {
        String text = in.getAttributeValue(null, attribute);
        if (text == null || text.isBlank()) {
            return null;
        }
        try {
            return parser.parse(text);
        } catch (IOException e) {
            throw new IllegalStateException("text in memory could not be read", e);
        }
    }

    private static double number(XMLStreamReader in, String attribute) {
        String text = in.getAttributeValue(null, attribute);
        return text == null ? 0 : number(text, attribute);
    }

    private static Shape rectangle(XMLStreamReader in) {
        double rx = number(in, "rx");
        double ry = number(in, "ry");
        double across = 2 * (rx > 0 ? rx : ry);
        double along = 2 * (ry > 0 ? ry : rx);
        return new RoundRectangle2D.Double(
                number(in, "x"), number(in, "y"), number(in, "width"), number(in, "height"), across, along);
    }

    private static Shape ellipse(XMLStreamReader in, double rx, double ry) {
        return new Ellipse2D.Double(number(in, "cx") - rx, number(in, "cy") - ry, 2 * rx, 2 * ry);
    }

    private void add(Shape shape) {
        PathIterator path =
                new FlatteningPathIterator(shape.getPathIterator(transforms.peek()), DrawnCurves.FLATNESS_MM, FINEST);
        List<PlanPoint> places = new ArrayList<>();
        double[] at = new double[6];
        for (; !path.isDone(); path.next()) {
            int kind = path.currentSegment(at);
            if (kind == PathIterator.SEG_CLOSE) {
                collector.add(layers.peek(), places, true);
                places = new ArrayList<>();
                continue;
            }
            if (!Double.isFinite(at[0]) || !Double.isFinite(at[1])) {
                throw new RefusedDrawingException("a place of the drawing is no number");
            }
            if (kind == PathIterator.SEG_MOVETO && !places.isEmpty()) {
                collector.add(layers.peek(), places, false);
                places = new ArrayList<>();
            }
            places.add(new PlanPoint(at[0], at[1]));
        }
        collector.add(layers.peek(), places, false);
    }
}
