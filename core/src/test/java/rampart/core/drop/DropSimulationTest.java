package rampart.core.drop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rampart.core.Thorough;
import rampart.core.check.EvaluationContext;
import rampart.core.cushion.DropLayer;
import rampart.core.item.Item;
import rampart.core.journey.Climate;
import rampart.core.journey.DropPlan;
import rampart.core.journey.DropSequence;
import rampart.core.journey.Journey;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.material.CushionLaw;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.core.quantity.SixSided;
import rampart.core.simulation.Assumptions;
import rampart.core.simulation.DropSimulation;
import rampart.core.simulation.Pulse;
import rampart.core.simulation.SimulatedDrop;

/** The time simulation against the closed form where both assume the same: two ways to the same peak. */
class DropSimulationTest {
    @Test
    void agreesWithTheClosedFormOverRandomPacks() {
        Random random = new Random(34);
        List<Pack> packs = new ArrayList<>();
        for (int i = 0; i < 100 * Thorough.TIMES; i++) {
            packs.add(plain(Packs.random(random)));
        }
        List<int[]> counts = packs.parallelStream()
                .map(pack -> new int[] {cushions(pack), compare(pack)})
                .toList();
        assertThat(counts).extracting(c -> c[0]).contains(1, 2, 3);
        assertThat(counts.stream().mapToInt(c -> c[1]).sum()).isGreaterThan(240 * Thorough.TIMES);
    }

    private static int cushions(Pack pack) {
        return (int) pack.layers().stream()
                .filter(layer -> layer instanceof Layer.Cushion)
                .count();
    }

    private static Pack plain(Pack drawn) {
        Journey journey = Journey.plain(
                DropPlan.own(drawn.journey().drop().heightMm(0), DropSequence.ALL, false),
                Optional.empty(),
                Optional.empty(),
                new Climate(23, 23));
        return new Pack(drawn.item(), journey, drawn.layers());
    }

    /** A flat fall, an edge and a corner of a pack with weightless boxes; how many were compared. */
    private static int compare(Pack pack) {
        EvaluationContext context = EvaluationContext.of(pack, Packs.weightless());
        int compared = 0;
        for (DropId id : List.of(DropId.ALL.get(2), DropId.ALL.get(9), DropId.ALL.get(21))) {
            Drop drop = context.working().drop(id);
            double peak = 0;
            for (SimulatedDrop condition : context.working().conditions(id)) {
                Pulse pulse = DropSimulation.run(condition, Assumptions.CLOSED_FORM);
                if (!pulse.capped()) {
                    assertThat(pulse.energy().error()).isCloseTo(0, within(1e-3));
                    // What is left in motion is what the cushions gave back: r^2 of the fall.
                    assertThat(pulse.energy().kineticJ() / pulse.energy().fallJ())
                            .isCloseTo(0.25, within(1e-3));
                    assertThat(pulse.velocityChangeMps() / pulse.impactMps()).isCloseTo(1.5, within(1e-3));
                }
                peak = Math.max(peak, pulse.peakG());
            }
            if (!drop.worst().capped() && drop.g() < 5000) {
                assertThat(peak).as("%s of %s", id.id(), pack).isCloseTo(drop.g(), within(drop.g() * 0.001));
                compared++;
            }
        }
        return compared;
    }

    /**
     * Heavy boxes against fixed small steps, which know nothing of turns or events.
     */
    @Test
    void heavyBoxesAgreeWithSmallSteps() {
        Random random = new Random(15);
        int compared = 0;
        while (compared < 12) {
            Pack pack = plain(Packs.random(random));
            EvaluationContext context = EvaluationContext.of(pack, StandardCatalogue.get());
            Drop drop = context.working().drop(DropId.ALL.get(compared % 26));
            if (!context.heavyBoxes() || drop.g() > 300) {
                continue;
            }
            SimulatedDrop condition = context.working().conditions(drop.id()).get(0);
            if (condition.layers().stream().anyMatch(layer -> !layer.acts())) {
                continue;
            }
            Pulse pulse = DropSimulation.run(condition, Assumptions.RULE_34);
            // Near lock-up a hair of travel is a tenth of the force: small steps are too coarse to judge there.
            boolean clear = pulse.layers().stream()
                    .allMatch(layer -> layer.travelM() > 2e-3
                            && java.util.Arrays.stream(layer.lockUpFraction()).allMatch(f -> f < 0.85));
            if (!clear) {
                continue;
            }
            double stepped = new SmallSteps(condition).peakG();
            assertThat(pulse.peakG())
                    .as("%s of %s", drop.id().id().text(), pack)
                    .isCloseTo(stepped, within(stepped * 0.02));
            compared++;
        }
    }

    /**
     * No fall ends in the middle of the blow: the served pulse, integrated here by trapezoids, gives the velocity change
     * that is served; at its end the item feels nothing more, or its rebound has turned; and fixed small steps, which go
     * on until nothing has touched the item for 5 ms, come to the same velocity change.
     */
    @Test
    void noFallEndsBeforeEveryCushionHasLetGo() {
        Random random = new Random(18);
        List<SimulatedDrop> falls = new ArrayList<>();
        while (falls.size() < 60) {
            Pack pack = plain(Packs.random(random));
            EvaluationContext context = EvaluationContext.of(pack, StandardCatalogue.get());
            DropId id = DropId.ALL.get(falls.size() % 26);
            SimulatedDrop condition = context.working().conditions(id).get(0);
            if (cushions(pack) == 3
                    && condition.layers().stream().allMatch(DropLayer::acts)
                    && context.working().drop(id).g() < 2000) {
                falls.add(condition);
            }
        }
        long whole = falls.parallelStream()
                .filter(DropSimulationTest::endsAfterTheBlow)
                .count();
        assertThat(whole).as("falls that were not broken off").isGreaterThan(54);
    }

    private static boolean endsAfterTheBlow(SimulatedDrop fall) {
        Pulse pulse = DropSimulation.run(fall, Assumptions.RULE_34);
        if (!pulse.whole() || pulse.capped()) {
            return pulse.whole();
        }
        double integral = 0;
        List<Pulse.Moment> moments = pulse.moments();
        for (int i = 1; i < moments.size(); i++) {
            double dt = moments.get(i).timeS() - moments.get(i - 1).timeS();
            integral += dt * 9.80665 * (moments.get(i).g() + moments.get(i - 1).g()) / 2;
        }
        Pulse.Moment last = moments.get(moments.size() - 1);
        assertThat(integral).isCloseTo(pulse.velocityChangeMps(), within(0.01 * pulse.velocityChangeMps()));
        assertThat(Math.abs(pulse.energy().error())).isLessThan(1e-3);
        boolean felt = last.g() > 1e-3 * pulse.peakG();
        assertThat(felt && last.velocityMps() < 0)
                .as("still pushed up at the end of %s", fall)
                .isFalse();
        boolean clear = pulse.layers().stream()
                .allMatch(layer -> layer.travelM() > 2e-3
                        && java.util.Arrays.stream(layer.lockUpFraction()).allMatch(f -> f < 0.85));
        if (clear) {
            double stepped = new SmallSteps(fall).velocityChangeMps();
            assertThat(pulse.velocityChangeMps()).as("%s", fall).isCloseTo(stepped, within(0.05 * stepped));
        }
        return true;
    }

    /** Mass and area alike: the same G. Height and thickness alike: the same G in a time longer by the root. */
    @Test
    void scaleLawsHold() {
        Random random = new Random(8);
        for (int i = 0; i < 20; i++) {
            Pack pack = plain(Packs.random(random));
            EvaluationContext context = EvaluationContext.of(pack, StandardCatalogue.get());
            SimulatedDrop drop = context.working().conditions(DropId.ALL.get(i)).get(0);
            Pulse pulse = DropSimulation.run(drop, Assumptions.RULE_34);
            if (pulse.capped()) {
                continue;
            }
            Pulse heavier = DropSimulation.run(scaled(drop, 3, 3, 1), Assumptions.RULE_34);
            assertThat(heavier.peakG()).isCloseTo(pulse.peakG(), within(pulse.peakG() * 1e-4));
            assertThat(heavier.energy().fallJ())
                    .isCloseTo(3 * pulse.energy().fallJ(), within(pulse.energy().fallJ() * 1e-9));
            Pulse larger = DropSimulation.run(scaled(drop, 1, 1, 4), Assumptions.RULE_34);
            assertThat(larger.peakG()).isCloseTo(pulse.peakG(), within(pulse.peakG() * 1e-4));
            assertThat(larger.velocityChangeMps())
                    .isCloseTo(2 * pulse.velocityChangeMps(), within(pulse.velocityChangeMps() * 1e-3));
        }
    }

    private static SimulatedDrop scaled(SimulatedDrop drop, double mass, double area, double length) {
        List<DropLayer> layers = drop.layers().stream()
                .map(l -> new DropLayer(
                        l.layer(),
                        l.foam(),
                        l.movingMassKg() * mass,
                        l.bare(),
                        l.side(),
                        times(l.areaM2(), area),
                        times(l.thicknessM(), length)))
                .toList();
        return new SimulatedDrop(
                layers,
                drop.cosine(),
                drop.heightM() * length,
                drop.temperatureC(),
                drop.repeated(),
                drop.loadFactor());
    }

    private static double[] times(double[] values, double factor) {
        return java.util.Arrays.stream(values).map(v -> v * factor).toArray();
    }

    /** Left for right and front for back: the drops change places and nothing else. */
    @Test
    void mirroredPacksGiveMirroredResults() {
        Random random = new Random(9);
        for (int i = 0; i < 10; i++) {
            Pack pack = plain(Packs.random(random));
            Drops here = EvaluationContext.of(pack, StandardCatalogue.get()).working();
            Drops there = EvaluationContext.of(mirrored(pack), StandardCatalogue.get())
                    .working();
            for (DropId id : List.of(DropId.ALL.get(1), DropId.ALL.get(7), DropId.ALL.get(18))) {
                DropId other = DropId.ALL.stream()
                        .filter(d -> java.util.Set.copyOf(d.faces())
                                .equals(id.faces().stream()
                                        .map(DropSimulationTest::across)
                                        .collect(java.util.stream.Collectors.toSet())))
                        .findFirst()
                        .orElseThrow();
                assertThat(there.drop(other).g())
                        .isCloseTo(here.drop(id).g(), within(here.drop(id).g() * 1e-9));
                double g = DropSimulation.run(here.conditions(id).get(0), Assumptions.RULE_34)
                        .peakG();
                double mirrored = DropSimulation.run(there.conditions(other).get(0), Assumptions.RULE_34)
                        .peakG();
                assertThat(mirrored).isCloseTo(g, within(g * 1e-5));
            }
        }
    }

    private static Face across(Face face) {
        return switch (face) {
            case LEFT -> Face.RIGHT;
            case RIGHT -> Face.LEFT;
            case FRONT -> Face.BACK;
            case BACK -> Face.FRONT;
            default -> face;
        };
    }

    private static Pack mirrored(Pack pack) {
        Item item = pack.item();
        Point c = item.centreOfMass();
        Item other = Item.plain(
                item.name(), item.size(), item.massKg(), new Point(-c.xMm(), -c.yMm(), c.zMm()), item.fragility());
        List<Layer> layers = pack.layers().stream()
                .map(layer -> layer instanceof Layer.Cushion cushion
                        ? new Layer.Cushion(
                                cushion.material(), mirrored(cushion.form()), mirrored(cushion.thicknessMm()))
                        : layer)
                .toList();
        return new Pack(other, pack.journey(), layers);
    }

    private static CushionForm mirrored(CushionForm form) {
        return form instanceof CushionForm.Pads pads
                ? new CushionForm.Pads(mirrored(pads.bearingCm2()), mirrored(pads.count()))
                : form;
    }

    private static SixSided mirrored(SixSided sides) {
        return SixSided.of(face -> sides.on(across(face)));
    }

    /**
     * A cube on its corner with equal full cushions, by hand: all n = 1/sqrt(3), so m g h = 3 A t E, stress
     * a exp(b E) beyond the ramp, and G = sqrt(3) A sigma/(m g): G = (sqrt(3) a/s) exp(b s h/(3 t)).
     */
    @Test
    void theCornerOfACubeByHand() {
        double m = 4;
        double side = 0.2;
        double h = 0.76;
        double t = 0.05;
        double s = m * 9.80665 / (side * side) / 1000;
        double byHand = Math.sqrt(3) * 100 / s * Math.exp(0.0151 * s * h / (3 * t));
        Pack pack = new Pack(
                Packs.item(200, 200, 200, m, 80),
                Packs.falls(760),
                List.of(Packs.full("pe-35", 50), Packs.box("c-32", 0)));
        EvaluationContext context = EvaluationContext.of(pack, StandardCatalogue.get());
        // The carton's flaps make its top and bottom a caliper thicker: the direction is a hair off the diagonal.
        Drop drop = context.working().drop(DropId.ALL.get(20));
        assertThat(drop.g()).isCloseTo(byHand, within(byHand * 0.005));
        double simulated = DropSimulation.run(
                        context.working().conditions(drop.id()).get(0), Assumptions.CLOSED_FORM)
                .peakG();
        assertThat(simulated).isCloseTo(drop.g(), within(drop.g() * 1e-4));
    }

    /** Velocity and place of each body, moved along by steps of a microsecond. */
    private static final class SmallSteps {
        private static final double DT = 5e-7;
        private static final double G0 = 9.80665;
        private final SimulatedDrop drop;
        private final int n;
        private final double[] mass;
        private final double[] most;
        private double peak;
        private double change;

        private SmallSteps(SimulatedDrop drop) {
            this.drop = drop;
            n = drop.layers().size();
            mass = new double[n];
            most = new double[n];
            for (int k = 0; k < n; k++) {
                mass[k] = drop.loadFactor()
                        * (drop.layers().get(k).movingMassKg()
                                - (k > 0 ? drop.layers().get(k - 1).movingMassKg() : 0));
            }
        }

        private double force(int k, double travel) {
            DropLayer layer = drop.layers().get(k);
            CushionLaw law = layer.foam().lawAt(drop.temperatureC(), drop.repeated());
            if (travel <= 0) {
                return 0;
            }
            double sum = 0;
            for (int i = 0; i < drop.cosine().length; i++) {
                double strain = travel * drop.cosine()[i] / layer.thicknessM()[i];
                double greatest = most[k] * drop.cosine()[i] / layer.thicknessM()[i];
                double stress = law.stressKpa(strain);
                if (travel < most[k]) {
                    double top = law.stressKpa(greatest);
                    double p = top * greatest / (0.25 * law.energyDensityKpa(greatest)) - 1;
                    stress = top * Math.pow(strain / greatest, p);
                }
                sum += 1000 * layer.areaM2()[i] * drop.cosine()[i] * stress;
            }
            return sum;
        }

        private double peakG() {
            run(0);
            return peak;
        }

        /** Until nothing has touched the item for 5 ms, or its rebound has turned. */
        private double velocityChangeMps() {
            run(5e-3);
            return change;
        }

        private void run(double freeForS) {
            double[] y = new double[n];
            double[] v = new double[n];
            java.util.Arrays.fill(v, Math.sqrt(2 * G0 * drop.heightM()));
            double[] f = new double[n];
            double freeS = 0;
            boolean up = false;
            for (double time = 0;
                    time < 0.4 && !(v[0] < 0 && f[0] == 0 && freeS >= freeForS) && !(up && v[0] > 0);
                    time += DT) {
                up |= v[0] < 0;
                freeS = f[0] == 0 ? freeS + DT : 0;
                change += DT * f[0] / mass[0];
                for (int k = 0; k < n; k++) {
                    double travel = y[k] - (k + 1 < n ? y[k + 1] : 0);
                    f[k] = force(k, travel);
                    most[k] = Math.max(most[k], travel);
                }
                peak = Math.max(peak, f[0] / (mass[0] * G0));
                for (int k = 0; k < n; k++) {
                    v[k] += DT * (((k > 0 ? f[k - 1] : 0) - f[k]) / mass[k] + G0);
                    y[k] += DT * v[k];
                }
            }
        }
    }
}
