package rampart.core.quantity;

/** Package axes: X is length, left to right; Y is width, front to back; Z is height, up. */
public enum Axis {
    X,
    Y,
    Z
}
