/** What the house keeps with its history, each change a version of its own. */
package rampart.server.history;
