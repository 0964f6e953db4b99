package rampart.formats.compare;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.IntStream;
import rampart.core.evaluation.Evaluation;
import rampart.core.layout.LayerKind;
import rampart.core.material.Catalogue;
import rampart.core.words.Wording;
import rampart.formats.difference.ComparedWords;
import rampart.formats.pack.PackFile;
import rampart.formats.view.EvaluationView;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;

/**
 * Two pack files compared, in a packer's words.
 *
 * @param parts what differs, each a part that can be taken from one file or the other
 * @param effects what the differences do: verdict, checks that turned, size and mass
 */
public record PackComparison(List<Part> parts, List<String> effects) {
    private static final JsonPointer LAYERS = JsonPointer.compile("/layers");

    /** Parts that are taken whole, in reading order; layers come after them. */
    private static final List<Named> PARTS = List.of(
            new Named("/name", "Name"),
            new Named("/item/name", "Item's name"),
            new Named("/item/quantity", "Quantity"),
            new Named("/item/sizeMm", "Item's size"),
            new Named("/item/massKg", "Item's mass"),
            new Named("/item/centreOfMassMm", "Centre of mass"),
            new Named("/item/fragility", "What the item bears"),
            new Named("/item/value", "Value"),
            new Named("/item/features", "Features"),
            new Named("/item/surfaces", "Surfaces"),
            new Named("/item/bearsKpa", "Pressure that the item bears"),
            new Named("/journey/name", "Journey's name"),
            new Named("/journey/drop", "Drops"),
            new Named("/journey/vibration", "Shaking on the way"),
            new Named("/journey/stack", "Pile"),
            new Named("/journey/temperatureC", "Temperatures"),
            new Named("/journey/hours", "Hours on the way"),
            new Named("/journey/storageHours", "Hours in storage"),
            new Named("/materials", "House materials"));

    /**
     * One difference.
     *
     * @param path JSON Pointer of the part in both files
     * @param title what the part is
     * @param words how it differs, from before to after
     */
    public record Part(String path, String title, String words) {}

    private record Named(String path, String title) {}

    /** Compares two files, each with the materials that it brings; what is said is said in these units. */
    public static PackComparison of(
            PackFile before, PackFile after, Catalogue catalogue, Verdicts verdicts, Wording wording) {
        JsonNode from = before.document();
        JsonNode to = after.document();
        List<Part> parts = new ArrayList<>();
        for (Named named : PARTS) {
            add(parts, named, from, to, wording);
        }
        layers(parts, from, to, before.catalogue(catalogue).with(after.catalogue(catalogue)), wording);
        List<String> effects = parts.isEmpty()
                ? List.of()
                : effects(verdicts.of(before, catalogue), verdicts.of(after, catalogue), wording);
        return new PackComparison(List.copyOf(parts), effects);
    }

    /** What other rules do to a pack of which a report was kept: verdict and checks that turned. */
    public static List<String> effects(EvaluationView report, Evaluation after) {
        return ComparedEffects.since(report, after);
    }

    /** What the differences between two packs do. */
    public static List<String> effects(Evaluation before, Evaluation after, Wording wording) {
        return ComparedEffects.of(before, after, wording);
    }

    private static void add(List<Part> parts, Named named, JsonNode from, JsonNode to, Wording wording) {
        JsonPointer path = JsonPointer.compile(named.path());
        List<String> words = ComparedWords.of(path.last().getMatchingProperty(), from.at(path), to.at(path), wording);
        if (!words.isEmpty()) {
            parts.add(new Part(named.path(), named.title(), String.join("; ", words)));
        }
    }

    private static void layers(List<Part> parts, JsonNode from, JsonNode to, Catalogue catalogue, Wording wording) {
        List<String> before = layerKeys(from.path("layers"));
        List<String> after = layerKeys(to.path("layers"));
        if (before.equals(after)) {
            for (int i = 0; i < before.size(); i++) {
                JsonNode layer = to.path("layers").get(i);
                add(
                        parts,
                        new Named(LAYERS.appendIndex(i).toString(), capital(name(layer, i, after.size(), catalogue))),
                        from,
                        to,
                        wording);
            }
            return;
        }
        // Layers came, went or moved: they are one part, since half of either would be a pack nobody made.
        List<String> words = new ArrayList<>();
        Set<String> both = new LinkedHashSet<>(before);
        both.retainAll(after);
        for (int i = 0; i < after.size(); i++) {
            if (!both.contains(after.get(i))) {
                words.add(name(to.path("layers").get(i), i, after.size(), catalogue) + " added");
            }
        }
        for (int i = 0; i < before.size(); i++) {
            if (!both.contains(before.get(i))) {
                words.add(name(from.path("layers").get(i), i, before.size(), catalogue) + " taken out");
            }
        }
        List<String> stayedBefore = before.stream().filter(both::contains).toList();
        List<String> stayedAfter = after.stream().filter(both::contains).toList();
        if (!stayedBefore.equals(stayedAfter)) {
            words.add("layers in another order");
        }
        for (String key : both) {
            JsonNode layer = to.path("layers").get(after.indexOf(key));
            List<String> inside =
                    ComparedWords.of("layer", from.path("layers").get(before.indexOf(key)), layer, wording);
            if (!inside.isEmpty()) {
                words.add(name(layer, after.indexOf(key), after.size(), catalogue) + ": " + String.join("; ", inside));
            }
        }
        parts.add(new Part(LAYERS.toString(), "Layers", String.join("; ", words)));
    }

    private static List<String> layerKeys(JsonNode layers) {
        return IntStream.range(0, layers.size())
                .mapToObj(i -> layers.get(i).path("id").asString(String.valueOf(i)))
                .toList();
    }

    private static String name(JsonNode layer, int index, int count, Catalogue catalogue) {
        String id = layer.path("material").asString();
        return switch (LayerKind.of(layer.path("kind").asString())) {
            case BOX -> index == count - 1 ? "outer carton" : "inner box";
            case BOARDS -> "rigid boards";
            case CUSHION -> catalogue.foam(id).name();
            case WRAP -> catalogue.wrap(id).name();
        };
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
