package rampart.formats.view;

import java.util.ArrayList;
import java.util.List;
import rampart.core.explain.Simulations;
import rampart.core.quantity.Face;
import rampart.core.simulation.Pulse;

/**
 * One drop worked in time, in the condition of the highest peak.
 *
 * @param drop id
 * @param faces struck, in rising number
 * @param direction its components along the struck faces
 * @param closedFormG peak by the closed form, for comparison
 * @param durationMs between the points at a tenth of the peak
 * @param energyError what the energy balance misses, over the energy of the fall
 * @param moments the course, thinned to what a drawing needs; the peak is among them
 */
public record SimulationView(
        String drop,
        List<String> faces,
        List<Double> direction,
        double temperatureC,
        String impacts,
        double loadFactor,
        boolean whole,
        boolean capped,
        double peakG,
        double closedFormG,
        double peakMs,
        double durationMs,
        double impactMps,
        double velocityChangeMps,
        double fallJ,
        double absorbedJ,
        double energyError,
        List<StageView> layers,
        List<MomentView> moments) {
    private static final int MOST_MOMENTS = 160;

    public static SimulationView of(Simulations.Simulated simulated) {
        Pulse pulse = simulated.pulse();
        List<Face> faces = simulated.drop().id().faces();
        return new SimulationView(
                simulated.drop().id().id().text(),
                faces.stream().map(Face::word).toList(),
                simulated.drop().cosine(),
                simulated.condition().temperatureC(),
                simulated.condition().repeated() ? "repeated" : "first",
                simulated.condition().loadFactor(),
                pulse.whole(),
                pulse.capped(),
                pulse.peakG(),
                simulated.drop().worst().g(),
                1000 * pulse.peakS(),
                1000 * pulse.durationS(),
                pulse.impactMps(),
                pulse.velocityChangeMps(),
                pulse.energy().fallJ(),
                pulse.energy().absorbedJ(),
                pulse.energy().error(),
                pulse.layers().stream().map(l -> StageView.of(l, faces)).toList(),
                thinned(pulse).stream().map(MomentView::of).toList());
    }

    /** Moments at least a step of the drawing apart, and the peak. */
    private static List<Pulse.Moment> thinned(Pulse pulse) {
        List<Pulse.Moment> all = pulse.moments();
        List<Pulse.Moment> kept = new ArrayList<>();
        if (all.isEmpty()) {
            return kept;
        }
        double step = all.get(all.size() - 1).timeS() / MOST_MOMENTS;
        double next = 0;
        for (Pulse.Moment moment : all) {
            if (moment.timeS() >= next || moment.timeS() == pulse.peakS() || moment.equals(all.get(all.size() - 1))) {
                kept.add(moment);
                next = moment.timeS() + step;
            }
        }
        return kept;
    }

    /** The greatest squeeze of one acting layer. */
    public record StageView(int layer, double travelMm, SidesView strain, SidesView lockUp) {
        static StageView of(Pulse.LayerCourse course, List<Face> faces) {
            return new StageView(
                    course.layer(),
                    1000 * course.travelM(),
                    SidesView.of(faces, i -> course.strain()[i]),
                    SidesView.of(faces, i -> course.lockUpFraction()[i]));
        }
    }

    /** One moment; travel along the drop of each acting layer, innermost first. */
    public record MomentView(double ms, double g, double velocityMps, List<Double> travelMm) {
        static MomentView of(Pulse.Moment moment) {
            List<Double> travel = new ArrayList<>();
            for (double m : moment.travelM()) {
                travel.add(1000 * m);
            }
            return new MomentView(1000 * moment.timeS(), moment.g(), moment.velocityMps(), travel);
        }
    }
}
