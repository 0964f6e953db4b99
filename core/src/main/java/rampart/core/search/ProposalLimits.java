package rampart.core.search;

import java.util.OptionalDouble;
import java.util.Set;
import rampart.core.material.Foam;
import rampart.core.quantity.Require;
import rampart.core.quantity.Size;

/**
 * Within what walls are to be proposed.
 *
 * @param build one carton, a box in a box, or either
 * @param foams ids of the foams that may be used; empty for every foam of the catalogue
 * @param longestMm no outside edge is longer
 * @param lengthAndGirthMm longest outside edge and twice the sum of the others together are no more
 * @param reusable only foams that keep most of their softness over repeats
 * @param handCut only foams that are cut by hand from sheets
 * @param stockOnly outer cartons only from {@code stock}
 * @param stock what lies in the store
 */
public record ProposalLimits(
        Build build,
        Set<String> foams,
        OptionalDouble longestMm,
        OptionalDouble lengthAndGirthMm,
        boolean reusable,
        boolean handCut,
        boolean stockOnly,
        Stock stock) {
    /** Repeats that stiffen a foam by more than this make it one for a single journey (assumed). */
    public static final double REUSABLE_REPEAT = 1.2;

    /** How many boxes. */
    public enum Build {
        ANY,
        SINGLE,
        BOX_IN_BOX
    }

    public ProposalLimits {
        foams = Set.copyOf(foams);
        longestMm.ifPresent(mm -> Require.positive(mm, "longest outside edge in mm"));
        lengthAndGirthMm.ifPresent(mm -> Require.positive(mm, "length and girth in mm"));
    }

    /** No limits but those of the search. */
    public static ProposalLimits none(Stock stock) {
        return new ProposalLimits(
                Build.ANY, Set.of(), OptionalDouble.empty(), OptionalDouble.empty(), false, false, false, stock);
    }

    /** The same in another build. */
    ProposalLimits in(Build other) {
        return with(other, foams, longestMm, lengthAndGirthMm, reusable, handCut, stockOnly);
    }

    /** The same in cartons from stock alone. */
    ProposalLimits fromStock() {
        return with(build, foams, longestMm, lengthAndGirthMm, reusable, handCut, /* onlyStock= */ true);
    }

    public ProposalLimits madeToSize() {
        return with(build, foams, longestMm, lengthAndGirthMm, reusable, handCut, /* onlyStock= */ false);
    }

    public ProposalLimits anySize() {
        return with(build, foams, OptionalDouble.empty(), OptionalDouble.empty(), reusable, handCut, stockOnly);
    }

    public ProposalLimits anyFoam() {
        return with(build, Set.of(), longestMm, lengthAndGirthMm, /* again= */ false, /* byHand= */ false, stockOnly);
    }

    public ProposalLimits anyBuild() {
        return with(Build.ANY, foams, longestMm, lengthAndGirthMm, reusable, handCut, stockOnly);
    }

    private ProposalLimits with(
            Build builds,
            Set<String> these,
            OptionalDouble longest,
            OptionalDouble girth,
            boolean again,
            boolean byHand,
            boolean onlyStock) {
        return new ProposalLimits(builds, these, longest, girth, again, byHand, onlyStock, stock);
    }

    public boolean allows(Foam foam) {
        return (foams.isEmpty() || foams.contains(foam.id()))
                && !(reusable && foam.repeatFactor() > REUSABLE_REPEAT)
                && !(handCut && !foam.structure().handCut());
    }

    public boolean allows(Size outside) {
        return outside.longestMm() <= longestMm.orElse(Double.POSITIVE_INFINITY)
                && outside.lengthAndGirthMm() <= lengthAndGirthMm.orElse(Double.POSITIVE_INFINITY);
    }
}
