package rampart.core.steps;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import rampart.core.bed.Nature;
import rampart.core.box.CartonStyle;
import rampart.core.item.Feature;
import rampart.core.layout.LaidBox;
import rampart.core.layout.Layout;
import rampart.core.layout.Solid;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.words.Say;
import rampart.core.words.Sentence;

/** The pack that is packed, and the steps so far. */
final class Table {
    final Pack pack;
    final Layout layout;
    final Catalogue catalogue;
    final StepIds ids;
    private final List<Draft> steps = new ArrayList<>();

    Table(Pack pack, Layout layout, Catalogue catalogue, StepIds ids) {
        this.pack = pack;
        this.layout = layout;
        this.catalogue = catalogue;
        this.ids = ids;
    }

    /** All of them, each with what has to be out of its way before it is undone. */
    List<Step> steps() {
        return steps.stream().map(draft -> draft.step(opening(draft))).toList();
    }

    private Optional<Undoing> opening(Draft draft) {
        if (draft.undone.isEmpty()) {
            return Optional.empty();
        }
        Set<String> after = new LinkedHashSet<>(
                draft.onlyAfter.isPresent() ? draft.onlyAfter.get().get() : onTopOf(draft.id));
        after.removeIf(id -> draft.stays.stream().anyMatch(such -> is(id, such)));
        steps.stream()
                .map(other -> other.id)
                .filter(id -> draft.first.stream().anyMatch(such -> is(id, such)))
                .forEach(after::add);
        after.remove(draft.id);
        return Optional.of(new Undoing(draft.undone, after));
    }

    /** Ids of all steps that need this one done before, over however many others. */
    Set<String> onTopOf(String id) {
        Set<String> under = new LinkedHashSet<>(Set.of(id));
        // Each step stands behind all that it needs, so that once through is enough.
        for (Draft step : steps) {
            if (step.after.stream().anyMatch(under::contains)) {
                under.add(step.id);
            }
        }
        under.remove(id);
        return under;
    }

    private static boolean is(String id, String such) {
        return such.endsWith(":") ? id.startsWith(such) : id.equals(such);
    }

    /** Ids of the steps so far: all of a kind where its name ends with a colon, else the one of that id where there is one. */
    List<String> begun(String prefix) {
        return steps.stream().map(step -> step.id).filter(id -> is(id, prefix)).toList();
    }

    /** Solids of the layout that are such, by index. */
    List<Integer> solids(Predicate<Solid> such) {
        return IntStream.range(0, layout.solids().size())
                .filter(i -> such.test(layout.solids().get(i)))
                .boxed()
                .toList();
    }

    List<Integer> ofLayer(int layer, Predicate<Solid> such) {
        return solids(solid -> solid.layer().isPresent() && solid.layer().getAsInt() == layer && such.test(solid));
    }

    /** What a packer calls a box. */
    String name(LaidBox box) {
        if (box.carton().style() == CartonStyle.RIGID_CASE) {
            return "case";
        }
        int last = layout.boxes().size() - 1;
        int place = layout.boxes().indexOf(box);
        if (place == last) {
            return "carton";
        }
        return place == 0 ? "inner box" : last == 2 ? "middle box" : "box " + (place + 1);
    }

    /** Names of what may be neither pulled nor leaned on. */
    List<String> delicate() {
        Set<String> names = new LinkedHashSet<>();
        pack.item().properties().features().stream()
                .filter(feature -> feature.delicate() || feature.onArm())
                .map(Feature::name)
                .forEach(names::add);
        layout.bed()
                .flatMap(bed -> bed.bed())
                .ifPresent(bed -> bed.parts().stream()
                        .filter(part -> part.nature() != Nature.STRONG)
                        .forEach(part -> names.add(part.name())));
        return List.copyOf(names);
    }

    /** The one, then what of the other is not in it. */
    static List<Integer> joined(List<Integer> one, List<Integer> other) {
        Set<Integer> all = new LinkedHashSet<>(one);
        all.addAll(other);
        return List.copyOf(all);
    }

    Draft step(String id, Stage stage) {
        return new Draft(id, stage);
    }

    /** A step that is being written. */
    final class Draft {
        private final String id;
        private final Stage stage;
        private final Set<String> after = new LinkedHashSet<>();
        private final List<Sentence> details = new ArrayList<>();
        private final Set<Caution> cautions = EnumSet.noneOf(Caution.class);
        private final List<Sentence> undone = new ArrayList<>();
        private final List<String> stays = new ArrayList<>();
        private final List<String> first = new ArrayList<>();
        private Optional<Supplier<Set<String>>> onlyAfter = Optional.empty();
        private Sentence words;
        private double minutes = 0.5;
        private boolean must;
        private Ask ask = new Ask.Tick();
        private Optional<Scene> scene = Optional.empty();

        Draft(String id, Stage stage) {
            this.id = id;
            this.stage = stage;
        }

        Draft says(Say plain) {
            return says(plain.of());
        }

        Draft says(Sentence sentence) {
            words = sentence;
            return this;
        }

        Draft after(String... others) {
            after.addAll(Arrays.asList(others));
            return this;
        }

        Draft after(Collection<String> others) {
            after.addAll(others);
            return this;
        }

        Draft mind(Collection<Sentence> sentences) {
            details.addAll(sentences);
            return this;
        }

        Draft mind(Sentence sentence) {
            details.add(sentence);
            return this;
        }

        Draft mind(Say plain) {
            details.add(plain.of());
            return this;
        }

        Draft caution(Caution... such) {
            cautions.addAll(Arrays.asList(such));
            return this;
        }

        Draft takes(double min) {
            minutes = min;
            return this;
        }

        Draft must() {
            must = true;
            return this;
        }

        Draft asks(Ask other) {
            ask = other;
            return this;
        }

        Draft shows(List<Integer> there, List<Integer> added) {
            scene = there.isEmpty() ? Optional.empty() : Optional.of(new Scene(there, added));
            return this;
        }

        Draft undone(Say plain) {
            undone.add(plain.of());
            return this;
        }

        Draft undone(Sentence sentence) {
            undone.add(sentence);
            return this;
        }

        Draft undone(Collection<Sentence> sentences) {
            undone.addAll(sentences);
            return this;
        }

        /** Undone while these, which were done after it, are still as they are. Ids, or what they begin with. */
        Draft undoneUnder(String... such) {
            stays.addAll(Arrays.asList(such));
            return this;
        }

        /** Undone after these too, whatever the order of packing. Ids, or what they begin with. */
        Draft undoneAfter(String... such) {
            first.addAll(Arrays.asList(such));
            return this;
        }

        /** Undone after these and no others; asked when all steps are there. */
        Draft undoneOnlyAfter(Supplier<Set<String>> ids) {
            onlyAfter = Optional.of(ids);
            return this;
        }

        String done() {
            steps.add(this);
            return id;
        }

        private Step step(Optional<Undoing> undoing) {
            return new Step(id, stage, after, words, details, cautions, minutes, must, ask, scene, undoing);
        }
    }
}
