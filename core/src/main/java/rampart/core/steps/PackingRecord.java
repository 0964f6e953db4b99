package rampart.core.steps;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.TableWords;
import rampart.core.words.Term;
import rampart.core.words.Unit;

/** What was done at the packing table, act by act, and how far that brings the pack. */
public final class PackingRecord {
    private static final double HAIR = 1e-9;

    private final Map<String, Planned> planned = new LinkedHashMap<>();
    private final Map<String, State> states = new HashMap<>();
    private final Map<String, Act> last = new HashMap<>();
    private final Set<String> pictured = new HashSet<>();

    /**
     * A step as it was when packing began.
     *
     * @param after ids of steps that have to be done before
     */
    public record Planned(String id, boolean must, Set<String> after, Ask ask) {
        public Planned {
            after = Set.copyOf(after);
        }
    }

    /** What somebody did. */
    public enum Deed {
        DONE,
        SKIPPED,
        /** Takes back what was said of the step before. */
        REOPENED
    }

    /**
     * One act.
     *
     * @param value what was counted, weighed in kg, measured in mm; 0 where something moved, 1 where nothing did; empty where nothing is asked
     * @param note in the packer's words; with one, what differs from what was asked counts as done
     */
    public record Act(String step, Deed deed, OptionalDouble value, String note) {}

    /** Where a step stands. */
    public enum State {
        OPEN,
        DONE,
        /** Done, but not as it was asked; the note says why. */
        DIFFERS,
        SKIPPED
    }

    public PackingRecord(List<Planned> steps) {
        steps.forEach(step -> planned.put(step.id(), step));
    }

    /** A picture was taken at this step. */
    public void pictured(String step) {
        pictured.add(step);
    }

    /** An act that was taken before: what has been written stands, also where today's rules would refuse it. */
    public void restore(Act act) {
        Planned step = planned.get(act.step());
        if (step != null) {
            stands(step, act);
        }
    }

    /** Takes an act, or says why it is none. */
    public Optional<Sentence> take(Act act) {
        Planned step = planned.get(act.step());
        if (step == null) {
            return Optional.of(TableWords.TABLE_NO_STEP.of(Term.name(act.step())));
        }
        Optional<Sentence> refused = switch (act.deed()) {
            case DONE -> refusesDone(step, act);
            case SKIPPED -> step.must() ? Optional.of(TableWords.TABLE_MUST.of()) : Optional.empty();
            case REOPENED -> Optional.empty();
        };
        if (refused.isEmpty()) {
            stands(step, act);
        }
        return refused;
    }

    private void stands(Planned step, Act act) {
        states.put(
                step.id(),
                switch (act.deed()) {
                    case DONE -> differs(step, act).isPresent() ? State.DIFFERS : State.DONE;
                    case SKIPPED -> State.SKIPPED;
                    case REOPENED -> State.OPEN;
                });
        last.put(step.id(), act);
    }

    private Optional<Sentence> refusesDone(Planned step, Act act) {
        for (String before : step.after()) {
            Planned needed = planned.get(before);
            if (needed != null && needed.must() && !finished(before)) {
                return Optional.of(TableWords.TABLE_BEFORE.of(Quantity.count(1 + place(before))));
            }
        }
        if (asksForAValue(step.ask()) && act.value().isEmpty()) {
            return Optional.of(TableWords.TABLE_NO_VALUE.of());
        }
        return act.note().isBlank() || !step.ask().noteWillDo() ? differs(step, act) : Optional.empty();
    }

    private static boolean asksForAValue(Ask ask) {
        return !(ask instanceof Ask.Tick || ask instanceof Ask.Photograph);
    }

    private int place(String id) {
        return new ArrayList<>(planned.keySet()).indexOf(id);
    }

    /** How what was found differs from what was asked; empty where it does not. */
    private Optional<Sentence> differs(Planned step, Act act) {
        Ask ask = step.ask();
        double value = act.value().orElse(0);
        if (ask instanceof Ask.Photograph) {
            return pictured.contains(step.id()) ? Optional.empty() : ask.otherwise();
        }
        if (ask instanceof Ask.Count count && value != count.expected()) {
            return Optional.of(TableWords.TABLE_COUNT.of(Quantity.count(value), Quantity.count(count.expected())));
        } else if (ask instanceof Ask.Tally && (value < 1 || value != Math.rint(value))) {
            return Optional.of(TableWords.TABLE_TALLY.of(Quantity.count(value)));
        } else if (ask instanceof Ask.Mass mass && Math.abs(value - mass.expectedKg()) > mass.toleranceKg() + HAIR) {
            return Optional.of((value < mass.expectedKg() ? TableWords.TABLE_LIGHT : TableWords.TABLE_HEAVY)
                    .of(
                            new Quantity(Math.abs(value - mass.expectedKg()), Unit.KG, 2),
                            new Quantity(mass.toleranceKg(), Unit.KG, 2)));
        } else if (ask instanceof Ask.Length length
                && Math.abs(value - length.expectedMm()) > length.toleranceMm() + HAIR) {
            return Optional.of(TableWords.TABLE_LENGTH.of(
                    Quantity.mm(value), Quantity.mm(length.expectedMm()), Quantity.mm(length.toleranceMm())));
        } else if (ask instanceof Ask.Still && value == 0) {
            return Optional.of(TableWords.TABLE_MOVES.of());
        }
        return Optional.empty();
    }

    private boolean finished(String id) {
        State state = state(id);
        return state == State.DONE || state == State.DIFFERS;
    }

    public State state(String id) {
        return states.getOrDefault(id, State.OPEN);
    }

    /** What was last said of a step. */
    public Optional<Act> last(String id) {
        return Optional.ofNullable(last.get(id));
    }

    /** The first step that is neither done nor skipped; empty when all are. */
    public Optional<String> next() {
        return planned.keySet().stream().filter(id -> state(id) == State.OPEN).findFirst();
    }

    /** How many steps are neither done nor skipped. */
    public int open() {
        return (int)
                planned.keySet().stream().filter(id -> state(id) == State.OPEN).count();
    }

    /** True when every step is done or skipped. */
    public boolean complete() {
        return next().isEmpty();
    }
}
