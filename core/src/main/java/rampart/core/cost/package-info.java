/** What a pack costs in material, by prices that the house gives. Looks at {@code layout} for what has to be bought. */
package rampart.core.cost;
