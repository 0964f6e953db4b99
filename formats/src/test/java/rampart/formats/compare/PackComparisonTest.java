package rampart.formats.compare;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.material.StandardCatalogue;
import rampart.core.words.Wording;
import rampart.formats.json.Json;
import rampart.formats.pack.PackFile;
import rampart.formats.view.EvaluationView;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Two packs compared in words, on the demo's rain gauge. */
class PackComparisonTest {
    private static final Path GAUGE = Path.of("../demo/packs/20-rain-gauge.json");

    private static PackFile gauge(Consumer<ObjectNode> change) throws IOException {
        ObjectNode tree = (ObjectNode) Json.read(
                PackFile.read(Files.readAllBytes(GAUGE)).withIds(new Random(1)).write());
        change.accept(tree);
        return PackFile.read(tree.toString().getBytes(StandardCharsets.UTF_8));
    }

    private static PackComparison compare(Consumer<ObjectNode> change) throws IOException {
        return PackComparison.of(gauge(t -> {}), gauge(change), StandardCatalogue.get(), Verdicts.ANEW, Wording.METRIC);
    }

    private static int cushion(ObjectNode tree) {
        for (int i = 0; i < tree.path("layers").size(); i++) {
            if (tree.path("layers").get(i).path("kind").asString().equals("cushion")) {
                return i;
            }
        }
        throw new AssertionError("no cushion");
    }

    private static ObjectNode layer(ObjectNode tree) {
        return (ObjectNode) tree.path("layers").get(cushion(tree));
    }

    @Test
    void theSamePackHasNoDifferenceHoweverItIsWritten() throws IOException {
        PackComparison same = compare(t -> {
            ((ObjectNode) t.path("item"))
                    .put(
                            "massKg",
                            new java.math.BigDecimal(
                                    t.path("item").path("massKg").asString() + "000"));
            t.putNull("materials");
            t.remove("materials");
        });
        assertThat(same.parts()).isEmpty();
        assertThat(same.effects()).isEmpty();
    }

    @Test
    void aThinnerWallIsNamedByItsFacesAndWhatComesOfIt() throws IOException {
        PackComparison thinner = compare(t -> {
            ObjectNode sides = layer(t).putObject("thicknessMm");
            List.of("left", "right", "front", "back", "top").forEach(face -> sides.put(face, 45));
            sides.put("bottom", 10);
        });
        assertThat(thinner.parts()).hasSize(1);
        assertThat(thinner.parts().get(0).path()).startsWith("/layers/");
        assertThat(thinner.parts().get(0).words()).contains("bottom ").endsWith(" to 10 mm");
        assertThat(thinner.effects()).anyMatch(e -> e.matches("verdict thin to breaks"));
        assertThat(thinner.effects()).anyMatch(e -> e.contains("now break"));
        assertThat(thinner.effects()).anyMatch(e -> e.startsWith("outside "));
    }

    @Test
    void sidesThatChangeAlikeAreToldOnce() throws IOException {
        PackComparison all = compare(t -> layer(t).putObject("thicknessMm").put("all", 90));
        assertThat(all.parts().get(0).words()).contains("to 90 mm");
        PackComparison again = PackComparison.of(
                gauge(t -> layer(t).putObject("thicknessMm").put("all", 60)),
                gauge(t -> layer(t).putObject("thicknessMm").put("all", 90)),
                StandardCatalogue.get(),
                Verdicts.ANEW,
                Wording.METRIC);
        assertThat(again.parts().get(0).words()).isEqualTo("all round 60 to 90 mm");
    }

    @Test
    void itemAndJourneyAreNamedPartByPart() throws IOException {
        PackComparison changed = compare(t -> {
            ObjectNode item = (ObjectNode) t.path("item");
            item.put("massKg", 6);
            ((ObjectNode) item.path("fragility")).put("criticalAccelerationG", 40);
            ((ObjectNode) t.path("journey").path("drop")).put("basis", "own").put("heightMm", 500);
        });
        assertThat(changed.parts())
                .extracting(PackComparison.Part::path)
                .containsExactly("/item/massKg", "/item/fragility", "/journey/drop");
        assertThat(changed.parts().get(0).words()).endsWith(" to 6 kg");
        assertThat(changed.parts().get(1).words()).endsWith(" to 40 G");
        assertThat(changed.parts().get(2).words())
                .contains("by parcel-1a to own")
                .contains("height none to 500 mm");
    }

    @Test
    void layersThatComeGoOrMoveAreOnePart() throws IOException {
        PackComparison without = compare(t -> ((ArrayNode) t.path("layers")).remove(cushion(t)));
        assertThat(without.parts()).hasSize(1);
        assertThat(without.parts().get(0).path()).isEqualTo("/layers");
        assertThat(without.parts().get(0).words()).contains("taken out");
        PackComparison more = compare(t -> {
            ArrayNode layers = (ArrayNode) t.path("layers");
            ObjectNode wrap = layers.insertObject(0);
            wrap.put("id", "new").put("kind", "wrap").put("material", "film").put("thicknessMm", 1);
        });
        assertThat(more.parts().get(0).words()).isEqualTo("Film added");
    }

    @Test
    void aCartonFromStockIsSaidSo() throws IOException {
        PackComparison stock = compare(t -> {
            ArrayNode layers = (ArrayNode) t.path("layers");
            ((ObjectNode) layers.get(layers.size() - 1))
                    .putObject("stock")
                    .putObject("insideMm")
                    .put("length", 600)
                    .put("width", 500)
                    .put("height", 500);
        });
        assertThat(stock.parts().get(0).title()).isEqualTo("Outer carton");
        assertThat(stock.parts().get(0).words())
                .isEqualTo("carton made to size to from stock, 600 × 500 × 500 mm inside");
    }

    /** A report that was kept of older rules against today's: the verdict and the checks that turned are told. */
    @Test
    void whatOtherRulesChangeOfAKeptReportIsTold() throws IOException {
        PackFile file = gauge(t -> {});
        Evaluation today = Evaluator.evaluate(file.pack(), StandardCatalogue.get());
        EvaluationView kept = EvaluationView.of(today, Wording.METRIC);
        assertThat(PackComparison.effects(kept, today)).isEmpty();
        EvaluationView older = Json.MAPPER.readValue(
                Json.MAPPER
                        .writeValueAsString(kept)
                        .replaceFirst("\"verdict\" : \"thin\"", "\"verdict\" : \"holds\"")
                        .replaceAll("\"status\" : \"thin\"", "\"status\" : \"holds\""),
                EvaluationView.class);
        assertThat(PackComparison.effects(older, today))
                .contains("verdict holds to thin", "standing on its pads now thin");
    }
}
