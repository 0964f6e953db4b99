package rampart.core.drop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rampart.core.Thorough;
import rampart.core.cushion.Impact;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.journey.Climate;
import rampart.core.journey.DropPlan;
import rampart.core.journey.DropSequence;
import rampart.core.journey.Journey;
import rampart.core.layout.LaidCushion;
import rampart.core.material.CushionLaw;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;

/**
 * The peak G of a drop against a mass that falls on the cushions step by step in time. Boxes and foams are weightless
 * here, so that cushions in series carry one force. The stepping knows nothing of the energy balance that core solves:
 * it moves mass, travel and force along by Newton's second law and the slope of the state law.
 */
class TimeSteppingTest {
    private static final double G0 = 9.80665;
    private static final double SPEED_LEFT_AT_PEAK = 1e-4;
    private static final double STEP = 0.004;

    /** One layer's struck faces: areas m2, thicknesses m, direction cosines. */
    private record Layer(CushionLaw law, double[] area, double[] thickness, double[] cosine) {
        double forceN(double travel) {
            double sum = 0;
            for (int i = 0; i < area.length; i++) {
                sum += area[i] * cosine[i] * 1000 * law.stressKpa(travel * cosine[i] / thickness[i]);
            }
            return sum;
        }

        /** The next travel at which a spring leaves its ramp; infinite where all have. */
        double nextBend(double travel) {
            double next = Double.POSITIVE_INFINITY;
            for (int i = 0; i < area.length; i++) {
                double bend = law.rampStrain() * thickness[i] / cosine[i];
                next = bend > travel ? Math.min(next, bend) : next;
            }
            return next;
        }

        /** Change of force with travel along the direction, N/m. */
        double stiffness(double travel) {
            double ab = law.aKpa() * law.bPerKpa();
            double sum = 0;
            for (int i = 0; i < area.length; i++) {
                double strain = travel * cosine[i] / thickness[i];
                int w = law.ramp().exponent();
                double left = ab * (law.lockUpStrain() - strain);
                double slopeKpa = strain < law.rampStrain()
                        ? law.rampStressKpa() * w / law.rampStrain() * Math.pow(strain / law.rampStrain(), w - 1)
                        : law.aKpa() * ab / (left * left);
                sum += area[i] * cosine[i] * 1000 * slopeKpa * cosine[i] / thickness[i];
            }
            return sum;
        }
    }

    /** Travel of each layer, then force, then speed. */
    private static double[] slope(List<Layer> layers, double massKg, double[] state) {
        int n = layers.size();
        double compliance = 0;
        for (int j = 0; j < n; j++) {
            compliance += 1 / layers.get(j).stiffness(state[j]);
        }
        double forceRate = state[n + 1] / compliance;
        double[] slope = new double[n + 2];
        for (int j = 0; j < n; j++) {
            slope[j] = forceRate / layers.get(j).stiffness(state[j]);
        }
        slope[n] = forceRate;
        slope[n + 1] = -state[n] / massKg;
        return slope;
    }

    private static double peakG(List<Layer> layers, double massKg, double heightM) {
        int n = layers.size();
        double[] state = new double[n + 2];
        // At one G, or half of what the first spring bears at the end of its ramp: up to there all is a power law,
        // whose
        // energy is force times travel over w + 1.
        double start = massKg * G0;
        for (Layer layer : layers) {
            start = Math.min(start, layer.forceN(layer.nextBend(0)) / 2);
        }
        state[n] = start;
        double taken = 0;
        for (int j = 0; j < n; j++) {
            Layer layer = layers.get(j);
            double hair = 1e-9;
            int w = layer.law().ramp().exponent();
            state[j] = hair * Math.pow(start / layer.forceN(hair), 1.0 / w);
            taken += start * state[j] / (w + 1);
        }
        state[n + 1] = Math.sqrt(2 * G0 * heightM - 2 * taken / massKg);
        double stop = SPEED_LEFT_AT_PEAK * state[n + 1];
        while (state[n + 1] > stop) {
            double[] k1 = slope(layers, massKg, state);
            // So short that neither speed nor force changes by more than a small part in a step.
            double dt = STEP * Math.min(state[n + 1] * massKg / state[n], state[n] / k1[n]);
            // A spring that leaves its ramp changes the slope at once; the step ends just behind that travel.
            for (int j = 0; j < n; j++) {
                double left = (layers.get(j).nextBend(state[j]) - state[j]) / k1[j];
                dt = Math.min(dt, left + STEP * STEP * dt);
            }
            double[] k2 = slope(layers, massKg, moved(state, k1, dt / 2));
            double[] k3 = slope(layers, massKg, moved(state, k2, dt / 2));
            double[] k4 = slope(layers, massKg, moved(state, k3, dt));
            for (int i = 0; i < state.length; i++) {
                state[i] += dt / 6 * (k1[i] + 2 * k2[i] + 2 * k3[i] + k4[i]);
            }
        }
        return state[n] / (massKg * G0);
    }

    private static double[] moved(double[] state, double[] slope, double dt) {
        double[] moved = state.clone();
        for (int i = 0; i < moved.length; i++) {
            moved[i] += slope[i] * dt;
        }
        return moved;
    }

    @Test
    void all26DropsOfRandomPacks() {
        Random random = new Random(26);
        List<Pack> packs = new ArrayList<>();
        for (int p = 0; p < 24 * Thorough.TIMES; p++) {
            packs.add(Packs.random(random));
        }
        assertThat(packs.stream().map(TimeSteppingTest::cushions).distinct()).containsExactlyInAnyOrder(1L, 2L, 3L);
        int compared =
                packs.parallelStream().mapToInt(TimeSteppingTest::compare).sum();
        assertThat(compared).isGreaterThan(560 * Thorough.TIMES);
    }

    /** What the law says of each cushion's strain adds up: together they took the fall, and each carries G times its mass. */
    @Test
    void theFallIsTakenAndEveryCushionCarriesItsForce() {
        Random random = new Random(13);
        for (int p = 0; p < 300; p++) {
            Evaluation evaluation = Evaluator.evaluate(Packs.random(random), StandardCatalogue.get());
            for (Drop drop : evaluation.drops()) {
                if (drop.worst().capped()) {
                    continue;
                }
                Impact worst = drop.worst();
                double taken = 0;
                double outermostKg = 0;
                for (int j = 0; j < worst.layers().size(); j++) {
                    LaidCushion cushion = evaluation.layout().cushions().get(j);
                    Impact.LayerPeak peak = worst.layers().get(j);
                    CushionLaw law = cushion.foam().lawAt(worst.temperatureC(), worst.repeated());
                    double force = 0;
                    for (int i = 0; i < drop.cosine().size(); i++) {
                        Face face = drop.id().faces().get(i);
                        double lost = face == Face.BOTTOM ? evaluation.creep().get(cushion.layer()) : 0;
                        double m2 = cushion.bearingMm2().on(face) / 1e6;
                        double m = cushion.thicknessMm().on(face) / 1e3 * (1 - lost);
                        force += 1000 * m2 * drop.cosine().get(i) * law.stressKpa(peak.strain()[i]);
                        taken += 1000 * m2 * m * law.energyDensityKpa(peak.strain()[i]);
                    }
                    assertThat(force).isCloseTo(peak.forceN(), within(peak.forceN() * 1e-9));
                    assertThat(peak.forceN())
                            .isCloseTo(
                                    worst.g() * cushion.movingMassKg() * worst.loadFactor() * G0,
                                    within(force * 1e-12));
                    outermostKg = cushion.movingMassKg();
                }
                double fall = outermostKg * worst.loadFactor() * G0 * evaluation.dropHeightMm() / 1000;
                assertThat(taken).isCloseTo(fall, within(fall * 1e-9));
            }
        }
    }

    private static long cushions(Pack pack) {
        return pack.layers().stream()
                .filter(layer -> layer instanceof rampart.core.layout.Layer.Cushion)
                .count();
    }

    /** Compares all 26 drops of a pack; how many had a peak that both can tell. */
    private static int compare(Pack drawn) {
        double heightMm = drawn.journey().drop().heightMm(0);
        Journey plain = Journey.plain(
                DropPlan.own(heightMm, DropSequence.ALL, false),
                Optional.empty(),
                Optional.empty(),
                new Climate(23, 23));
        Pack pack = new Pack(drawn.item(), plain, drawn.layers());
        Evaluation evaluation = Evaluator.evaluate(pack, Packs.weightless());
        int compared = 0;
        for (Drop drop : evaluation.drops()) {
            double stepped = 0;
            for (double load : drop.id().flat() ? new double[] {1, skew(pack, drop)} : new double[] {1}) {
                double g = peakG(layers(evaluation, drop), pack.item().massKg() * load, heightMm / 1000);
                stepped = Math.max(stepped, g);
            }
            if (stepped < 9999) {
                assertThat(drop.g())
                        .as("%s of %s", drop.id().id().text(), drawn)
                        .isCloseTo(stepped, within(stepped * 2e-3));
                compared++;
            } else {
                assertThat(drop.worst().capped() || drop.g() > 9900).isTrue();
            }
        }
        return compared;
    }

    private static List<Layer> layers(Evaluation evaluation, Drop drop) {
        List<Layer> layers = new ArrayList<>();
        for (LaidCushion cushion : evaluation.layout().cushions()) {
            int n = drop.cosine().size();
            double[] area = new double[n];
            double[] thickness = new double[n];
            double[] cosine = new double[n];
            for (int i = 0; i < n; i++) {
                Face face = drop.id().faces().get(i);
                area[i] = cushion.bearingMm2().on(face) / 1e6;
                thickness[i] = cushion.thicknessMm().on(face) / 1e3;
                cosine[i] = drop.cosine().get(i);
            }
            layers.add(new Layer(cushion.foam().law(), area, thickness, cosine));
        }
        return layers;
    }

    /** Load of the heaviest quarter over its even share (rule 19). */
    private static double skew(Pack pack, Drop drop) {
        double factor = 1;
        for (Axis axis : Axis.values()) {
            if (axis != drop.id().faces().get(0).axis()) {
                double e = Math.abs(pack.item().centreOfMass().along(axis));
                factor *= 1 + Math.min(0.8, 3 * e / pack.item().size().along(axis));
            }
        }
        return factor;
    }
}
