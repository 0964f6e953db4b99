package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.cost.Prices;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.core.quote.MaterialNeeds;
import rampart.core.words.Quantity;
import rampart.core.words.Unit;
import rampart.core.words.Wording;
import rampart.formats.compare.PackComparison;
import rampart.formats.json.Problem;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.pack.PackFile;
import rampart.formats.view.ComparisonView;
import rampart.server.stores.PriceList;
import rampart.server.verdicts.KeptVerdicts;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Compares packs; nothing is stored. */
@RestController
class ComparisonController {
    private final Catalogue catalogue;
    private final KeptVerdicts verdicts;
    private final JsonMapper mapper;
    private final PriceList prices;

    ComparisonController(Catalogue catalogue, KeptVerdicts verdicts, JsonMapper mapper, PriceList prices) {
        this.prices = prices;
        this.verdicts = verdicts;
        this.catalogue = catalogue;
        this.mapper = mapper;
    }

    /** Two pack files. */
    record TwoPacks(
            @NotNull(message = "give the pack before") @Schema(ref = OpenApiConfig.PACK_FILE)
            JsonNode before,

            @NotNull(message = "give the pack after") @Schema(ref = OpenApiConfig.PACK_FILE)
            JsonNode after) {}

    /** What differs between two packs, part by part in words, and what that does. */
    @PostMapping(
            path = "/api/comparisons",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    ComparisonView compare(@Valid @RequestBody TwoPacks packs, @Valid @ParameterObject UnitsAsked units) {
        PackFile before = read("/before", packs.before());
        PackFile after = read("/after", packs.after());
        ComparisonView view = ComparisonView.of(PackComparison.of(before, after, catalogue, verdicts, units.wording()));
        List<String> effects = new ArrayList<>(view.effects());
        cost(before, after, units.wording()).ifPresent(effects::add);
        return new ComparisonView(view.parts(), effects);
    }

    /** Of material at the prices of today, where it changes and is known of both. */
    private Optional<String> cost(PackFile before, PackFile after, Wording wording) {
        Prices today = prices.today();
        OptionalDouble from = cost(before, today);
        OptionalDouble to = cost(after, today);
        if (from.isEmpty() || to.isEmpty()) {
            return Optional.empty();
        }
        String was = money(from.getAsDouble(), wording);
        String is = money(to.getAsDouble(), wording);
        return was.equals(is)
                ? Optional.empty()
                : Optional.of("material " + was + " to " + is + " " + today.currency() + " at the prices of today");
    }

    private OptionalDouble cost(PackFile file, Prices today) {
        Catalogue materials = file.catalogue(catalogue);
        return MaterialNeeds.of(
                        file.pack(),
                        LayoutWalk.layUndrawn(file.pack().item(), file.pack().layers(), materials),
                        materials,
                        today)
                .cost();
    }

    private static String money(double amount, Wording wording) {
        return wording.amount(new Quantity(amount, Unit.NONE, 2)).number();
    }

    private PackFile read(String where, JsonNode pack) {
        try {
            return PackFile.read(mapper.writeValueAsBytes(pack));
        } catch (UnreadableFileException e) {
            List<Problem> problems = new ArrayList<>();
            e.problems().forEach(p -> problems.add(new Problem(where + p.path(), p.message())));
            throw new UnreadableFileException(problems);
        }
    }
}
