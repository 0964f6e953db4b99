package rampart.core.verdict;

import java.util.Map;

/** Works out a printed formula from its symbols: + - * / ^, parentheses, sqrt, exp, ln. For tests only. */
final class Formula {
    private final String text;
    private final Map<String, Double> symbols;
    private int at;

    private Formula(String text, Map<String, Double> symbols) {
        this.text = text.replace(" ", "");
        this.symbols = symbols;
    }

    /** The right side of {@code symbol = expression}. */
    static double rightSide(String line, Map<String, Double> symbols) {
        Formula formula = new Formula(line.substring(line.indexOf('=') + 1), symbols);
        double value = formula.sum();
        if (formula.at != formula.text.length()) {
            throw new AssertionError("cannot read " + line + " at " + formula.at);
        }
        return value;
    }

    private double sum() {
        double value = product();
        while (at < text.length() && (text.charAt(at) == '+' || text.charAt(at) == '-')) {
            value += text.charAt(at++) == '+' ? product() : -product();
        }
        return value;
    }

    private double product() {
        double value = power();
        while (at < text.length() && (text.charAt(at) == '*' || text.charAt(at) == '/')) {
            value = text.charAt(at++) == '*' ? value * power() : value / power();
        }
        return value;
    }

    private double power() {
        double value = atom();
        if (at < text.length() && text.charAt(at) == '^') {
            at++;
            value = Math.pow(value, atom());
        }
        return value;
    }

    private double atom() {
        if (text.charAt(at) == '(') {
            at++;
            double value = sum();
            at++;
            return value;
        }
        int start = at;
        while (at < text.length()
                && (Character.isLetterOrDigit(text.charAt(at)) || "._".indexOf(text.charAt(at)) >= 0)) {
            at++;
        }
        String word = text.substring(start, at);
        if (at < text.length() && text.charAt(at) == '(') {
            double argument = atom();
            return switch (word) {
                case "sqrt" -> Math.sqrt(argument);
                case "exp" -> Math.exp(argument);
                case "ln" -> Math.log(argument);
                default -> throw new AssertionError("no function " + word);
            };
        }
        if (Character.isDigit(word.charAt(0))) {
            return Double.parseDouble(word);
        }
        Double value = symbols.get(word);
        if (value == null) {
            throw new AssertionError("the working has no figure for " + word);
        }
        return value;
    }
}
