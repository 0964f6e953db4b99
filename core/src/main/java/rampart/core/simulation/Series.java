package rampart.core.simulation;

import java.util.List;

/** Stages with nothing heavy between them: one force goes through all, and their travels add. */
final class Series implements Spring {
    private static final double MOST_FORCE_N = 1e12;

    private final List<Stage> stages;

    /** The split of the greatest travel is asked for again and again while the column is released. */
    private double knownMostM = Double.NaN;

    private double[] knownSplit;

    Series(List<Stage> stages) {
        this.stages = List.copyOf(stages);
    }

    @Override
    public double pressed(double travelM) {
        if (travelM <= 0) {
            return 0;
        }
        double high = 1;
        while (sum(pressedAt(high)) < travelM && high < MOST_FORCE_N) {
            high *= 8;
        }
        return Roots.find(f -> sum(pressedAt(f)) - travelM, 0, high);
    }

    @Override
    public double absorbedJ(double travelM) {
        double[] travels = pressedTravels(travelM);
        double sum = 0;
        for (int i = 0; i < travels.length; i++) {
            sum += stages.get(i).absorbedJ(travels[i]);
        }
        return sum;
    }

    @Override
    public double released(double travelM, double mostM) {
        if (travelM <= 0 || mostM <= 0) {
            return 0;
        }
        return travelM > mostM ? pressed(travelM) : releasedForce(travelM, split(mostM));
    }

    @Override
    public double returnedJ(double travelM, double mostM) {
        double[] most = split(mostM);
        double[] travels = releasedAt(releasedForce(Math.max(0, travelM), most), most);
        double sum = 0;
        for (int i = 0; i < travels.length; i++) {
            sum += most[i] > 0 ? stages.get(i).returnedJ(travels[i], most[i]) : 0;
        }
        return sum;
    }

    @Override
    public double[] travelsM(double travelM, double mostM, boolean pressing) {
        if (pressing) {
            return pressedTravels(travelM);
        }
        double[] most = split(mostM);
        return releasedAt(releasedForce(Math.max(0, travelM), most), most);
    }

    private double[] split(double mostM) {
        if (mostM != knownMostM) {
            knownSplit = pressedTravels(mostM);
            knownMostM = mostM;
        }
        return knownSplit;
    }

    /** Travel of each stage when all together are pressed this far. */
    private double[] pressedTravels(double travelM) {
        return travelM <= 0 ? new double[stages.size()] : pressedAt(pressed(travelM));
    }

    private double[] pressedAt(double forceN) {
        return stages.stream()
                .mapToDouble(stage -> stage.pressedTravelM(forceN))
                .toArray();
    }

    private double releasedForce(double travelM, double[] most) {
        double peak = 0;
        for (int i = 0; i < most.length; i++) {
            peak = Math.max(peak, stages.get(i).released(most[i], most[i]));
        }
        return travelM <= 0 ? 0 : Roots.find(f -> sum(releasedAt(f, most)) - travelM, 0, peak);
    }

    private double[] releasedAt(double forceN, double[] most) {
        double[] travels = new double[stages.size()];
        for (int i = 0; i < travels.length; i++) {
            travels[i] = stages.get(i).releasedTravelM(forceN, most[i]);
        }
        return travels;
    }

    private static double sum(double[] values) {
        double sum = 0;
        for (double value : values) {
            sum += value;
        }
        return sum;
    }
}
