/** What is sent: size, mass and how much of a blow it bears. */
package rampart.core.item;
