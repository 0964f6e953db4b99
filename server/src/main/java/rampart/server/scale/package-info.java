/** The scale at the packing table, read over a socket on loopback; a simulated one stands in where there is none. */
package rampart.server.scale;
