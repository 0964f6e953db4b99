/** What is done at the packing table, in an order that can be done, and how the pack is opened again. */
package rampart.core.steps;
