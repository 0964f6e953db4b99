/**
 * Rectangles laid on stock sheets: by cuts from edge to edge for a person with a straight edge, or freely for a machine; with
 * kerf, trimmed edges and grain.
 */
package rampart.core.sheet;
