package rampart.core.simulation;

import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/** Roots of rising functions, by Hipparchus's bracketing solver. */
final class Roots {
    private static final int MOST_STEPS = 200;

    private Roots() {}

    /** Where a rising function passes zero; an end where it does not within these bounds. */
    static double find(DoubleUnaryOperator rising, double low, double high) {
        if (rising.applyAsDouble(high) <= 0) {
            return high;
        }
        if (rising.applyAsDouble(low) >= 0) {
            return low;
        }
        return new BracketingNthOrderBrentSolver(1e-12, 1e-16, 1e-13, 5)
                .solve(MOST_STEPS, rising::applyAsDouble, low, high);
    }
}
