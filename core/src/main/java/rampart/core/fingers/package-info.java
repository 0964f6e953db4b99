/**
 * Rigid cases of flat sheet whose edges interlock in fingers, with a lid on pins, and the trial by which the right fit is found.
 */
package rampart.core.fingers;
