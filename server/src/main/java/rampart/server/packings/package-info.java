/** Packs at the packing table, act by act, as they come in from its devices. */
package rampart.server.packings;
