package rampart.core.journey;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What happens to the pack on its way.
 *
 * @param hours how long it is under way, h; empty where nobody says
 * @param storageHours how long it lies under its own load, h; foam thins in that time (rule 21)
 */
public record Journey(
        DropPlan drop,
        Optional<Vibration> vibration,
        Optional<Stack> stack,
        Climate climate,
        OptionalDouble hours,
        OptionalDouble storageHours) {
    private static final double ASSUMED_HOURS = 72;

    /** A journey of which nobody says how long it takes. */
    public static Journey plain(DropPlan drop, Optional<Vibration> vibration, Optional<Stack> stack, Climate climate) {
        return new Journey(drop, vibration, stack, climate, OptionalDouble.empty(), OptionalDouble.empty());
    }

    /** The same with other falls. */
    public Journey with(DropPlan other) {
        return new Journey(other, vibration, stack, climate, hours, storageHours);
    }

    /** The time for which foam carries its load, h: in storage, else under way, else three days (assumed). */
    public double underLoadHours() {
        return storageHours.orElse(hours.orElse(ASSUMED_HOURS));
    }

    /** True where somebody says how long foam carries its load. */
    public boolean saysHours() {
        return storageHours.isPresent() || hours.isPresent();
    }

    /** From so many hours in storage on, only what does not age may lie round the item (rule 45, common conservation guidance). */
    public static final double KEPT_LONG_H = 1000;

    /** True where it is stored for longer than what ages may lie round it. */
    public boolean keptLong() {
        return storageHours.orElse(0) > KEPT_LONG_H;
    }
}
