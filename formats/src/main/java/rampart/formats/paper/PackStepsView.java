package rampart.formats.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import rampart.core.steps.Ask;
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
     * @param least a value that is as it should be; null where none is asked for
     * @param most likewise
     * @param noteWillDo true where a note stands for what differs
     * @param otherwise what is said where it is not as it should be; empty where nothing can differ
     */
    public record StepAskView(
            AskKind kind,
            @Nullable Double expected,
            @Nullable Double tolerance,
            @Nullable Double least,
            @Nullable Double most,
            boolean noteWillDo,
            String otherwise) {

        static StepAskView of(Ask ask, Wording wording) {
            return of(
                    ask,
                    ask.range().map(Ask.Range::least).orElse(null),
                    ask.range().map(Ask.Range::most).orElse(null),
                    ask.otherwise().map(wording::say).orElse(""));
        }

        private static StepAskView of(Ask ask, Double least, Double most, String otherwise) {
            AskKind kind = AskKind.tick;
            Double expected = null;
            Double tolerance = null;
            if (ask instanceof Ask.Count count) {
                kind = AskKind.count;
                expected = (double) count.expected();
            } else if (ask instanceof Ask.Tally) {
                kind = AskKind.tally;
            } else if (ask instanceof Ask.Mass mass) {
                kind = AskKind.mass;
                expected = mass.expectedKg();
                tolerance = mass.toleranceKg();
            } else if (ask instanceof Ask.Length length) {
                kind = AskKind.length;
                expected = length.expectedMm();
                tolerance = length.toleranceMm();
            } else if (ask instanceof Ask.Still) {
                kind = AskKind.still;
            } else if (ask instanceof Ask.Photograph) {
                kind = AskKind.photograph;
            }
            return new StepAskView(kind, expected, tolerance, least, most, ask.noteWillDo(), otherwise);
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
                    step.cautions().stream()
                            .sorted()
                            .map(caution -> wording.say(caution.of()))
                            .toList(),
                    step.minutes(),
                    step.must(),
                    step.after().stream().sorted().toList(),
                    StepAskView.of(step.ask(), wording),
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
