package rampart.formats.view;

import java.util.List;
import java.util.Locale;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.material.CreepFit;
import rampart.core.material.CushionFit;
import rampart.core.material.Foam;
import rampart.core.material.Measured;
import rampart.core.material.ResonanceFit;
import rampart.core.material.WrapMaterial;
import rampart.formats.material.MaterialFile;

/** Every material a pack may name, with its figures and what they rest on. */
public record CatalogueView(List<FoamView> foams, List<BoardView> boards, List<WrapView> wraps) {
    public static CatalogueView of(Catalogue catalogue) {
        return new CatalogueView(
                catalogue.foams().stream().map(FoamView::of).toList(),
                catalogue.boards().stream().map(BoardView::of).toList(),
                catalogue.wraps().stream().map(WrapView::of).toList());
    }

    /** A foam; see the method page for what a and b are. */
    public record FoamView(
            String id,
            String name,
            double densityKgM3,
            double aKpa,
            double bPerKpa,
            double creepLimitKpa,
            double repeatFactor,
            double stiffnessPerC,
            double dynamicModulusKpa,
            double q,
            String note,
            String basis,
            String source,
            String substance,
            String structure,
            double rampShare,
            int rampExponent,
            double squeezeKpa,
            String hatch,
            boolean own,
            @Nullable TestsView tests) {
        public static FoamView of(Foam f) {
            return new FoamView(
                    f.id(),
                    f.name(),
                    f.densityKgM3(),
                    f.law().aKpa(),
                    f.law().bPerKpa(),
                    f.creepLimitKpa(),
                    f.repeatFactor(),
                    f.stiffnessPerC(),
                    f.dynamicModulusKpa(),
                    f.q(),
                    f.note(),
                    f.basis().word(),
                    f.source(),
                    f.substance().words(),
                    f.structure().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                    f.law().ramp().share(),
                    f.law().ramp().exponent(),
                    f.squeezeKpa(),
                    Hatching.of(f).word(),
                    isOwn(f.id()),
                    f.measured().equals(Measured.NOTHING) ? null : TestsView.of(f.measured()));
        }
    }

    private static boolean isOwn(String id) {
        return id.startsWith(MaterialFile.OWN);
    }

    /** What test data say of a foam. */
    public record TestsView(
            @Nullable LawFitView first,
            @Nullable LawFitView repeated,
            @Nullable CreepFitView creep,
            @Nullable VibrationFitView vibration) {
        static TestsView of(Measured measured) {
            return new TestsView(
                    measured.first().map(LawFitView::of).orElse(null),
                    measured.repeated().map(LawFitView::of).orElse(null),
                    measured.creep().map(CreepFitView::of).orElse(null),
                    measured.vibration().map(VibrationFitView::of).orElse(null));
        }
    }

    /** The stress-energy law fitted to drop tests; energy densities in kPa. */
    public record LawFitView(
            double aKpa,
            double bPerKpa,
            int points,
            double rSquared,
            double residual,
            double meanX,
            double spreadX,
            double fromX,
            double toX) {
        public static LawFitView of(CushionFit fit) {
            return new LawFitView(
                    fit.line().aKpa(),
                    fit.line().bPerKpa(),
                    fit.points(),
                    fit.rSquared(),
                    fit.residual(),
                    fit.meanX(),
                    fit.spreadX(),
                    fit.fromX(),
                    fit.toX());
        }
    }

    /** The creep law fitted to creep tests. */
    public record CreepFitView(
            double c1, double c2, double atKpa, int points, double rSquared, double residual, double toHours) {
        public static CreepFitView of(CreepFit fit) {
            return new CreepFitView(
                    fit.law().c1(),
                    fit.law().c2(),
                    fit.law().atKpa(),
                    fit.points(),
                    fit.rSquared(),
                    fit.residual(),
                    fit.toHours());
        }
    }

    /** What vibration tests give. */
    public record VibrationFitView(double dynamicModulusKpa, double q, int cushions, int points) {
        public static VibrationFitView of(ResonanceFit fit) {
            return new VibrationFitView(fit.dynamicModulusKpa(), fit.q(), fit.cushions(), fit.points());
        }
    }

    /** A corrugated board with the limits of its grade. */
    public record BoardView(
            String id,
            String name,
            String flute,
            boolean doubleWall,
            double caliperMm,
            double edgeCrushLbPerIn,
            double edgeCrushKnPerM,
            double grammageGm2,
            double limitLb,
            double limitIn,
            String limitsSource,
            boolean own) {
        static BoardView of(Board b) {
            return new BoardView(
                    b.id(),
                    b.name(),
                    b.flute().letters(),
                    b.flute().doubleWall(),
                    b.caliperMm(),
                    b.edgeCrushLbPerIn(),
                    b.edgeCrushKnPerM(),
                    b.grammageGm2(),
                    b.limitLb(),
                    b.limitIn(),
                    b.source(),
                    isOwn(b.id()));
        }
    }

    /** Something wound round. */
    public record WrapView(String id, String name, String substance, String source, boolean own) {
        static WrapView of(WrapMaterial w) {
            return new WrapView(w.id(), w.name(), w.substance().words(), w.source(), isOwn(w.id()));
        }
    }
}
