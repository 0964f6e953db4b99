/**
 * Searches over whole evaluations: first walls and proposals in one space of walls that can be bought and cut, remedies in
 * single steps of the same space, stock cartons, the 24 ways an item can lie.
 */
package rampart.core.search;
