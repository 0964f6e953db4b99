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
import java.util.stream.IntStream;
import rampart.core.bed.Nature;
import rampart.core.box.CartonStyle;
import rampart.core.item.Feature;
import rampart.core.layout.LaidBox;
import rampart.core.layout.Layout;
import rampart.core.layout.Solid;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.words.Sentence;

/** The pack that is packed, and the steps so far. */
final class Table {
    final Pack pack;
    final Layout layout;
    final Catalogue catalogue;
    final StepIds ids;
    private final List<Step> steps = new ArrayList<>();

    Table(Pack pack, Layout layout, Catalogue catalogue, StepIds ids) {
        this.pack = pack;
        this.layout = layout;
        this.catalogue = catalogue;
        this.ids = ids;
    }

    List<Step> steps() {
        return List.copyOf(steps);
    }

    /** Ids of the steps so far: all of a kind where its name ends with a colon, else the one of that id where there is one. */
    List<String> begun(String prefix) {
        return steps.stream()
                .map(Step::id)
                .filter(id -> prefix.endsWith(":") ? id.startsWith(prefix) : id.equals(prefix))
                .toList();
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
        private Sentence words;
        private double minutes = 0.5;
        private boolean must;
        private Ask ask = new Ask.Tick();
        private Optional<Scene> scene = Optional.empty();

        Draft(String id, Stage stage) {
            this.id = id;
            this.stage = stage;
        }

        Draft says(String plain) {
            return says(Sentence.plain(plain));
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

        Draft mind(String plain) {
            details.add(Sentence.plain(plain));
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

        Draft undone(String plain) {
            undone.add(Sentence.plain(plain));
            return this;
        }

        Draft undone(Collection<Sentence> sentences) {
            undone.addAll(sentences);
            return this;
        }

        String done() {
            steps.add(new Step(id, stage, after, words, details, cautions, minutes, must, ask, scene, undone));
            return id;
        }
    }
}
