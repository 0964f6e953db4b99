package rampart.formats.view;

import java.util.List;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.material.Foam;
import rampart.core.material.StandardCatalogue;
import rampart.core.material.WrapMaterial;

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
            String source) {
        static FoamView of(Foam f) {
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
                    f.source());
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
            String limitsSource) {
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
                    StandardCatalogue.LIMITS_SOURCE);
        }
    }

    /** Something wound round. */
    public record WrapView(String id, String name) {
        static WrapView of(WrapMaterial w) {
            return new WrapView(w.id(), w.name());
        }
    }
}
