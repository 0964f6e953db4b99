/** Packs that travel together: what to mind between them. */
package rampart.core.consignment;
