package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A table of bad pack files, no two alike: each is refused with its status, its field and words about it. */
@ExtendWith(RunningRampart.class)
class BadInputTest {
    private static final String GOOD = Http.demoPack("20-rain-gauge");

    /**
     * One bad input.
     *
     * @param what it tries
     * @param body raw bytes sent
     * @param path the field that must be named; empty for the whole file
     * @param says what the message must hold
     */
    record Bad(String what, byte[] body, int status, String path, String says) {
        @Override
        public String toString() {
            return what;
        }
    }

    private static Bad raw(String what, String body, String says) {
        return new Bad(what, body.getBytes(StandardCharsets.UTF_8), 400, "", says);
    }

    /** The good file with JSON text put at a JSON Pointer. */
    private static Bad at(String pointer, String json, String says) {
        return new Bad(pointer + " = " + json, changed(pointer, json), 400, pointer, says);
    }

    /** As {@link #at}, where the problem is told at another place. */
    private static Bad at(String pointer, String json, String told, String says) {
        return new Bad(pointer + " = " + json, changed(pointer, json), 400, told, says);
    }

    private static Bad without(String pointer, String says) {
        JsonNode tree = Http.MAPPER.readTree(GOOD);
        int cut = pointer.lastIndexOf('/');
        ((ObjectNode) tree.at(pointer.substring(0, cut))).remove(pointer.substring(cut + 1));
        return new Bad("without " + pointer, bytes(tree), 400, pointer, says);
    }

    private static byte[] changed(String pointer, String json) {
        JsonNode tree = Http.MAPPER.readTree(GOOD);
        int cut = pointer.lastIndexOf('/');
        JsonNode parent = tree.at(pointer.substring(0, cut));
        // A marker is put in and replaced as text, so that what is no JSON can be put in too.
        if (parent instanceof ArrayNode array) {
            array.set(Integer.parseInt(pointer.substring(cut + 1)), Http.MAPPER.valueToTree("MARKER"));
        } else {
            ((ObjectNode) parent).put(pointer.substring(cut + 1), "MARKER");
        }
        return new String(bytes(tree), StandardCharsets.UTF_8)
                .replace("\"MARKER\"", json)
                .getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] bytes(JsonNode tree) {
        return Http.MAPPER.writeValueAsBytes(tree);
    }

    static Stream<Bad> table() {
        return Stream.of(
                // malformed
                raw("nothing", "", "no body"),
                raw("blanks", "  \n\t ", "empty"),
                raw("not JSON", "a pack, please", "not JSON"),
                raw("cut off", GOOD.substring(0, GOOD.length() / 2), "ends too early"),
                raw("no last bracket", GOOD.strip().substring(0, GOOD.strip().length() - 1), "ends too early"),
                raw("two documents", GOOD + GOOD, "follows the end"),
                raw("text after the end", GOOD + " thanks", "not JSON"),
                raw("trailing comma", "{\"format\":\"rampart-pack/1\",}", "not JSON"),
                raw("single quotes", "{'format':'rampart-pack/1'}", "not JSON"),
                raw("comment", "{/* note */\"format\":\"rampart-pack/1\"}", "not JSON"),
                raw("unquoted name", "{format:\"rampart-pack/1\"}", "not JSON"),
                raw(
                        "control character in a text",
                        GOOD.replace("Rain gauge, funnel apart", "Rain\u0001gauge"),
                        "not JSON"),
                raw("broken escape", GOOD.replace("Rain gauge, funnel apart", "Rain \\q gauge"), "not JSON"),
                raw("XML", "<pack><item/></pack>", "not JSON"),
                // the wrong thing altogether
                raw("a list", "[" + GOOD + "]", "object"),
                raw("a text", "\"rampart-pack/1\"", "object"),
                raw("a number", "42", "object"),
                raw("null", "null", "object"),
                raw("true", "true", "object"),
                // encoding
                new Bad("UTF-16", GOOD.getBytes(StandardCharsets.UTF_16), 400, "", "not UTF-8"),
                new Bad(
                        "Latin-1",
                        GOOD.replace("Rain gauge, funnel apart", "Regenm\u00e4sser")
                                .getBytes(StandardCharsets.ISO_8859_1),
                        400,
                        "",
                        "not UTF-8"),
                new Bad("random bytes", new byte[] {(byte) 0xc3, 0x28, (byte) 0xff, 0x00, 0x7b}, 400, "", "not UTF-8"),
                // deep and large
                raw("65 lists deep", "[".repeat(65) + "]".repeat(65), "nested deeper than 64"),
                raw(
                        "ten thousand objects deep",
                        "{\"a\":".repeat(10_000) + "1" + "}".repeat(10_000),
                        "nested deeper than 64"),
                new Bad(
                        "over 2 MB",
                        ("{\"note\":\"" + "x".repeat(2_200_000) + "\"}").getBytes(StandardCharsets.UTF_8),
                        413,
                        "",
                        "2 MB"),
                raw("a number of 2000 digits", "{\"format\":" + "9".repeat(2000) + "}", "longer than is allowed"),
                // halves of characters
                at("/name", "\"x\\ud800y\"", "half of a character"),
                at("/item/features/0/note", "\"\\udc00\"", "half of a character"),
                new Bad(
                        "half a character in a field name",
                        GOOD.replace("\"kind\": \"fragile\"", "\"kind\": \"fragile\", \"\\ud83d\": 1")
                                .getBytes(StandardCharsets.UTF_8),
                        400,
                        "/item/features/0",
                        "half of a character"),
                // duplicate keys
                raw(
                        "format twice",
                        "{\"format\":\"rampart-pack/1\"," + GOOD.strip().substring(1),
                        "'format' stands twice"),
                raw(
                        "mass twice",
                        GOOD.replace("\"massKg\": 4.8", "\"massKg\": 4.8, \"massKg\": 5"),
                        "'massKg' stands twice"),
                // format
                at("/format", "\"rampart-pack/9\"", "newer"),
                at("/format", "\"rampart-pack/0\"", "rampart-pack/1"),
                at("/format", "1", "rampart-pack/1"),
                without("/format", "missing"),
                // not numbers
                at("/item/massKg", "NaN", "", "NaN"),
                at("/item/massKg", "Infinity", "", "not numbers"),
                at("/item/massKg", "-Infinity", "", "not"),
                at("/item/massKg", "\"4.8\"", "number of at least 0.000001"),
                at("/item/massKg", "null", "number of at least 0.000001"),
                at("/item/massKg", "true", "number of at least 0.000001"),
                at("/item/massKg", "[4.8]", "a list is not allowed"),
                at("/item/massKg", "{}", "an object is not allowed"),
                at("/item/massKg", "04.8", "", "not JSON"),
                at("/item/massKg", "+4.8", "", "not JSON"),
                at("/item/massKg", "4,8", "", "not JSON"),
                at("/item/massKg", "0x10", "", "not JSON"),
                // out of range
                at("/item/massKg", "0", "0 is not allowed; it must be a number of at least 0.000001"),
                at("/item/massKg", "-4.8", "-4.8 is not allowed"),
                at("/item/massKg", "1e999", "out of range"),
                at("/item/massKg", "1e-999999", "out of range"),
                at("/item/massKg", "1e2147483000", "out of range"),
                at("/item/massKg", "100001", "at most 10000"),
                at("/item/quantity", "0", "whole number of at least 1"),
                at("/item/quantity", "1.5", "whole number"),
                at("/item/sizeMm/length", "-1", "at least 0.01"),
                at("/item/sizeMm/width", "1e9", "at most 10000"),
                without("/item/sizeMm/height", "missing"),
                at("/item/sizeMm", "[320, 200, 230]", "object with length, width, height"),
                at("/item/centreOfMassMm/x", "161", "from -160.0 to 160.0"),
                at("/item/centreOfMassMm/z", "-115.5", "outside the item"),
                at("/item/fragility/criticalAccelerationG", "0", "at least 0.1"),
                at("/item/fragility/basis", "\"guess\"", "one of test, class, estimate"),
                without("/item/fragility/basis", "one of test, class, estimate"),
                at("/item/fragility/componentQ", "-3", "at least 0.1"),
                at(
                        "/item/fragility/criticalAccelerationByFaceG",
                        "{\"under\": 30}",
                        "/item/fragility/criticalAccelerationByFaceG/under",
                        "unknown field 'under'"),
                at(
                        "/item/value",
                        "{\"amount\": 5, \"currency\": \"euro\"}",
                        "/item/value/currency",
                        "three capital letters"),
                at("/item/features/0/kind", "\"wobbly\"", "irreplaceable"),
                at("/item/name", "\"\"", "1 to 200 characters"),
                at("/name", "\"   \"", "not blank"),
                at("/name", "\"" + "n".repeat(201) + "\"", "1 to 200 characters"),
                // unknown fields
                at("/colour", "\"red\"", "unknown field 'colour'"),
                at("/item/massG", "4800", "unknown field 'massG'"),
                at("/layers/0/colour", "\"red\"", "allowed here: id, kind, material, thicknessMm"),
                at("/layers/1/bearingMm2", "{\"all\": 15000}", "unknown field 'bearingMm2'"),
                at("/materials", "[]", "object"),
                at("/materials", "{\"foams\": []}", "/materials/foams", "unknown field"),
                // journey
                at("/journey/drop/heightMm", "760", "only with basis own"),
                at("/journey/drop", "{\"basis\": \"own\"}", "/journey/drop/heightMm", "missing"),
                at("/journey/drop", "{\"basis\": \"own\", \"heightMm\": 0}", "/journey/drop/heightMm", "at least 0.1"),
                at("/journey/drop/basis", "\"parcel\"", "one of parcel-1a"),
                at("/journey/drop/sequence", "\"some\"", "one of all, ten, faces"),
                at("/journey/drop/impacts", "2", "one of first, repeated"),
                at(
                        "/journey/temperatureC",
                        "{\"min\": 30, \"max\": -10}",
                        "/journey/temperatureC/min",
                        "above the highest"),
                at("/journey/temperatureC/max", "5000", "at most 150"),
                at("/journey/stack/relativeHumidity", "80", "at most 1"),
                at("/journey/stack", "{\"days\": 3}", "/journey/stack/heightMm", "missing"),
                at("/journey/stack/pattern", "\"brick\"", "interlocked"),
                at("/journey/vibration", "{\"profile\": \"own\"}", "/journey/vibration/psd", "missing"),
                at(
                        "/journey/vibration",
                        "{\"profile\": \"truck-II\", \"psd\": [[1, 1], [2, 1]]}",
                        "/journey/vibration/psd",
                        "only with profile own"),
                at(
                        "/journey/vibration",
                        "{\"profile\": \"own\", \"psd\": [[1, 1]]}",
                        "/journey/vibration/psd",
                        "2 to 200"),
                at(
                        "/journey/vibration",
                        "{\"profile\": \"own\", \"psd\": [[5, 1], [2, 1]]}",
                        "/journey/vibration/psd/1/0",
                        "does not rise"),
                at(
                        "/journey/vibration",
                        "{\"profile\": \"own\", \"psd\": [[1, 0], [2, 1]]}",
                        "/journey/vibration/psd/0/1",
                        "at least 0.000000000001"),
                at(
                        "/journey/vibration",
                        "{\"profile\": \"own\", \"psd\": [[1, 1, 1], [2, 1]]}",
                        "/journey/vibration/psd/0",
                        "pair"),
                // layers
                at("/layers", "[]", "1 to 50"),
                at("/layers", "{}", "list"),
                at(
                        "/layers/4",
                        "{\"kind\": \"wrap\", \"material\": \"film\", \"thicknessMm\": 1}",
                        "/layers/4/kind",
                        "must be a box"),
                at("/layers/0/kind", "\"moat\"", "one of wrap, cushion, box"),
                at("/layers/0", "{\"material\": \"film\"}", "/layers/0/kind", "missing"),
                at("/layers/0", "null", "object"),
                at("/layers/0/thicknessMm", "-1", "at least 0"),
                at("/layers/0/material", "\"silk\"", "one of tissue, foam-sheet, film"),
                at("/layers/1/material", "\"pe-99\"", "pe-28"),
                at("/layers/1/form", "\"ring\"", "one of full, pads, corners"),
                at("/layers/1/thicknessMm/bottom", "-40", "at least 0"),
                at("/layers/1/thicknessMm/underneath", "40", "unknown field 'underneath'"),
                at("/layers/1/thicknessMm", "45", "object with left, right"),
                at("/layers/1/padCount/all", "0", "whole number of at least 1"),
                at("/layers/1/padCount/top", "2.5", "whole number"),
                without("/layers/1/bearingCm2", "missing"),
                at("/layers/1/blockMm", "{\"length\": 1, \"width\": 1, \"height\": 1}", "only with form corners"),
                at("/layers/3/bearingCm2", "{\"all\": 10}", "only with form pads"),
                at("/layers/2/style", "\"0427\"", "0201"),
                at("/layers/2/board", "\"c-33\"", "c-32"),
                at("/layers/2/slackMm", "-2", "at least 0"),
                at("/layers/2/stock", "{}", "/layers/2/stock/insideMm", "missing"),
                at("/layers/2/stock", "\"large\"", "or null"),
                at("/layers/1/id", "\"\"", "1 to 40 characters"));
    }

    @ParameterizedTest
    @MethodSource("table")
    void isRefusedWithItsReason(Bad bad) {
        Answer answer = Http.signedIn().send("POST", "api/evaluations", bad.body());
        assertThat(answer.status()).as(answer.body()).isEqualTo(bad.status());
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.body())
                .doesNotContain(
                        "Exception", "jackson", "springframework", "SELECT", "\\tat ", "rampart.formats", "java.");
        JsonNode problem = answer.json();
        assertThat(problem.path("status").asInt()).isEqualTo(bad.status());
        List<String> told = problem.path("errors")
                .valueStream()
                .filter(e -> e.path("path").asString().equals(bad.path()))
                .map(e -> e.path("message").asString())
                .toList();
        String words = told.isEmpty() ? problem.path("detail").asString() : String.join(" ", told);
        if (!bad.path().isEmpty()) {
            assertThat(told).as("one entry for the field in " + answer.body()).hasSize(1);
        }
        assertThat(words).contains(bad.says());
    }

    @Test
    void theTableIsLongAndNoTwoAreAlike() {
        List<Bad> all = table().toList();
        Set<String> bodies = new HashSet<>();
        all.forEach(bad -> bodies.add(new String(bad.body(), StandardCharsets.ISO_8859_1)));
        assertThat(all).hasSizeGreaterThanOrEqualTo(60);
        assertThat(bodies).hasSameSizeAs(all);
    }

    /** What the table changes is otherwise good: the unchanged file is taken. */
    @Test
    void theUnchangedFileIsTaken() {
        assertThat(Http.signedIn().post("api/evaluations", GOOD).status()).isEqualTo(200);
    }

    @Test
    void twoTroublesGiveTwoEntries() {
        String two = GOOD.replace("\"massKg\": 4.8", "\"massKg\": -1").replace("\"slackMm\": 3", "\"slackMm\": -3");
        JsonNode errors = Http.signedIn().post("api/evaluations", two).json().path("errors");
        assertThat(errors.valueStream().map(e -> e.path("path").asString()))
                .containsExactlyInAnyOrder("/item/massKg", "/layers/2/slackMm");
    }
}
