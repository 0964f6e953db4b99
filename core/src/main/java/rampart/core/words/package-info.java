/**
 * What is said of a pack: a key with typed quantities, and how it is written in the units of whoever reads it. No text is
 * ever searched for numbers.
 */
package rampart.core.words;
