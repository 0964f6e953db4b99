package rampart.core.search;

import java.util.ArrayList;
import java.util.List;

/**
 * After all walls of which none is outdone by another ({@link ParetoFront}); a box in a box only where it saves a fifth of
 * the volume of the smallest single carton that holds.
 */
final class Undominated implements Objective {
    private final ParetoFront front = new ParetoFront();
    private final List<Found> found = new ArrayList<>();
    private double smallestSingle = Double.POSITIVE_INFINITY;

    @Override
    public int neededPercent(boolean nested, double volumeMm3, double cost, double massKg, long order) {
        return nested && volumeMm3 >= FirstWall.WORTH_IT * smallestSingle
                ? NEVER
                : front.neededPercent(volumeMm3, cost, massKg, order);
    }

    @Override
    public void offer(Found one) {
        if (!one.nested()) {
            smallestSingle = Math.min(smallestSingle, one.figures().volumeMm3());
        }
        front.offer(one.figures());
        found.add(one);
        List<ParetoFront.Figures> members = front.members();
        found.removeIf(f -> !members.contains(f.figures()));
    }

    @Override
    public List<Found> best() {
        return List.copyOf(found);
    }

    @Override
    public boolean comparesMargins() {
        return true;
    }

    @Override
    public boolean settled(double volumeMm3) {
        return false;
    }
}
