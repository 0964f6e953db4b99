package rampart.server.packs;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.UnreckonableException;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.verdict.Check;
import rampart.formats.compare.Verdicts;
import rampart.formats.json.Problem;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.pack.PackFile;
import rampart.formats.view.EvaluationView;
import rampart.formats.view.SizeView;
import rampart.server.persistence.PackRepository;
import rampart.server.persistence.PackRepository.Header;
import rampart.server.persistence.PackRepository.StoredPack;

/** What the shelf shows of each pack: its evaluation, remembered for as long as the pack is at that version. */
@Component
class Summaries {
    /** A summary with its drawing takes some kilobytes. */
    private static final int MOST = 2000;

    private final PackRepository packs;
    private final Catalogue catalogue;
    private final Verdicts verdicts;
    private final Map<String, Summary> known = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Summary> eldest) {
            return size() > MOST;
        }
    };

    Summaries(PackRepository packs, Catalogue catalogue, Verdicts verdicts) {
        this.verdicts = verdicts;
        this.packs = packs;
        this.catalogue = catalogue;
    }

    /** Empty where the pack was deleted since its header was read. */
    Optional<Summary> of(Header header) {
        String key = header.id() + "/" + header.version();
        synchronized (known) {
            Summary summary = known.get(key);
            if (summary != null) {
                return Optional.of(summary);
            }
        }
        Optional<Summary> made = packs.byId(header.id()).map(this::summary);
        made.ifPresent(summary -> {
            synchronized (known) {
                known.put(key, summary);
            }
        });
        return made;
    }

    /** A pack of which nothing can be said does not keep the others from being shown. */
    private Summary summary(StoredPack stored) {
        try {
            PackFile file = stored.file();
            Evaluation evaluation = verdicts.of(file, catalogue);
            Pack pack = file.pack();
            Optional<Check> weakest = evaluation.weakest();
            return new Summary(
                    Optional.empty(),
                    Optional.of(Kind.of(pack)),
                    evaluation.verdict(),
                    weakest.map(Check::title),
                    weakest.isPresent() ? weakest.get().margin() : OptionalDouble.empty(),
                    Optional.of(SizeView.of(evaluation.layout().outside())),
                    OptionalDouble.of(evaluation.layout().grossMassKg()),
                    pack.layers().stream().map(Layer::material).toList(),
                    evaluation.layout().solids().stream()
                            .map(EvaluationView.SolidView::of)
                            .toList());
        } catch (UnreadableFileException e) {
            Problem first = e.problems().get(0);
            return Summary.of(Summary.Trouble.UNREADABLE, first.path() + " " + first.message());
        } catch (UnreckonableException e) {
            return Summary.of(Summary.Trouble.UNRECKONABLE, e.getMessage());
        }
    }
}
