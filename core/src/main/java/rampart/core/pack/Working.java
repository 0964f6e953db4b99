package rampart.core.pack;

import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * How a demand came about.
 *
 * @param formula gives the demand: {@code symbol = expression} of + - * / ^, parentheses and sqrt, exp, ln
 * @param steps formulas that give figures used in it, in the same form
 * @param figures every symbol with its value
 * @param notes what was neglected or lies outside the tested range
 */
public record Working(String formula, List<String> steps, List<Figure> figures, List<String> notes) {
    private static final Pattern SYMBOL = Pattern.compile("[A-Za-z][A-Za-z0-9_]*(?![A-Za-z0-9_]*\\()");

    public Working {
        steps = List.copyOf(steps);
        figures = List.copyOf(figures);
        notes = List.copyOf(notes);
    }

    /** The right side of a formula of this working with the numbers put in. */
    public String withNumbers(String line) {
        Map<String, Double> values =
                figures.stream().collect(Collectors.toMap(Figure::symbol, Figure::value, (first, second) -> first));
        String right = line.substring(line.indexOf('=') + 1).trim();
        return SYMBOL.matcher(right)
                .replaceAll(match -> Matcher.quoteReplacement(
                        values.containsKey(match.group()) ? Say.shortly(values.get(match.group())) : match.group()));
    }
}
