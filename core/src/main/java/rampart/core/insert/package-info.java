/**
 * What a bed is cut into: the openings of base and lid level by level, as an item that goes in from above needs them; pieces
 * out of the solid or out of sheets, with kerf and relief and the lid turned over; columns to pick out; the ways beside each
 * other; what may be cut by heat.
 */
package rampart.core.insert;
