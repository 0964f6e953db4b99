/** Prices that the house gives for material, and what carriers charge: the price of a parcel, and how far the prices below and above are. */
package rampart.core.cost;
