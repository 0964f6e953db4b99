/** The pack: an item, a journey, and the layers round it. */
package rampart.core.pack;
