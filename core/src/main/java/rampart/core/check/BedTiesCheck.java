package rampart.core.check;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import rampart.core.bed.BedShape;
import rampart.core.bed.Tie;
import rampart.core.bed.TieSeat;
import rampart.core.layout.LaidCushion;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Working;
import rampart.core.words.Quantity;
import rampart.core.words.Say;
import rampart.core.words.Sentence;

/** Ties must rest on strong parts that stand on foam (rule 55). */
final class BedTiesCheck implements CheckRule {
    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.BED_TIES);
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        return context.layout()
                .bed()
                .filter(cushion -> !cushion.bed().orElseThrow().ties().isEmpty())
                .map(cushion -> check(cushion, cushion.bed().orElseThrow()))
                .map(List::of)
                .orElse(List.of());
    }

    private static Check check(LaidCushion cushion, BedShape bed) {
        List<TieSeat> seats = bed.contact().tieSeats();
        int worst = 0;
        for (int i = 1; i < seats.size(); i++) {
            if (seats.get(i).demand() > seats.get(worst).demand()) {
                worst = i;
            }
        }
        TieSeat seat = seats.get(worst);
        Tie tie = bed.ties().get(worst);
        Supplier<List<Sentence>> because = () -> List.of(
                switch (seat) {
                    case SITS -> Sentence.plain("Every tie rests on strong parts with foam under them.");
                    case HOLLOW -> Say.TIE_HOLLOW.of(Quantity.mm(tie.atMm()));
                    case PRESSES -> Say.TIE_PRESSES.of(Quantity.mm(tie.atMm()));
                    case NOTHING -> Say.TIE_ON_NOTHING.of(Quantity.mm(tie.atMm()));
                });
        Supplier<Working> working = () -> Working.noted(
                "D = r",
                List.of(),
                List.of(
                        Figure.assumed("r", "what the worst tie rests on", seat.demand(), "", "rule 55"),
                        Figure.assumed("L", "most that may be", 1, "", "rule 55")),
                "0 on strong parts with foam under them, 0.95 where some of it is hollow, 2 on what may not be pressed.");
        return Check.judged(
                CheckId.of(CheckKind.BED_TIES),
                "What the ties rest on",
                Check.Where.layer(cushion.layer()),
                seat.demand(),
                OptionalDouble.of(1),
                "",
                because,
                working);
    }
}
