package rampart.server.packs;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.pack.Check;
import rampart.core.pack.Evaluation;
import rampart.core.pack.Evaluator;
import rampart.core.pack.Pack;
import rampart.formats.PackFile;
import rampart.formats.view.EvaluationView;
import rampart.server.store.PackRepository;
import rampart.server.store.PackRepository.Header;

/** What the shelf shows of each pack: its evaluation, remembered for as long as the pack is at that version. */
@Component
class Summaries {
    /** A summary with its drawing takes some kilobytes. */
    private static final int MOST = 2000;

    private final PackRepository packs;
    private final Catalogue catalogue;
    private final Map<String, Summary> known = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Summary> eldest) {
            return size() > MOST;
        }
    };

    Summaries(PackRepository packs, Catalogue catalogue) {
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
        Optional<Summary> made = packs.byId(header.id()).map(stored -> summary(stored.file()));
        made.ifPresent(summary -> {
            synchronized (known) {
                known.put(key, summary);
            }
        });
        return made;
    }

    private Summary summary(PackFile file) {
        Pack pack = file.pack();
        Evaluation evaluation = Evaluator.evaluate(pack, file.catalogue(catalogue));
        EvaluationView view = EvaluationView.of(evaluation);
        Optional<Check> weakest = evaluation.weakest();
        return new Summary(
                Kind.of(pack),
                evaluation.verdict(),
                weakest.map(Check::title),
                weakest.isPresent() ? weakest.get().margin() : OptionalDouble.empty(),
                view.outsideMm(),
                view.grossMassKg(),
                pack.layers().stream().map(Layer::material).toList(),
                view.solids());
    }
}
