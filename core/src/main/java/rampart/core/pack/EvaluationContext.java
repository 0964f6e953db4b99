package rampart.core.pack;

import java.util.List;
import java.util.Map;
import rampart.core.box.CartonState;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layer;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.core.quantity.Face;
import rampart.core.quantity.Units;

/** A pack laid out and dropped: what the checks look at. The drops are worked when they are first asked for. */
final class EvaluationContext {
    /** Rebound of every material (assumed). */
    static final double REBOUND = 0.5;

    /** Difference of moving masses over the item's mass beyond which boxes between cushions are heavy (rule 34). */
    static final double HEAVY_BOXES_BEYOND = 0.15;

    private final Pack pack;
    private final Catalogue catalogue;
    private final Layout layout;
    private final double dropHeightMm;
    private final Map<Integer, Double> thinning;
    private final Doubt doubt;
    private List<Drop> drops;

    private EvaluationContext(
            Pack pack,
            Catalogue catalogue,
            Layout layout,
            double dropHeightMm,
            Map<Integer, Double> thinning,
            Doubt doubt) {
        this.pack = pack;
        this.catalogue = catalogue;
        this.layout = layout;
        this.dropHeightMm = dropHeightMm;
        this.thinning = thinning;
        this.doubt = doubt;
    }

    /** What is done about heavy boxes between the cushions, which leave the closed form in doubt (rule 34). */
    private enum Doubt {
        /** Falls that would hold are thin. */
        TOLD,
        /** The counted falls are worked in time. */
        SETTLED,
        /** None: a first look of a search, which settles later what it finds. */
        SET_ASIDE
    }

    static EvaluationContext of(Pack pack, Catalogue catalogue) {
        return of(pack, catalogue, LayoutWalk.lay(pack.item(), pack.layers(), catalogue), Doubt.TOLD);
    }

    /** With the counted drops worked in time where the boxes between the cushions are heavy (rule 34). */
    static EvaluationContext inTime(Pack pack, Catalogue catalogue) {
        return of(pack, catalogue, LayoutWalk.lay(pack.item(), pack.layers(), catalogue), Doubt.SETTLED);
    }

    /** For a search, which draws nothing. */
    static EvaluationContext undrawn(Pack pack, Catalogue catalogue) {
        return of(pack, catalogue, LayoutWalk.layUndrawn(pack.item(), pack.layers(), catalogue), Doubt.TOLD);
    }

    /** For the first look of a search: falls by the closed form as if no box were heavy. In time they are never softer. */
    static EvaluationContext atFirstLook(Pack pack, Catalogue catalogue) {
        return of(pack, catalogue, LayoutWalk.layUndrawn(pack.item(), pack.layers(), catalogue), Doubt.SET_ASIDE);
    }

    private static EvaluationContext of(Pack pack, Catalogue catalogue, Layout layout, Doubt doubt) {
        return new EvaluationContext(
                pack,
                catalogue,
                layout,
                pack.journey().drop().heightMm(layout.grossMassKg()),
                Thinning.of(layout, pack.journey()),
                doubt);
    }

    Pack pack() {
        return pack;
    }

    Catalogue catalogue() {
        return catalogue;
    }

    Layout layout() {
        return layout;
    }

    /** Design drop height. */
    double dropHeightMm() {
        return dropHeightMm;
    }

    /** By how much the bottom of a layer has thinned in time; layers that keep theirs are left out. */
    Map<Integer, Double> thinning() {
        return thinning;
    }

    /** True where some cushion is of a foam that was tested. */
    boolean measured() {
        for (LaidCushion cushion : layout.cushions()) {
            if (cushion.foam().measured().first().isPresent()
                    || cushion.foam().measured().repeated().isPresent()) {
                return true;
            }
        }
        return false;
    }

    /** True where some made carton is closed over more than it holds, or says what fills it, or is not new and flat. */
    boolean cartonsMatter() {
        for (Layer layer : pack.layers()) {
            if (layer instanceof Layer.Box box
                    && (box.slackMm() < 0 || !box.state().equals(CartonState.NEW))) {
                return true;
            }
        }
        return false;
    }

    /** True where the bottom of some layer carries more than its creep limit. */
    boolean creeps() {
        return layout.cushions().stream().anyMatch(c -> c.cushions(Face.BOTTOM) && Thinning.overLimit(c));
    }

    /** All 26 in their order. */
    List<Drop> drops() {
        if (drops == null) {
            drops = doubt == Doubt.SETTLED && heavyBoxes()
                    ? Simulations.worst(this, working().all())
                    : working().all();
        }
        return drops;
    }

    /** For a single drop, where the others may never be asked for. */
    Drops working() {
        return new Drops(pack, layout, dropHeightMm, thinning);
    }

    /** Velocity change with rebound, m/s: {@code (1+e) sqrt(2 g h)} (rule 18). */
    double velocityChangeMps() {
        return velocityChangeMps(dropHeightMm);
    }

    /** The same from any height. */
    static double velocityChangeMps(double dropHeightMm) {
        return (1 + REBOUND) * Math.sqrt(2 * Units.STANDARD_GRAVITY * dropHeightMm / 1000);
    }

    /** True where the boxes between the cushions weigh too much for the method of rule 14 (rule 34). */
    boolean heavyBoxes() {
        List<LaidCushion> cushions = layout.cushions();
        if (cushions.isEmpty()) {
            return false;
        }
        double difference = cushions.get(cushions.size() - 1).movingMassKg()
                - cushions.get(0).movingMassKg();
        return difference > HEAVY_BOXES_BEYOND * pack.item().massKg();
    }

    /** True where heavy boxes asked for the counted drops to be worked in time, and they were. */
    boolean workedInTime() {
        return doubt == Doubt.SETTLED && heavyBoxes();
    }

    /** True where heavy boxes leave the closed form in doubt and nothing better is there. */
    boolean doubted() {
        return doubt == Doubt.TOLD && heavyBoxes();
    }

    /** True where heavy boxes leave this drop in doubt: not worked in time, or broken off there. */
    boolean doubted(Drop drop) {
        boolean missing =
                drop.counted() && !drop.worst().capped() && drop.simulatedG().isEmpty();
        return heavyBoxes() && (doubt == Doubt.TOLD || (doubt == Doubt.SETTLED && missing));
    }

    LaidCushion cushion(int layer) {
        return layout.cushions().stream()
                .filter(c -> c.layer() == layer)
                .findFirst()
                .orElseThrow();
    }
}
