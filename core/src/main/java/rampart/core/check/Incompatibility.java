package rampart.core.check;

import rampart.core.words.Sentence;

/**
 * Something that packing does to what it lies against.
 *
 * @param harm true where it harms, false where it wants watching
 * @param reason one sentence
 */
record Incompatibility(boolean harm, Sentence reason) {}
