package rampart.formats.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rampart.core.quantity.Axis;
import rampart.core.steps.Ask;
import rampart.core.steps.Scene;
import rampart.core.steps.Stage;
import rampart.core.steps.Step;
import rampart.core.steps.StepEdits;
import rampart.core.steps.UnpackingSteps;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.Unit;
import rampart.core.words.Wording;
import rampart.formats.paper.Block.Text.Weight;
import rampart.formats.view.EvaluationView.SolidView;

/** How a pack is made up, and how it is opened again, step by step with drawings. */
public final class StepsPaper {
    private final PaperSource source;
    private final Wording wording;
    private final SectionDrawing front;
    private final double ratio;

    public StepsPaper(PaperSource source) {
        this.source = source;
        this.wording = source.wording();
        List<SolidView> solids =
                source.layout().solids().stream().map(SolidView::of).toList();
        front = new SectionDrawing(solids, source.pack().layers(), source.catalogue(), Axis.X, Axis.Z);
        ratio = Math.max(front.widthMm(), front.heightMm()) / Block.Step.DRAWING_MM;
    }

    /** What stands there after a step; empty where nothing does. */
    public Optional<Drawing> drawing(String id, Optional<Scene> scene) {
        return scene.map(each ->
                front.step("step-" + id.replaceAll("[^A-Za-z0-9]+", "-"), "", ratio, each.there(), each.added()));
    }

    List<Block> packing() {
        List<Block> blocks = new ArrayList<>();
        StepEdits.Applied applied = source.steps();
        double minutes = applied.steps().stream()
                .mapToDouble(each -> each.step().minutes())
                .sum();
        blocks.add(Block.Text.of(
                Weight.PLAIN,
                applied.steps().size() + " steps, about " + Math.round(minutes)
                        + " minutes (assumed). Those marked must"
                        + " are not skipped. Drawings show the front, what is new with a thick edge."));
        Stage stage = null;
        int number = 1;
        for (StepEdits.Edited each : applied.steps()) {
            Step step = each.step();
            if (step.stage() != stage) {
                stage = step.stage();
                blocks.add(Block.Text.of(Weight.STRONG, stage.words()));
            }
            List<String> details = source.details(step);
            step.cautions().stream()
                    .sorted()
                    .map(caution -> wording.say(caution.of()))
                    .forEach(details::add);
            if (each.outdated()) {
                details.add(
                        step.id().startsWith(StepEdits.OWN)
                                ? "The design has changed: what this step stood behind is no more."
                                : "The design has changed since these words were written; it says now: "
                                        + wording.say(step.words()));
            }
            blocks.add(new Block.Step(
                    String.valueOf(number++),
                    each.says(wording),
                    sign(step),
                    details,
                    drawing(step.id(), step.scene())));
        }
        return blocks;
    }

    /** What is asked, in two or three words beside the box to tick. */
    private String sign(Step step) {
        String asked = asked(step.ask());
        return step.must() ? (asked.isEmpty() ? "must" : "must, " + asked) : asked;
    }

    private String asked(Ask ask) {
        if (ask instanceof Ask.Count count) {
            return "count " + count.expected();
        } else if (ask instanceof Ask.Tally) {
            return "how many: ____";
        } else if (ask instanceof Ask.Mass mass) {
            return "weigh " + wording.amount(new Quantity(mass.expectedKg(), Unit.KG, 2));
        } else if (ask instanceof Ask.Length length) {
            return "measure " + wording.amount(Quantity.mm(length.expectedMm()));
        } else if (ask instanceof Ask.Still) {
            return "nothing moves";
        } else if (ask instanceof Ask.Photograph) {
            return "picture";
        }
        return "";
    }

    List<Block> unpacking() {
        List<Block> blocks = new ArrayList<>();
        blocks.add(Block.Text.of(
                Weight.PLAIN,
                "In this order, nothing forced. Keep the boxes and every piece of foam until the item has been found whole:"
                        + " a claim needs them."));
        openings(blocks, UnpackingSteps.of(order()));
        return blocks;
    }

    private List<Step> order() {
        return source.steps().steps().stream().map(StepEdits.Edited::step).toList();
    }

    private void openings(List<Block> blocks, List<UnpackingSteps.Opening> openings) {
        int number = 1;
        for (UnpackingSteps.Opening opening : openings) {
            List<Sentence> words = opening.words();
            blocks.add(new Block.Step(
                    String.valueOf(number++),
                    wording.say(words.get(0)),
                    "",
                    words.subList(1, words.size()).stream().map(wording::say).toList(),
                    drawing(opening.id(), opening.scene())));
        }
    }

    List<Block> inspection() {
        List<Block> blocks = new ArrayList<>();
        blocks.add(Block.Text.of(
                Weight.STRONG,
                "To whoever inspects this pack: please lift the lid and look; please do not take the item out."));
        blocks.add(
                Block.Text.of(
                        Weight.PLAIN,
                        "It is fragile and held where it may be held. Everything to be seen is seen when these have been opened:"));
        openings(blocks, UnpackingSteps.untilSeen(order()));
        blocks.add(Block.Text.of(
                Weight.PLAIN,
                "Then put back what was lifted, in the reverse order, close the boxes as they were, and lay this note on top"
                        + " with the date and a signature. Thank you."));
        blocks.add(Block.Text.of(Weight.PLAIN, "Opened on ____________________ by ____________________"));
        return blocks;
    }
}
