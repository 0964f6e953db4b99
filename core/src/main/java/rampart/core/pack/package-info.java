/** The pack as a whole, its checks and its verdict: the only area that sees the others. */
package rampart.core.pack;
