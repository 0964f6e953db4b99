package rampart.formats.view;

import java.util.List;
import rampart.formats.compare.PackComparison;

/** Two pack files compared: the parts that differ, and what that does. */
public record ComparisonView(List<PartView> parts, List<String> effects) {
    public static ComparisonView of(PackComparison comparison) {
        return new ComparisonView(
                comparison.parts().stream()
                        .map(p -> new PartView(p.path(), p.title(), p.words()))
                        .toList(),
                comparison.effects());
    }

    /**
     * A part that differs.
     *
     * @param path where it stands in both files (rule 35)
     * @param words how it differs, from before to after
     */
    public record PartView(String path, String title, String words) {}
}
