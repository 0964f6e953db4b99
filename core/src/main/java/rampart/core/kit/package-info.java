/** Several things in one bed: where each lies, and what they are together. */
package rampart.core.kit;
