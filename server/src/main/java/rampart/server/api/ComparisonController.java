package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.material.Catalogue;
import rampart.formats.compare.PackComparison;
import rampart.formats.json.Problem;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.pack.PackFile;
import rampart.formats.view.ComparisonView;
import rampart.server.verdicts.KeptVerdicts;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Compares packs; nothing is stored. */
@RestController
class ComparisonController {
    private final Catalogue catalogue;
    private final KeptVerdicts verdicts;
    private final JsonMapper mapper;

    ComparisonController(Catalogue catalogue, KeptVerdicts verdicts, JsonMapper mapper) {
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
        return ComparisonView.of(PackComparison.of(
                read("/before", packs.before()), read("/after", packs.after()), catalogue, verdicts, units.wording()));
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
