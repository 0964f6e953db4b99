package rampart.core.search;

import java.util.List;
import java.util.Optional;
import rampart.core.verdict.Status;

/** After the wall of least outside volume, among equals the lightest, then the one tried first. */
final class Smallest implements Objective {
    private final double under;
    private Optional<Found> best = Optional.empty();

    /** @param underMm3 only walls of less volume are wanted */
    Smallest(double underMm3) {
        under = underMm3;
    }

    @Override
    public int neededPercent(boolean nested, double volumeMm3, double cost, double massKg, long order) {
        boolean wanted = volumeMm3 < under
                && best.map(b -> !b.figures().smallerThan(ParetoFront.Figures.of(volumeMm3, 0, massKg, 0, order)))
                        .orElse(true);
        return wanted ? ParetoFront.percent(Status.THIN_BELOW) : NEVER;
    }

    @Override
    public void offer(Found found) {
        if (best.isEmpty() || found.figures().smallerThan(best.get().figures())) {
            best = Optional.of(found);
        }
    }

    @Override
    public List<Found> best() {
        return best.stream().toList();
    }

    @Override
    public boolean comparesMargins() {
        return false;
    }

    @Override
    public boolean settled(double volumeMm3) {
        return volumeMm3 >= under
                || (best.isPresent() && volumeMm3 > best.get().figures().volumeMm3());
    }
}
