/**
 * What is written down to be read again years later. What is served changes with the application; what is kept does not change with it, so it
 * has forms of its own: each document says its version, each version that was ever written can be read, and a field that an old one lacks is
 * filled in by the step that leads from its version to the next. A test reads a frozen document of every version, and another fails where what is
 * written today has other fields than the frozen document of today's version: then the version is raised, a step is written, and a document is
 * frozen.
 */
package rampart.formats.kept;
