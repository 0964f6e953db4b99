/** The house: its ways, its trail of what was done. */
package rampart.server.house;
