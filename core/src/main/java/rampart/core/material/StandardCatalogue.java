package rampart.core.material;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.SAXException;
import rampart.core.quantity.Basis;

/**
 * The materials Rampart ships with, read from {@code catalogue.xml}, where each figure names its source. Cushion constants
 * are nominal: good to about 20 %.
 */
public final class StandardCatalogue {
    /** The catalogue as a file; what it may say is in {@link #SCHEMA} beside it. */
    public static final String RESOURCE = "catalogue.xml";

    public static final String SCHEMA = "catalogue.xsd";

    private static final Catalogue CATALOGUE = new StandardCatalogue(document()).catalogue();

    private final Document document;

    private StandardCatalogue(Document document) {
        this.document = document;
    }

    public static Catalogue get() {
        return CATALOGUE;
    }

    private static Document document() {
        try (InputStream in = StandardCatalogue.class.getResourceAsStream(RESOURCE)) {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newDefaultNSInstance();
            factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            return factory.newDocumentBuilder().parse(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (ParserConfigurationException | SAXException e) {
            throw new IllegalStateException("the catalogue that ships with the program is not whole", e);
        }
    }

    private Catalogue catalogue() {
        return new Catalogue(all("foam", this::foam), all("board", this::board), all("wrap", StandardCatalogue::wrap));
    }

    private <T> List<T> all(String name, Function<Element, T> read) {
        NodeList found = document.getDocumentElement().getElementsByTagNameNS("*", name);
        return IntStream.range(0, found.getLength())
                .mapToObj(i -> read.apply((Element) found.item(i)))
                .toList();
    }

    private Foam foam(Element foam) {
        Substance substance = Substance.valueOf(foam.getAttribute("substance"));
        Structure structure = Structure.valueOf(foam.getAttribute("structure"));
        return new Foam(
                foam.getAttribute("id"),
                foam.getAttribute("name"),
                figure(foam, "density", "kgM3"),
                CushionLaw.of(figure(foam, "law", "aKpa"), figure(foam, "law", "bPerKpa"), structure.ramp(substance)),
                figure(foam, "creep", "limitKpa"),
                figure(foam, "repeats", "factor"),
                figure(foam, "temperature", "stiffnessPerC"),
                figure(foam, "vibration", "modulusKpa"),
                figure(foam, "vibration", "q"),
                foam.getAttribute("note"),
                Basis.NOMINAL,
                source(foam, "law"),
                substance,
                structure,
                figure(foam, "squeeze", "kPa"),
                Measured.NOTHING);
    }

    private Board board(Element board) {
        Flute flute = Flute.valueOf(board.getAttribute("flute"));
        double edgeCrushLbPerIn = figure(board, "edgeCrush", "lbPerIn");
        return new Board(
                board.getAttribute("id"),
                flute.letters() + " flute, " + Math.round(edgeCrushLbPerIn) + " ECT",
                flute,
                figure(board, "caliper", "mm"),
                edgeCrushLbPerIn,
                figure(board, "grammage", "gM2"),
                figure(board, "limits", "lb"),
                figure(board, "limits", "in"),
                Basis.NOMINAL,
                source(board, "limits"),
                Board.Panel.UNKNOWN);
    }

    private static WrapMaterial wrap(Element wrap) {
        return new WrapMaterial(
                wrap.getAttribute("id"),
                wrap.getAttribute("name"),
                Substance.valueOf(wrap.getAttribute("substance")),
                "");
    }

    /** What a figure rests on, spelt out. */
    private String source(Element material, String name) {
        String id = child(material, name).getAttribute("source");
        return all("source", source -> source).stream()
                .filter(source -> source.getAttribute("id").equals(id))
                .map(Element::getTextContent)
                .findFirst()
                .orElseThrow();
    }

    private static double figure(Element material, String name, String attribute) {
        return Double.parseDouble(child(material, name).getAttribute(attribute));
    }

    private static Element child(Element parent, String name) {
        return (Element) parent.getElementsByTagNameNS("*", name).item(0);
    }
}
