package rampart.formats.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import rampart.core.steps.Ask;
import rampart.core.steps.Caution;
import rampart.core.steps.PackingRecord;
import rampart.core.steps.Step;
import rampart.core.steps.StepEdits;
import rampart.core.words.Wording;
import rampart.formats.view.Nullable;

/**
 * Steps of a pack for the screen.
 *
 * @param minutes of all of them (assumed)
 * @param lost other words for steps that are no more
 */
public record PackStepsView(List<PackStepView> steps, double minutes, List<LostWordsView> lost) {
    /**
     * One step.
     *
     * @param number from 1
     * @param words as they are read, changed or not
     * @param computed what it says without changes
     * @param changed true where somebody wrote other words
     * @param outdated true where the design has changed since
     * @param held true where it was wanted earlier than it can be done
     * @param after ids of steps that have to be done before
     * @param drawing what stands there then
     */
    public record PackStepView(
            String id,
            int number,
            String stage,
            String words,
            String computed,
            boolean changed,
            boolean outdated,
            boolean held,
            List<String> details,
            List<String> cautions,
            double minutes,
            boolean must,
            List<String> after,
            StepAskView ask,
            @Nullable PaperView.DrawingView drawing) {
        /** As the record of a packing takes it. */
        public PackingRecord.Planned planned() {
            return new PackingRecord.Planned(id, must, Set.copyOf(after), ask.ask());
        }
    }

    /** What a step asks; the names are the words in JSON. */
    @SuppressWarnings("java:S115")
    public enum AskKind {
        tick,
        count,
        tally,
        mass,
        length,
        still,
        photograph
    }

    /**
     * What is asked.
     *
     * @param expected pieces, kg or mm; null where nothing is expected
     * @param tolerance kg or mm; null likewise
     */
    public record StepAskView(
            AskKind kind,
            @Nullable Double expected,
            @Nullable Double tolerance) {
        static StepAskView of(Ask ask) {
            if (ask instanceof Ask.Count count) {
                return new StepAskView(AskKind.count, (double) count.expected(), null);
            } else if (ask instanceof Ask.Tally) {
                return new StepAskView(AskKind.tally, null, null);
            } else if (ask instanceof Ask.Mass mass) {
                return new StepAskView(AskKind.mass, mass.expectedKg(), mass.toleranceKg());
            } else if (ask instanceof Ask.Length length) {
                return new StepAskView(AskKind.length, length.expectedMm(), length.toleranceMm());
            } else if (ask instanceof Ask.Still) {
                return new StepAskView(AskKind.still, null, null);
            } else if (ask instanceof Ask.Photograph) {
                return new StepAskView(AskKind.photograph, null, null);
            }
            return new StepAskView(AskKind.tick, null, null);
        }

        private Ask ask() {
            return switch (kind) {
                case tick -> new Ask.Tick();
                case count -> new Ask.Count(expected.intValue());
                case tally -> new Ask.Tally();
                case mass -> new Ask.Mass(expected, tolerance);
                case length -> new Ask.Length(expected, tolerance);
                case still -> new Ask.Still();
                case photograph -> new Ask.Photograph();
            };
        }
    }

    /** Words for a step that is no more. */
    public record LostWordsView(String was, String words) {}

    /** Of a pack, with drawings. */
    public static PackStepsView of(PaperSource source) {
        StepsPaper drawings = new StepsPaper(source);
        StepEdits.Applied applied = source.steps();
        Wording wording = source.wording();
        List<PackStepView> steps = new ArrayList<>();
        PaperView.DrawingView stands = null;
        for (StepEdits.Edited each : applied.steps()) {
            Step step = each.step();
            // Where a step adds nothing, what stands there is what stood there before.
            stands = drawings.drawing(step.id(), step.scene())
                    .map(PaperView::drawing)
                    .orElse(stands);
            steps.add(new PackStepView(
                    step.id(),
                    steps.size() + 1,
                    step.stage().words(),
                    each.says(wording),
                    wording.say(step.words()),
                    each.words().isPresent(),
                    each.outdated(),
                    each.held(),
                    source.details(step),
                    step.cautions().stream().sorted().map(Caution::words).toList(),
                    step.minutes(),
                    step.must(),
                    step.after().stream().sorted().toList(),
                    StepAskView.of(step.ask()),
                    stands));
        }
        return new PackStepsView(
                steps,
                steps.stream().mapToDouble(PackStepView::minutes).sum(),
                applied.lost().stream()
                        .map(words -> new LostWordsView(words.was(), words.words()))
                        .toList());
    }

    /** The word of a state, as JSON has it. */
    public static String word(PackingRecord.State state) {
        return state.name().toLowerCase(Locale.ROOT);
    }
}
