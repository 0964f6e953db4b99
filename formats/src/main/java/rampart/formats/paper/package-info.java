/** Pages to work from: what stands on them, and the media they are put on. */
package rampart.formats.paper;
