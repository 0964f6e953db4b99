/**
 * Pieces of an insert as files to cut by: SVG and DXF for a machine, PDF at true size for a knife, one drawing a piece, all in
 * one archive. What is done along a line is told by its layer.
 */
package rampart.formats.cutting;
