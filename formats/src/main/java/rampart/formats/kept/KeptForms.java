package rampart.formats.kept;

import java.util.List;
import rampart.formats.paper.PackStepsView.PackStepView;
import rampart.formats.view.ReportView;

/** All forms of the house that hold more than a few words. */
public final class KeptForms {
    /** What was said of a revision when it was made, in one wording. */
    public static final KeptForm<ReportView> REPORT = new KeptForm<>(ReportView.class, List.of(ReportSteps::withAbout));

    /** The steps of a packing as they stood when it was begun. */
    public static final KeptForm<PackStepView[]> PACKING_STEPS =
            new KeptForm<>(PackStepView[].class, List.of(PackingSteps::withLimitsOfWhatIsAsked));

    private KeptForms() {}
}
