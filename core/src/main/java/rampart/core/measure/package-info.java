/** Outlines measured by hand: stations along an axis, plain shapes united and cut. */
package rampart.core.measure;
