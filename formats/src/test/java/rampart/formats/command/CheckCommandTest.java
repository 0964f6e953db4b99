package rampart.formats.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rampart.formats.json.Json;
import tools.jackson.databind.JsonNode;

/** The check command: its table, its JSON, its exit codes. */
class CheckCommandTest {
    private static final String HOLDS = "../demo/packs/10-hygrometer.json";
    private static final String THIN = "../demo/packs/20-rain-gauge.json";
    private static final String BREAKS = "../demo/packs/60-barograph.json";

    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    private int run(String... arguments) {
        return CheckCommand.run(
                List.of(arguments),
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
    }

    @Test
    void exitCodesTellHowItStands(@TempDir Path directory) throws IOException {
        Path noPack = Files.writeString(directory.resolve("x.json"), "{\"format\":\"rampart-pack/1\"}");
        assertThat(run(HOLDS)).isZero();
        assertThat(run(HOLDS, THIN)).isZero();
        assertThat(run(THIN, BREAKS)).isEqualTo(1);
        assertThat(run(noPack.toString(), HOLDS)).isEqualTo(2);
        assertThat(run("no-such-file.json")).isEqualTo(2);
        assertThat(run()).isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8))
                .contains("/item: missing")
                .contains("no-such-file.json");
    }

    @Test
    void printsVerdictAndMargins() {
        run(THIN);
        assertThat(out.toString(StandardCharsets.UTF_8))
                .contains("Rain gauge, funnel apart: thin, weakest cushion.stand")
                .containsPattern("drop\\.face\\.3 +56\\.71 +62\\.00 +G +8\\.5 % +thin")
                .contains("not a proof");
    }

    @Test
    void jsonIsTheWholeEvaluation() {
        run("--json", THIN);
        JsonNode evaluation = Json.read(out.toByteArray());
        assertThat(evaluation.path("verdict").asString()).isEqualTo("thin");
        assertThat(evaluation.path("drops").size()).isEqualTo(26);
        assertThat(evaluation.path("solids").size()).isPositive();
    }
}
