/** What lies in the stores: cartons and sheets. */
package rampart.server.stores;
