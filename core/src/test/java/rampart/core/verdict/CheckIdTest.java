package rampart.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rampart.core.check.CheckRule;
import rampart.core.check.Checks;
import rampart.core.check.EvaluationContext;
import rampart.core.drop.DropId;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.words.Wording;

class CheckIdTest {
    @Test
    void eachKindIsMadeByOneRuleOrIsADrop() {
        EnumSet<CheckKind> left = EnumSet.allOf(CheckKind.class);
        left.removeIf(CheckKind::isDrop);
        for (CheckRule rule : Checks.AFTER_DROPS) {
            for (CheckKind kind : rule.makes()) {
                assertThat(left.remove(kind)).as("%s, made by %s", kind, rule).isTrue();
            }
        }
        assertThat(left).isEmpty();
        assertThat(DropId.ALL).allMatch(drop -> drop.id().kind().isDrop());
        assertThat(DropId.ALL.stream().map(DropId::id)).doesNotHaveDuplicates();
    }

    /** What a rule makes, it names; what it names is found again by its id alone, and by the text of its id. */
    @Test
    void whatARuleMakesItNames() {
        Random random = new Random(22);
        Set<CheckKind> seen = EnumSet.noneOf(CheckKind.class);
        for (int i = 0; i < 300; i++) {
            Pack pack =
                    i % 3 == 0 ? Packs.bedded(random) : i % 3 == 1 ? Packs.everyState(random) : Packs.random(random);
            EvaluationContext context = EvaluationContext.of(pack, StandardCatalogue.get());
            for (CheckRule rule : Checks.AFTER_DROPS) {
                for (Check check : rule.on(context)) {
                    assertThat(rule.makes()).contains(check.id().kind());
                    seen.add(check.id().kind());
                }
            }
            Evaluation evaluation = Evaluator.evaluate(pack, StandardCatalogue.get());
            for (Check check : evaluation.checks()) {
                assertThat(CheckId.read(check.id().text())).contains(check.id());
                assertThat(Evaluator.check(context, check.id()).orElseThrow().demand())
                        .as("%s", check.id())
                        .isEqualTo(check.demand());
            }
            assertThat(evaluation.checks().stream().map(check -> check.id().text()))
                    .doesNotHaveDuplicates();
        }
        assertThat(seen).hasSizeGreaterThan(20);
    }

    /** Ids are for files and programs: what a packer reads has none, in no sentence, title, figure or note. */
    @Test
    void idsStandInNoSentence() {
        Random random = new Random(23);
        Wording metric = Wording.METRIC;
        int read = 0;
        for (int i = 0; i < 120; i++) {
            Pack pack = i % 2 == 0 ? Packs.bedded(random) : Packs.everyState(random);
            for (Check check : Evaluator.evaluate(pack, StandardCatalogue.get()).checks()) {
                List<String> words = new ArrayList<>(List.of(check.title(), metric.say(check.because())));
                check.working().figures().forEach(figure -> words.add(metric.say(figure.name())));
                check.working().notes().forEach(note -> words.add(metric.say(note)));
                for (String word : words) {
                    assertThat(word).doesNotContainPattern("(drop|cushion|board|bed|pieces|boards|joint)\\.[a-z0-9]");
                    read++;
                }
            }
        }
        assertThat(read).isGreaterThan(10_000);
    }

    @Test
    void othersAreNoIds() {
        for (String text : new String[] {"", "drop", "joint", "bed", "stack.1", "no.such.check", "Stack"}) {
            assertThat(CheckId.read(text)).as(text).isEmpty();
        }
        assertThatThrownBy(() -> CheckId.of(CheckKind.JOINT)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> CheckId.of(CheckKind.STACK, "1")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void everyKindHasAnIdOfItsOwn() {
        Set<String> texts = new TreeSet<>();
        for (CheckKind kind : CheckKind.values()) {
            texts.add((kind.several() ? CheckId.of(kind, "1") : CheckId.of(kind)).text());
        }
        assertThat(texts).hasSize(CheckKind.values().length);
    }

    /** The docs list every id, each once, in the order of the kinds. */
    @Test
    void theDocsListEveryId() throws IOException {
        String rules = Files.readString(Path.of("..", "docs", "rules.md"));
        String listed = rules.substring(rules.indexOf("<!-- ids -->"), rules.indexOf("<!-- end of ids -->"));
        List<String> inDocs = Pattern.compile("`([^`]+)`")
                .matcher(listed)
                .results()
                .map(found -> found.group(1))
                .toList();
        assertThat(inDocs)
                .containsExactlyElementsOf(
                        Stream.of(CheckKind.values()).map(CheckIdTest::inDocs).toList());
    }

    private static String inDocs(CheckKind kind) {
        return switch (kind) {
            case FACE_DROP -> "drop.face.N";
            case EDGE_DROP -> "drop.edge.N-N";
            case CORNER_DROP -> "drop.corner.N-N-N";
            case JOINT -> "joint.N";
            default -> kind.word();
        };
    }
}
