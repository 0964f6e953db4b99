package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.cost.Prices;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.core.quote.MaterialNeeds;
import rampart.core.quote.PreQuote;
import rampart.core.quote.Range;
import rampart.core.steps.Step;
import rampart.core.words.Quantity;
import rampart.core.words.Wording;
import rampart.formats.pack.PackFile;
import rampart.formats.paper.PaperSource;
import rampart.formats.view.Nullable;
import rampart.server.house.Tariffs;
import rampart.server.stores.PriceList;
import rampart.server.verdicts.KeptVerdicts;

/** What it comes to to pack and send an item, before it is packed; nothing is stored. */
@RestController
class PreQuoteController {
    private final Catalogue catalogue;
    private final PriceList prices;
    private final Tariffs tariffs;
    private final KeptVerdicts verdicts;

    PreQuoteController(Catalogue catalogue, PriceList prices, Tariffs tariffs, KeptVerdicts verdicts) {
        this.catalogue = catalogue;
        this.prices = prices;
        this.tariffs = tariffs;
        this.verdicts = verdicts;
    }

    /**
     * What the house reckons with.
     *
     * @param ratePerHour of labour
     * @param value of the item; what its file says where none is given
     * @param coverPercent of the value that cover costs
     */
    record RatesAsked(
            @DecimalMin(value = "0", message = "a rate is 0 to 10000 an hour")
            @DecimalMax(value = "10000", message = "a rate is 0 to 10000 an hour")
            @Nullable
            Double ratePerHour,

            @DecimalMin(value = "0", message = "a value is 0 to 100000000")
            @DecimalMax(value = "100000000", message = "a value is 0 to 100000000")
            @Nullable
            Double value,

            @DecimalMin(value = "0", message = "cover costs 0 to 100 % of the value")
            @DecimalMax(value = "100", message = "cover costs 0 to 100 % of the value")
            @Nullable
            Double coverPercent) {}

    /** A figure with what it may turn out to be. */
    record RangeView(double low, double likely, double high) {
        static RangeView of(Range range) {
            return new RangeView(range.low(), range.likely(), range.high());
        }
    }

    /** A carrier's service. */
    record QuotedServiceView(String name, boolean invented, RangeView price) {}

    /** A material to have at hand. */
    record NeededView(String name, String amount) {
        static NeededView of(MaterialNeeds.Need need, Wording wording) {
            return new NeededView(
                    wording.say(need.name()),
                    wording.amount(new Quantity(need.amount(), need.unit(), 2)).toString());
        }
    }

    /**
     * What it comes to.
     *
     * @param edgesMm of the closed pack, longest first
     * @param material null where some part has no price
     * @param service null where none takes it or none is known
     * @param chance of damage on one trip, 0 to 1
     */
    record PreQuoteView(
            String currency,
            List<RangeView> edgesMm,
            RangeView massKg,
            @Nullable RangeView material,
            RangeView minutes,
            RangeView labour,
            @Nullable QuotedServiceView service,
            RangeView cover,
            RangeView chance,
            RangeView expectedLoss,
            RangeView total,
            double value,
            List<NeededView> atHand) {}

    @PostMapping(
            path = "/api/pre-quotes",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    PreQuoteView quote(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @Valid @ParameterObject RatesAsked asked,
            @Valid @ParameterObject UnitsAsked units) {
        PackFile read = PackFile.read(file);
        Catalogue materials = read.catalogue(catalogue);
        Layout layout = LayoutWalk.lay(read.pack().item(), read.pack().layers(), materials);
        Prices today = prices.today();
        MaterialNeeds needs = MaterialNeeds.of(read.pack(), layout, materials, today);
        double minutes = PaperSource.steps(read, layout, materials).stream()
                .mapToDouble(Step::minutes)
                .sum();
        double value = asked.value() == null
                ? read.document().path("item").path("value").path("amount").asDouble(0)
                : asked.value();
        PreQuote quote = PreQuote.of(
                read.pack(),
                layout,
                needs.cost(),
                minutes,
                verdicts.of(read, catalogue).verdict(),
                tariffs.all(),
                new PreQuote.Rates(
                        asked.ratePerHour() == null ? 0 : asked.ratePerHour(),
                        value,
                        asked.coverPercent() == null ? 0 : asked.coverPercent() / 100));
        return new PreQuoteView(
                today.currency(),
                quote.edgesMm().stream().map(RangeView::of).toList(),
                RangeView.of(quote.massKg()),
                quote.material().map(RangeView::of).orElse(null),
                RangeView.of(quote.minutes()),
                RangeView.of(quote.labour()),
                quote.service()
                        .map(s -> new QuotedServiceView(s.name(), s.invented(), RangeView.of(s.price())))
                        .orElse(null),
                RangeView.of(quote.cover()),
                RangeView.of(quote.chance()),
                RangeView.of(quote.expectedLoss()),
                RangeView.of(quote.total()),
                value,
                needs.materials().stream()
                        .map(need -> NeededView.of(need, units.wording()))
                        .toList());
    }
}
