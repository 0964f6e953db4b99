package rampart.formats.compare;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import rampart.core.evaluation.Evaluation;
import rampart.core.quantity.Size;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Status;
import rampart.core.words.Quantity;
import rampart.core.words.Unit;
import rampart.core.words.Wording;
import rampart.formats.difference.Lists;
import rampart.formats.view.EvaluationView;

/** What came of the differences between two packs: checks that turned, verdict, size and mass. */
final class ComparedEffects {
    private ComparedEffects() {}

    static List<String> of(Evaluation before, Evaluation after, Wording wording) {
        List<String> effects = new ArrayList<>();
        if (before.verdict() != after.verdict()) {
            effects.add("verdict " + before.verdict().word() + " to "
                    + after.verdict().word());
        }
        effects.addAll(turned(before, after));
        Size from = before.layout().outside();
        Size to = after.layout().outside();
        String outside = wording.size(from, 0);
        if (!outside.equals(wording.size(to, 0))) {
            effects.add("outside " + outside + " to " + wording.size(to, 0));
        }
        String mass = mass(before, wording);
        if (!mass.equals(mass(after, wording))) {
            effects.add("gross mass " + mass + " to " + mass(after, wording));
        }
        return List.copyOf(effects);
    }

    /** What turned since a report was made, by other rules. */
    static List<String> since(EvaluationView report, Evaluation after) {
        List<String> effects = new ArrayList<>();
        Status verdict = report.verdict().status();
        if (verdict != after.verdict()) {
            effects.add("verdict " + verdict.word() + " to " + after.verdict().word());
        }
        Map<String, Status> was = new HashMap<>();
        report.checks().forEach(check -> was.put(check.id(), check.status().status()));
        effects.addAll(turned(was, after));
        return List.copyOf(effects);
    }

    private static List<String> turned(Evaluation before, Evaluation after) {
        Map<String, Status> was = new HashMap<>();
        before.checks().forEach(check -> was.put(check.id().text(), check.status()));
        return turned(was, after);
    }

    /** Checks of another status, blows of a kind told together: "falls flat on the left and right now break". */
    private static List<String> turned(Map<String, Status> was, Evaluation after) {
        Map<Turn, List<Check>> turns = new LinkedHashMap<>();
        for (Check now : after.checks()) {
            Status before = was.get(now.id().text());
            if (before != null && before != now.status()) {
                turns.computeIfAbsent(Turn.of(now), key -> new ArrayList<>()).add(now);
            }
        }
        return turns.entrySet().stream()
                .map(turn -> words(turn.getKey(), turn.getValue()))
                .toList();
    }

    /**
     * Checks that came to one status, told together.
     *
     * @param one which check, empty for drops: all of a kind are told as one
     */
    private record Turn(CheckKind kind, Optional<CheckId> one, Status now) {
        static Turn of(Check check) {
            CheckKind kind = check.id().kind();
            return new Turn(kind, kind.isDrop() ? Optional.empty() : Optional.of(check.id()), check.status());
        }
    }

    private static String words(Turn turn, List<Check> checks) {
        int count = checks.size();
        String now = " now " + (count == 1 ? turn.now().word() : plural(turn.now()));
        return switch (turn.kind()) {
            case FACE_DROP ->
                "falls flat on the "
                        + Lists.and(checks.stream()
                                .map(c -> c.face().orElseThrow().word())
                                .toList())
                        + now;
            case EDGE_DROP -> count + (count == 1 ? " of the falls on an edge" : " falls on an edge") + now;
            case CORNER_DROP -> count + (count == 1 ? " of the falls on a corner" : " falls on a corner") + now;
            default -> {
                String title = checks.get(0).title();
                yield title.substring(0, 1).toLowerCase(Locale.ROOT) + title.substring(1) + now;
            }
        };
    }

    private static String plural(Status status) {
        return switch (status) {
            case HOLDS -> "hold";
            case BREAKS -> "break";
            default -> status.word();
        };
    }

    private static String mass(Evaluation evaluation, Wording wording) {
        return wording.amount(new Quantity(evaluation.layout().grossMassKg(), Unit.KG, 2))
                .toString();
    }
}
