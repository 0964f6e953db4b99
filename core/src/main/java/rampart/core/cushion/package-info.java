/** What cushions do: load at rest, the usable band, drops on faces, edges and corners, layers in series, vibration. */
package rampart.core.cushion;
