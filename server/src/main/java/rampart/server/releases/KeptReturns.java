package rampart.server.releases;

import java.time.Instant;
import java.util.List;
import rampart.formats.kept.KeptForm;

/**
 * A pack that goes out and comes back.
 *
 * @param renewedAtTrip how many trips there had been when its foam was last renewed
 */
public record KeptReturns(List<Trip> trips, int renewedAtTrip) {
    public static final KeptForm<KeptReturns> FORM = KeptForm.of("returns", KeptReturns.class);

    public static final KeptReturns NONE = new KeptReturns(List.of(), 0);

    public KeptReturns {
        trips = List.copyOf(trips);
    }

    /** How whole it came back; the names are the words in JSON. */
    @SuppressWarnings("java:S115")
    public enum Grade {
        whole,
        worn,
        damaged
    }

    /**
     * Once out and back.
     *
     * @param to whom it went
     * @param back empty while it is away
     */
    public record Trip(int number, String to, Instant outAt, String outBy, Back back) {}

    /**
     * How it came back.
     *
     * @param found by part, how many were there
     */
    public record Back(Instant at, String by, List<Found> found, Grade grade, String note) {
        public Back {
            found = List.copyOf(found);
        }
    }

    /** What of one part came back. */
    public record Found(String part, int count, int damaged) {}
}
