/** What a pack will come to before it is made, each figure with its margin. */
package rampart.core.quote;
