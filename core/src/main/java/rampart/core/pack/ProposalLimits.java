package rampart.core.pack;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import rampart.core.box.StockCarton;
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
 * @param stock cartons that lie in the store
 * @param stepMm step of thickness, mm
 * @param mostMm most cushion in all on one side, mm
 */
public record ProposalLimits(
        Build build,
        Set<String> foams,
        OptionalDouble longestMm,
        OptionalDouble lengthAndGirthMm,
        boolean reusable,
        boolean handCut,
        boolean stockOnly,
        List<StockCarton> stock,
        int stepMm,
        int mostMm) {
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
        stock = List.copyOf(stock);
        longestMm.ifPresent(mm -> Require.positive(mm, "longest outside edge in mm"));
        lengthAndGirthMm.ifPresent(mm -> Require.positive(mm, "length and girth in mm"));
        Require.within(stepMm, 5, 100, "step of thickness in mm");
        Require.within(mostMm, stepMm, 400, "most cushion on one side in mm");
    }

    /** No limits but those of the search. */
    public static ProposalLimits none() {
        return new ProposalLimits(
                Build.ANY,
                Set.of(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                false,
                false,
                false,
                List.of(),
                2 * WallSpace.STEP_MM,
                WallSpace.MOST_MM);
    }

    ProposalLimits madeToSize() {
        return with(build, foams, longestMm, lengthAndGirthMm, reusable, handCut, /* onlyStock= */ false);
    }

    ProposalLimits anySize() {
        return with(build, foams, OptionalDouble.empty(), OptionalDouble.empty(), reusable, handCut, stockOnly);
    }

    ProposalLimits anyFoam() {
        return with(build, Set.of(), longestMm, lengthAndGirthMm, /* again= */ false, /* byHand= */ false, stockOnly);
    }

    ProposalLimits anyBuild() {
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
        return new ProposalLimits(builds, these, longest, girth, again, byHand, onlyStock, stock, stepMm, mostMm);
    }

    boolean allows(Foam foam) {
        return (foams.isEmpty() || foams.contains(foam.id()))
                && !(reusable && foam.repeatFactor() > REUSABLE_REPEAT)
                && !(handCut && !foam.structure().handCut());
    }

    boolean allows(Size outside) {
        double longest = Math.max(outside.lengthMm(), Math.max(outside.widthMm(), outside.heightMm()));
        double girth = longest + 2 * (outside.lengthMm() + outside.widthMm() + outside.heightMm() - longest);
        return longest <= longestMm.orElse(Double.POSITIVE_INFINITY)
                && girth <= lengthAndGirthMm.orElse(Double.POSITIVE_INFINITY);
    }
}
