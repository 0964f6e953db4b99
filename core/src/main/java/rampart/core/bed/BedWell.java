package rampart.core.bed;

/** A place in the foam that is left empty: for fingers, for what goes with the item, or to take bearing area away. */
public record BedWell(String name, Prism prism) {}
