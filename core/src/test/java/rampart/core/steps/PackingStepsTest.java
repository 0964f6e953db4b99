package rampart.core.steps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rampart.core.item.Feature;
import rampart.core.item.Item;
import rampart.core.item.ItemProperties;
import rampart.core.layout.LaidBox;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layer;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.words.Sentence;
import rampart.core.words.Wording;

class PackingStepsTest {
    private static final Catalogue CATALOGUE = StandardCatalogue.get();

    /**
     * What has to come before what, written down by hand from what can be done with hands (common practice, no source), not from what
     * the steps say of themselves: foam is cut before it is laid; what lies under, before what lies on it; inner boxes closed before
     * they are set in; nothing on top before what it lies on; shaken before it is taped.
     */
    private static List<String[]> graph(Layout layout, List<String> ids) {
        List<String[]> pairs = new ArrayList<>();
        int from = 0;
        String closedBefore = null;
        for (LaidBox box : layout.boxes()) {
            String b = String.valueOf(box.layer() + 1);
            String in = "set:" + b;
            for (LaidCushion cushion : layout.cushions()) {
                if (cushion.layer() < from || cushion.layer() > box.layer()) {
                    continue;
                }
                String c = String.valueOf(cushion.layer() + 1);
                String at = cushion.bed().isPresent() ? "item:" + c : in;
                for (String under : List.of("bottom:" + c, "sides:" + c, "base:" + c, "round:" + c, "ties:" + c)) {
                    pairs.add(new String[] {under, at});
                    pairs.add(new String[] {"cut:" + c, under});
                }
                for (String over : List.of("top:" + c, "last:" + c, "beside:" + c, "lid:" + c, "knots:" + c)) {
                    pairs.add(new String[] {at, over});
                    pairs.add(new String[] {over, "shake:" + b});
                }
                pairs.add(new String[] {"open:" + b, "bottom:" + c});
                pairs.add(new String[] {"ties:" + c, "knots:" + c});
                pairs.add(new String[] {"knots:" + c, "lid:" + c});
                pairs.add(new String[] {"look", at});
            }
            pairs.add(new String[] {"make:" + b, "open:" + b});
            pairs.add(new String[] {"open:" + b, in});
            pairs.add(new String[] {in, "shake:" + b});
            pairs.add(new String[] {"shake:" + b, "close:" + b});
            pairs.add(new String[] {"close:" + b, "strap:" + b});
            if (closedBefore != null) {
                pairs.add(new String[] {closedBefore, in});
            }
            closedBefore = "close:" + b;
            from = box.layer() + 1;
        }
        pairs.add(new String[] {closedBefore, "weigh"});
        pairs.add(new String[] {closedBefore, "labels"});
        pairs.removeIf(pair -> !ids.contains(pair[0]) || !ids.contains(pair[1]));
        return pairs;
    }

    private static Pack any(Random random) {
        return switch (random.nextInt(4)) {
            case 0 -> Packs.random(random);
            case 1 -> Packs.everyState(random);
            case 2 -> Packs.bedded(random);
            default -> {
                Pack bedded = Packs.bedded(random);
                List<Layer> layers = new ArrayList<>(bedded.layers());
                layers.add(layers.size() - 1, Packs.full("pu-24", 40));
                yield new Pack(bedded.item(), bedded.journey(), layers);
            }
        };
    }

    private static void holds(List<Step> steps, Layout layout) {
        List<String> ids = steps.stream().map(Step::id).toList();
        for (String[] pair : graph(layout, ids)) {
            assertThat(ids.indexOf(pair[0]))
                    .as(pair[0] + " before " + pair[1] + " in " + ids)
                    .isLessThan(ids.indexOf(pair[1]));
        }
    }

    @Test
    void theOrderCanBeDoneForEveryPackAndHoweverItIsWanted() {
        Random random = new Random(13);
        for (int i = 0; i < 400; i++) {
            Pack pack = any(random);
            Layout layout = LayoutWalk.lay(pack.item(), pack.layers(), CATALOGUE);
            List<Step> steps = PackingSteps.of(pack, layout, CATALOGUE, StepIds.byPlace(pack));
            holds(steps, layout);
            List<String> wanted = new ArrayList<>(steps.stream().map(Step::id).toList());
            Collections.shuffle(wanted, random);
            holds(StepOrder.sorted(steps, wanted), layout);
        }
    }

    @Test
    void everyCushionAndBoxOfARandomPackIsDone() {
        Random random = new Random(14);
        for (int i = 0; i < 200; i++) {
            Pack pack = any(random);
            Layout layout = LayoutWalk.lay(pack.item(), pack.layers(), CATALOGUE);
            List<Step> steps = PackingSteps.of(pack, layout, CATALOGUE, StepIds.byPlace(pack));
            List<Integer> standing =
                    steps.get(steps.size() - 2).scene().orElseThrow().there();
            assertThat(standing)
                    .as("%s", pack.layers())
                    .hasSize(layout.solids().size())
                    .doesNotHaveDuplicates();
            assertThat(steps.stream().filter(step -> step.id().startsWith("close:")))
                    .hasSameSizeAs(layout.boxes());
            // What came with a step stands there after it.
            steps.forEach(step ->
                    step.scene().ifPresent(scene -> assertThat(scene.there()).containsAll(scene.added())));
        }
    }

    /**
     * What has to be out of the way before what is undone, written down by hand from what can be done with hands (common practice, no
     * source), not from what the steps say of themselves: outer boxes first; what lies over the item before the item; knots before
     * their ties, ties before anything held by them is moved; off-cuts out before the item they press on; what was taken off goes back
     * last.
     */
    private static List<String[]> openingGraph(Layout layout, List<String> ids) {
        List<String[]> pairs = new ArrayList<>();
        int from = 0;
        String inner = null;
        for (LaidBox box : layout.boxes()) {
            String b = String.valueOf(box.layer() + 1);
            String in = "set:" + b;
            pairs.add(new String[] {"labels", "close:" + b});
            pairs.add(new String[] {"strap:" + b, "close:" + b});
            pairs.add(new String[] {"outside:" + b, "close:" + b});
            if (box.layer() == layout.outer().layer()) {
                pairs.add(new String[] {"close:" + b, "papers"});
                pairs.add(new String[] {"papers", in});
            }
            for (String over : List.of("pad:" + b, "play:" + b)) {
                pairs.add(new String[] {"close:" + b, over});
                pairs.add(new String[] {over, in});
            }
            for (LaidCushion cushion : layout.cushions()) {
                if (cushion.layer() < from || cushion.layer() > box.layer()) {
                    continue;
                }
                String c = String.valueOf(cushion.layer() + 1);
                String at = cushion.bed().isPresent() ? "item:" + c : in;
                for (String over : List.of("top:" + c, "last:" + c, "beside:" + c, "lid:" + c)) {
                    pairs.add(new String[] {"close:" + b, over});
                    pairs.add(new String[] {over, at});
                }
                pairs.add(new String[] {"knots:" + c, "ties:" + c});
                for (String held : List.of("item:" + c, "wedges:" + c, "lid:" + c)) {
                    pairs.add(new String[] {"ties:" + c, held});
                }
                pairs.add(new String[] {"lid:" + c, "wedges:" + c});
                pairs.add(new String[] {"wedges:" + c, "item:" + c});
                pairs.add(new String[] {at, "look"});
                for (String loose : ids) {
                    if (loose.startsWith("stow:") && inner == null) {
                        pairs.add(new String[] {loose, at});
                        pairs.add(new String[] {loose, loose.replace("stow:", "take:")});
                        pairs.add(new String[] {"look", loose.replace("stow:", "take:")});
                    }
                }
            }
            if (inner != null) {
                pairs.add(new String[] {in, "close:" + inner});
            }
            inner = b;
            from = box.layer() + 1;
        }
        pairs.removeIf(pair -> !ids.contains(pair[0]) || !ids.contains(pair[1]));
        return pairs;
    }

    private static Pack withLooseThings(Pack pack) {
        List<Feature> features = new ArrayList<>();
        for (String name : List.of("clamp", "heat pack")) {
            features.add(new Feature(
                    name,
                    Feature.Kind.LOOSE,
                    Optional.empty(),
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    OptionalDouble.empty()));
        }
        Item item = pack.item();
        return new Pack(
                new Item(
                        item.name(),
                        item.size(),
                        item.massKg(),
                        item.centreOfMass(),
                        item.fragility(),
                        ItemProperties.ofOne(features, Set.of(), OptionalDouble.empty())),
                pack.journey(),
                pack.layers());
    }

    @Test
    void openingCanBeDoneForEveryPackAndHoweverItWasPacked() {
        Random random = new Random(15);
        int tied = 0;
        for (int i = 0; i < 400; i++) {
            Pack pack = withLooseThings(any(random));
            Layout layout = LayoutWalk.lay(pack.item(), pack.layers(), CATALOGUE);
            List<Step> steps = PackingSteps.of(pack, layout, CATALOGUE, StepIds.byPlace(pack));
            List<String> wanted = new ArrayList<>(steps.stream().map(Step::id).toList());
            Collections.shuffle(wanted, random);
            for (List<Step> packed : List.of(steps, StepOrder.sorted(steps, wanted))) {
                List<String> opened = UnpackingSteps.of(packed).stream()
                        .map(UnpackingSteps.Opening::id)
                        .toList();
                List<String[]> graph = openingGraph(layout, opened);
                assertThat(graph).isNotEmpty();
                for (String[] pair : graph) {
                    assertThat(opened.indexOf(pair[0]))
                            .as(pair[0] + " before " + pair[1] + " in " + opened)
                            .isLessThan(opened.indexOf(pair[1]));
                }
                tied += opened.stream().anyMatch(id -> id.startsWith("ties:")) ? 1 : 0;
                // What shuts, lies over, holds or was put beside is undone by somebody.
                for (Step step : packed) {
                    if (List.of("close:", "top:", "lid:", "last:", "beside:", "strap:", "ties:", "knots:", "wedges:")
                                    .stream()
                                    .anyMatch(step.id()::startsWith)
                            || step.id().startsWith("take:")
                            || step.id().startsWith("stow:")) {
                        assertThat(opened).contains(step.id());
                    }
                }
            }
        }
        assertThat(tied).isGreaterThan(50);
    }

    @Test
    void aTiedBedIsTurnedUntiedAndOnlyThenLiftedOutOf() {
        Pack pack = tied();
        Layout layout = LayoutWalk.lay(pack.item(), pack.layers(), CATALOGUE);
        List<Step> steps = PackingSteps.of(pack, layout, CATALOGUE, StepIds.byPlace(pack));
        List<String> said = UnpackingSteps.of(steps).stream()
                .map(opening -> Wording.METRIC.say(opening.words().get(0)))
                .toList();
        assertThat(said)
                .containsSubsequence(
                        "Before the lid of the bed is lifted: turn all of it over, closed where it is closed, a hand on the lid"
                                + " where it is open, and untie the knots underneath.",
                        "Pull each tie out from underneath by its long end, flat; then turn it back. Nothing is lifted before.",
                        "Lift the lid of the bed straight up and lay it down as it lay, neither turned over nor turned round:"
                                + " so it goes back.",
                        "Draw the off-cuts out from beside it.",
                        "Lift the item by the body and the knob, straight up.");
        assertThat(steps.stream().filter(step -> step.id().startsWith("inside:")))
                .as("one picture of what lies in the bed")
                .hasSize(1);
        assertThat(UnpackingSteps.untilSeen(steps))
                .extracting(UnpackingSteps.Opening::id)
                .as("an inspector unties nothing")
                .contains("lid:1")
                .noneMatch(id -> id.startsWith("ties:") || id.startsWith("knots:") || id.startsWith("item:"));
    }

    private static Pack tied() {
        Random random = new Random(3);
        while (true) {
            Pack pack = Packs.bedded(random);
            Layout layout = LayoutWalk.lay(pack.item(), pack.layers(), CATALOGUE);
            if (!layout.bed().orElseThrow().bed().orElseThrow().ties().isEmpty()) {
                return pack;
            }
        }
    }

    @Test
    void whatIsTakenOffIsPutWhereItTravelsTakenOutAndPutBack() {
        Random random = new Random(19);
        for (int i = 0; i < 100; i++) {
            Pack pack = withLooseThings(any(random));
            Layout layout = LayoutWalk.lay(pack.item(), pack.layers(), CATALOGUE);
            List<Step> steps = PackingSteps.of(pack, layout, CATALOGUE, StepIds.byPlace(pack));
            List<String> ids = steps.stream().map(Step::id).toList();
            String innermost = String.valueOf(layout.boxes().get(0).layer() + 1);
            assertThat(ids).containsSubsequence("take:1", "stow:1", "shake:" + innermost);
            assertThat(ids).containsSubsequence("take:2", "stow:2", "shake:" + innermost);
            Step warmer = steps.stream()
                    .filter(step -> step.id().equals("take:2"))
                    .findFirst()
                    .orElseThrow();
            assertThat(Wording.METRIC.say(warmer.words()))
                    .isEqualTo("Wrap the heat pack in paper. Not in a bag: it needs air.");
            assertThat(warmer.cautions()).contains(Caution.HEAT_PACK);
            assertThat(PackParts.of(pack, layout, CATALOGUE, StepIds.byPlace(pack)))
                    .as("on the list of parts it is in no bag either")
                    .anyMatch(part -> part.id().equals("loose:2")
                            && part.bag() == 0
                            && Wording.METRIC.say(part.place()).startsWith("in its paper"));
            assertThat(steps.stream()
                            .filter(step -> step.id().equals("take:1"))
                            .findFirst()
                            .orElseThrow()
                            .ask())
                    .as("nobody said how many there are: they are counted")
                    .isEqualTo(new Ask.Tally());
        }
    }

    @Test
    void anInspectorOpensWhatLiesOverTheItem() {
        Random random = new Random(16);
        Pack pack = Packs.random(random);
        Layout layout = LayoutWalk.lay(pack.item(), pack.layers(), CATALOGUE);
        List<Step> steps = PackingSteps.of(pack, layout, CATALOGUE, StepIds.byPlace(pack));
        List<String> opened = UnpackingSteps.of(steps).stream()
                .map(UnpackingSteps.Opening::id)
                .toList();
        List<String> seen = UnpackingSteps.untilSeen(steps).stream()
                .map(UnpackingSteps.Opening::id)
                .toList();
        assertThat(opened.subList(0, seen.size())).isEqualTo(seen);
        assertThat(seen).doesNotContain("look").anyMatch(id -> id.startsWith("close:"));
    }

    private static Step step(String id, String... after) {
        return new Step(
                id,
                Stage.READY,
                Set.of(after),
                Sentence.asItIs("Do " + id + "."),
                List.of(),
                Set.of(),
                1,
                false,
                new Ask.Tick(),
                Optional.empty(),
                Optional.empty());
    }

    private static final List<Step> FOUR = List.of(step("a"), step("b", "a"), step("c"), step("d", "b", "c"));

    private static List<String> order(String... wanted) {
        return StepOrder.sorted(FOUR, List.of(wanted)).stream().map(Step::id).toList();
    }

    @Test
    void aWantedOrderIsFollowedAsFarAsItCanBeDone() {
        assertThat(order()).containsExactly("a", "b", "c", "d");
        assertThat(order("c", "a", "b", "d")).containsExactly("c", "a", "b", "d");
        assertThat(order("d", "c", "b", "a")).containsExactly("c", "a", "b", "d");
        // A step that nobody placed stays behind the one that it stands behind.
        assertThat(order("c", "b", "d")).containsExactly("a", "c", "b", "d");
        assertThat(order("unheard of", "c")).startsWith("a");
        assertThat(StepOrder.held(FOUR, List.of("d", "c", "b", "a"))).containsExactlyInAnyOrder("d", "b");
        assertThat(StepOrder.held(FOUR, List.of("c", "a", "b", "d"))).isEmpty();
    }

    @Test
    void stepsThatNeedEachOtherOrNobodyAreRefused() {
        assertThatThrownBy(() -> StepOrder.sorted(List.of(step("a", "b"), step("b", "a")), List.of()))
                .hasMessageContaining("need each other");
        assertThatThrownBy(() -> StepOrder.sorted(List.of(step("a", "gone")), List.of()))
                .hasMessageContaining("a needs gone");
        assertThatThrownBy(() -> StepOrder.sorted(List.of(step("a"), step("a")), List.of()))
                .hasMessageContaining("two steps are called a");
    }

    @Test
    void otherWordsAreKeptAndFlaggedWhenTheyNoLongerFit() {
        Map<String, StepEdits.Rewording> words = new HashMap<>();
        words.put("a", new StepEdits.Rewording("Do a.", "Do a with care."));
        words.put("b", new StepEdits.Rewording("Do b as it was.", "Do b with care."));
        words.put("gone", new StepEdits.Rewording("Do gone.", "Do what is gone."));
        StepEdits.Applied applied = new StepEdits(List.of("d", "a"), words, List.of()).on(FOUR);
        assertThat(applied.steps())
                .extracting(each -> each.says(rampart.core.words.Wording.METRIC))
                .containsExactly("Do a with care.", "Do b with care.", "Do c.", "Do d.");
        assertThat(applied.steps()).extracting(StepEdits.Edited::outdated).containsExactly(false, true, false, false);
        StepEdits.Applied own = new StepEdits(
                        List.of(),
                        Map.of(),
                        List.of(
                                new StepEdits.Own("own:1", "b", "Confirm that it is locked.", true),
                                new StepEdits.Own("own:2", "own:1", "Cap on.", false),
                                new StepEdits.Own("own:3", "gone", "Adrift.", false)))
                .on(FOUR);
        assertThat(own.steps())
                .extracting(each -> each.step().id())
                .containsExactly("own:3", "a", "b", "own:1", "own:2", "c", "d");
        assertThat(own.steps().get(0).outdated()).isTrue();
        assertThat(own.steps().get(3).outdated()).isFalse();
        assertThat(own.steps().get(4).outdated()).as("behind one of one's own").isFalse();
        assertThat(applied.lost()).extracting(StepEdits.Rewording::words).containsExactly("Do what is gone.");
    }
}
