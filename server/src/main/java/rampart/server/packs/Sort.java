package rampart.server.packs;

import rampart.server.persistence.CardRepository.Order;

/** Orders of the shelf; packs that are alike stay with the last saved first. */
public enum Sort {
    /** Last saved first. */
    saved(Order.SAVED),
    /** By name, as a person reads it. */
    name(Order.NAME),
    /** What breaks first, then by margin. */
    weakest(Order.WEAKEST),
    /** Largest outside first. */
    size(Order.SIZE),
    /** Heaviest first. */
    mass(Order.MASS);

    private final Order order;

    Sort(Order order) {
        this.order = order;
    }

    Order order() {
        return order;
    }

    /** False where it needs no more than names and times. */
    boolean ofWhatItComesTo() {
        return this != saved && this != name;
    }
}
