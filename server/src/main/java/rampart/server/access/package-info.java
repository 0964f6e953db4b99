/** Who may do what: sign-in, sessions, roles, the first account. */
package rampart.server.access;
