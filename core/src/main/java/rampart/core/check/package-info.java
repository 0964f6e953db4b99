/** One class a check, one list of all ({@code Checks}); what they look at, and the words they say. */
package rampart.core.check;
