package rampart.server.packs;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.verdict.Status;
import rampart.formats.view.EvaluationView;
import rampart.formats.view.SizeView;

/**
 * What the shelf shows of a pack at one version.
 *
 * @param trouble why nothing can be said of it; then the verdict is unknown and all the rest is empty
 * @param weakest title of the weakest check
 * @param margin of the weakest check
 * @param materials material of each layer, in order
 */
public record Summary(
        Optional<String> trouble,
        Optional<Kind> kind,
        Status verdict,
        Optional<String> weakest,
        OptionalDouble margin,
        Optional<SizeView> outsideMm,
        OptionalDouble grossMassKg,
        List<String> materials,
        List<EvaluationView.SolidView> solids) {
    /** What keeps a pack from being evaluated. */
    enum Trouble {
        /** It was stored under rules that took more than today's. */
        UNREADABLE("It is not a pack file that Rampart can read today: "),
        /** It leads to figures that are no numbers. */
        UNRECKONABLE("It cannot be reckoned with: ");

        private final String words;

        Trouble(String words) {
            this.words = words;
        }
    }

    static Summary of(Trouble trouble, String detail) {
        return new Summary(
                Optional.of(trouble.words + detail + "."),
                Optional.empty(),
                Status.UNKNOWN,
                Optional.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                List.of(),
                List.of());
    }
}
