package rampart.core.blank;

import rampart.core.geometry.CutWork;
import rampart.core.geometry.PlanPoint;

/**
 * A crease and how it is folded: about the middle of the board, toward the inside of the carton.
 *
 * @param onto index of the panel it hangs on
 * @param from one end of the crease, on the blank, mm
 * @param to its other end
 * @param degrees how far it is folded, 90 upright
 * @param raise where the folded panel comes to lie, in calipers from its crease toward its own inside: of two flaps on each
 *     other the inner has a half, the outer minus a half, so that both together are centred on the crease
 * @param step number of the step in which it is folded, from 1
 * @param work how the crease is made: scored or perforated
 */
public record Fold(int onto, PlanPoint from, PlanPoint to, double degrees, double raise, int step, CutWork work) {}
