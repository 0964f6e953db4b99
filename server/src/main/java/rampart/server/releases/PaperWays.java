package rampart.server.releases;

import java.util.List;
import rampart.formats.kept.KeptForm;

/**
 * How the house numbers what it releases, and who sends it.
 *
 * @param numberScheme see {@link NumberScheme}
 * @param nameScheme likewise, for the name on papers
 * @param consignmentScheme for what travels together
 * @param sender lines of an address
 */
public record PaperWays(String numberScheme, String nameScheme, String consignmentScheme, List<String> sender) {
    public static final KeptForm<PaperWays> FORM = KeptForm.of("papers", PaperWays.class);

    /** Until somebody sets them. */
    public static final PaperWays ORDINARY =
            new PaperWays("R{number:4}", "{name}, revision {revision}", "C{number:4}", List.of());

    public PaperWays {
        sender = List.copyOf(sender);
    }
}
