/** Open formats: the pack file and the evaluation as JSON, the catalogue, and the check command that reads them. */
package rampart.formats;
