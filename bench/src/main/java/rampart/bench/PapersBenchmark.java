package rampart.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import rampart.core.cost.Prices;
import rampart.core.material.StandardCatalogue;
import rampart.core.steps.StepEdits;
import rampart.core.words.Wording;
import rampart.formats.compare.Verdicts;
import rampart.formats.pack.PackFile;
import rampart.formats.paper.Paper;
import rampart.formats.paper.PaperKind;
import rampart.formats.paper.PaperSource;
import rampart.formats.paper.Papers;
import rampart.formats.paper.PdfMedium;
import rampart.formats.paper.Travel;
import rampart.formats.view.ReportView;

/** Every paper of a pack as PDF, from its file and its verdict; in 300 MB. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(jvmArgsAppend = "-Xmx300m")
public class PapersBenchmark {
    /** A box in a box, a bed in a case, twelve layers with a bed of forty parts. */
    @Param({"demo/packs/60-barograph.json", "demo/packs/80-sextant.json", "formats/src/test/resources/forty-parts.json"
    })
    public String file;

    private PackFile pack;
    private ReportView report;

    /** The verdict is kept, as the server keeps it. */
    @Setup
    public void read() throws IOException {
        pack = PackFile.read(Files.readAllBytes(Path.of(file)));
        report = ReportView.of(Verdicts.ANEW.of(pack, StandardCatalogue.get()), Wording.METRIC);
    }

    @Benchmark
    public long everyPaper() {
        PaperSource source = PaperSource.of(
                pack,
                StandardCatalogue.get(),
                report,
                "R0001",
                Optional.empty(),
                StepEdits.NONE,
                Prices.NONE,
                Map.of(),
                1,
                Optional.empty(),
                new Travel("R0001", 1, 1, List.of(), List.of(), ""),
                Wording.METRIC);
        long bytes = 0;
        for (PaperKind kind : PaperKind.values()) {
            bytes += PdfMedium.write(Papers.document(kind, source), Paper.a4).length;
        }
        return bytes;
    }
}
