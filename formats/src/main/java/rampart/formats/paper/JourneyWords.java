package rampart.formats.paper;

import java.util.ArrayList;
import java.util.List;
import rampart.core.journey.Climate;
import rampart.core.journey.Journey;
import rampart.core.journey.Stack;
import rampart.core.words.Quantity;
import rampart.core.words.Wording;

/** A journey in sentences: what the pack is to survive, for whoever proves it. */
final class JourneyWords {
    private static final double DAY_H = 24;

    private JourneyWords() {}

    /** Line by line. */
    static List<String> of(Journey journey, double grossKg, Wording wording) {
        List<String> lines = new ArrayList<>();
        lines.add("Falls " + wording.amount(Quantity.mm(journey.drop().heightMm(grossKg))) + " "
                + journey.drop().sequence().words()
                + journey.drop()
                        .table()
                        .map(table -> " (" + table.source() + ", by its mass)")
                        .orElse(" (given)")
                + (journey.drop().repeated() ? "; foam counts as at repeated impacts." : "."));
        journey.vibration()
                .ifPresentOrElse(
                        ride -> lines.add("Shaken: " + ride.name() + " (" + ride.source() + ")."),
                        () -> lines.add("Vibration is not part of it."));
        lines.add(journey.stack()
                .map(stack -> stacked(stack, wording))
                .orElse("Nobody says that anything is stacked on it."));
        Climate climate = journey.climate();
        String warmest = climate.minC() == climate.maxC() ? "" : " to " + number(climate.maxC(), 0, wording);
        lines.add("Foam at " + number(climate.minC(), 0, wording) + warmest + " °C" + hours(journey, wording) + ".");
        return lines;
    }

    private static String stacked(Stack stack, Wording wording) {
        return "Stacked to " + wording.amount(Quantity.wholeMm(stack.heightMm())) + " from the floor, "
                + stack.pattern().words() + ", for " + number(stack.days(), 0, wording) + " days at "
                + number(100 * stack.relativeHumidity(), 0, wording) + " % relative humidity.";
    }

    private static String hours(Journey journey, Wording wording) {
        String way = journey.hours().isPresent()
                ? "; " + number(journey.hours().getAsDouble(), 0, wording) + " hours under way"
                : "";
        String kept = journey.storageHours().isPresent()
                ? "; " + number(journey.storageHours().getAsDouble() / DAY_H, 0, wording) + " days in storage"
                : "";
        return way + kept + (journey.saysHours() ? "" : "; three days under way are assumed");
    }

    private static String number(double value, int decimals, Wording wording) {
        return wording.amount(Quantity.number(value, decimals)).number();
    }
}
