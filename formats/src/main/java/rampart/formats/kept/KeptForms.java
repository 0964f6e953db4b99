package rampart.formats.kept;

import java.util.List;
import rampart.formats.paper.PackStepsView.PackStepView;
import rampart.formats.view.ReportView;

/** Forms of what formats make; those of what the server makes stand where it is made. */
public final class KeptForms {
    /** What was said of a revision when it was made, in one wording. */
    public static final KeptForm<ReportView> REPORT =
            KeptForm.of("report", ReportView.class, List.of(ReportSteps::withAbout));

    /** The steps of a packing as they stood when it was begun. */
    public static final KeptForm<PackStepView[]> PACKING_STEPS =
            KeptForm.of("packing-steps", PackStepView[].class, List.of(PackingSteps::withLimitsOfWhatIsAsked));

    private KeptForms() {}
}
