package rampart.core.steps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rampart.core.steps.PackingRecord.Act;
import rampart.core.steps.PackingRecord.Deed;
import rampart.core.steps.PackingRecord.Planned;
import rampart.core.steps.PackingRecord.State;
import rampart.core.words.Wording;

class PackingRecordTest {
    private final PackingRecord record = new PackingRecord(List.of(
            new Planned("look", true, Set.of(), new Ask.Photograph()),
            new Planned("cut", false, Set.of("look"), new Ask.Count(6)),
            new Planned("set", true, Set.of("look", "cut"), new Ask.Tick()),
            new Planned("shake", true, Set.of("set"), new Ask.Still()),
            new Planned("weigh", true, Set.of("shake"), new Ask.Mass(4.8, 0.2)),
            new Planned("measure", false, Set.of(), new Ask.Length(400, 10))));

    @org.junit.jupiter.api.BeforeEach
    void aPictureOfIt() {
        record.pictured("look");
    }

    private String take(String step, Deed deed, OptionalDouble value, String note) {
        return record.take(new Act(step, deed, value, note))
                .map(Wording.METRIC::say)
                .orElse("");
    }

    private String done(String step) {
        return take(step, Deed.DONE, OptionalDouble.empty(), "");
    }

    private String done(String step, double value) {
        return take(step, Deed.DONE, OptionalDouble.of(value), "");
    }

    @Test
    void aPackIsPackedStepByStep() {
        assertThat(record.next()).contains("look");
        assertThat(done("look")).isEmpty();
        assertThat(done("cut", 6)).isEmpty();
        assertThat(done("set")).isEmpty();
        assertThat(done("shake", 1)).isEmpty();
        assertThat(done("weigh", 4.65)).isEmpty();
        assertThat(record.complete()).isFalse();
        assertThat(take("measure", Deed.SKIPPED, OptionalDouble.empty(), "")).isEmpty();
        assertThat(record.complete()).isTrue();
        assertThat(record.next()).isEmpty();
    }

    @Test
    void whatMustBeDoneIsNeitherSkippedNorPassedOver() {
        assertThat(take("look", Deed.SKIPPED, OptionalDouble.empty(), "no camera"))
                .contains("cannot be skipped");
        assertThat(done("set")).isEqualTo("Step 1 has to be done before this one.");
        assertThat(done("look")).isEmpty();
        // What may be skipped holds nothing up.
        assertThat(done("set")).isEmpty();
        assertThat(record.state("cut")).isEqualTo(State.OPEN);
    }

    @Test
    void whatDiffersIsNotDoneUnlessSomebodyWritesWhy() {
        done("look");
        assertThat(done("cut", 5)).isEqualTo("There are 5, and there should be 6. Count again, or write why.");
        assertThat(record.state("cut")).isEqualTo(State.OPEN);
        assertThat(take("cut", Deed.DONE, OptionalDouble.of(5), "one spoilt, none left"))
                .isEmpty();
        assertThat(record.state("cut")).isEqualTo(State.DIFFERS);
        done("set");
        assertThat(done("shake", 0)).startsWith("Something moves");
        assertThat(done("shake")).startsWith("Say what was found");
        assertThat(done("shake", 1)).isEmpty();
        assertThat(done("weigh", 4.59)).contains("0.21 kg too light").contains("0.2 kg");
        assertThat(done("weigh", 5.01)).contains("too heavy");
        // To the edge of the tolerance, as 4.8 - 0.2 comes out in binary.
        assertThat(done("weigh", 4.6)).isEmpty();
        assertThat(done("measure", 411)).contains("411 mm").contains("400 mm");
    }

    @Test
    void aPictureIsTakenOrItIsWrittenWhyNot() {
        PackingRecord without = new PackingRecord(List.of(
                new Planned("look", true, Set.of(), new Ask.Photograph()),
                new Planned("take", true, Set.of(), new Ask.Tally()),
                new Planned("shake", true, Set.of(), new Ask.Still())));
        Act look = new Act("look", Deed.DONE, OptionalDouble.empty(), "");
        assertThat(without.take(look).map(Wording.METRIC::say).orElse("")).contains("asks for a picture");
        // An act that was written before this was asked stands as it was written.
        without.restore(look);
        assertThat(without.state("look")).isEqualTo(State.DIFFERS);
        without.pictured("look");
        assertThat(without.take(look)).isEmpty();
        assertThat(without.state("look")).isEqualTo(State.DONE);
        assertThat(without.take(new Act("take", Deed.DONE, OptionalDouble.of(2.5), "")))
                .isPresent();
        assertThat(without.take(new Act("take", Deed.DONE, OptionalDouble.of(2), "")))
                .isEmpty();
        assertThat(without.take(new Act("shake", Deed.DONE, OptionalDouble.of(0), "it is all right")))
                .as("a note does not hold it still")
                .isPresent();
    }

    @Test
    void aStepIsOpenedAgainAndAnUnknownOneRefused() {
        done("look");
        assertThat(take("look", Deed.REOPENED, OptionalDouble.empty(), "")).isEmpty();
        assertThat(record.state("look")).isEqualTo(State.OPEN);
        assertThat(record.last("look").map(Act::deed)).isEqualTo(Optional.of(Deed.REOPENED));
        assertThat(done("gone")).contains("no step gone");
    }

    @Test
    void nothingIsAskedThatMakesNoSense() {
        assertThatThrownBy(() -> new Ask.Count(0)).hasMessageContaining("1 or more");
        assertThatThrownBy(() -> new Ask.Mass(0, 1)).hasMessageContaining("expected mass");
        assertThatThrownBy(() -> new Ask.Length(10, 0)).hasMessageContaining("tolerance");
    }
}
