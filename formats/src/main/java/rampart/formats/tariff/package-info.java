/** Tables of what carriers charge, as open CSV that a person edits. */
package rampart.formats.tariff;
