/** The answers of core as plain records, in the shape they have as JSON. Absent values are null there, and only there. */
package rampart.formats.view;
