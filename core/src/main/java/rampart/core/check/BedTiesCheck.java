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
import rampart.core.words.BedWords;
import rampart.core.words.FigureWords;
import rampart.core.words.Quantity;
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
                    case SITS -> BedWords.NOTE_EVERY_TIE_RESTS.of();
                    case HOLLOW -> BedWords.TIE_HOLLOW.of(Quantity.mm(tie.atMm()));
                    case PRESSES -> BedWords.TIE_PRESSES.of(Quantity.mm(tie.atMm()));
                    case NOTHING -> BedWords.TIE_ON_NOTHING.of(Quantity.mm(tie.atMm()));
                });
        Supplier<Working> working = () -> Working.noted(
                "D = r",
                List.of(),
                List.of(
                        Figure.assumed("r", FigureWords.WORST_TIE_RESTS_ON, seat.demand(), "", "rule 55"),
                        Figure.assumed("L", FigureWords.MOST_THAT_MAY_BE, 1, "", "rule 55")),
                BedWords.NOTE_WHAT_TIES_REST_ON);
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
