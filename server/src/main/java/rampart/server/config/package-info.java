/** Wiring of the web server. */
package rampart.server.config;
