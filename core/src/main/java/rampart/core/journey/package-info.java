/** What happens to the pack on its way: drop heights, vibration, stacking, climate. */
package rampart.core.journey;
