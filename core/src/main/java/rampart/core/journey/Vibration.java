package rampart.core.journey;

/**
 * The vibration a pack meets: its profile and where the profile comes from.
 *
 * @param name plain name of the profile
 * @param source standard it is quoted from, or the person's own
 */
public record Vibration(String name, Spectrum spectrum, String source) {
    public static final Vibration TRUCK_II = new Vibration(
            "truck",
            Spectrum.of(1, .00005, 4, .01, 16, .01, 40, .001, 80, .001, 200, .00001),
            "ASTM D4169 truck level II, from memory");
    public static final Vibration AIR_II = new Vibration(
            "air freight",
            Spectrum.of(2, .0002, 12, .01, 100, .01, 300, .00001),
            "ASTM D4169 air level II, from memory");
    public static final Vibration RAIL_II = new Vibration(
            "rail",
            Spectrum.of(1, .00001, 2, .001, 50, .001, 90, .0004, 200, .00001),
            "ASTM D4169 rail level II, from memory");
    public static final Vibration PARCEL_ROAD = new Vibration(
            "parcel delivery by road",
            Spectrum.of(
                    1, .0007, 3, .02, 5, .02, 7, .001, 12, .001, 15, .004, 24, .004, 28, .001, 36, .001, 42, .003, 75,
                    .003, 200, .000004),
            "ISTA 3A parcel delivery over road, from memory");

    public static Vibration own(Spectrum spectrum) {
        return new Vibration("own profile", spectrum, "given");
    }
}
