package rampart.server.api;

import com.fasterxml.jackson.annotation.JsonRawValue;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.item.FragilityClass;
import rampart.formats.JourneyPresets;
import rampart.formats.view.Nullable;

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

    /** A journey that a person recognises, with what it stands for in a pack file. */
    record JourneyChoice(
            String id,
            String words,
            String detail,

            @JsonRawValue @Schema(ref = "#/components/schemas/Pack_journey")
            String journey) {}

    @GetMapping(path = "/api/beginnings", produces = MediaType.APPLICATION_JSON_VALUE)
    Beginnings beginnings() {
        return new Beginnings(
                Arrays.stream(FragilityClass.values()).map(DelicacyChoice::of).toList(),
                JourneyPresets.all().stream()
                        .map(p -> new JourneyChoice(
                                p.id(), p.words(), p.detail(), p.journey().toString()))
                        .toList());
    }
}
