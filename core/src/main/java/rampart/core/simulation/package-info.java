/**
 * Proving a pack: one drop worked in time, pulses and their spectra. Looks sideways at {@code cushion} for one thing: a
 * simulation must move the very springs that the closed form solves, or the two could not be compared.
 */
package rampart.core.simulation;
