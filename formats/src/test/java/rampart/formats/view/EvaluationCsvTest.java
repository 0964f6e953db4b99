package rampart.formats.view;

import static org.assertj.core.api.Assertions.assertThat;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.material.StandardCatalogue;
import rampart.core.verdict.Check;
import rampart.core.words.Wording;
import rampart.formats.pack.PackFile;

/** The table of an evaluation read back by FastCSV, which had no part in writing it. */
class EvaluationCsvTest {
    @Test
    void readsBackToTheDigit() throws IOException {
        byte[] pack = Files.readAllBytes(Path.of("../demo/packs/40-gravimeter.json"));
        Evaluation evaluation = Evaluator.evaluate(PackFile.read(pack).pack(), StandardCatalogue.get());
        List<NamedCsvRecord> rows;
        try (CsvReader<NamedCsvRecord> reader =
                CsvReader.builder().ofNamedCsvRecord(EvaluationCsv.write(evaluation, Wording.METRIC))) {
            rows = reader.stream().toList();
        }
        List<NamedCsvRecord> checks =
                rows.stream().filter(r -> r.getField("line").equals("check")).toList();
        assertThat(checks).hasSameSizeAs(evaluation.checks());
        for (int i = 0; i < checks.size(); i++) {
            Check check = evaluation.checks().get(i);
            assertThat(checks.get(i).getField("id")).isEqualTo(check.id().text());
            assertThat(Double.parseDouble(checks.get(i).getField("value"))).isEqualTo(check.demand());
            assertThat(checks.get(i).getField("words")).isEqualTo(Wording.METRIC.say(check.because()));
            assertThat(checks.get(i).getField("status"))
                    .isEqualTo(check.status().word());
        }
        assertThat(rows.stream().filter(r -> r.getField("line").equals("drop"))).hasSize(26);
        assertThat(rows.stream().filter(r -> r.getField("line").equals("figure")))
                .allMatch(r -> !r.getField("basis").isEmpty());
    }
}
