package rampart.core.steps;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rampart.core.box.Fitting;
import rampart.core.clearance.FittedBox;
import rampart.core.layout.LaidBox;
import rampart.core.words.Sentence;
import rampart.core.words.StepWords;
import rampart.core.words.Term;

/** What of board is put into a box, on its contents and round it, and its straps. */
final class FittingSteps {
    private static final Set<Fitting> INTO = EnumSet.of(Fitting.BOTTOM_PAD, Fitting.LINER, Fitting.CORNER_POSTS);
    private static final Set<Fitting> ON_CONTENTS = EnumSet.of(Fitting.EDGE_PROFILES, Fitting.CORNER_PIECES);
    private static final Set<Fitting> ROUND = EnumSet.of(Fitting.EDGE_PROTECTORS, Fitting.BOARD_CAPS);

    private final Table table;
    private final LaidBox box;
    private final String id;
    private final String name;
    private final Stage stage;

    FittingSteps(Table table, LaidBox box, Stage stage) {
        this.table = table;
        this.box = box;
        this.stage = stage;
        id = table.ids.layers().get(box.layer());
        name = table.name(box);
    }

    /** On what is inside, before it is set in. */
    PackingSteps.Contents on(PackingSteps.Contents contents, List<String> before) {
        List<String> on = fittings(ON_CONTENTS);
        if (on.isEmpty()) {
            return contents;
        }
        return new PackingSteps.Contents(
                contents.name(),
                contents.solids(),
                table.step("dress:" + id, stage)
                        .after(before)
                        .after(table.begun("board:" + id))
                        .says(StepWords.STEP_DRESS.of(Term.and(on), Term.name(contents.name())))
                        .takes(2)
                        .undone(StepWords.STEP_UNDRESS.of(Term.and(on), Term.name(contents.name())))
                        .done());
    }

    private List<String> fittings(Set<Fitting> such) {
        return box.box().build().fittings().stream()
                .filter(such::contains)
                .map(Fitting::words)
                .toList();
    }

    /** Into the empty box. */
    String in(String after) {
        List<String> into = fittings(INTO);
        return into.isEmpty()
                ? after
                : table.step("into:" + id, stage)
                        .after(after)
                        .after(table.begun("board:" + id))
                        .says(StepWords.STEP_FITTINGS_IN.of(Term.and(into), Term.name(name)))
                        .mind(FittedBox.all(table.layout).stream()
                                .filter(each -> each.box().layer() == box.layer())
                                .flatMap(each -> each.room().stream())
                                .toList())
                        .takes(1)
                        .done();
    }

    /** Over all that is in it. */
    String over(String after) {
        return box.box().build().fittings().contains(Fitting.TOP_PAD)
                ? table.step("pad:" + id, stage)
                        .after(after)
                        .after(table.begun("board:" + id))
                        .says(StepWords.STEP_LAY_BOARD_PAD)
                        .undone(StepWords.UNDO_LIFT_OFF_BOARD)
                        .done()
                : after;
    }

    /** Round the closed box. */
    String round(String after) {
        List<String> on = fittings(ROUND);
        return on.isEmpty()
                ? after
                : table.step("outside:" + id, stage)
                        .after(after)
                        .after(table.begun("board:" + id))
                        .says(StepWords.STEP_PROTECT.of(Term.and(on), Term.name(name)))
                        .mind(protectors())
                        .takes(2)
                        .undone(StepWords.UNDO_OUTSIDE.of(Term.name(name)))
                        .done();
    }

    /** Where edge protectors go, besides upright at the four edges. */
    private List<Sentence> protectors() {
        Set<Fitting> fittings = box.box().build().fittings();
        if (!fittings.contains(Fitting.EDGE_PROTECTORS)) {
            return List.of();
        }
        return List.of(
                (fittings.contains(Fitting.STRAPS) ? StepWords.MIND_LONG_AND_SHORT : StepWords.MIND_ONE_AT_EACH_EDGE)
                        .of());
    }

    /** Straps round all of that. */
    String strapped(String after) {
        Optional<FittedBox> fitted = FittedBox.all(table.layout).stream()
                .filter(each -> each.box().layer() == box.layer() && each.strapped())
                .findFirst();
        if (fitted.isEmpty()) {
            return after;
        }
        int straps = fitted.get().strapping().straps();
        List<Sentence> places = fitted.get().strapPlaces();
        return table.step("strap:" + id, stage)
                .after(after)
                .says(StepWords.STEP_STRAP.of(
                        Term.name(straps
                                + (fitted.get().strapping().doubled() ? " straps, each twice round," : " straps")),
                        Term.name(name),
                        new Term.Listed(places, ", ")))
                .mind(fitted.get().tension().stream().toList())
                .takes(2.0 * straps)
                .must()
                .asks(new Ask.Count(straps))
                .caution(Caution.STRAPS)
                .undone(StepWords.UNDO_CUT_STRAPS_HAND)
                .done();
    }
}
