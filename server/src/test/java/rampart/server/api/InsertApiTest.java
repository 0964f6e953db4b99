package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A bed on its way to the table: ways, pieces, files, what may not be cut by heat, and outlines out of files. */
@ExtendWith(RunningRampart.class)
class InsertApiTest {
    private static final String SLEDGE = "70-survey-sledge";

    private final Http http = Http.signedIn();

    private String sledge() {
        return http.post("api/packs", Http.demoPack(SLEDGE)).json().path("id").asString();
    }

    @Test
    void theWaysStandBesideEachOther() {
        JsonNode making = http.post("api/beds/making", Http.demoPack(SLEDGE)).json();
        List<String> kinds = new ArrayList<>();
        for (JsonNode way : making.path("ways")) {
            kinds.add(way.path("kind").asString());
            assertThat(way.path("minutes").asDouble()).isPositive();
            assertThat(way.path("wastePercent").asDouble()).isBetween(1.0, 99.0);
            assertThat(way.path("foamLitres").asDouble()).isBetween(30.0, 90.0);
        }
        assertThat(kinds).contains("block", "sheets", "pick_out");
        assertThat(making.path("pieces")).hasSizeGreaterThanOrEqualTo(2);
        assertThat(making.at("/steps/0/knifeMm").asDouble()).isPositive();
        JsonNode sheets = http.post("api/beds/making?sheetMm=25&turn=front&kerfMm=0.3", Http.demoPack(SLEDGE))
                .json();
        assertThat(sheets.path("steps")).isEmpty();
        assertThat(sheets.at("/pieces/0/title").asString())
                .startsWith("base, piece 1 of")
                .contains("25 mm thick");
        assertThat(http.post("api/beds/making?sheetMm=1", Http.demoPack(SLEDGE)).status())
                .isEqualTo(400);
        assertThat(http.post("api/beds/making?kerfMm=NaN", Http.demoPack(SLEDGE))
                        .status())
                .isEqualTo(400);
        assertThat(http.post("api/beds/making", Http.demoPack("10-hygrometer")).status())
                .isEqualTo(422);
    }

    @Test
    void theFilesAreTakenAway() throws IOException {
        String at = "api/packs/" + sledge() + "/insert-files";
        Answer archive = http.get(at + "?sheetMm=25");
        assertThat(archive.status()).isEqualTo(200);
        assertThat(archive.raw().headers().firstValue("Content-Disposition").orElseThrow())
                .contains(".zip");
        int entries = 0;
        try (ZipInputStream zip =
                new ZipInputStream(new ByteArrayInputStream(archive.raw().body()))) {
            while (zip.getNextEntry() != null) {
                entries++;
            }
        }
        assertThat(entries).isGreaterThan(10);
        Answer svg = http.get(at + "?file=svg&piece=base-1-of-1");
        assertThat(svg.body()).contains("<svg", "viewBox");
        assertThat(http.get(at + "?file=dxf&piece=base-1-of-1").body()).contains("ENTITIES");
        Answer none = http.get(at + "?file=svg&piece=roof");
        assertThat(none.status()).isEqualTo(404);
        assertThat(none.json().path("detail").asString()).contains("'roof'", "base-1-of-1");
        assertThat(http.get(at + "?file=pdf&paper=a3").raw().body()).startsWith('%', 'P', 'D', 'F');
        assertThat(http.get("api/fit-coupon?file=dxf").body()).contains("plug");
        assertThat(http.get("api/packs/none/insert-files").status()).isEqualTo(404);
    }

    private static final String FOAM = """
            {"document":{"name":"%s","substance":"%s","densityKgM3":30,"law":{"aKpa":90,"bPerKpa":0.017},
             "creepLimitKpa":5,"repeatFactor":1.15,"stiffnessPerC":-0.004,"dynamicModulusKpa":500,"q":4.5,"squeezeKpa":45,
             "note":"","basis":"nominal","source":"made up for a test"},"tests":{"drops":"","creep":"","vibration":""}}""";

    /** Polyethylene may be cut by heat; what holds chlorine may not, until somebody has read the sheet and says so. */
    @Test
    void whatHoldsChlorineIsNotCutByHeat() {
        assertThat(http.get("api/packs/" + sledge() + "/insert-files?file=zip&cutter=laser")
                        .status())
                .isEqualTo(200);
        JsonNode foam = http.post("api/stores/materials/foam", FOAM.formatted("Grey liner, unmarked", "pvc"))
                .json();
        String id = foam.path("id").asString();
        try {
            ObjectNode file =
                    (ObjectNode) Http.MAPPER.readTree(Http.demoPack(SLEDGE).replace("\"pe-28\"", "\"" + id + "\""));
            file.putObject("materials").putArray("foams").add(foam.path("document"));
            String pack =
                    http.post("api/packs", file.toString()).json().path("id").asString();
            String at = "api/packs/" + pack + "/insert-files?file=zip&cutter=";
            for (String hot : new String[] {"laser", "hot_wire"}) {
                Answer refused = http.get(at + hot);
                assertThat(refused.status()).isEqualTo(422);
                assertThat(refused.json().path("detail").asString())
                        .contains("Grey liner, unmarked", "PVC", "data sheet");
            }
            assertThat(http.get(at + "knife").status()).isEqualTo(200);
            confirm(id);
            assertThat(http.get(at + "laser").status()).isEqualTo(200);
            assertThat(Http.signedIn(RunningRampart.keeper()).get("api/events").body())
                    .contains("has read the data sheet", "Liner, maker's sheet, dated 2026-01-02");
        } finally {
            http.send("DELETE", "api/stores/materials/" + id, null, "If-Match", "\"1\"");
        }
    }

    private void confirm(String foam) {
        String at = "api/stores/data-sheets/" + foam;
        JsonNode before = http.get(at).json();
        assertThat(before.path("allowed").asBoolean()).isFalse();
        assertThat(before.path("unknown").asBoolean()).isTrue();
        String sheet = "{\"title\": \"Liner, maker's sheet\", \"dated\": \"%s\"}";
        assertThat(http.post(at, sheet.formatted(LocalDate.now(ZoneOffset.UTC).plusDays(40)))
                        .status())
                .isEqualTo(400);
        assertThat(http.post(at, "{\"title\": \" \", \"dated\": \"2026-01-02\"}")
                        .status())
                .isEqualTo(400);
        assertThat(http.post(at, sheet.formatted("2026-01-02")).status()).isEqualTo(201);
        JsonNode now = http.get(at).json();
        assertThat(now.path("allowed").asBoolean()).isTrue();
        assertThat(now.at("/confirmed/0/title").asString()).isEqualTo("Liner, maker's sheet");
        assertThat(now.at("/confirmed/0/confirmedBy").asString()).isNotBlank();
        assertThat(http.get("api/stores/data-sheets/nothing").status()).isEqualTo(404);
    }

    private static byte[] json(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    /** Every pad of the pack lies on a sheet, once for each pack; two packs need no more than twice the sheets. */
    @Test
    void thePiecesLieOnSheets() {
        String pack = Http.demoPack("20-rain-gauge");
        JsonNode one = http.post("api/sheet-plans?kerfMm=2", pack).json();
        assertThat(one).isNotEmpty();
        int parts = 0;
        int placed = 0;
        for (JsonNode plan : one) {
            for (JsonNode part : plan.path("parts")) {
                parts += part.path("count").asInt();
            }
            for (JsonNode sheet : plan.path("sheets")) {
                placed += sheet.path("placed").size();
                assertThat(sheet.path("cuts")).isNotEmpty();
            }
            assertThat(plan.path("packsPerSheet").asInt()).isPositive();
            assertThat(plan.path("yieldPercent").asDouble()).isBetween(0.1, 100.0);
        }
        assertThat(placed).isEqualTo(parts).isPositive();
        assertThat(http.post("api/sheet-plans?packs=0", pack).status()).isEqualTo(400);
        assertThat(http.post("api/sheet-plans?lengthMm=7000", pack).status()).isEqualTo(400);
    }

    @Test
    void outlinesComeOutOfAFile() {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' width='120mm' height='80mm' viewBox='0 0 120 80'>"
                + "<g id='plate'><rect width='120' height='80'/></g><circle cx='60' cy='40' r='10'/></svg>";
        JsonNode read = http.send("POST", "api/outlines", json(svg), "Content-Type", "application/octet-stream")
                .json();
        assertThat(read.path("unit").asString()).isEqualTo("mm");
        assertThat(read.path("outlines")).hasSize(2);
        assertThat(read.at("/outlines/0/layer").asString()).isEqualTo("plate");
        assertThat(read.at("/outlines/0/placesMm")).hasSize(4);
        Answer broken = http.send("POST", "api/outlines", json("<svg"), "Content-Type", "application/octet-stream");
        assertThat(broken.status()).isEqualTo(400);
        assertThat(broken.json().path("detail").asString()).contains("The drawing was not taken", "line");
        assertThat(http.send("POST", "api/outlines?unit=cubit", json(svg), "Content-Type", "application/octet-stream")
                        .json()
                        .path("detail")
                        .asString())
                .contains("mm, cm", "cubit");
        assertThat(http.send("POST", "api/outlines?gapMm=99", json(svg), "Content-Type", "application/octet-stream")
                        .status())
                .isEqualTo(400);
    }

    /** The demo's photograph laid flat, traced at two heights; what comes back from elsewhere is refused with its reason. */
    @Test
    void outlinesComeOutOfAPhotograph() throws IOException {
        byte[] photograph = java.nio.file.Files.readAllBytes(
                java.nio.file.Path.of("..", "demo", "photographs", "loan-theodolite.jpg"));
        JsonNode flat = http.send("POST", "api/outlines/photograph", photograph, "Content-Type", "image/jpeg")
                .json();
        assertThat(flat.path("marks").asInt()).isEqualTo(16);
        assertThat(flat.at("/camera/heightMm").asDouble()).isBetween(680.0, 720.0);
        ObjectNode asked = Http.MAPPER.createObjectNode().put("heightMm", 60).put("straight", true);
        asked.set("flat", flat);
        JsonNode traced =
                http.post("api/outlines/photograph/trace", asked.toString()).json();
        assertThat(traced.at("/outlines/0/widthMm").asDouble()).isBetween(290.0, 296.0);
        assertThat(traced.at("/outlines/0/depthMm").asDouble()).isBetween(148.0, 152.0);
        asked.put("heightMm", 0);
        assertThat(http.post("api/outlines/photograph/trace", asked.toString())
                        .json()
                        .at("/outlines/0/widthMm")
                        .asDouble())
                .isGreaterThan(300);
        ((ObjectNode) asked.path("flat")).put("difference", "AAAA");
        Answer spoilt = http.post("api/outlines/photograph/trace", asked.toString());
        assertThat(spoilt.status()).isEqualTo(400);
        assertThat(spoilt.json().path("detail").asString()).contains("No outline was taken", "did not come back whole");
        asked.put("threshold", 3);
        assertThat(http.post("api/outlines/photograph/trace", asked.toString()).status())
                .isEqualTo(400);
        Answer noPicture = http.send("POST", "api/outlines/photograph", json("marks"), "Content-Type", "image/jpeg");
        assertThat(noPicture.status()).isEqualTo(400);
        assertThat(noPicture.json().path("detail").asString()).contains("not a JPEG or PNG picture");
        assertThat(http.send(
                                "POST",
                                "api/outlines/photograph?cameraHeightMm=20",
                                photograph,
                                "Content-Type",
                                "image/jpeg")
                        .json()
                        .path("detail")
                        .asString())
                .contains("height of the camera in mm is 20.0; it must be from 100.0 to 10000.0");
        assertThat(http.get("api/marks?paper=letter").type()).startsWith("application/pdf");
        assertThat(http.get("api/marks?paper=a3").status()).isEqualTo(400);
    }

    @Test
    void outlinesComeOutOfMeasurements() {
        String shape =
                "{\"kind\": \"%s\", \"lengthMm\": 80, \"widthMm\": %s, \"rightMm\": 0, \"backMm\": 0, \"turnDegrees\": 0, \"use\": \"added\", \"twin\": \"none\"%s}";
        JsonNode read = http.post(
                        "api/outlines/measured", "{\"shapes\": [" + shape.formatted("rectangle", "40", "") + "]}")
                .json();
        assertThat(read.at("/outlines/0/areaCm2").asDouble()).isEqualTo(32);
        JsonNode along = http.post(
                        "api/outlines/measured",
                        "{\"shapes\": ["
                                + shape.formatted("stations", "0", ", \"placesMm\": [[0, 5, 5], [100, 15, 5]]")
                                + "]}")
                .json();
        assertThat(along.at("/outlines/0/areaCm2").asDouble()).isEqualTo(15);
        for (String bad : List.of(
                shape.formatted("slot", "90", ""),
                shape.formatted("polygon", "0", ""),
                shape.formatted("polygon", "0", ", \"placesMm\": [[1], [2, 3], [4, 5]]"),
                shape.formatted("cube", "1", ""),
                shape.formatted("rectangle", "null", ""))) {
            Answer answer = http.post("api/outlines/measured", "{\"shapes\": [" + bad + "]}");
            assertThat(answer.status()).as(bad).isEqualTo(400);
        }
        assertThat(http.post("api/outlines/measured", "{\"shapes\": []}").status())
                .isEqualTo(400);
    }

    /** A kit becomes an item and its bed, which a pack can have; a figure that is none is named. */
    @Test
    void aKitIsLaidOut() {
        String funnel =
                "{\"name\": \"funnel\", \"lengthMm\": 80, \"widthMm\": %s, \"heightMm\": 120, \"massKg\": 0.4, \"count\": %s}";
        JsonNode kit = http.post("api/kits", "{\"pieces\": [" + funnel.formatted("80", "6") + "]}")
                .json();
        assertThat(kit.path("massKg").asDouble()).isCloseTo(2.4, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(kit.at("/bed/parts")).hasSize(6);
        assertThat(kit.path("balanced").asBoolean()).isTrue();
        ObjectNode pack = (ObjectNode) Http.MAPPER.readTree(Http.demoPack(SLEDGE));
        ((ObjectNode) pack.path("item")).set("sizeMm", kit.path("sizeMm"));
        ((ObjectNode) pack.path("layers").get(1)).set("bed", kit.path("bed"));
        JsonNode evaluation = http.post("api/evaluations", pack.toString()).json();
        assertThat(evaluation.path("checks")).isNotEmpty();
        Answer none = http.post("api/kits", "{\"pieces\": [" + funnel.formatted("1", "6") + "]}");
        assertThat(none.status()).isEqualTo(400);
        assertThat(none.json().path("detail").asString()).contains("width of funnel in mm is 1.0");
        assertThat(http.post("api/kits", "{\"pieces\": [" + funnel.formatted("80", "61") + "]}")
                        .status())
                .isEqualTo(400);
    }

    /** Eight things in two trays: each tray is a piece of its own, cut for its own alone; more layers than things are refused. */
    @Test
    void aKitInLayersIsCutAsTrays() {
        String thing =
                "{\"name\": \"%s\", \"lengthMm\": 80, \"widthMm\": 60, \"heightMm\": %s, \"massKg\": %s, \"count\": 4}";
        String pieces = "{\"pieces\": [" + thing.formatted("lamp", "70", "0.6") + ","
                + thing.formatted("ring", "20", "0.1") + "], \"layers\": %s}";
        JsonNode kit = http.post("api/kits", pieces.formatted("2")).json();
        assertThat(kit.path("layers")).hasSize(2);
        assertThat(kit.at("/layers/0/0").asString()).startsWith("lamp");
        assertThat(kit.at("/takingOut/0").asString()).isEqualTo("ring");
        ObjectNode pack = (ObjectNode) Http.MAPPER.readTree(Http.demoPack(SLEDGE));
        ((ObjectNode) pack.path("item")).set("sizeMm", kit.path("sizeMm"));
        ((ObjectNode) pack.path("layers").get(1)).set("bed", kit.path("bed"));
        JsonNode bed = http.post("api/beds", pack.toString()).json();
        assertThat(bed.path("traysMm")).hasSize(1);
        JsonNode making = http.post("api/beds/making", pack.toString()).json();
        assertThat(making.at("/pieces/0/title").asString()).contains("base");
        assertThat(making.path("pieces")).hasSize(3);
        assertThat(making.path("glueCm2").asDouble()).isZero();
        // Walls 4 x 28 x 7 and 4 x 28 x 2, a floor of 4 x 48, and under 16 for each of eight finger scoops.
        assertThat(making.path("faceBaseCm2").asDouble()).isBetween(1200.0, 1330.0);
        for (String bad : List.of("0", "5", "-1", "null", "1.5", "\"two\"")) {
            int status = http.post("api/kits", pieces.formatted(bad)).status();
            assertThat(status).as(bad).isEqualTo(bad.equals("null") ? 200 : 400);
        }
    }

    /** What is picked out is told column by column, within the sheet, and no piece is to be cut. */
    @Test
    void theColumnsToPickOutAreTold() {
        JsonNode making = http.post("api/beds/making?sheetMm=25&pickOut=true", Http.demoPack(SLEDGE))
                .json();
        assertThat(making.path("pieces")).isEmpty();
        assertThat(making.path("picked")).isNotEmpty();
        int told = 0;
        for (JsonNode sheet : making.path("picked")) {
            for (JsonNode run : sheet.path("runs")) {
                assertThat(run.get(0).asInt()).isBetween(1, sheet.path("along").asInt());
                assertThat(run.get(1).asInt()).isBetween(1, run.get(2).asInt());
                assertThat(run.get(2).asInt())
                        .isLessThanOrEqualTo(sheet.path("across").asInt());
                told += run.get(2).asInt() - run.get(1).asInt() + 1;
            }
        }
        int cuts = 0;
        for (JsonNode way : making.path("ways")) {
            if (way.path("kind").asString().equals("pick_out")
                    && way.path("sheetMm").asDouble() == 25) {
                cuts = way.path("cuts").asInt();
            }
        }
        assertThat(told).isEqualTo(cuts).isPositive();
        assertThat(http.post("api/beds/making?sheetMm=25", Http.demoPack(SLEDGE))
                        .json()
                        .path("picked"))
                .isEmpty();
    }

    /** Sides like a pinwheel need the same foam as butted ones, in other pieces. */
    @Test
    void theSidesOfALiningMeetEitherWay() {
        String pack = Http.demoPack("80-sextant");
        JsonNode butted = http.post("api/sheet-plans", pack).json();
        JsonNode turned = http.post("api/sheet-plans?pinwheel=true", pack).json();
        assertThat(areaMm2(turned)).isCloseTo(areaMm2(butted), org.assertj.core.api.Assertions.within(1e-6));
        assertThat(turned).isNotEqualTo(butted);
    }

    private static double areaMm2(JsonNode plans) {
        double sum = 0;
        for (JsonNode plan : plans) {
            for (JsonNode part : plan.path("parts")) {
                sum += part.path("count").asInt()
                        * part.path("lengthMm").asDouble()
                        * part.path("widthMm").asDouble();
            }
        }
        return sum;
    }

    @Test
    void bedsToBeginWithAndTheCutterThatIsNotThere() {
        JsonNode beginnings =
                http.post("api/beds/beginnings", Http.demoPack("10-hygrometer")).json();
        List<String> kinds = new ArrayList<>();
        beginnings.forEach(one -> kinds.add(one.path("kind").asString()));
        assertThat(kinds).containsExactly("snug", "end_caps", "rails", "corner_blocks");
        for (JsonNode one : beginnings) {
            assertThat(one.path("pieces").asInt()).isPositive();
            assertThat(one.path("foamLitres").asDouble())
                    .isBetween(0.1, beginnings.at("/0/foamLitres").asDouble());
        }
        String id = sledge();
        byte[] svg = http.get("api/packs/" + id + "/insert-files?file=svg&piece=base-1-of-1")
                .raw()
                .body();
        JsonNode played = http.send(
                        "POST",
                        "api/cutter-plays?lengthMm=600&widthMm=400",
                        svg,
                        "Content-Type",
                        "application/octet-stream")
                .json();
        assertThat(played.path("offSheet")).isEmpty();
        assertThat(played.path("pathM").asDouble()).isGreaterThan(3);
        assertThat(http.send(
                                "POST",
                                "api/cutter-plays?lengthMm=300&widthMm=400",
                                svg,
                                "Content-Type",
                                "application/octet-stream")
                        .json()
                        .path("offSheet"))
                .isNotEmpty();
        assertThat(http.send(
                                "POST",
                                "api/cutter-plays?lengthMm=1&widthMm=400",
                                svg,
                                "Content-Type",
                                "application/octet-stream")
                        .status())
                .isEqualTo(400);
    }
}
