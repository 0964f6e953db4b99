/**
 * What a bed is cut into: the openings of base and lid level by level, as an item that goes in from above needs them, and
 * the sheets that a stack of them is cut from.
 */
package rampart.core.insert;
