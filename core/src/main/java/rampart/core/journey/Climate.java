package rampart.core.journey;

/** Lowest and highest temperature of the foam on the way, degC. */
public record Climate(double minC, double maxC) {
    /** The temperature the constants hold at, degC. */
    public static final double ROOM_C = 23;

    public Climate {
        if (!(minC <= maxC)) {
            throw new IllegalArgumentException(
                    "lowest temperature " + minC + " degC is above the highest, " + maxC + " degC");
        }
    }
}
