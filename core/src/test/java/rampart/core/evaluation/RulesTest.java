package rampart.core.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rampart.core.drop.Drop;
import rampart.core.drop.DropId;
import rampart.core.explain.Curve;
import rampart.core.explain.Curves;
import rampart.core.item.Fragility;
import rampart.core.item.Item;
import rampart.core.journey.Climate;
import rampart.core.journey.DropHeights;
import rampart.core.journey.DropPlan;
import rampart.core.journey.DropSequence;
import rampart.core.journey.Journey;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.layout.Solid;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Status;

/** The rules of docs/rules.md one by one where the golden packs leave something open. */
class RulesTest {
    private static final Layer.Box CARTON = Packs.box("c-32", 2);

    @Test
    void aBareFaceIsRigidAndSaysSo() {
        Layer.Cushion cushion = new Layer.Cushion(
                "pe-28", new CushionForm.Full(), SixSided.all(50).with(Face.TOP, 0));
        Evaluation evaluation = Packs.evaluate(Packs.item(200, 150, 100, 2, 60), Packs.falls(700), cushion, CARTON);
        Check top = Packs.check(evaluation, "drop.face.1");
        assertThat(top.demand()).isEqualTo(9999);
        assertThat(top.status()).isEqualTo(Status.BREAKS);
        assertThat(Packs.because(top)).contains("top is bare");
        assertThat(Packs.check(evaluation, "drop.edge.1-5").demand()).isEqualTo(9999);
        assertThat(Packs.check(evaluation, "drop.face.3").demand()).isLessThan(9999);
        assertThat(Packs.check(evaluation, "cushion.strain").demand()).isEqualTo(1);
    }

    @Test
    void aPackWithoutCushionIsAResultNotAnError() {
        Evaluation evaluation = Packs.evaluate(Packs.item(200, 150, 100, 2, 60), Packs.falls(700), CARTON);
        assertThat(evaluation.verdict()).isEqualTo(Status.BREAKS);
        assertThat(evaluation.drops()).allMatch(drop -> drop.worst().capped() && drop.g() == 9999);
        assertThat(evaluation.naturalFrequencyHz()).isEmpty();
        assertThat(evaluation.checks())
                .noneMatch(c -> c.id().text().startsWith("cushion.creep")
                        || c.id().text().equals("cushion.buckling"));
    }

    @Test
    void aBareFaceInOneOfTwoCushionsLeavesTheOtherToWork() {
        Layer.Cushion inner = new Layer.Cushion(
                "pe-28", new CushionForm.Full(), SixSided.all(40).with(Face.TOP, 0));
        Evaluation evaluation = Packs.evaluate(
                Packs.item(200, 150, 100, 2, 60), Packs.falls(700), inner, CARTON, Packs.full("pu-24", 50), CARTON);
        Drop top = Packs.drop(evaluation, "drop.face.1");
        assertThat(top.worst().layers().get(0).acts()).isFalse();
        assertThat(top.worst().layers().get(0).energyJ()).isZero();
        assertThat(top.worst().layers().get(1).energyJ()).isPositive();
        assertThat(top.g()).isBetween(10.0, 500.0);
    }

    @ParameterizedTest
    @CsvSource({"-30, 1.212", "23, 1", "60, 0.852", "-150, 1.692", "-300, 2", "160, 0.5"})
    void temperatureStiffensWithinBoundsAndLeavesLockUpAlone(double temperatureC, double factor) {
        var soft = StandardCatalogue.get().foam(factor == 2 || factor == 0.5 ? "pu-32" : "pe-28");
        assertThat(soft.stiffnessAt(temperatureC)).isCloseTo(factor, within(1e-12));
        assertThat(soft.lawAt(temperatureC, false).lockUpStrain())
                .isCloseTo(soft.law().lockUpStrain(), within(1e-12));
    }

    @Test
    void theVelocityChangeCountsWhereItLeavesMoreMargin() {
        Item item = withFragility(new Fragility(
                OptionalDouble.of(30),
                OptionalDouble.of(9),
                Fragility.FragilityBasis.TEST,
                Optional.empty(),
                Map.of()));
        Evaluation evaluation = Packs.evaluate(item, Packs.falls(500), Packs.full("pe-28", 50), CARTON);
        Check check = Packs.check(evaluation, "drop.face.3");
        assertThat(check.unit()).isEqualTo("m/s");
        assertThat(check.demand()).isCloseTo(1.5 * Math.sqrt(2 * 9.80665 * 0.5), within(1e-12));
        assertThat(check.limit()).hasValue(9);
    }

    @Test
    void withoutAnyLimitADropIsUnknown() {
        Item item = withFragility(new Fragility(
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Fragility.FragilityBasis.ESTIMATE,
                Optional.empty(),
                Map.of()));
        Evaluation evaluation = Packs.evaluate(item, Packs.falls(500), Packs.full("pe-28", 50), CARTON);
        Check check = Packs.check(evaluation, "drop.face.3");
        assertThat(check.status()).isEqualTo(Status.UNKNOWN);
        assertThat(check.margin()).isEmpty();
        assertThat(check.limit()).isEmpty();
        assertThat(evaluation.verdict()).isEqualTo(Status.UNKNOWN);
        assertThat(evaluation.weakest().orElseThrow().id())
                .isEqualTo(CheckId.read("drop.face.1").orElseThrow());
    }

    @Test
    void withoutCriticalAccelerationASmallVelocityChangeHolds() {
        Item item = withFragility(new Fragility(
                OptionalDouble.empty(),
                OptionalDouble.of(8),
                Fragility.FragilityBasis.TEST,
                Optional.empty(),
                Map.of()));
        Evaluation evaluation = Packs.evaluate(item, Packs.falls(500), Packs.full("pe-28", 50), CARTON);
        assertThat(Packs.check(evaluation, "drop.face.3").unit()).isEqualTo("m/s");
        assertThat(Packs.check(evaluation, "drop.face.3").status()).isEqualTo(Status.HOLDS);
    }

    @Test
    void aFaceThatBearsLessLimitsEveryDropThatStrikesIt() {
        Item item = withFragility(new Fragility(
                OptionalDouble.of(90),
                OptionalDouble.empty(),
                Fragility.FragilityBasis.TEST,
                Optional.empty(),
                Map.of(Face.FRONT, 40.0)));
        Evaluation evaluation = Packs.evaluate(item, Packs.falls(500), Packs.full("pe-28", 50), CARTON);
        assertThat(Packs.check(evaluation, "drop.face.5").limit()).hasValue(40);
        assertThat(Packs.check(evaluation, "drop.corner.2-3-5").limit()).hasValue(40);
        assertThat(Packs.check(evaluation, "drop.face.6").limit()).hasValue(90);
        assertThat(Packs.check(evaluation, "vibration").limit()).hasValue(20);
    }

    @Test
    void aMassFarOffCentreTips() {
        Item item = Item.plain("thing", new Size(300, 200, 100), 3, new Point(51, 0, 0), Packs.bears(500));
        Evaluation evaluation = Packs.evaluate(item, Packs.falls(300), Packs.full("pe-28", 60), CARTON);
        assertThat(Packs.check(evaluation, "drop.face.3").status()).isEqualTo(Status.THIN);
        assertThat(Packs.check(evaluation, "drop.face.3").margin().orElseThrow())
                .isGreaterThan(0.1);
        assertThat(Packs.check(evaluation, "drop.face.2").status()).isEqualTo(Status.HOLDS);
        assertThat(Packs.check(evaluation, "drop.edge.2-3").status()).isEqualTo(Status.HOLDS);
    }

    @Test
    void anOffCentreMassLoadsItsQuarterMore() {
        Item item = Item.plain("thing", new Size(300, 200, 100), 25, new Point(40, 20, 0), Packs.bears(90));
        Evaluation evaluation = Packs.evaluate(item, Packs.falls(700), Packs.pads("pe-28", 50, 300, 1), CARTON);
        double k = (1 + 3 * 40 / 300.0) * (1 + 3 * 20 / 200.0);
        assertThat(Packs.drop(evaluation, "drop.face.3").worst().loadFactor()).isCloseTo(k, within(1e-12));
        assertThat(Packs.drop(evaluation, "drop.edge.2-3").worst().loadFactor()).isEqualTo(1);
    }

    @Test
    void creepThinsTheBottomInEveryDropThatStrikesIt() {
        Item heavy = Packs.item(200, 200, 100, 25, 90);
        Layer.Cushion pads = Packs.pads("pe-28", 50, 200, 1);
        Evaluation evaluation = Packs.evaluate(heavy, Packs.falls(300), pads, CARTON);
        double s = 25 * 9.80665 / 0.02 / 1000;
        double lost = (0.02 + 0.08 / 3 * Math.log10(72)) * s / 4.8;
        assertThat(evaluation.creep()).hasSize(1);
        assertThat(evaluation.creep().get(0)).isCloseTo(lost, within(1e-12)).isGreaterThan(0.10);
        assertThat(Packs.check(evaluation, "cushion.creep").status()).isEqualTo(Status.BREAKS);
        var law = StandardCatalogue.get().foam("pe-28").law();
        assertThat(Packs.drop(evaluation, "drop.face.3").g())
                .isCloseTo(law.aKpa() / s * Math.exp(law.bPerKpa() * s * 300 / (50 * (1 - lost))), within(1e-9));
        assertThat(Packs.drop(evaluation, "drop.face.1").g())
                .isCloseTo(law.aKpa() / s * Math.exp(law.bPerKpa() * s * 300 / 50), within(1e-9));
        assertThat(Packs.drop(evaluation, "drop.edge.3-5").g())
                .isGreaterThan(Packs.drop(evaluation, "drop.edge.1-5").g());
    }

    @Test
    void repeatedImpactsCountTheHigherG() {
        Journey once = Packs.falls(700);
        Journey again = Journey.plain(
                DropPlan.own(700, DropSequence.ALL, true), Optional.empty(), Optional.empty(), new Climate(23, 23));
        Item item = Packs.item(200, 150, 100, 8, 90);
        Drop first = Packs.drop(Packs.evaluate(item, once, Packs.full("eps-16", 40), CARTON), "drop.face.3");
        Drop repeated = Packs.drop(Packs.evaluate(item, again, Packs.full("eps-16", 40), CARTON), "drop.face.3");
        assertThat(repeated.g()).isGreaterThan(first.g());
        assertThat(repeated.worst().repeated()).isTrue();
    }

    @Test
    void onlyCountedDropsAreChecksAndAllAreShown() {
        for (var expected : Map.of(DropSequence.ALL, 26, DropSequence.TEN, 10, DropSequence.FACES, 6)
                .entrySet()) {
            Journey journey = Journey.plain(
                    DropPlan.byTable(DropHeights.PARCEL_1A, expected.getKey(), false),
                    Optional.empty(),
                    Optional.empty(),
                    new Climate(23, 23));
            Evaluation evaluation =
                    Packs.evaluate(Packs.item(200, 150, 100, 2, 60), journey, Packs.full("pe-28", 50), CARTON);
            assertThat(evaluation.checks().stream().filter(c -> c.id().text().startsWith("drop.")))
                    .hasSize(expected.getValue());
            assertThat(evaluation.drops()).hasSize(26);
            assertThat(evaluation.blows()).hasSize(26);
        }
    }

    /** Without foam and in weightless board the gross mass is the item's: the limits of the rule, and a gram beyond. */
    @ParameterizedTest
    @CsvSource({
        "22.999, HOLDS, 23, 0.0000435",
        "23, HOLDS, 23, 0",
        "23.001, THIN, 46, 0",
        "46, THIN, 46, 0",
        "46.001, BREAKS, 46, -0.0000217",
        "60, BREAKS, 46, -0.3043478"
    })
    void lifting(double itemKg, Status status, double limit, double margin) {
        Pack pack = new Pack(Packs.item(200, 150, 100, itemKg, 60), Packs.falls(300), List.of(Packs.box("e-23", 0)));
        Check check = Packs.check(Evaluator.evaluate(pack, Packs.weightless()), "lift");
        assertThat(check.demand()).isCloseTo(itemKg, within(1e-12));
        assertThat(check.status()).isEqualTo(status);
        assertThat(check.limit()).hasValue(limit);
        assertThat(check.margin().orElseThrow()).isCloseTo(margin, within(1e-7));
    }

    /** Play below none is none, in a carton from stock too; that it does not go in is another check's to say. */
    @Test
    void playBelowNothingIsNone() {
        Layer.Box tight = Layer.Box.stock("c-32", new Size(290, 240, 190));
        Evaluation evaluation =
                Packs.evaluate(Packs.item(200, 150, 100, 2, 60), Packs.falls(300), Packs.full("pe-28", 50), tight);
        Check movement = Packs.check(evaluation, "movement");
        assertThat(movement.demand()).isZero();
        assertThat(Packs.because(movement)).isEqualTo("The outer carton leaves no play.");
        assertThat(Packs.check(evaluation, "fit").status()).isEqualTo(Status.BREAKS);
    }

    @Test
    void aStockCartonReplacesTheSizeAndMayNotFit() {
        Item item = Packs.item(200, 150, 100, 2, 60);
        Layer.Box fits = Layer.Box.stock("c-32", new Size(306, 252, 204));
        Evaluation good = Packs.evaluate(item, Packs.falls(300), Packs.full("pe-28", 50), fits);
        assertThat(good.layout().outer().slack()).isEqualTo(new Size(6, 2, 4));
        assertThat(Packs.check(good, "fit").status()).isEqualTo(Status.HOLDS);
        assertThat(Packs.check(good, "movement").demand()).isEqualTo(6);

        Layer.Box tight = Layer.Box.stock("c-32", new Size(306, 240, 204));
        Evaluation bad = Packs.evaluate(item, Packs.falls(300), Packs.full("pe-28", 50), tight);
        assertThat(Packs.check(bad, "fit").status()).isEqualTo(Status.BREAKS);
        assertThat(Packs.because(Packs.check(bad, "fit"))).contains("width").contains("does not go in");
        assertThat(bad.layout().outside()).isEqualTo(new Size(314, 248, 220));
    }

    @Test
    void playInABoxBeyondTenMillimetresMoves() {
        Evaluation evaluation = Packs.evaluate(
                Packs.item(200, 150, 100, 2, 60), Packs.falls(300), Packs.full("pe-28", 50), Packs.box("c-32", 12));
        assertThat(Packs.check(evaluation, "movement").status()).isEqualTo(Status.BREAKS);
    }

    @Test
    void padsCountNoMoreThanTheFace() {
        Evaluation evaluation = Packs.evaluate(
                Packs.item(100, 50, 20, 1, 60), Packs.falls(300), Packs.pads("pe-28", 20, 1000, 2), CARTON);
        var cushion = evaluation.layout().cushions().get(0);
        assertThat(cushion.bearingMm2().top()).isEqualTo(5000);
        assertThat(cushion.bearingMm2().left()).isEqualTo(1000);
        assertThat(cushion.padMm2().top()).isEqualTo(2500);
    }

    @Test
    void cornerBlocksCountNoMoreThanHalfTheEdge() {
        Evaluation evaluation = Packs.evaluate(
                Packs.item(100, 50, 20, 1, 60), Packs.falls(300), Packs.corners("pe-28", 20, 40), CARTON);
        var cushion = evaluation.layout().cushions().get(0);
        assertThat(cushion.bearingMm2().top()).isEqualTo(4 * 40 * 25);
        assertThat(cushion.bearingMm2().left()).isEqualTo(4 * 25 * 10);
    }

    @Test
    void mirroringAPackMirrorsItsDrops() {
        Random random = new Random(11);
        for (int i = 0; i < 100; i++) {
            Pack pack = Packs.random(random);
            Evaluation plain = Evaluator.evaluate(pack, StandardCatalogue.get());
            Evaluation mirrored = Evaluator.evaluate(mirror(pack), StandardCatalogue.get());
            for (Drop drop : plain.drops()) {
                List<Face> faces = drop.id().faces().stream()
                        .map(RulesTest::across)
                        .sorted()
                        .toList();
                Drop other = Packs.drop(
                        mirrored,
                        DropId.ALL.stream()
                                .filter(id -> id.faces().equals(faces))
                                .findFirst()
                                .orElseThrow()
                                .id()
                                .text());
                assertThat(other.g()).isCloseTo(drop.g(), within(drop.g() * 1e-9));
            }
        }
    }

    private static Face across(Face face) {
        return face == Face.LEFT ? Face.RIGHT : face == Face.RIGHT ? Face.LEFT : face;
    }

    private static SixSided mirror(SixSided sides) {
        return SixSided.of(face -> sides.on(across(face)));
    }

    private static Pack mirror(Pack pack) {
        Point c = pack.item().centreOfMass();
        Item item = Item.plain(
                "thing",
                pack.item().size(),
                pack.item().massKg(),
                new Point(-c.xMm(), c.yMm(), c.zMm()),
                pack.item().fragility());
        List<Layer> layers = pack.layers().stream()
                .map(layer -> {
                    if (layer instanceof Layer.Cushion cushion) {
                        CushionForm form = cushion.form() instanceof CushionForm.Pads pads
                                ? new CushionForm.Pads(mirror(pads.bearingCm2()), mirror(pads.count()))
                                : cushion.form();
                        return (Layer) new Layer.Cushion(cushion.material(), form, mirror(cushion.thicknessMm()));
                    }
                    return layer;
                })
                .toList();
        return new Pack(item, pack.journey(), layers);
    }

    /** Scale law: all lengths but the thickness-to-height ratio aside, G depends on s and h/t alone. */
    @Test
    void sameStaticStressAndSameHeightOverThicknessGiveTheSameG() {
        Pack small =
                new Pack(Packs.item(100, 100, 100, 1, 60), Packs.falls(300), List.of(Packs.full("pe-28", 30), CARTON));
        Pack large =
                new Pack(Packs.item(200, 200, 200, 4, 60), Packs.falls(600), List.of(Packs.full("pe-28", 60), CARTON));
        for (int face = 1; face <= 6; face++) {
            String id = "drop.face." + face;
            assertThat(Packs.drop(Evaluator.evaluate(large, Packs.weightless()), id)
                            .g())
                    .isCloseTo(
                            Packs.drop(Evaluator.evaluate(small, Packs.weightless()), id)
                                    .g(),
                            within(1e-9));
        }
    }

    @Test
    void evaluationIsTheSameToTheBit() {
        Random random = new Random(3);
        for (int i = 0; i < 50; i++) {
            Pack pack = Packs.random(random);
            Evaluation one = Evaluator.evaluate(pack, StandardCatalogue.get());
            Evaluation two = Evaluator.evaluate(pack, StandardCatalogue.get());
            assertThat(said(two)).isEqualTo(said(one));
        }
    }

    /** Everything the checks say, numbers and words. */
    private static List<List<Object>> said(Evaluation evaluation) {
        return evaluation.checks().stream()
                .map(c -> List.<Object>of(
                        c.id(), c.demand(), c.limit(), c.margin(), c.status(), c.because(), c.working()))
                .toList();
    }

    @Test
    void solidsOfFullLayersFillTheCartonWithoutOverlap() {
        Evaluation evaluation = Packs.evaluate(
                Packs.item(200, 150, 100, 2, 60), Packs.falls(300), Packs.full("pe-28", 50), Packs.box("c-32", 0));
        double sum = evaluation.layout().solids().stream()
                .mapToDouble(solid -> solid.cuboid().size().volumeMm3())
                .sum();
        assertThat(sum).isCloseTo(evaluation.layout().outside().volumeMm3(), within(1e-3));
    }

    @Test
    void solidsOfPadsAndBlocksHaveTheVolumeOfTheirLayer() {
        Evaluation evaluation = Packs.evaluate(
                Packs.item(300, 250, 200, 5, 60),
                Packs.falls(300),
                Packs.pads("pe-28", 40, 120, 3),
                Packs.box("c-32", 2),
                Packs.corners("pe-64", 30, 70),
                Packs.box("bc-48", 2));
        for (Solid.Part part : List.of(Solid.Part.PAD, Solid.Part.BLOCK)) {
            double volume = evaluation.layout().solids().stream()
                    .filter(s -> s.part() == part)
                    .mapToDouble(s -> s.cuboid().size().volumeMm3())
                    .sum();
            var cushion = evaluation.layout().cushions().get(part == Solid.Part.PAD ? 0 : 1);
            assertThat(volume * 1e-9 * cushion.foam().densityKgM3()).isCloseTo(cushion.massKg(), within(1e-9));
        }
    }

    @Test
    void theLastLayerMustBeABoxAndMaterialsMustExist() {
        assertThatThrownBy(() -> Packs.evaluate(Packs.item(1, 1, 1, 1, 1), Packs.falls(1), Packs.full("pe-28", 1)))
                .hasMessageContaining("must be a box");
        assertThatThrownBy(
                        () -> Packs.evaluate(Packs.item(1, 1, 1, 1, 1), Packs.falls(1), Packs.full("pe-99", 1), CARTON))
                .hasMessageContaining("pe-99")
                .hasMessageContaining("pe-28");
    }

    @Test
    void extremeInputsGiveFiniteNumbers() {
        double[] extremes = {1e-3, 1, 1e4};
        for (double size : extremes) {
            for (double mass : extremes) {
                for (double height : extremes) {
                    for (double thickness : new double[] {0, 1e-3, 2000}) {
                        Evaluation evaluation = Packs.evaluate(
                                Packs.item(size, size, size, mass, 60),
                                Packs.falls(height),
                                Packs.full("pe-28", thickness),
                                Packs.box("bc-82", 0));
                        assertThat(evaluation.checks())
                                .allSatisfy(check -> assertThat(check.demand()).isFinite());
                        assertThat(evaluation.drops())
                                .allSatisfy(drop -> assertThat(drop.g()).isBetween(0.0, 9999.0));
                    }
                }
            }
        }
    }

    @Test
    void curvesStandWhereThePackStands() {
        Random random = new Random(8);
        int bands = 0;
        for (int i = 0; i < 10; i++) {
            Pack pack = Packs.random(random);
            Evaluation evaluation = Evaluator.evaluate(pack, StandardCatalogue.get());
            for (Drop drop : evaluation.drops()) {
                Optional<Curve> curve =
                        Curves.of(pack, StandardCatalogue.get(), drop.id().id());
                if (curve.isEmpty() || drop.worst().capped()) {
                    continue;
                }
                assertThat(curve.get().operating().y()).isEqualTo(drop.g());
                double limit = curve.get().limit().orElseThrow();
                boolean inBand = curve.get().band().stream()
                        .anyMatch(r -> r.from() <= curve.get().operating().x()
                                && curve.get().operating().x() <= r.to());
                assertThat(inBand).isEqualTo(drop.g() <= limit);
                bands += curve.get().band().size();
            }
        }
        assertThat(bands).isPositive();
        Pack pack = Packs.random(random);
        assertThat(Curves.of(pack, StandardCatalogue.get(), CheckId.of(CheckKind.LIFT)))
                .isEmpty();
        assertThat(Curves.of(pack, StandardCatalogue.get(), CheckId.of(CheckKind.STACK)))
                .isPresent();
        assertThat(Curves.of(pack, StandardCatalogue.get(), CheckId.of(CheckKind.VIBRATION)))
                .isPresent();
    }

    private static Item withFragility(Fragility fragility) {
        return Item.plain("thing", new Size(200, 150, 100), 2, Point.ORIGIN, fragility);
    }
}
