package rampart.core.search;

/**
 * What walls, and changes to one, are compared by: outside volume, cost, mass and margin (rule 35). Sizes, costs and masses
 * are whole numbers, so that roundings of the last digit make nothing better than its equal.
 *
 * @param microCost cost in millionths; 0 where cost is not compared
 * @param margin the larger the better
 */
record WallMetrics(long volumeMm3, long microCost, long massMg, double margin) {
    /** @param cost 0 where cost is not compared */
    public static WallMetrics of(double volumeMm3, double cost, double massKg, double margin) {
        return new WallMetrics(Math.round(volumeMm3), Math.round(cost * 1e6), Math.round(massKg * 1e6), margin);
    }

    /** True where it is no larger, no dearer, no heavier and leaves no less margin. */
    public boolean noWorseThan(WallMetrics other) {
        return volumeMm3 <= other.volumeMm3
                && microCost <= other.microCost
                && massMg <= other.massMg
                && margin >= other.margin;
    }

    /** True where it is no worse in all four and better in one. */
    public boolean dominates(WallMetrics other) {
        return noWorseThan(other) && !equals(other);
    }
}
