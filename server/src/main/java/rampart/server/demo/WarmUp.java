package rampart.server.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import rampart.core.evaluation.Evaluator;
import rampart.core.material.Catalogue;
import rampart.core.words.Wording;
import rampart.formats.pack.PackFile;
import rampart.formats.view.EvaluationView;
import tools.jackson.databind.json.JsonMapper;

/**
 * Evaluates one pack some hundred times once the server answers and aside, so that the first
 * person's edits do not wait for a cold machine: measured in docs/performance.md.
 */
@Component
@ConditionalOnProperty(name = "rampart.warm-up", matchIfMissing = true)
class WarmUp {
    /** Chosen, not tuned: its effect was measured with the other changes of docs/performance.md. */
    private static final int TIMES = 400;

    private final Catalogue catalogue;
    private final JsonMapper mapper;

    WarmUp(Catalogue catalogue, JsonMapper mapper) {
        this.catalogue = catalogue;
        this.mapper = mapper;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        Thread thread = new Thread(this::evaluate, "warm-up");
        thread.setDaemon(true);
        thread.start();
    }

    private void evaluate() {
        try {
            byte[] file = new ClassPathResource("rampart/warm-up.json").getContentAsByteArray();
            for (int i = 0; i < TIMES; i++) {
                EvaluationView view =
                        EvaluationView.of(Evaluator.evaluate(PackFile.read(file).pack(), catalogue), Wording.METRIC);
                mapper.writeValueAsBytes(view);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
