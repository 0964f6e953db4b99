package rampart.server.packs;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.pack.Status;
import rampart.formats.view.EvaluationView;
import rampart.formats.view.SizeView;

/**
 * What the shelf shows of a pack at one version.
 *
 * @param weakest title of the weakest check
 * @param margin of the weakest check
 * @param materials material of each layer, in order
 */
public record Summary(
        Kind kind,
        Status verdict,
        Optional<String> weakest,
        OptionalDouble margin,
        SizeView outsideMm,
        double grossMassKg,
        List<String> materials,
        List<EvaluationView.SolidView> solids) {}
