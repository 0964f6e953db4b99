package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rampart.formats.command.CheckCommand;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;

/** One pack, one verdict and one reason: interface, shelf, revision, page, table and command. Two of these have heavy boxes. */
@ExtendWith(RunningRampart.class)
class OneVerdictTest {
    @ParameterizedTest
    @ValueSource(strings = {"10-hygrometer", "20-rain-gauge", "30-seismometer", "40-gravimeter", "60-barograph"})
    void isTheSameEverywhere(String name, @TempDir Path folder) throws IOException {
        Http http = Http.signedIn();
        String pack = Http.demoPack(name);
        JsonNode evaluated = http.post("api/evaluations", pack).json();
        String verdict = evaluated.path("verdict").asString();
        String weakest = evaluated.path("weakest").asString();
        JsonNode check = evaluated
                .path("checks")
                .valueStream()
                .filter(c -> c.path("id").asString().equals(weakest))
                .findFirst()
                .orElseThrow();
        String id = http.post("api/packs", pack).json().path("id").asString();

        JsonNode card = http.get("api/packs?size=1").json().at("/items/0");
        assertThat(card.path("id").asString()).isEqualTo(id);
        assertThat(card.path("verdict").asString()).isEqualTo(verdict);
        assertThat(card.path("weakest").asString())
                .isEqualTo(check.path("title").asString());

        Path page = folder.resolve("page.pdf");
        Files.write(page, http.get("api/packs/" + id + "/page.pdf").raw().body());
        Process reader = new ProcessBuilder("pdftotext", "-layout", page.toString(), "-").start();
        String text =
                new String(reader.getInputStream().readAllBytes(), StandardCharsets.UTF_8).replaceAll("\\s+", " ");
        String title = check.path("title").asString();
        assertThat(text)
                .contains(verdict.substring(0, 1).toUpperCase(Locale.ROOT) + verdict.substring(1))
                .contains(title.substring(0, 1).toLowerCase(Locale.ROOT) + title.substring(1));
        assertThat(text.contains("the falls were worked in time"))
                .isEqualTo(evaluated.path("workedInTime").asBoolean());

        String table = http.send("POST", "api/evaluations.csv", pack.getBytes(StandardCharsets.UTF_8))
                .body();
        assertThat(table.lines().filter(line -> line.contains("check," + weakest + ",")))
                .singleElement()
                .asString()
                .contains(check.path("status").asString())
                .contains(check.path("because").asString());

        Path file = Files.writeString(folder.resolve("pack.json"), pack);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        CheckCommand.run(
                List.of("--json", file.toString()),
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(out, true, StandardCharsets.UTF_8));
        JsonNode told = Http.MAPPER.readTree(out.toByteArray());
        assertThat(told.path("verdict").asString()).isEqualTo(verdict);
        assertThat(told.path("weakest").asString()).isEqualTo(weakest);
        http.delete("api/packs/" + id);
    }
}
