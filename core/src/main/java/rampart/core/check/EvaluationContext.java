package rampart.core.check;

import java.util.List;
import java.util.Map;
import rampart.core.box.CartonState;
import rampart.core.drop.Creep;
import rampart.core.drop.Drop;
import rampart.core.drop.DropId;
import rampart.core.drop.Drops;
import rampart.core.drop.DropsInTime;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Units;

/** A pack laid out and dropped: what the checks look at. The drops are worked when they are first asked for. */
public final class EvaluationContext {
    /** Rebound of every material (assumed). */
    public static final double REBOUND = 0.5;

    /** Difference of moving masses over the item's mass from which boxes between cushions are heavy (rule 34). */
    public static final double HEAVY_BOXES_FROM = 0.05;

    private final Pack pack;
    private final Catalogue catalogue;
    private final Layout layout;
    private final double dropHeightMm;
    private final Map<Integer, Double> creep;
    private final Doubt doubt;
    private List<Drop> drops;

    private EvaluationContext(
            Pack pack,
            Catalogue catalogue,
            Layout layout,
            double dropHeightMm,
            Map<Integer, Double> creep,
            Doubt doubt) {
        this.pack = pack;
        this.catalogue = catalogue;
        this.layout = layout;
        this.dropHeightMm = dropHeightMm;
        this.creep = creep;
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

    public static EvaluationContext of(Pack pack, Catalogue catalogue) {
        return of(pack, catalogue, LayoutWalk.lay(pack.item(), pack.layers(), catalogue), Doubt.TOLD);
    }

    /** With the counted drops worked in time where the boxes between the cushions are heavy (rule 34). */
    public static EvaluationContext inTime(Pack pack, Catalogue catalogue) {
        return of(pack, catalogue, LayoutWalk.lay(pack.item(), pack.layers(), catalogue), Doubt.SETTLED);
    }

    /** The same for a search, which draws nothing. */
    public static EvaluationContext inTimeUndrawn(Pack pack, Catalogue catalogue) {
        return of(pack, catalogue, LayoutWalk.layUndrawn(pack.item(), pack.layers(), catalogue), Doubt.SETTLED);
    }

    /** For a search, which draws nothing. */
    public static EvaluationContext undrawn(Pack pack, Catalogue catalogue) {
        return of(pack, catalogue, LayoutWalk.layUndrawn(pack.item(), pack.layers(), catalogue), Doubt.TOLD);
    }

    /** For the first look of a search: falls by the closed form as if no box were heavy. In time they are never softer. */
    public static EvaluationContext atFirstLook(Pack pack, Catalogue catalogue) {
        return of(pack, catalogue, LayoutWalk.layUndrawn(pack.item(), pack.layers(), catalogue), Doubt.SET_ASIDE);
    }

    /** This settled: with what the counted drops came to in time, the first of each group of equal ones. */
    public EvaluationContext settled(Map<DropId, Drop.InTime> worked) {
        EvaluationContext settled = new EvaluationContext(pack, catalogue, layout, dropHeightMm, creep, Doubt.SETTLED);
        if (heavyBoxes()) {
            settled.drops = DropsInTime.with(drops(), working().alike(counted()), worked);
        }
        return settled;
    }

    /** Ids of the drops that the journey's sequence counts. */
    public List<DropId> counted() {
        return DropId.ALL.stream()
                .filter(id -> id.countedIn(pack.journey().drop().sequence()))
                .toList();
    }

    private static EvaluationContext of(Pack pack, Catalogue catalogue, Layout layout, Doubt doubt) {
        return new EvaluationContext(
                pack,
                catalogue,
                layout,
                pack.journey().drop().heightMm(layout.grossMassKg()),
                Creep.of(layout, pack.journey()),
                doubt);
    }

    public Pack pack() {
        return pack;
    }

    public Catalogue catalogue() {
        return catalogue;
    }

    public Layout layout() {
        return layout;
    }

    /** Design drop height. */
    public double dropHeightMm() {
        return dropHeightMm;
    }

    /** Share of the bottom's thickness that is lost, by layer; layers that bear nothing there are left out. */
    public Map<Integer, Double> creep() {
        return creep;
    }

    /** True where some cushion is of a foam that was tested. */
    public boolean measured() {
        for (LaidCushion cushion : layout.cushions()) {
            if (cushion.foam().measured().first().isPresent()
                    || cushion.foam().measured().repeated().isPresent()) {
                return true;
            }
        }
        return false;
    }

    /** True where some made carton is closed over more than it holds, or says what fills it, or is not new and flat. */
    public boolean cartonsMatter() {
        return pack.layers().stream()
                .anyMatch(layer -> layer.match(
                        wrap -> false,
                        cushion -> false,
                        box -> box.room().squeezes() || !box.state().equals(CartonState.NEW),
                        boards -> false));
    }

    /** All 26 in their order. */
    public List<Drop> drops() {
        if (drops == null) {
            drops = doubt == Doubt.SETTLED && heavyBoxes()
                    ? DropsInTime.of(working(), working().all())
                    : working().all();
        }
        return drops;
    }

    /** For a single drop, where the others may never be asked for. */
    public Drops working() {
        return new Drops(pack, layout, dropHeightMm, creep);
    }

    /** Velocity change with rebound, m/s: {@code (1+e) sqrt(2 g h)} (rule 18). */
    public double velocityChangeMps() {
        return velocityChangeMps(dropHeightMm);
    }

    /** The same in one drop: what it gives worked in time, where that is more (rule 18). */
    public double velocityChangeMps(Drop drop) {
        return Math.max(
                velocityChangeMps(),
                drop.inTime().map(Drop.InTime::velocityChangeMps).orElse(0.0));
    }

    /** The same from any height. */
    public static double velocityChangeMps(double dropHeightMm) {
        return (1 + REBOUND) * Math.sqrt(2 * Units.STANDARD_GRAVITY * dropHeightMm / 1000);
    }

    /** True where the boxes between the cushions weigh too much for the method of rule 14 (rule 34). */
    public boolean heavyBoxes() {
        List<LaidCushion> cushions = layout.cushions();
        if (cushions.isEmpty()) {
            return false;
        }
        double difference = cushions.get(cushions.size() - 1).movingMassKg()
                - cushions.get(0).movingMassKg();
        return difference >= HEAVY_BOXES_FROM * pack.item().massKg();
    }

    /** True where heavy boxes asked for the counted drops to be worked in time, and they were. */
    public boolean workedInTime() {
        return doubt == Doubt.SETTLED && heavyBoxes();
    }

    /** True where heavy boxes leave the closed form in doubt and nothing better is there. */
    public boolean doubted() {
        return doubt == Doubt.TOLD && heavyBoxes();
    }

    /** True where heavy boxes leave this drop in doubt: not worked in time, or broken off there. */
    public boolean doubted(Drop drop) {
        boolean missing =
                drop.counted() && !drop.worst().capped() && drop.simulatedG().isEmpty();
        return heavyBoxes() && (doubt == Doubt.TOLD || (doubt == Doubt.SETTLED && missing));
    }

    public LaidCushion cushion(int layer) {
        return layout.cushions().stream()
                .filter(c -> c.layer() == layer)
                .findFirst()
                .orElseThrow();
    }
}
