package rampart.formats.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rampart.core.material.StandardCatalogue;
import rampart.core.words.Wording;
import rampart.formats.Thorough;
import rampart.formats.compare.PackComparison;
import rampart.formats.compare.Verdicts;

/** Any pack is told apart from any other, whatever fields they have, and from itself by nothing. */
class EveryFieldComparedTest {
    private static final int PACKS = 12 * Thorough.TIMES;

    @Test
    void everyTwoAreTold() {
        List<PackFile> packs = new ArrayList<>();
        for (int i = 0; i < PACKS; i++) {
            packs.add(new EveryField(new Random(7000 + i)).next());
        }
        for (int i = 0; i < PACKS; i++) {
            for (int j = i; j < PACKS; j += 1 + i % 5) {
                PackComparison told = PackComparison.of(
                        packs.get(i), packs.get(j), StandardCatalogue.get(), Verdicts.ANEW, Wording.METRIC);
                assertThat(told.parts()).extracting(PackComparison.Part::words).noneMatch(words -> words.contains("["));
                assertThat(told.parts().isEmpty()).as("%d against %d", i, j).isEqualTo(i == j);
            }
        }
    }
}
