/** Photographs of items: read with suspicion, stored without what cameras add. */
package rampart.server.photographs;
