/** Released packs that travel together to one receiver. */
package rampart.server.consignments;
