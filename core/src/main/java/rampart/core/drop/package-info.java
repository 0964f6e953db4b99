/**
 * The 26 drops of a pack: which springs each meets, and the worst over temperatures, impacts and load factors; creep, which
 * thins them; worked in time where boxes are heavy. Looks at {@code cushion} for the closed form, at {@code prove} for time.
 */
package rampart.core.drop;
