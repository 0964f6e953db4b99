/** All that Rampart says of a pack: every check, the verdict, the weakest of them. */
package rampart.core.evaluation;
