package rampart.formats;

/**
 * One thing that is wrong with a file.
 *
 * @param path JSON Pointer to the field; empty for the whole document
 * @param message names the value and what is allowed
 */
public record Problem(String path, String message) {}
