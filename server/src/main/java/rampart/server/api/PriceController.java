package rampart.server.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.cost.Roll;
import rampart.core.material.Catalogue;
import rampart.formats.view.Nullable;
import rampart.server.history.Version;
import rampart.server.messages.Message;
import rampart.server.stores.KeptPrice;
import rampart.server.stores.Materials;
import rampart.server.stores.PriceList;

/** What the house pays: foams by the litre, boards and wraps by the square metre, tape and straps by the metre. */
@RestController
class PriceController {
    private final PriceList prices;
    private final Materials materials;

    PriceController(PriceList prices, Materials materials) {
        this.prices = prices;
        this.materials = materials;
    }

    /** A price; {@code amount} is null where it was taken away. */
    record PriceView(
            String material,
            long version,
            @Nullable Double amount,
            String source,
            Instant changedAt,
            String changedBy) {
        static PriceView of(Version<KeptPrice> price) {
            return new PriceView(
                    price.id(),
                    price.version(),
                    price.value().amount(),
                    price.value().source(),
                    price.changedAt(),
                    price.changedBy());
        }
    }

    /** A price to set; without an amount it is taken away. */
    record PriceGiven(
            @DecimalMin(value = "0", message = "a price is 0 to 100000")
            @DecimalMax(value = "100000", message = "a price is 0 to 100000")
            @Nullable
            Double amount,

            @NotNull(message = "give where the price comes from; it may be empty")
            @Size(max = 200, message = "the source has at most 200 characters")
            String source) {}

    /** The newest price of each material that ever had one. */
    @GetMapping(path = "/api/stores/prices", produces = MediaType.APPLICATION_JSON_VALUE)
    List<PriceView> newest() {
        return prices.newest().stream().map(PriceView::of).toList();
    }

    /** Every price this material ever had, newest first. */
    @GetMapping(path = "/api/stores/prices/{material}", produces = MediaType.APPLICATION_JSON_VALUE)
    List<PriceView> history(@PathVariable("material") String material) {
        return prices.history(material).stream().map(PriceView::of).toList();
    }

    /** Sets a price; {@code If-Match} holds the version that was seen, 0 where there was none. */
    @PutMapping(
            path = "/api/stores/prices/{material}",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    PriceView set(
            @PathVariable("material") String material,
            @RequestHeader(name = HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody PriceGiven given,
            Principal who) {
        if (!known(material)) {
            throw new ApiException(Message.NO_MATERIAL, material);
        }
        OptionalDouble amount = given.amount() == null ? OptionalDouble.empty() : OptionalDouble.of(given.amount());
        if (!prices.set(material, amount, given.source(), Versions.read(ifMatch), who.getName())) {
            throw new ApiException(Message.PRICE_CHANGED);
        }
        return PriceView.of(prices.history(material).get(0));
    }

    private boolean known(String material) {
        Catalogue catalogue = materials.house().catalogue();
        return catalogue.foams().stream().anyMatch(f -> f.id().equals(material))
                || catalogue.boards().stream().anyMatch(b -> b.id().equals(material))
                || catalogue.wraps().stream().anyMatch(w -> w.id().equals(material))
                || Arrays.stream(Roll.values()).anyMatch(roll -> roll.id().equals(material));
    }
}
