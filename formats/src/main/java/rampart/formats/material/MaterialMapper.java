package rampart.formats.material;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.material.CreepFit;
import rampart.core.material.CreepLaw;
import rampart.core.material.CushionFit;
import rampart.core.material.CushionLaw;
import rampart.core.material.FirstRamp;
import rampart.core.material.Flute;
import rampart.core.material.Foam;
import rampart.core.material.Measured;
import rampart.core.material.ResonanceFit;
import rampart.core.material.StressEnergyLine;
import rampart.core.material.Structure;
import rampart.core.material.Substance;
import rampart.core.material.WrapMaterial;
import rampart.core.quantity.Basis;
import rampart.formats.json.Values;
import tools.jackson.databind.JsonNode;

/** From the valid materials of a pack file to what they mean. */
public final class MaterialMapper {
    private MaterialMapper() {}

    /** @param materials the object {@code materials} of a pack file; missing for none */
    public static Catalogue catalogue(JsonNode materials) {
        List<Foam> foams = new ArrayList<>();
        List<Board> boards = new ArrayList<>();
        List<WrapMaterial> wraps = new ArrayList<>();
        materials.path("foams").forEach(node -> foams.add(foam(node)));
        materials.path("boards").forEach(node -> boards.add(board(node)));
        materials.path("wraps").forEach(node -> wraps.add(wrap(node)));
        return new Catalogue(foams, boards, wraps);
    }

    static Foam foam(JsonNode node) {
        Substance substance = substance(node);
        Structure structure = structure(node);
        StressEnergyLine line = line(node.path("law"));
        JsonNode tests = node.path("tests");
        double modulus = node.path("dynamicModulusKpa").asDouble();
        double q = node.path("q").asDouble();
        Measured measured = new Measured(
                optional(tests.path("first")).map(fit -> fit(line, fit)),
                optional(tests.path("repeated")).map(fit -> fit(line(fit.path("law")), fit)),
                optional(tests.path("creep")).map(MaterialMapper::creep),
                optional(tests.path("vibration"))
                        .map(fit -> new ResonanceFit(
                                modulus,
                                q,
                                fit.path("cushions").asInt(),
                                fit.path("points").asInt())));
        return new Foam(
                node.path("id").asString(),
                node.path("name").asString(),
                node.path("densityKgM3").asDouble(),
                new CushionLaw(line, ramp(node.path("ramp")).orElseGet(() -> structure.ramp(substance))),
                node.path("creepLimitKpa").asDouble(),
                node.path("repeatFactor").asDouble(),
                node.path("stiffnessPerC").asDouble(),
                modulus,
                q,
                node.path("note").asString(""),
                Basis.valueOf(node.path("basis").asString().toUpperCase(Locale.ROOT)),
                node.path("source").asString(""),
                substance,
                structure,
                node.path("squeezeKpa").asDouble(),
                measured);
    }

    static Board board(JsonNode node) {
        return new Board(
                node.path("id").asString(),
                node.path("name").asString(),
                Flute.valueOf(node.path("flute").asString().toUpperCase(Locale.ROOT)),
                node.path("caliperMm").asDouble(),
                node.path("edgeCrushLbPerIn").asDouble(),
                node.path("grammageGm2").asDouble(),
                node.path("limitLb").asDouble(),
                node.path("limitIn").asDouble(),
                Basis.INPUT,
                node.path("source").asString(""),
                new Board.Panel(Values.number(node.path("bendingNm")), Values.number(node.path("punctureJ"))));
    }

    static WrapMaterial wrap(JsonNode node) {
        return new WrapMaterial(
                node.path("id").asString(),
                node.path("name").asString(),
                substance(node),
                node.path("source").asString(""));
    }

    static Substance substance(JsonNode node) {
        return Substance.valueOf(
                node.path("substance").asString().toUpperCase(Locale.ROOT).replace('-', '_'));
    }

    /** How a material is built; format 2 does not say, all are foams there. */
    static Structure structure(JsonNode node) {
        return Structure.valueOf(
                node.path("structure").asString("foam").toUpperCase(Locale.ROOT).replace('-', '_'));
    }

    /** The first ramp that a material knows better than its structure does; empty where it says none. */
    static Optional<FirstRamp> ramp(JsonNode node) {
        return node.isObject()
                ? Optional.of(FirstRamp.of(
                        node.path("share").asDouble(), node.path("exponent").asInt()))
                : Optional.empty();
    }

    private static StressEnergyLine line(JsonNode node) {
        return new StressEnergyLine(
                node.path("aKpa").asDouble(), node.path("bPerKpa").asDouble());
    }

    private static CushionFit fit(StressEnergyLine line, JsonNode node) {
        return new CushionFit(
                line,
                node.path("points").asInt(),
                node.path("rSquared").asDouble(),
                node.path("residual").asDouble(),
                node.path("meanX").asDouble(),
                node.path("spreadX").asDouble(),
                node.path("fromX").asDouble(),
                node.path("toX").asDouble());
    }

    private static CreepFit creep(JsonNode node) {
        return new CreepFit(
                new CreepLaw(
                        node.path("c1").asDouble(),
                        node.path("c2").asDouble(),
                        node.path("atKpa").asDouble()),
                node.path("points").asInt(),
                node.path("rSquared").asDouble(),
                node.path("residual").asDouble(),
                node.path("toHours").asDouble());
    }

    private static Optional<JsonNode> optional(JsonNode node) {
        return node.isObject() ? Optional.of(node) : Optional.empty();
    }
}
