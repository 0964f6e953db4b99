package rampart.formats.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import rampart.core.cost.Prices;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.search.Orientation;
import rampart.core.search.Remedies;
import rampart.core.search.Remedy;
import rampart.core.search.Stock;
import rampart.core.search.Watcher;
import rampart.core.words.Wording;
import rampart.formats.Thorough;
import rampart.formats.compare.Verdicts;
import rampart.formats.json.Json;
import rampart.formats.kept.KeptForms;
import rampart.formats.material.HouseMaterials;
import rampart.formats.view.ReportView;
import tools.jackson.databind.JsonNode;

/** No field is lost between file and pack, and what is offered is evaluated as the file that taking it leaves. */
class NothingLostTest {
    private static final Catalogue STANDARD = StandardCatalogue.get();
    private static final HouseMaterials HOUSE = new HouseMaterials(STANDARD, List.of());

    /** Layers put in anew are written from the pack alone: what the pack does not hold would be gone. */
    @Test
    void layersWrittenAnewAreTheSame() {
        EveryField packs = new EveryField(new Random(20260901));
        for (int i = 0; i < 80 * Thorough.TIMES; i++) {
            PackFile file = packs.next();
            Pack before = file.pack();
            // Layers put in anew bring what the file does not hold from the house, which has no materials of its own
            // here.
            boolean own = file.document().has("materials");
            PackFile bare = own ? file : file.withLayers(List.of(Layer.Box.made("b-26", 0)), HOUSE);
            PackFile after =
                    PackFile.read(bare.withLayers(before.layers(), HOUSE).write());
            assertThat(after.pack()).as("pack %d", i).isEqualTo(before);
        }
    }

    /** Every field of the layers, so that no constructor on the way can drop one: figures too are the same. */
    @Test
    void aRemedyIsTheFileThatTakingItLeaves() {
        EveryField packs = EveryField.ofFormat4(new Random(4711));
        int remedies = 0;
        int pairs = 0;
        int apart = 0;
        for (int i = 0; i < 6 * Thorough.TIMES; i++) {
            PackFile file = packs.next();
            Catalogue catalogue = file.catalogue(STANDARD);
            List<Remedy> found;
            try {
                found = Remedies.of(file.pack(), catalogue, Prices.NONE, Stock.NONE, Optional.empty(), Watcher.NONE);
            } catch (RuntimeException e) {
                throw new AssertionError(new String(file.write(), java.nio.charset.StandardCharsets.UTF_8), e);
            }
            for (Remedy remedy : found) {
                PackFile after =
                        PackFile.read(file.with(PackChange.of(remedy, file)).write());
                assertThat(after.pack()).as("pack %d, %s", i, remedy.title()).isEqualTo(remedy.pack());
                Evaluation evaluation = Verdicts.ANEW.of(after, STANDARD);
                assertThat(evaluation.verdict()).isEqualTo(remedy.evaluation().verdict());
                assertThat(evaluation.lowestMargin())
                        .isEqualTo(remedy.evaluation().lowestMargin());
                remedies++;
                pairs += remedy.changes().size() == 2 ? 1 : 0;
                apart += remedy.apart().isPresent() ? 1 : 0;
            }
        }
        assertThat(remedies).isGreaterThan(4 * Thorough.TIMES);
        assertThat(pairs).isPositive();
        assertThat(apart).isPositive();
    }

    @Test
    void anItemTurnedIsTheFileThatTurningItLeaves() {
        EveryField files = new EveryField(new Random(99));
        PackFile file = files.next();
        while (!file.pack().turnable()) {
            file = files.next();
        }
        for (Orientation turned : Orientation.all(file.pack(), file.catalogue(STANDARD), Watcher.NONE)) {
            Evaluation evaluation = Evaluator.simulate(
                    PackFile.read(file.turned(turned.turn()).write()).pack(), file.catalogue(STANDARD));
            assertThat(evaluation.lowestMargin()).isEqualTo(turned.evaluation().lowestMargin());
        }
    }

    /** What is kept with a revision comes back whole, in every wording. */
    @Test
    void aReportComesBackFromItsJson() {
        EveryField packs = new EveryField(new Random(7));
        for (int i = 0; i < 3 * Thorough.TIMES; i++) {
            PackFile file = packs.next();
            Evaluation evaluation = Evaluator.evaluate(file.pack(), file.catalogue(STANDARD));
            for (Wording wording : Wording.all()) {
                ReportView report = ReportView.of(evaluation, wording);
                assertThat(KeptForms.REPORT.read(KeptForms.REPORT.write(report)))
                        .isEqualTo(report);
            }
        }
    }

    /** What the generator leaves out nothing would try: a field that comes with a format has to be put into it. */
    @Test
    void everyFieldThatTheFormatHasIsAmongTheRandomOnes() throws java.io.IOException {
        JsonNode schema;
        try (var in = PackFile.class.getResourceAsStream("/rampart/pack-5.schema.json")) {
            schema = Json.MAPPER.readTree(in);
        }
        Set<String> known = new TreeSet<>();
        fields(schema, schema, "", known);
        EveryField packs = new EveryField(new Random(5));
        for (int i = 0; i < 2000; i++) {
            there(Json.MAPPER.readTree(packs.next().write()), "", known);
        }
        assertThat(known).isEmpty();
    }

    private static void fields(JsonNode schema, JsonNode node, String path, Set<String> known) {
        if (node.has("$ref")) {
            String ref = node.path("$ref").asString();
            fields(schema, schema.path("$defs").path(ref.substring(ref.lastIndexOf('/') + 1)), path, known);
        }
        for (String either : List.of("oneOf", "anyOf", "allOf")) {
            node.path(either).forEach(one -> fields(schema, one, path, known));
        }
        node.path("properties").properties().forEach(field -> {
            known.add(path + "/" + field.getKey());
            fields(schema, field.getValue(), path + "/" + field.getKey(), known);
        });
        if (node.has("items")) {
            fields(schema, node.path("items"), path, known);
        }
    }

    private static void there(JsonNode node, String path, Set<String> missing) {
        if (node.isArray()) {
            node.forEach(each -> there(each, path, missing));
        } else {
            node.properties().forEach(field -> {
                missing.remove(path + "/" + field.getKey());
                there(field.getValue(), path + "/" + field.getKey(), missing);
            });
        }
    }

    /** Everything that a saved pack is asked for, of packs with every field that a file can hold. */
    @Test
    void whateverAFileHoldsItIsEvaluatedAndItsPapersWritten() {
        EveryField packs = new EveryField(new Random(20261201));
        for (int i = 0; i < 60 * Thorough.TIMES; i++) {
            PackFile file = packs.next();
            try {
                Evaluation evaluation = Evaluator.evaluate(file.pack(), file.catalogue(STANDARD));
                if (i % 10 == 0) {
                    Evaluator.simulate(file.pack(), file.catalogue(STANDARD));
                    for (rampart.core.verdict.Check check : evaluation.checks()) {
                        assertThat(Evaluator.check(
                                        rampart.core.check.EvaluationContext.atFirstLook(
                                                file.pack(), file.catalogue(STANDARD)),
                                        check.id()))
                                .as("each check is found by its id: %s", check.id())
                                .isPresent();
                    }
                }
                KeptForms.REPORT.write(ReportView.of(evaluation, Wording.METRIC));
                rampart.core.steps.StepIds ids = rampart.core.steps.StepIds.byPlace(file.pack());
                rampart.core.steps.PackingSteps.of(file.pack(), evaluation.layout(), file.catalogue(STANDARD), ids);
                rampart.core.steps.PackParts.of(file.pack(), evaluation.layout(), file.catalogue(STANDARD), ids);
                rampart.core.cut.CutList.of(evaluation.layout());
                rampart.formats.cutting.BlankDrawing.all(
                        rampart.core.cut.BoardWork.of(file.pack(), evaluation.layout(), file.catalogue(STANDARD)));
                rampart.core.clearance.Clearances.of(file.pack(), evaluation.layout(), file.catalogue(STANDARD));
            } catch (RuntimeException e) {
                throw new AssertionError(new String(file.write(), java.nio.charset.StandardCharsets.UTF_8), e);
            }
        }
    }

    /** Put in one by one as the contract says, and nothing else, the changes leave a file that is read. */
    @Test
    void changesOfARemedyBringTheFormatThatTheyNeed() {
        PackFile old = PackFile.read(
                ("{'format':'rampart-pack/1','name':'x','item':{'name':'x','sizeMm':{'length':200,'width':150,'height':100},"
                                + "'massKg':0.4,'fragility':{'criticalAccelerationG':110,'basis':'class'}},'journey':{'drop':"
                                + "{'basis':'own','heightMm':600}},'layers':[{'kind':'cushion','material':'pe-64','form':'full',"
                                + "'thicknessMm':{'all':100}},{'kind':'box','style':'0201','board':'c-32','slackMm':0}]}")
                        .replace('\'', '"')
                        .getBytes(java.nio.charset.StandardCharsets.UTF_8));
        int newer = 0;
        // Where only what came later mends it.
        Catalogue few = new Catalogue(
                List.of(STANDARD.foam("pe-64"), STANDARD.foam("pu-18"), STANDARD.foam("bubble-25")),
                STANDARD.boards(),
                STANDARD.wraps());
        for (Remedy remedy : Remedies.of(old.pack(), few, Prices.NONE, Stock.NONE, Optional.empty(), Watcher.NONE)) {
            tools.jackson.databind.node.ObjectNode copy =
                    (tools.jackson.databind.node.ObjectNode) old.document().deepCopy();
            for (PackChange change : PackChange.of(remedy, old)) {
                tools.jackson.core.JsonPointer path = tools.jackson.core.JsonPointer.compile(change.path());
                tools.jackson.databind.node.ObjectNode parent =
                        (tools.jackson.databind.node.ObjectNode) copy.at(path.head());
                String field = path.last().getMatchingProperty();
                if (change.value() == null) {
                    parent.remove(field);
                } else {
                    parent.set(
                            field,
                            rampart.formats.json.Json.MAPPER.<tools.jackson.databind.JsonNode>valueToTree(
                                    change.value()));
                }
                newer += change.path().equals("/format") ? 1 : 0;
            }
            PackFile after = PackFile.read(copy.toString().getBytes(java.nio.charset.StandardCharsets.UTF_8));
            assertThat(after.pack().layers()).isEqualTo(remedy.pack().layers());
        }
        assertThat(newer)
                .as("remedies of a material that format 1 does not know")
                .isPositive();
    }
}
