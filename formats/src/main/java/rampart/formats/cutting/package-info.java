/**
 * Pieces of an insert as files to cut by: SVG and DXF for a machine, PDF at true size for a knife, one drawing a piece, all in
 * one archive. What is done along a line is told by its layer; figures and notes stand beside the piece on a layer of their own, so that it can be
 * made by somebody who has the drawing alone.
 */
package rampart.formats.cutting;
