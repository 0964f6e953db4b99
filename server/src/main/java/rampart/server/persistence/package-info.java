/** SQL, in plain text, in repository classes. */
package rampart.server.persistence;
