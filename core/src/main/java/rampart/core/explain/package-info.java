/** What explains a verdict: curves behind a check, which input matters most, one drop worked in time. */
package rampart.core.explain;
