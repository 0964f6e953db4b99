package rampart.formats.json;

import tools.jackson.core.JsonPointer;

/**
 * One thing that is wrong with a file.
 *
 * @param path JSON Pointer to the field; empty for the whole document
 * @param message names the value and what is allowed
 */
public record Problem(String path, String message) {
    public Problem(JsonPointer at, String message) {
        this(at.toString(), message);
    }
}
