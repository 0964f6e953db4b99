package rampart.formats.journey;

import java.util.Optional;
import java.util.stream.Stream;
import rampart.core.journey.Vibration;

/** How a pack is shaken on the way, as a pack file names it and as a packer does. */
public enum RideProfile {
    PARCEL_ROAD("parcel-road", "in parcel vans", Vibration.PARCEL_ROAD),
    TRUCK_II("truck-II", "in lorries", Vibration.TRUCK_II),
    AIR_II("air-II", "by air", Vibration.AIR_II),
    RAIL_II("rail-II", "by rail", Vibration.RAIL_II),
    OWN("own", "by a profile of its own", null),
    NONE("none", "not at all", null);

    private final String word;
    private final String words;
    private final Vibration published;

    RideProfile(String word, String words, Vibration published) {
        this.word = word;
        this.words = words;
        this.published = published;
    }

    /** The one that a valid pack file means by this word. */
    static RideProfile of(String word) {
        return Stream.of(values()).filter(p -> p.word.equals(word)).findFirst().orElseThrow();
    }

    public String word() {
        return word;
    }

    public String words() {
        return words;
    }

    /** The published profile; empty where the journey gives its own or has none. */
    public Optional<Vibration> published() {
        return Optional.ofNullable(published);
    }
}
