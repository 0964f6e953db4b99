package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.clearance.FittedBox;
import rampart.core.cost.Extent;
import rampart.core.cost.Quote;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.formats.pack.PackFile;
import rampart.formats.view.Nullable;
import rampart.formats.view.QuoteView;
import rampart.formats.view.SizeView;
import rampart.server.house.Tariffs;

/** What carriers charge for a pack, by the tables of the house. */
@RestController
class TariffController {
    private final Tariffs tariffs;
    private final Catalogue catalogue;

    TariffController(Tariffs tariffs, Catalogue catalogue) {
        this.tariffs = tariffs;
        this.catalogue = catalogue;
    }

    /** The table, comma-separated: service, kind, what, value, price. */
    record TariffTable(
            @NotNull(message = "give the table; it may be empty")
            @Size(max = 500_000, message = "the table has at most 500000 characters")
            String table) {}

    @GetMapping(path = "/api/house/tariffs", produces = MediaType.APPLICATION_JSON_VALUE)
    TariffTable table() {
        return new TariffTable(tariffs.table());
    }

    @PutMapping(
            path = "/api/house/tariffs",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    TariffTable set(@Valid @org.springframework.web.bind.annotation.RequestBody TariffTable given, Principal who) {
        tariffs.set(given.table(), who.getName());
        return table();
    }

    /** Tables of three services that do not exist, to try with: every figure in them is invented. */
    @GetMapping(path = "/api/stand-in/tariffs", produces = MediaType.APPLICATION_JSON_VALUE)
    TariffTable standIn() throws IOException {
        return new TariffTable(
                new ClassPathResource("rampart/stand-in-tariffs.csv").getContentAsString(StandardCharsets.UTF_8));
    }

    /**
     * What else to reckon with.
     *
     * @param addKg mass of fill, papers and tape still to be added
     */
    record QuoteAsked(
            @DecimalMin(value = "0", message = "what is still to be added is 0 to 1000 kg")
            @DecimalMax(value = "1000", message = "what is still to be added is 0 to 1000 kg")
            @Nullable
            Double addKg) {}

    /**
     * Size and price of a pack.
     *
     * @param outsideMm with what is put round the carton
     * @param fittingsKg what of board is put into the boxes and round them
     * @param declaredKg gross mass with these and what is still to be added
     * @param quotes of each service, the cheapest first
     */
    record QuotesView(
            SizeView outsideMm,
            double fittingsKg,
            double declaredKg,
            double lengthAndGirthMm,
            double sumMm,
            double litres,
            List<QuoteView> quotes) {}

    @PostMapping(
            path = "/api/quotes",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    QuotesView quotes(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @Valid @ParameterObject QuoteAsked asked) {
        PackFile read = PackFile.read(file);
        Layout layout = LayoutWalk.layUndrawn(read.pack().item(), read.pack().layers(), read.catalogue(catalogue));
        double fittings = FittedBox.massKg(layout);
        double kg = layout.grossMassKg() + fittings + (asked.addKg() == null ? 0 : asked.addKg());
        var outside = FittedBox.outside(layout);
        return new QuotesView(
                SizeView.of(outside),
                fittings,
                kg,
                Extent.LENGTH_AND_GIRTH_MM.of(outside, kg),
                Extent.SUM_MM.of(outside, kg),
                Extent.LITRES.of(outside, kg),
                Quote.all(tariffs.all(), outside, kg).stream()
                        .map(QuoteView::of)
                        .toList());
    }
}
