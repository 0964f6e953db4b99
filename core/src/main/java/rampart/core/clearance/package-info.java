/** What lies between a box and what is inside it, and whether that goes in. */
package rampart.core.clearance;
