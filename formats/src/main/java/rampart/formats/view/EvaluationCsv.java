package rampart.formats.view;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import rampart.core.drop.Drop;
import rampart.core.evaluation.Evaluation;
import rampart.core.quantity.Face;
import rampart.core.verdict.Check;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Working;
import rampart.core.words.Quantity;
import rampart.core.words.Wording;
import rampart.formats.table.Guarded;

/**
 * A whole evaluation as one table (RFC 4180, decimal point): a line for every check, for every number of its working and
 * for every drop. The column {@code line} says which; numbers stand in full.
 */
public final class EvaluationCsv {
    private static final String[] HEAD = {
        "line", "id", "name", "layer", "face", "value", "limit", "unit", "margin", "status", "basis", "source", "words"
    };

    private EvaluationCsv() {}

    /** @param wording of the sentences; numbers stand in the units beside them whatever it is */
    public static String write(Evaluation evaluation, Wording wording) {
        StringBuilder text = new StringBuilder();
        CSVFormat format = CSVFormat.RFC4180.builder().setHeader(HEAD).get();
        try (CSVPrinter out = new CSVPrinter(text, format)) {
            Guarded.print(
                    out,
                    "pack",
                    evaluation.weakest().map(check -> check.id().text()).orElse(""),
                    "verdict and weakest check",
                    "",
                    "",
                    "",
                    "",
                    "",
                    "",
                    evaluation.verdict().word(),
                    "",
                    "rules edition " + Evaluation.RULES_EDITION,
                    evaluation.workedInTime() ? "falls worked in time where heavy boxes ask for it (rule 34)" : "");
            for (Check check : evaluation.checks()) {
                check(out, check, wording);
            }
            for (Drop drop : evaluation.drops()) {
                drop(out, drop, wording);
            }
        } catch (IOException e) {
            throw new UncheckedIOException("a table in memory cannot fail", e);
        }
        return text.toString();
    }

    private static void check(CSVPrinter out, Check check, Wording wording) throws IOException {
        Working working = check.working();
        Guarded.print(
                out,
                "check",
                check.id(),
                check.title(),
                check.layer().isPresent() ? check.layer().getAsInt() : "",
                check.face().map(Face::word).orElse(""),
                check.demand(),
                check.limit().isPresent() ? check.limit().getAsDouble() : "",
                check.unit(),
                check.margin().isPresent() ? check.margin().getAsDouble() : "",
                check.status().word(),
                "",
                working.formula(),
                wording.say(check.because()));
        for (Figure figure : working.figures()) {
            Guarded.print(
                    out,
                    "figure",
                    check.id(),
                    figure.symbol(),
                    "",
                    "",
                    figure.value(),
                    "",
                    figure.unit(),
                    "",
                    "",
                    figure.basis().word(),
                    figure.source(),
                    wording.say(figure.name()));
        }
    }

    private static void drop(CSVPrinter out, Drop drop, Wording wording) throws IOException {
        String conditions = wording.amount(Quantity.degC(drop.worst().temperatureC())) + ", "
                + (drop.worst().repeated() ? "repeated" : "first") + " impact, load factor "
                + drop.worst().loadFactor();
        Guarded.print(
                out,
                "drop",
                drop.id().id(),
                drop.id().title(),
                "",
                drop.id().faces().stream().map(Face::word).collect(Collectors.joining(" ")),
                drop.g(),
                "",
                "G",
                "",
                drop.counted() ? "counted" : "shown",
                "",
                drop.simulatedG().isPresent()
                        ? "time simulation " + drop.simulatedG().getAsDouble() + " G"
                        : "",
                conditions);
    }
}
