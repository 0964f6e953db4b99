/**
 * Blanks: the board of a carton as panels joined at creases, flat to cut and folded step by step. It takes inside size, board and
 * style from {@code box} and gives geometry; it judges nothing.
 */
package rampart.core.blank;
