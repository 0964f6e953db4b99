/** What is released for the table, the supplier and the receiver: numbers, steps as people arranged them, the papers' sources. */
package rampart.server.releases;
