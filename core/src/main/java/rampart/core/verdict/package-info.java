/** What a check says: demand against limit, margin, status, and the working behind it, figure by figure. */
package rampart.core.verdict;
