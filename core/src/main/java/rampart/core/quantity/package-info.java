/** Units and value types that guard against mixing them up. Core units: mm, kg, s, kPa, J, degC; acceleration in G. */
package rampart.core.quantity;
