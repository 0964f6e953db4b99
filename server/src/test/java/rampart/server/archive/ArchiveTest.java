package rampart.server.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.ConfigurableApplicationContext;
import rampart.formats.json.Sha256;
import rampart.server.access.FirstStart;
import rampart.server.persistence.HouseTables;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;
import rampart.server.support.Saver;
import rampart.server.support.ServerProcess;
import rampart.server.support.TestDatabase;
import tools.jackson.databind.JsonNode;

/** A house written to an archive while people work, brought back into an empty one, and compared. */
class ArchiveTest {
    private static final Instant NOW = Instant.parse("2026-11-25T10:00:00Z");

    @TempDir
    Path folder;

    private static HouseTables tables(TestDatabase database) {
        return HouseTables.open(database.url(), "rampart", database.password());
    }

    private Path write(TestDatabase database, String name) throws IOException {
        Path file = folder.resolve(name);
        try (HouseTables tables = tables(database)) {
            Archive.write(tables, file, NOW);
        }
        return file;
    }

    private static Http keeper(ConfigurableApplicationContext house) {
        Http http = Http.browser(RunningRampart.url(house));
        http.get("api/session");
        http.post(
                "api/first-account",
                "{\"code\":\"%s\",\"name\":\"Kéeper ☂\",\"password\":\"a long password\"}"
                        .formatted(house.getBean(FirstStart.class).code()));
        http.get("api/session");
        return http;
    }

    /** One of everything: packs, a deleted one, revisions, notes, photographs, stock, people, ways. */
    private static void fill(Http http) throws IOException {
        String id = http.post("api/packs", Http.demoPack("20-rain-gauge"))
                .json()
                .path("id")
                .asString();
        http.post("api/packs/" + id + "/revisions", "{\"note\":\"first ☃\"}", "If-Match", "\"1\"");
        http.put("api/packs/" + id + "/note", "{\"note\":\"line one\\nline \\\"two\\\" \\u0007 ☂\"}");
        byte[] picture = Files.readAllBytes(Path.of("../docs/screenshots/shelf.png"));
        assertThat(http.send("POST", "api/packs/" + id + "/photographs", picture, "Content-Type", "image/png")
                        .status())
                .isEqualTo(201);
        String release = http.post(
                        "api/packs/" + id + "/releases", "{\"note\":\"\",\"reason\":\"\"}", "If-Match", "\"1\"")
                .json()
                .path("number")
                .asString();
        String packing = http.post("api/packings", "{\"number\":\"" + release + "\"}")
                .json()
                .path("id")
                .asString();
        assertThat(http.post(
                                "api/packings/" + packing + "/acts",
                                "{\"acts\":[{\"id\":\"00000000-0000-4000-8000-000000000001\",\"step\":\"look\",\"deed\":\"done\","
                                        + "\"value\":null,\"note\":\"whole ☂\",\"doneAt\":\"2026-11-29T10:00:00.123Z\"}]}")
                        .status())
                .isEqualTo(200);
        assertThat(http.send(
                                "POST",
                                "api/packings/" + packing + "/photographs?step=look",
                                picture,
                                "Content-Type",
                                "image/png")
                        .status())
                .isEqualTo(201);
        assertThat(http.post(
                                "api/consignments",
                                "{\"receiver\":[\"Tide Muséum\"],\"note\":\"\",\"entries\":[{\"release\":\"" + release
                                        + "\",\"count\":2,\"contents\":\"\"}]}")
                        .status())
                .isEqualTo(201);
        http.post("api/packs/" + id + "/returns/out", "{\"to\":\"☃\"}", "If-Match", "\"0\"");
        String gone = http.post("api/packs", Http.demoPack("10-hygrometer"))
                .json()
                .path("id")
                .asString();
        http.delete("api/packs/" + gone);
        http.post(
                "api/stores/cartons",
                "{\"name\":\"third\",\"insideMm\":{\"length\":333.3333333333333,\"width\":0.1e3,\"height\":1e3},\"board\":\"b-32\",\"source\":\"\"}");
        http.post("api/stores/sheets", "{\"foam\":\"pe-28\",\"thicknessMm\":12.7,\"source\":\"\"}");
        http.post("api/people", "{\"name\":\"second\",\"role\":\"packer\"}");
        http.put("api/house", "{\"lengthUnit\":\"in\",\"massUnit\":\"lb\",\"numbers\":\"comma\"}");
    }

    /** A house as it was before there was one history for all, with figures that have many digits. */
    private static void fillOfOld(TestDatabase old) {
        try (HouseTables tables = tables(old)) {
            tables.makeSchema("7");
        }
        String at = "'2026-10-01 10:00:00.009', 'keeper'";
        String foam = """
                {"id":"own.grey","version":2,"name":"Grey","densityKgM3":28.10,"law":{"aKpa":79.123456789012345,"bPerKpa":0.0186},\
                "creepLimitKpa":4.8,"repeatFactor":1.15,"stiffnessPerC":-0.004,"dynamicModulusKpa":450,"q":4.5,\
                "substance":"pe","squeezeKpa":45,"note":"","basis":"input","source":""}\
                """;
        old.execute("INSERT INTO material VALUES ('own.grey', 1, 'foam', 'Grey', '" + foam + "', NULL, " + at + ")");
        old.execute("INSERT INTO material VALUES ('own.tape', 1, 'consumable', 'Tape', "
                + "'{\"name\":\"Tape\",\"unit\":\"m\",\"note\":\"\",\"source\":\"\"}', NULL, " + at + ")");
        old.execute("INSERT INTO material VALUES ('own.tape', 2, 'consumable', 'Tape', NULL, NULL, " + at + ")");
        old.execute("INSERT INTO journey VALUES ('mine', 1, 'by cart', 'slow', "
                + "'{\"drop\":{\"basis\":\"own\",\"heightMm\":123.456789012345}}', " + at + ")");
        old.execute("INSERT INTO price VALUES ('pe-28', 1, 123.45, 'list', " + at + ")");
        old.execute("INSERT INTO price VALUES ('pe-28', 2, NULL, 'no more', " + at + ")");
        old.execute("INSERT INTO price VALUES ('pu-32', 1, 98.7654321, 'list', " + at + ")");
        old.execute(
                "INSERT INTO stock_carton VALUES ('c1', 'third', 333.3333333333333, 100, 1000, 'b-32', 'shelf', 3)");
        old.execute("INSERT INTO sheet VALUES ('pe-28', 12.7, 'shelf')");
        String event =
                "INSERT INTO event (happened_at, who, what, subject, detail) VALUES ('2026-10-01 10:00:00', 'k', ";
        old.execute(event + "'STORES_CHANGED', 'carton third', 'added, 333 mm inside')");
        old.execute(event + "'PACK_ADDED', 'Globe', 'some-id')");
        old.execute(event + "'WAYS_CHANGED', 'journey by cart', 'set')");
    }

    /** The archive of an older house is restored, brought up to date, and says what it said. */
    @Test
    void anOlderHouseComesBackWithAllItsFigures() throws Exception {
        try (TestDatabase old = new TestDatabase();
                TestDatabase fresh = new TestDatabase()) {
            fillOfOld(old);
            Path file = write(old, "older.zip");
            try (HouseTables tables = tables(fresh)) {
                Archive.restore(file, tables);
            }
            try (ConfigurableApplicationContext house = RunningRampart.start(fresh)) {
                Http http = keeper(house);
                JsonNode stores = http.get("api/stores").json();
                assertThat(stores.at("/cartons/0/insideMm/length").asDouble()).isEqualTo(333.3333333333333);
                assertThat(stores.at("/cartons/0/version").asLong()).isEqualTo(3);
                assertThat(stores.at("/sheets/0/thicknessMm").asDouble()).isEqualTo(12.7);
                JsonNode materials = http.get("api/stores/materials").json();
                assertThat(materials).hasSize(1);
                assertThat(http.get("api/stores/materials").body()).contains("79.123456789012345");
                assertThat(http.get("api/stores/materials/own.tape/history")
                                .json()
                                .at("/0/changes/0")
                                .asString())
                        .isEqualTo("taken away");
                JsonNode prices = http.get("api/stores/prices").json();
                assertThat(prices.at("/0/amount").isNull()).isTrue();
                assertThat(prices.at("/0/version").asLong()).isEqualTo(2);
                assertThat(prices.at("/1/amount").asDouble()).isEqualTo(98.7654321);
                assertThat(http.get("api/beginnings").body())
                        .contains("by cart")
                        .contains("123.456789012345");
                JsonNode carton = http.get("api/events?about=carton").json().get(0);
                assertThat(carton.path("subject").asString()).isEqualTo("carton third");
                assertThat(carton.path("detail").asString()).isEqualTo("added, 333 mm inside");
                JsonNode pack = http.get("api/events?about=pack").json().get(0);
                assertThat(pack.path("subjectId").asString()).isEqualTo("some-id");
                assertThat(pack.path("detail").asString()).isEmpty();
                // The next change goes on where the history left off.
                assertThat(http.put("api/stores/prices/pe-28", "{\"amount\":5,\"source\":\"\"}", "If-Match", "\"2\"")
                                .json()
                                .path("version")
                                .asLong())
                        .isEqualTo(3);
                http.delete("api/stores/sheets?foam=pe-28&thicknessMm=12.7");
                assertThat(http.get("api/stores").json().path("sheets")).isEmpty();
                assertThat(http.post("api/stores/sheets", "{\"foam\":\"pe-28\",\"thicknessMm\":12.7,\"source\":\"\"}")
                                .status())
                        .isEqualTo(201);
                assertThat(http.post("api/stores/sheets", "{\"foam\":\"pe-28\",\"thicknessMm\":12.7,\"source\":\"\"}")
                                .status())
                        .isEqualTo(409);
            }
        }
    }

    @Test
    void theRoundTripIsIdenticalAndTheHouseWorks() throws Exception {
        try (TestDatabase old = new TestDatabase();
                TestDatabase fresh = new TestDatabase()) {
            Path first;
            String shelf;
            try (ConfigurableApplicationContext house = RunningRampart.start(old)) {
                Http http = keeper(house);
                fill(http);
                // A fraction that begins with noughts came back as another when it was left to the driver to write it.
                old.execute("UPDATE event SET happened_at = '2026-11-25 10:00:00.009' ORDER BY id LIMIT 1");
                old.execute("UPDATE event SET happened_at = '2026-11-25 10:00:00.090' ORDER BY id DESC LIMIT 1");
                shelf = http.get("api/packs").body();
                first = write(old, "first.zip");
            }
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(first)))
                    .isEqualTo("rw-------");
            try (HouseTables tables = tables(fresh)) {
                Archive.restore(first, tables);
            }
            Path second = write(fresh, "second.zip");
            Map<String, String> was = entries(first);
            assertThat(entries(second)).isEqualTo(was);
            try (HouseTables tables = tables(fresh)) {
                assertThat(was).hasSize(tables.present().size() + 1);
            }
            assertThat(was.get("tables/event.jsonl"))
                    .contains("2026-11-25 10:00:00.009")
                    .contains("2026-11-25 10:00:00.090");
            assertThat(was.get("tables/pack.jsonl").lines()).hasSize(3);
            assertThat(was.get("tables/photograph.jsonl").lines()).hasSize(2);
            try (ConfigurableApplicationContext house = RunningRampart.start(fresh)) {
                Http http = Http.browser(RunningRampart.url(house));
                http.get("api/session");
                assertThat(http.post("api/session", "{\"name\":\"Kéeper ☂\",\"password\":\"a long password\"}")
                                .status())
                        .isEqualTo(200);
                assertThat(http.get("api/packs").body()).isEqualTo(shelf);
            }
            try (HouseTables tables = tables(fresh)) {
                assertThatThrownBy(() -> Archive.restore(first, tables))
                        .isInstanceOf(RefusedArchiveException.class)
                        .hasMessageContaining("not empty");
            }
            assertThatThrownBy(() -> write(fresh, "second.zip"))
                    .isInstanceOf(RefusedArchiveException.class)
                    .hasMessageContaining("already");
        }
    }

    @Test
    void anArchiveWrittenUnderLoadIsOneMomentOfTheHouse() throws Exception {
        try (TestDatabase old = new TestDatabase();
                ConfigurableApplicationContext house = RunningRampart.start(old)) {
            Http http = keeper(house);
            fill(http);
            List<Saver> savers = IntStream.range(0, 20)
                    .mapToObj(i -> new Saver(() -> http, "saver " + i))
                    .toList();
            ExecutorService threads = Executors.newFixedThreadPool(savers.size());
            savers.forEach(threads::execute);
            List<Path> written = new ArrayList<>();
            for (int i = 0; i < 5; i++) {
                ServerProcess.pause(200);
                written.add(write(old, "load" + i + ".zip"));
            }
            savers.forEach(Saver::stop);
            threads.shutdown();
            assertThat(threads.awaitTermination(30, TimeUnit.SECONDS)).isTrue();
            for (Path file : written) {
                try (TestDatabase fresh = new TestDatabase();
                        HouseTables tables = tables(fresh)) {
                    Archive.restore(file, tables);
                    Path again = folder.resolve("again-" + file.getFileName());
                    Archive.write(tables, again, NOW);
                    assertThat(entries(again)).isEqualTo(entries(file));
                }
            }
            assertThat(savers).allMatch(s -> s.saves() > 5);
            assertThat(savers.stream().map(Saver::lost)).allMatch(String::isEmpty);
        }
    }

    @Test
    void aDamagedOrNewerArchiveIsRefusedBeforeAnythingIsTouched() throws Exception {
        try (TestDatabase old = new TestDatabase();
                TestDatabase fresh = new TestDatabase()) {
            try (ConfigurableApplicationContext house = RunningRampart.start(old)) {
                fill(keeper(house));
            }
            Path good = write(old, "good.zip");
            byte[] bytes = Files.readAllBytes(good);
            String manifest = entries(good).get(Manifest.NAME);

            refused(fresh, Arrays.copyOf(bytes, bytes.length / 2), "damaged");
            refused(fresh, new byte[0], "damaged");
            refused(fresh, "not an archive".getBytes(StandardCharsets.UTF_8), "damaged");
            refused(
                    fresh,
                    changed(good, "tables/pack.jsonl", text -> text.replace("Rain", "Rein")),
                    "damaged in tables/pack.jsonl");
            refused(fresh, changed(good, "tables/pack.jsonl", text -> null), "instead of");
            refused(fresh, changed(good, Manifest.NAME, text -> null), "no manifest");
            refused(fresh, changed(good, Manifest.NAME, text -> "{"), "manifest cannot be read");
            refused(
                    fresh,
                    changed(good, Manifest.NAME, text -> text.replace("rampart-archive/1", "rampart-archive/2")),
                    "newer");
            refused(
                    fresh,
                    changed(good, Manifest.NAME, text -> text.replaceFirst("\"schema\" *: *[0-9]+", "\"schema\":999")),
                    "newer");
            refused(
                    fresh,
                    changed(good, Manifest.NAME, text -> text.replace("\"pack\"", "\"mysql.user\"")),
                    "instead of");
            assertThat(manifest).contains("\"schema\"");
            refused(
                    fresh,
                    changed(good, Manifest.NAME, text -> text + " ".repeat(2_000_000)),
                    "manifest is longer than any");
            for (String entries : List.of("null", "[null]", "[{}]", "7")) {
                refused(
                        fresh,
                        changed(
                                good,
                                Manifest.NAME,
                                text -> text.replaceFirst("(?s)\"entries\" *: *\\[.*\\]", "\"entries\":" + entries)),
                        "the archive is damaged");
            }
            refused(fresh, withFiles(good, 30), "files, a house has");
            for (String schema : List.of("0", "-3", "\"two\"", "1.5", "null", "4000000000")) {
                refused(
                        fresh,
                        changed(
                                good,
                                Manifest.NAME,
                                text -> text.replaceFirst("\"schema\" *: *[0-9]+", "\"schema\":" + schema)),
                        "cannot be of version");
            }
            UnaryOperator<String> foreign = text -> text.replaceFirst("\"draft\"", "\"draught\"");
            refused(fresh, signed(good, "tables/pack.jsonl", foreign), "holds what no house of its version does");
            UnaryOperator<String> longer = text -> text.replaceFirst("\n\\[", "\n[\"more\",");
            refused(fresh, signed(good, "tables/pack.jsonl", longer), "values for");
            UnaryOperator<String> numbers = text -> text.replaceFirst("\n\\[\"[^\"]*\"", "\n[7");
            refused(fresh, signed(good, "tables/pack.jsonl", numbers), "neither text nor null");
            UnaryOperator<String> huge = text -> text.replaceFirst("\n\\[\"", "\n[\"" + "x".repeat(70_000_000));
            refused(fresh, signed(good, "tables/pack.jsonl", huge), "longer than any house has");
            // Bytes flipped here and there: refused, or the archive still says what it said.
            int refused = 0;
            int newest;
            try (HouseTables tables = tables(fresh)) {
                newest = tables.newestSchema();
            }
            for (int at = 100; at < bytes.length - 100; at += bytes.length / 23) {
                byte[] flipped = bytes.clone();
                flipped[at] ^= 0x55;
                Path file = folder.resolve("flipped.zip");
                Files.write(file, flipped);
                refused += unchanged(file, good, newest) ? 0 : 1;
            }
            assertThat(refused).as("flips that hit what counts").isGreaterThan(15);
            try (HouseTables tables = tables(fresh)) {
                assertThatThrownBy(() -> Archive.restore(folder.resolve("none.zip"), tables))
                        .isInstanceOf(RefusedArchiveException.class)
                        .hasMessageContaining("no file");
                Archive.restore(good, tables);
                assertThat(tables.isEmpty()).isFalse();
            }
        }
    }

    private static byte[] withFiles(Path good, int more) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, String> entry : entries(good).entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue().getBytes(StandardCharsets.UTF_8));
            }
            for (int i = 0; i < more; i++) {
                zip.putNextEntry(new ZipEntry("more/" + i));
            }
        }
        return out.toByteArray();
    }

    /** A table that nobody thought of would be lost with the house: each is archived, or named as left out. */
    @Test
    void everyTableIsArchivedOrNamedAsLeftOut() {
        try (TestDatabase house = new TestDatabase();
                HouseTables tables = tables(house)) {
            tables.bringUpToDate();
            List<String> known = new ArrayList<>(HouseTables.LEFT_OUT);
            known.addAll(tables.present());
            assertThat(tables.all()).containsExactlyInAnyOrderElementsOf(known);
        }
    }

    private void refused(TestDatabase fresh, byte[] archive, String word) throws IOException {
        Path file = folder.resolve("refused.zip");
        Files.write(file, archive);
        try (HouseTables tables = tables(fresh)) {
            assertThatThrownBy(() -> Archive.restore(file, tables))
                    .isInstanceOf(RefusedArchiveException.class)
                    .hasMessageContaining(word);
            assertThat(tables.schemaVersion()).as("nothing was touched").isEmpty();
        }
    }

    /** False where the archive is refused; true where it is taken and still says all that the good one says. */
    private static boolean unchanged(Path file, Path good, int newest) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            Archive.verified(zip, newest);
            for (Map.Entry<String, String> entry : entries(good).entrySet()) {
                byte[] bytes = zip.getInputStream(zip.getEntry(entry.getKey())).readAllBytes();
                if (!entry.getKey().equals(Manifest.NAME)) {
                    assertThat(new String(bytes, StandardCharsets.UTF_8)).isEqualTo(entry.getValue());
                }
            }
            return true;
        } catch (RefusedArchiveException | IOException e) {
            return false;
        }
    }

    private static Map<String, String> entries(Path file) throws IOException {
        Map<String, String> entries = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(Files.newInputStream(file))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                entries.put(entry.getName(), new String(zip.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return entries;
    }

    private static byte[] changed(Path file, String name, UnaryOperator<String> change) throws IOException {
        return changed(file, Map.of(name, change));
    }

    private static byte[] changed(Path file, Map<String, UnaryOperator<String>> changes) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, String> entry : entries(file).entrySet()) {
                String text = changes.getOrDefault(entry.getKey(), UnaryOperator.identity())
                        .apply(entry.getValue());
                if (text != null) {
                    zip.putNextEntry(new ZipEntry(entry.getKey()));
                    zip.write(text.getBytes(StandardCharsets.UTF_8));
                    zip.closeEntry();
                }
            }
        }
        return out.toByteArray();
    }

    /** A change that the manifest vouches for. */
    private byte[] signed(Path file, String name, UnaryOperator<String> change) throws IOException {
        String before = entries(file).get(name);
        String after = change.apply(before);
        String sum = sum(before);
        return changed(file, Map.of(name, text -> after, Manifest.NAME, manifest -> manifest.replace(sum, sum(after))));
    }

    private static String sum(String table) {
        return Sha256.hex(table.getBytes(StandardCharsets.UTF_8));
    }
}
