package rampart.core.search;

import java.util.List;

/** What a search is after: it says which walls are still worth a look, and takes those that hold. */
interface Objective {
    /** No margin that counts is more than this, in whole percent. */
    int NEVER = ParetoFront.percent(ParetoFront.ENOUGH) + 1;

    /**
     * The least margin, in whole percent, with which a wall of these figures would be wanted.
     *
     * @param nested true for a box in a box
     * @return {@link #NEVER} or more where no margin helps
     */
    int neededPercent(boolean nested, double volumeMm3, double cost, double massKg, long order);

    /** Takes a wall that holds. */
    void offer(Found found);

    /** What was taken and not outdone. */
    List<Found> best();

    /** True where the margin of a wall has to be known in full to compare it. */
    boolean comparesMargins();

    /** True where no frame from this outside volume on can bring anything that is wanted; frames come by volume. */
    boolean settled(double volumeMm3);
}
