package rampart.formats.command;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.evaluation.UnreckonableException;
import rampart.core.material.StandardCatalogue;
import rampart.core.verdict.Check;
import rampart.core.verdict.Status;
import rampart.core.words.Wording;
import rampart.formats.json.Json;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.pack.PackFile;
import rampart.formats.view.EvaluationView;

/** Evaluates pack files from the command line: no server, no database. */
public final class CheckCommand {
    private static final int HOLDS = 0;
    private static final int BREAKS = 1;
    private static final int NO_PACK_FILE = 2;

    private CheckCommand() {}

    public static void main(String[] args) {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
        System.exit(run(List.of(args), out, err));
    }

    /**
     * Checks the files named.
     *
     * @return 0 if every pack holds, if only thinly; 1 if one breaks or is unknown; 2 if one is not a pack file
     */
    public static int run(List<String> args, PrintStream out, PrintStream err) {
        boolean json = args.contains("--json");
        List<String> files = new ArrayList<>(args);
        files.removeIf("--json"::equals);
        List<EvaluationView> views = new ArrayList<>();
        int worst = files.isEmpty() ? NO_PACK_FILE : HOLDS;
        if (files.isEmpty()) {
            err.println("check takes pack files: check [--json] FILE...");
        }
        for (String name : files) {
            try {
                PackFile file = PackFile.read(Files.readAllBytes(Path.of(name)));
                Evaluation evaluation = Evaluator.simulate(file.pack(), file.catalogue(StandardCatalogue.get()));
                boolean stands = evaluation.verdict() == Status.HOLDS || evaluation.verdict() == Status.THIN;
                worst = Math.max(worst, stands ? HOLDS : BREAKS);
                if (json) {
                    views.add(EvaluationView.of(evaluation, Wording.METRIC));
                } else {
                    table(name, file, evaluation, out);
                }
            } catch (UnreckonableException e) {
                err.println(name + ": its figures lead nowhere: " + e.getMessage());
                worst = NO_PACK_FILE;
            } catch (IOException e) {
                err.println(name + ": cannot be read: " + e.getMessage());
                worst = NO_PACK_FILE;
            } catch (UnreadableFileException e) {
                err.println(name + ": not a pack file");
                e.problems()
                        .forEach(p -> err.println(
                                "  " + (p.path().isEmpty() ? "(whole file)" : p.path()) + ": " + p.message()));
                worst = NO_PACK_FILE;
            }
        }
        if (json && !views.isEmpty()) {
            out.println(Json.MAPPER.writeValueAsString(views.size() == 1 ? views.get(0) : views));
        }
        return worst;
    }

    private static void table(String name, PackFile file, Evaluation evaluation, PrintStream out) {
        out.printf(
                Locale.ROOT,
                "%s%n%s: %s%s%n",
                name,
                file.name(),
                evaluation.verdict().word(),
                evaluation.weakest().map(c -> ", weakest " + c.id()).orElse(""));
        out.printf(
                Locale.ROOT,
                "  drop %.0f mm, gross %.2f kg, outside %.0f x %.0f x %.0f mm%n",
                evaluation.dropHeightMm(),
                evaluation.layout().grossMassKg(),
                evaluation.layout().outside().lengthMm(),
                evaluation.layout().outside().widthMm(),
                evaluation.layout().outside().heightMm());
        out.printf(
                Locale.ROOT,
                "  %-20s %12s %12s %-5s %8s  %s%n",
                "check",
                "demand",
                "limit",
                "unit",
                "margin",
                "status");
        for (Check check : evaluation.checks()) {
            out.printf(
                    Locale.ROOT,
                    "  %-20s %12.4g %12s %-5s %8s  %s%n",
                    check.id(),
                    check.demand(),
                    check.limit().isPresent()
                            ? String.format(Locale.ROOT, "%.4g", check.limit().getAsDouble())
                            : "none",
                    check.unit(),
                    check.margin().isPresent()
                            ? String.format(
                                    Locale.ROOT, "%.1f %%", 100 * check.margin().getAsDouble())
                            : "none",
                    check.status().word());
        }
        if (evaluation.workedInTime()) {
            out.println("  Heavy boxes between the cushions: the counted falls were worked in time.");
        }
        out.println("  Nominal constants, good to about 20 %: a prediction for planning, not a proof.");
    }
}
