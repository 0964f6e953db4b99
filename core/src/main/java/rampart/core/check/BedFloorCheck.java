package rampart.core.check;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import rampart.core.bed.BedContact;
import rampart.core.bed.BedShape;
import rampart.core.bed.BedWell;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Face;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Working;
import rampart.core.words.BedWords;
import rampart.core.words.FigureWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/** The least foam of a bed, behind a part or under a well: thinner it is pressed through or tears (rule 52). */
final class BedFloorCheck implements CheckRule {
    private static final double LEAST_MM = 10;
    private static final double RIGHT_THROUGH_MM = 0.01;
    private static final double NOT_BELOW = 0.001;

    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.BED_FLOOR);
    }

    private record Least(double mm, Face face, String what) {}

    @Override
    public List<Check> on(EvaluationContext context) {
        return context.layout()
                .bed()
                .flatMap(cushion -> least(cushion, cushion.bed().orElseThrow()).map(least -> check(least, cushion)))
                .map(List::of)
                .orElse(List.of());
    }

    private static Optional<Least> least(LaidCushion cushion, BedShape bed) {
        Least least = null;
        for (Face face : Face.ALL) {
            Optional<BedContact.Floor> floor = bed.contact().floor(face);
            if (floor.isPresent()) {
                double mm = cushion.thicknessMm().on(face) + floor.get().depthMm();
                if (least == null || mm < least.mm()) {
                    least = new Least(
                            mm, face, bed.parts().get(floor.get().part()).name());
                }
            }
        }
        double underside = -cushion.outside().heightMm() / 2
                + (cushion.thicknessMm().top() - cushion.thicknessMm().bottom()) / 2;
        for (BedWell well : bed.wells()) {
            double mm = well.prism().bottomMm() - underside;
            if (mm > RIGHT_THROUGH_MM && (least == null || mm < least.mm())) {
                least = new Least(mm, Face.BOTTOM, well.name());
            }
        }
        return Optional.ofNullable(least);
    }

    private static Check check(Least least, LaidCushion cushion) {
        double limit = Math.max(NOT_BELOW, least.mm());
        Supplier<List<Sentence>> because =
                () -> List.of((least.mm() < LEAST_MM ? BedWords.BED_FLOOR_THIN : BedWords.BED_FLOOR)
                        .of(
                                Quantity.mm(least.mm()),
                                Term.name(least.face().word()),
                                Term.name(least.what()),
                                Quantity.wholeMm(LEAST_MM)));
        Supplier<Working> working = () -> Working.noted(
                "D = f",
                List.of(),
                List.of(
                        Figure.assumed("f", FigureWords.LEAST_FOAM_THAT_STANDS, LEAST_MM, "mm", "rule 52"),
                        Figure.law("L", FigureWords.LEAST_FOAM_OF_BED, limit, "mm")));
        return Check.judged(
                CheckId.of(CheckKind.BED_FLOOR),
                "Floor of the bed",
                Check.Where.layerFace(cushion.layer(), least.face()),
                LEAST_MM,
                OptionalDouble.of(limit),
                "mm",
                because,
                working);
    }
}
