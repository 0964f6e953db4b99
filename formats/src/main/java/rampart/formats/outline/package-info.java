/**
 * Outlines of an item out of drawing files: SVG and DXF read with their units and layers, open lines joined. Nothing is
 * fetched, and a file that is broken, hostile or too large is refused with the reason.
 */
package rampart.formats.outline;
