/**
 * Walks the layers from the item outward: envelopes, bodies, bearing areas, boxes, masses, and the solids to draw.
 * Looks sideways at {@code box} for one thing: a box layer's outside and mass are its carton style's.
 */
package rampart.core.layout;
