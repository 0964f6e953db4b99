package rampart.server.api;

import com.fasterxml.jackson.annotation.JsonRawValue;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.item.FragilityClass;
import rampart.formats.journey.JourneyFile;
import rampart.formats.view.Nullable;
import rampart.server.house.Journeys;

/** What a person who has never packed before can choose from. */
@RestController
class BeginningController {
    /** Answers to choose from for a new pack. */
    record Beginnings(List<DelicacyChoice> delicacy, List<JourneyChoice> journeys) {}

    /**
     * How delicate things of a kind are; the design value is the lower end.
     *
     * @param toG null for the last class
     */
    record DelicacyChoice(
            String id,
            String words,
            String examples,
            double fromG,
            @Nullable Double toG,
            String source) {
        static DelicacyChoice of(FragilityClass c) {
            return new DelicacyChoice(
                    c.name(),
                    c.words(),
                    c.examples(),
                    c.fromG(),
                    Double.isInfinite(c.toG()) ? null : c.toG(),
                    FragilityClass.SOURCE);
        }
    }

    /**
     * A journey that a person recognises, with what it stands for in a pack file.
     *
     * @param version 0 for one as Rampart ships it
     * @param preset true where Rampart ships one of this id
     * @param ride breakpoints of its vibration, Hz and g2/Hz; empty where there is none
     */
    record JourneyChoice(
            String id,
            long version,
            boolean preset,
            String words,
            String detail,

            @JsonRawValue @Schema(ref = "#/components/schemas/Pack_journey")
            String journey,

            List<List<Double>> ride,
            double rideGrms) {
        static JourneyChoice of(Journeys.Choice choice) {
            JourneyFile.Ride ride = JourneyFile.ride(choice.journey());
            return new JourneyChoice(
                    choice.id(),
                    choice.version(),
                    choice.preset(),
                    choice.words(),
                    choice.detail(),
                    choice.journey(),
                    ride.points(),
                    ride.grms());
        }
    }

    private final Journeys journeys;

    BeginningController(Journeys journeys) {
        this.journeys = journeys;
    }

    @GetMapping(path = "/api/beginnings", produces = MediaType.APPLICATION_JSON_VALUE)
    Beginnings beginnings() {
        return new Beginnings(
                Arrays.stream(FragilityClass.values()).map(DelicacyChoice::of).toList(),
                journeys.all().stream().map(JourneyChoice::of).toList());
    }
}
