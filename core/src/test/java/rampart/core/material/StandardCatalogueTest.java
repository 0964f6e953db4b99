package rampart.core.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.net.URL;
import java.nio.charset.StandardCharsets;
import javax.xml.XMLConstants;
import javax.xml.transform.stream.StreamSource;
import javax.xml.validation.Schema;
import javax.xml.validation.SchemaFactory;
import javax.xml.validation.Validator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.xml.sax.SAXException;
import rampart.core.quantity.Basis;

class StandardCatalogueTest {
    private static String file() throws IOException {
        try (InputStream in = StandardCatalogue.class.getResourceAsStream(StandardCatalogue.RESOURCE)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static void validate(String xml) throws SAXException, IOException {
        URL at = StandardCatalogue.class.getResource(StandardCatalogue.SCHEMA);
        Schema schema =
                SchemaFactory.newInstance(XMLConstants.W3C_XML_SCHEMA_NS_URI).newSchema(at);
        Validator validator = schema.newValidator();
        validator.validate(new StreamSource(new StringReader(xml)));
    }

    @Test
    void theFileIsWhatItsSchemaAllows() throws Exception {
        validate(file());
    }

    /** Slips of somebody who adds a material. */
    @ParameterizedTest
    @CsvSource({
        "' source=\"name\"/>', '/>', source",
        "'source=\"grade\"', 'source=\"hearsay\"', hearsay",
        "'kgM3=\"28\"', 'kgM3=\"-28\"', -28",
        "'id=\"pe-35\"', 'id=\"pe-28\"', pe-28",
        "'aKpa=\"79\"', 'aKpa=\"79,5\"', '79,5'",
        "'<creep limitKpa=\"4.8\" source=\"class\"/>', '', creep"
    })
    void aSlipIsFound(String right, String wrong, String named) throws IOException {
        String slip = file().replaceFirst(java.util.regex.Pattern.quote(right), wrong);
        assertThat(slip).isNotEqualTo(file());
        assertThatThrownBy(() -> validate(slip))
                .isInstanceOf(SAXException.class)
                .hasMessageContaining(named);
    }

    @Test
    void figuresComeOutAsTheyStand() {
        Catalogue catalogue = StandardCatalogue.get();
        assertThat(catalogue.foams()).hasSize(17);
        assertThat(catalogue.boards()).hasSize(16);
        assertThat(catalogue.wraps()).hasSize(3);
        Foam soft = catalogue.foam("pu-24");
        assertThat(soft.densityKgM3()).isEqualTo(24);
        assertThat(soft.law().line().aKpa()).isEqualTo(39);
        assertThat(soft.substance()).isEqualTo(Substance.PU_ETHER);
        assertThat(soft.law().ramp()).isEqualTo(FirstRamp.straight(.20));
        assertThat(soft.stiffnessPerC()).isEqualTo(-.012);
        assertThat(soft.basis()).isEqualTo(Basis.NOMINAL);
        Board board = catalogue.board("bc-48");
        assertThat(board.name()).isEqualTo("BC flute, 48 ECT");
        // 48 lb/in are 8.41 kN/m (1 lb/in = 0.175127 kN/m).
        assertThat(board.edgeCrushKnPerM()).isCloseTo(48 * 0.175127, within(1e-3));
        assertThat(board.source()).isEqualTo("Item 222 / Rule 41, from memory");
        assertThat(board.limitsBasis()).isEqualTo(Basis.STD);
    }

    /** Lock-up beyond the thickness, or before a tenth of it, is no cushion's (rules of the pack file). */
    @Test
    void everyLawIsOneThatACushionMayHave() {
        for (Foam foam : StandardCatalogue.get().foams()) {
            double strain = 1 / (foam.law().line().aKpa() * foam.law().line().bPerKpa());
            assertThat(strain).as(foam.id()).isBetween(0.1, 1.5);
        }
    }
}
