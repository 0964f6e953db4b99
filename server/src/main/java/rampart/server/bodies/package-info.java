/**
 * What callers send with their requests, read whole before anybody works on it. A body is taken in piece by piece as it comes, without
 * a thread that waits for it; it has a size by what it is, a least rate and a greatest time, and all bodies under way have one
 * budget of memory and of the disk. Where the budget is used up, whoever has been sending longest is cut off: an honest sender is
 * through in a moment, so nobody who drips shuts others out.
 *
 * <p>Who may ask at all is looked at first ({@link rampart.server.bodies.GatheringFilter} stands behind the sign-in); what somebody
 * sends who is turned away is thrown away in the same manner ({@link rampart.server.bodies.DrainingFilter}).
 */
package rampart.server.bodies;
