package rampart.core.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rampart.core.journey.Climate;
import rampart.core.journey.DropPlan;
import rampart.core.journey.DropSequence;
import rampart.core.journey.Journey;
import rampart.core.layout.LaidCushion;
import rampart.core.material.CushionLaw;
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
    private static final double STEP = 0.005;

    /** One layer's struck faces: areas m2, thicknesses m, direction cosines. */
    private record Layer(CushionLaw law, double[] area, double[] thickness, double[] cosine) {
        double startN() {
            double sum = 0;
            for (int i = 0; i < area.length; i++) {
                sum += area[i] * cosine[i] * law.aKpa() * 1000;
            }
            return sum;
        }

        /** Change of force with travel along the direction, N/m. */
        double stiffness(double travel) {
            double ab = law.aKpa() * law.bPerKpa();
            double sum = 0;
            for (int i = 0; i < area.length; i++) {
                double left = 1 - ab * travel * cosine[i] / thickness[i];
                double slopePa = law.aKpa() * 1000 * ab / (left * left);
                sum += area[i] * cosine[i] * slopePa * cosine[i] / thickness[i];
            }
            return sum;
        }
    }

    /** Travel of each layer, then force, then speed. */
    private static double[] slope(List<Layer> layers, double massKg, double[] state) {
        int n = layers.size();
        double force = state[n];
        double speed = state[n + 1];
        double compliance = 0;
        for (int j = 0; j < n; j++) {
            if (force >= layers.get(j).startN()) {
                compliance += 1 / layers.get(j).stiffness(state[j]);
            }
        }
        double forceRate = speed / compliance;
        double[] slope = new double[n + 2];
        for (int j = 0; j < n; j++) {
            slope[j] =
                    force >= layers.get(j).startN() ? forceRate / layers.get(j).stiffness(state[j]) : 0;
        }
        slope[n] = forceRate;
        slope[n + 1] = -force / massKg;
        return slope;
    }

    private static double peakG(List<Layer> layers, double massKg, double heightM) {
        int n = layers.size();
        double[] state = new double[n + 2];
        state[n] = layers.stream().mapToDouble(Layer::startN).min().orElseThrow();
        state[n + 1] = Math.sqrt(2 * G0 * heightM);
        double stop = SPEED_LEFT_AT_PEAK * state[n + 1];
        while (state[n + 1] > stop) {
            double[] k1 = slope(layers, massKg, state);
            // So short that neither speed nor force changes by more than a small part in a step.
            double dt = STEP * Math.min(state[n + 1] * massKg / state[n], state[n] / k1[n]);
            // A layer that begins to give changes the slope at once; the step ends just behind that force.
            for (Layer layer : layers) {
                if (layer.startN() > state[n]) {
                    dt = Math.min(dt, (layer.startN() - state[n]) / k1[n] + STEP * STEP * dt);
                }
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
    void all26DropsOf500RandomPacks() {
        Random random = new Random(26);
        List<Pack> packs = new ArrayList<>();
        for (int p = 0; p < 500; p++) {
            packs.add(Packs.random(random));
        }
        assertThat(packs.stream().map(TimeSteppingTest::cushions).distinct()).containsExactlyInAnyOrder(1L, 2L, 3L);
        int compared =
                packs.parallelStream().mapToInt(TimeSteppingTest::compare).sum();
        assertThat(compared).isGreaterThan(12_000);
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
                assertThat(drop.g()).as("%s of %s", drop.id().id(), drawn).isCloseTo(stepped, within(stepped * 1e-3));
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
