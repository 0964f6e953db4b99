/**
 * The bed: a block of foam with the item's shape cut out of it, base and lid together (rules 46 to 57). What bears where
 * follows from the shape by rays from the six faces; thickness and foam come from the layer it is the form of.
 */
package rampart.core.bed;
