/** Searches: few at a time, in a queue with places, one at a time for a person, and stopped when nobody waits for them. */
package rampart.server.searches;
