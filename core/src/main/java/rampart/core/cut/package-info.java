/**
 * What is cut, poured and bought for a pack, how much work it is and what its material costs. Each material is counted in one place ({@code
 * MaterialUse}), so that a carton weighs and costs the same wherever that is told.
 */
package rampart.core.cut;
