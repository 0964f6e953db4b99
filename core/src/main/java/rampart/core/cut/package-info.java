/** What is cut, poured and bought for a pack, and how much work it is. */
package rampart.core.cut;
