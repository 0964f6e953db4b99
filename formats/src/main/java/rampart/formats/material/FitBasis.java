package rampart.formats.material;

import java.util.List;
import rampart.core.material.FirstRamp;
import rampart.core.material.Structure;
import rampart.core.material.Substance;
import rampart.formats.json.Problem;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.schema.PackSchema;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;

/**
 * What a fit of drop tests needs to know of a foam that may not be whole yet.
 *
 * @param stiffnessPerC change of stiffness per degC, by which drops at other temperatures are brought to 23 degC
 * @param ramp first ramp: what lies within it is left out
 */
public record FitBasis(double stiffnessPerC, FirstRamp ramp) {
    private static final List<String> FIELDS = List.of("/stiffnessPerC", "/substance", "/structure", "/ramp");

    /**
     * As the document of a foam says it.
     *
     * @throws UnreadableFileException where one of these fields is missing or not allowed
     */
    public static FitBasis of(JsonNode foam) {
        List<Problem> problems = PackSchema.problems(foam, "foam").stream()
                .filter(problem -> problem.path().isEmpty() || FIELDS.stream().anyMatch(problem.path()::startsWith))
                .toList();
        if (problems.isEmpty()) {
            problems = MaterialRules.ramp(foam, JsonPointer.empty());
        }
        if (!problems.isEmpty()) {
            throw new UnreadableFileException(problems);
        }
        Structure structure = MaterialMapper.structure(foam);
        Substance substance = MaterialMapper.substance(foam);
        return new FitBasis(
                foam.path("stiffnessPerC").asDouble(),
                MaterialMapper.ramp(foam.path("ramp")).orElseGet(() -> structure.ramp(substance)));
    }
}
