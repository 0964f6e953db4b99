package rampart.formats.outline;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Line2D;
import java.awt.geom.PathIterator;
import java.awt.geom.RoundRectangle2D;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.batik.parser.AWTPolygonProducer;
import org.apache.batik.parser.AWTPolylineProducer;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;
import org.w3c.dom.Element;
import org.w3c.dom.EntityReference;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;
import rampart.core.geometry.PlanPoint;

/**
 * Curves of an SVG file (W3C SVG 1.1): paths and basic shapes with their transforms, nested pages with their viewBox, and what is used
 * again; a group's id is the layer. What is not displayed is left out. A plain document type is passed over; entities and references to
 * elsewhere are refused. Paths and transforms are parsed by Batik.
 */
final class SvgDrawing {
    private static final int DEEPEST = SvgDocument.DEEPEST;

    /** Elements in all, each as often as it is used. */
    private static final int MOST_ELEMENTS = 100_000;

    /** Recursion of the flattening: at most 2 to this power lines for one curve. */
    private static final int FINEST = 10;

    private static final Pattern LENGTH = Pattern.compile("\\s*([+-]?[0-9.]+(?:[eE][+-]?[0-9]+)?)\\s*([a-z%]*)\\s*");
    private static final Pattern HIDDEN =
            Pattern.compile("(^|;)\\s*(display\\s*:\\s*none|visibility\\s*:\\s*(hidden|collapse))\\s*(;|$)");

    /** What is inside these is not drawn where it stands. */
    private static final Set<String> NOT_DRAWN =
            Set.of("defs", "clipPath", "mask", "pattern", "marker", "symbol", "metadata");

    /** What is drawn and cannot be an outline here. */
    private static final Set<String> LEFT_OUT = Set.of("text", "image", "foreignObject");

    private final DrawnCurves.Collector collector = new DrawnCurves.Collector();
    private final Map<String, Element> byId = new HashMap<>();
    private final Optional<FileUnit> asked;
    private FileUnit unit = FileUnit.PX;
    private boolean stated;
    private int elements;

    private SvgDrawing(Optional<FileUnit> asked) {
        this.asked = asked;
    }

    /**
     * Where an element stands.
     *
     * @param to mm on the page
     * @param width of the page round it, in its units: what a share of 100 % is
     */
    private record Standing(AffineTransform to, String layer, double width, double height, int deep) {
        Standing with(AffineTransform more) {
            AffineTransform here = new AffineTransform(to);
            here.concatenate(more);
            return new Standing(here, layer, width, height, deep);
        }

        Standing on(String other) {
            return new Standing(to, other, width, height, deep);
        }

        Standing in(double wide, double high) {
            return new Standing(to, layer, wide, high, deep);
        }

        Standing deeper() {
            return new Standing(to, layer, width, height, deep + 1);
        }
    }

    static DrawnCurves read(byte[] file, Optional<FileUnit> asked) {
        SvgDrawing drawing = new SvgDrawing(asked);
        Element root = SvgDocument.parsed(file).getDocumentElement();
        Element page = "svg".equals(root.getLocalName()) ? root : first(root.getElementsByTagNameNS("*", "svg"));
        if (page == null) {
            throw new RefusedDrawingException("there is no <svg> element in the file");
        }
        NodeList all = root.getElementsByTagNameNS("*", "*");
        for (int i = 0; i < all.getLength(); i++) {
            Element each = (Element) all.item(i);
            if (each.hasAttribute("id")) {
                drawing.byId.putIfAbsent(each.getAttribute("id"), each);
            }
        }
        drawing.children(page, drawing.page(page));
        return drawing.collector.done(drawing.unit, drawing.stated);
    }

    private static Element first(NodeList list) {
        return list.getLength() == 0 ? null : (Element) list.item(0);
    }

    private void children(Element of, Standing here) {
        for (Node child = of.getFirstChild(); child != null; child = child.getNextSibling()) {
            if (child instanceof EntityReference reference) {
                throw new RefusedDrawingException(
                        "the SVG file refers to the entity '" + reference.getNodeName() + "'; save it as plain SVG");
            }
            if (child instanceof Element element) {
                element(element, here.deeper());
            }
        }
    }

    private void element(Element element, Standing around) {
        String name = element.getLocalName();
        elements++;
        if (elements > MOST_ELEMENTS || around.deep() > DEEPEST) {
            throw new RefusedDrawingException(
                    elements > MOST_ELEMENTS
                            ? "the drawing comes to more than " + MOST_ELEMENTS
                                    + " shapes; leave out what is no outline"
                            : "groups of the drawing lie in each other more than " + DEEPEST + " deep");
        }
        if (NOT_DRAWN.contains(name)) {
            return;
        }
        if (hidden(element)) {
            collector.leaveOut(name + " that is not shown");
            return;
        }
        Standing here = transform(element).map(around::with).orElse(around);
        switch (name) {
            case "g", "a", "switch" ->
                children(
                        element,
                        "g".equals(name) && element.hasAttribute("id") ? here.on(element.getAttribute("id")) : here);
            case "svg" -> children(element, nested(element, here));
            case "use" -> use(element, here);
            default -> {
                if (LEFT_OUT.contains(name)) {
                    collector.leaveOut(name);
                } else {
                    shape(element, name, here);
                }
            }
        }
    }

    private static boolean hidden(Element element) {
        return "none".equals(element.getAttribute("display"))
                || "hidden".equals(element.getAttribute("visibility"))
                || HIDDEN.matcher(element.getAttribute("style")).find();
    }

    /** What is drawn somewhere else once more, here. */
    private void use(Element use, Standing here) {
        String href = use.hasAttribute("href")
                ? use.getAttribute("href")
                : use.getAttributeNS("http://www.w3.org/1999/xlink", "href");
        Element used = href.startsWith("#") ? byId.get(href.substring(1)) : null;
        if (used == null) {
            collector.leaveOut("use of " + (href.startsWith("#") ? "'" + shortened(href) + "'" : "another file"));
            return;
        }
        Standing there = here.with(
                AffineTransform.getTranslateInstance(number(use, "x", here.width()), number(use, "y", here.height())));
        if ("symbol".equals(used.getLocalName()) || "svg".equals(used.getLocalName())) {
            elements++;
            children(used, boxed(used, use, there).deeper());
        } else {
            element(used, there.deeper());
        }
    }

    /** A page within the page, at its place and in its own units. */
    private Standing nested(Element page, Standing here) {
        return boxed(
                page,
                page,
                here.with(AffineTransform.getTranslateInstance(
                        number(page, "x", here.width()), number(page, "y", here.height()))));
    }

    /**
     * From the units of a viewBox to those round it.
     *
     * @param sized whose width and height count
     */
    private Standing boxed(Element page, Element sized, Standing here) {
        double wide = sized.hasAttribute("width") ? number(sized, "width", here.width()) : here.width();
        double high = sized.hasAttribute("height") ? number(sized, "height", here.height()) : here.height();
        double[] box = box(page.getAttribute("viewBox"));
        if (box == null) {
            return here.in(wide, high);
        }
        return here.with(fitted(box, wide, high, page.getAttribute("preserveAspectRatio")))
                .in(box[2], box[3]);
    }

    /** How a viewBox lies in a page (preserveAspectRatio): stretched, within it, or over it; at one side or in the middle. */
    private static AffineTransform fitted(double[] box, double wide, double high, String preserve) {
        double x = wide / box[2];
        double y = high / box[3];
        double left = 0;
        double top = 0;
        if (!preserve.contains("none")) {
            double scale = preserve.contains("slice") ? Math.max(x, y) : Math.min(x, y);
            left = (wide - box[2] * scale) * (preserve.contains("xMin") ? 0 : preserve.contains("xMax") ? 1 : 0.5);
            top = (high - box[3] * scale) * (preserve.contains("YMin") ? 0 : preserve.contains("YMax") ? 1 : 0.5);
            x = scale;
            y = scale;
        }
        return new AffineTransform(x, 0, 0, y, left - box[0] * x, top - box[1] * y);
    }

    /** From the page's units to mm with y away from the reader; says what the unit is. */
    private Standing page(Element page) {
        Optional<Length> width = length(page.getAttribute("width"));
        Optional<Length> height = length(page.getAttribute("height"));
        double[] box = box(page.getAttribute("viewBox"));
        Optional<FileUnit> absolute = width.flatMap(w -> FileUnit.of(w.unit)).filter(u -> u != FileUnit.PX);
        Optional<FileUnit> upright = height.flatMap(h -> FileUnit.of(h.unit));
        stated = absolute.isPresent();
        double x = FileUnit.PX.mm();
        double y = x;
        if (absolute.isPresent()) {
            unit = absolute.get();
            if (box != null) {
                x = width.get().value * unit.mm() / box[2];
                y = upright.isPresent() ? height.get().value * upright.get().mm() / box[3] : x;
                String preserve = page.getAttribute("preserveAspectRatio");
                if (!preserve.contains("none")) {
                    // The page keeps its proportions, as a viewer shows it.
                    x = preserve.contains("slice") ? Math.max(x, y) : Math.min(x, y);
                    y = x;
                }
            }
        }
        if (asked.isPresent()) {
            // Proportions stay those of the page; a unit of its width is what was asked for.
            unit = asked.get();
            stated = true;
            y = unit.mm() * y / x;
            x = unit.mm();
        }
        double left = box != null ? box[0] : 0;
        double bottom = box != null ? box[1] + box[3] : height.map(h -> h.value).orElse(0.0);
        return new Standing(
                new AffineTransform(x, 0, 0, -y, -left * x, bottom * y),
                "",
                box != null ? box[2] : width.map(w -> w.value).orElse(0.0),
                box != null ? box[3] : height.map(h -> h.value).orElse(0.0),
                0);
    }

    private record Length(double value, String unit) {}

    private static Optional<Length> length(String text) {
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
        if (text.isBlank()) {
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

    private static Optional<AffineTransform> transform(Element element) {
        String text = element.getAttribute("transform");
        if (text.isBlank()) {
            return Optional.empty();
        }
        try {
            return Optional.of(AWTTransformProducer.createAffineTransform(text));
        } catch (ParseException e) {
            throw new RefusedDrawingException("the transform '" + shortened(text) + "' cannot be read", e);
        }
    }

    private void shape(Element element, String name, Standing here) {
        try {
            Shape shape = switch (name) {
                case "path" -> parsed(element, "d", text -> SvgPath.parse(text, flatness(here)));
                case "polygon" ->
                    parsed(
                            element,
                            "points",
                            text -> AWTPolygonProducer.createShape(new StringReader(text), PathIterator.WIND_EVEN_ODD));
                case "polyline" ->
                    parsed(
                            element,
                            "points",
                            text -> AWTPolylineProducer.createShape(
                                    new StringReader(text), PathIterator.WIND_EVEN_ODD));
                case "rect" -> rectangle(element, here);
                case "circle" -> {
                    double r = number(element, "r", Math.hypot(here.width(), here.height()) / Math.sqrt(2));
                    yield ellipse(element, here, r, r);
                }
                case "ellipse" ->
                    ellipse(element, here, number(element, "rx", here.width()), number(element, "ry", here.height()));
                case "line" ->
                    new Line2D.Double(
                            number(element, "x1", here.width()),
                            number(element, "y1", here.height()),
                            number(element, "x2", here.width()),
                            number(element, "y2", here.height()));
                default -> null;
            };
            if (shape != null) {
                add(shape, here);
            }
        } catch (ParseException e) {
            throw new RefusedDrawingException(
                    "a " + name + " of the drawing cannot be read: " + shortened(String.valueOf(e.getMessage())), e);
        }
    }

    /** In units of what is being read. */
    private static double flatness(Standing here) {
        double scale = Math.sqrt(Math.abs(here.to().getDeterminant()));
        return scale > 0 ? DrawnCurves.FLATNESS_MM / scale : DrawnCurves.FLATNESS_MM;
    }

    private interface Parser {
        Shape parse(String text) throws IOException;
    }

    private static Shape parsed(Element element, String attribute, Parser parser) {
        String text = element.getAttribute(attribute);
        if (text.isBlank()) {
            return null;
        }
        try {
            return parser.parse(text);
        } catch (IOException e) {
            throw new IllegalStateException("text in memory could not be read", e);
        }
    }

    /** @param whole what 100 % are */
    private static double number(Element element, String attribute, double whole) {
        String text = element.getAttribute(attribute).strip();
        if (text.isEmpty()) {
            return 0;
        }
        return text.endsWith("%")
                ? number(text.substring(0, text.length() - 1), attribute) / 100 * whole
                : absolute(text, attribute);
    }

    /** With a unit of its own, in px; without one in the units of what is being read. */
    private static double absolute(String text, String attribute) {
        return length(text)
                .filter(length -> !length.unit.isEmpty() && !length.unit.equals("px"))
                .flatMap(length -> FileUnit.of(length.unit).map(of -> length.value * of.mm() / FileUnit.PX.mm()))
                .orElseGet(() -> number(text, attribute));
    }

    private static Shape rectangle(Element element, Standing here) {
        double rx = number(element, "rx", here.width());
        double ry = number(element, "ry", here.height());
        double across = 2 * (rx > 0 ? rx : ry);
        double along = 2 * (ry > 0 ? ry : rx);
        return new RoundRectangle2D.Double(
                number(element, "x", here.width()),
                number(element, "y", here.height()),
                number(element, "width", here.width()),
                number(element, "height", here.height()),
                across,
                along);
    }

    private static Shape ellipse(Element element, Standing here, double rx, double ry) {
        return new Ellipse2D.Double(
                number(element, "cx", here.width()) - rx, number(element, "cy", here.height()) - ry, 2 * rx, 2 * ry);
    }

    private void add(Shape shape, Standing here) {
        PathIterator path =
                new FlatteningPathIterator(shape.getPathIterator(here.to()), DrawnCurves.FLATNESS_MM, FINEST);
        List<PlanPoint> places = new ArrayList<>();
        double[] at = new double[6];
        for (; !path.isDone(); path.next()) {
            int kind = path.currentSegment(at);
            if (kind == PathIterator.SEG_CLOSE) {
                collector.add(here.layer(), places, true);
                places = new ArrayList<>();
                continue;
            }
            if (!Double.isFinite(at[0]) || !Double.isFinite(at[1])) {
                throw new RefusedDrawingException("a place of the drawing is no number");
            }
            if (kind == PathIterator.SEG_MOVETO && !places.isEmpty()) {
                collector.add(here.layer(), places, false);
                places = new ArrayList<>();
            }
            collector.reserve(1);
            places.add(new PlanPoint(at[0], at[1]));
        }
        collector.add(here.layer(), places, false);
    }
}
