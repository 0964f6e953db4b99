package rampart.core.journey;

import java.util.Optional;

/** What happens to the pack on its way. */
public record Journey(DropPlan drop, Optional<Vibration> vibration, Optional<Stack> stack, Climate climate) {}
