/** Every message the server has for a person. */
package rampart.server.messages;
