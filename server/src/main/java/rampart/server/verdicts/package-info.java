/** The one verdict of each pack, worked once and kept by content. */
package rampart.server.verdicts;
