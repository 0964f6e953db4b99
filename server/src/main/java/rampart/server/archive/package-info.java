/** The whole house in one file: written while it runs, brought back into an empty one. */
package rampart.server.archive;
