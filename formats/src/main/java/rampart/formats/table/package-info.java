/** Tables of comma-separated values with named columns, as people write them. */
package rampart.formats.table;
