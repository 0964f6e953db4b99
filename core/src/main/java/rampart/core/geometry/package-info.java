/** Closed curves in a plane, in mm: exact with their arcs, and as regions on a geometry library. */
package rampart.core.geometry;
