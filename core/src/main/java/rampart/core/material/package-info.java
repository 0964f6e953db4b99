/** Cushion laws, board grades and wraps, with what each figure rests on, and the catalogue they come from. */
package rampart.core.material;
