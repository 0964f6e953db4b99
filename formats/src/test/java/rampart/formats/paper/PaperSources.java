package rampart.formats.paper;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import rampart.core.cost.Prices;
import rampart.core.material.StandardCatalogue;
import rampart.core.steps.StepEdits;
import rampart.core.words.Wording;
import rampart.formats.compare.Verdicts;
import rampart.formats.pack.PackFile;
import rampart.formats.view.ReportView;

/** Sources of papers of the demo's packs. */
public final class PaperSources {
    private PaperSources() {}

    public static PackFile demo(String name) throws IOException {
        return PackFile.read(Files.readAllBytes(Path.of("../demo/packs/" + name + ".json")));
    }

    /** Names of all of them. */
    static List<String> demos() throws IOException {
        try (Stream<Path> files = Files.list(Path.of("../demo/packs"))) {
            return files.map(file -> file.getFileName().toString())
                    .filter(name -> name.endsWith(".json"))
                    .map(name -> name.substring(0, name.length() - ".json".length()))
                    .sorted()
                    .toList();
        }
    }

    public static PaperSource of(PackFile pack, Wording wording) {
        return of(pack, wording, new Travel("R0001", 1, 1, List.of(), List.of(), ""), Optional.empty(), 1);
    }

    static PaperSource of(PackFile pack, Wording wording, Travel travel, Optional<String> reason, int packs) {
        return PaperSource.of(
                pack,
                StandardCatalogue.get(),
                ReportView.of(Verdicts.ANEW.of(pack, StandardCatalogue.get()), wording),
                "draft, saved today",
                reason,
                StepEdits.NONE,
                Prices.NONE,
                Map.of(),
                packs,
                Optional.empty(),
                travel,
                wording);
    }
}
