package rampart.formats.outline;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.w3c.dom.Document;
import org.w3c.dom.DocumentType;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;
import org.xml.sax.SAXParseException;

/** An SVG file as a tree of elements, read so that nothing is fetched and no entity is put in. */
final class SvgDocument {
    /** Elements lie in each other no deeper; deeper is a loop or not meant to be cut. */
    static final int DEEPEST = 200;

    private SvgDocument() {}

    /** @throws RefusedDrawingException if it is no XML, defines entities or lies too deep */
    static Document parsed(byte[] file) {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newDefaultInstance();
            factory.setNamespaceAware(true);
            factory.setExpandEntityReferences(false);
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setFeature("http://xml.org/sax/features/external-general-entities", false);
            factory.setFeature("http://xml.org/sax/features/external-parameter-entities", false);
            factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
            factory.setAttribute(XMLConstants.ACCESS_EXTERNAL_DTD, "");
            factory.setAttribute(XMLConstants.ACCESS_EXTERNAL_SCHEMA, "");
            factory.setAttribute("jdk.xml.maxElementDepth", String.valueOf(DEEPEST));
            DocumentBuilder builder = factory.newDocumentBuilder();
            builder.setErrorHandler(null);
            builder.setEntityResolver((publicId, systemId) -> new InputSource(new StringReader("")));
            Document document = builder.parse(new ByteArrayInputStream(file));
            DocumentType type = document.getDoctype();
            if (type != null
                    && type.getInternalSubset() != null
                    && type.getInternalSubset().contains("<!ENTITY")) {
                throw new RefusedDrawingException("the SVG file defines entities of its own; save it as plain SVG");
            }
            return document;
        } catch (SAXParseException e) {
            String why = String.valueOf(e.getMessage());
            throw new RefusedDrawingException(
                    why.contains("maxElementDepth")
                            ? "groups of the drawing lie in each other more than " + DEEPEST + " deep"
                            : "the SVG file is broken in line " + e.getLineNumber(),
                    e);
        } catch (SAXException | IOException e) {
            throw new RefusedDrawingException("the SVG file is broken", e);
        } catch (ParserConfigurationException e) {
            throw new IllegalStateException("the parser of the platform lacks a feature", e);
        }
    }
}
