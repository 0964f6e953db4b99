/** One controller per area; each only translates between HTTP and the rooms behind. */
package rampart.server.api;
