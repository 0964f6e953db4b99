package rampart.formats.compare;

import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.material.Catalogue;
import rampart.formats.pack.PackFile;

/** Where the one verdict of a pack comes from: in time where heavy boxes ask for it (rule 34). */
@FunctionalInterface
public interface Verdicts {
    /** Evaluates each time anew. */
    Verdicts ANEW = (file, standard) -> Evaluator.simulate(file.pack(), file.catalogue(standard));

    /**
     * The evaluation of a file.
     *
     * @param standard the materials that the file does not bring
     */
    Evaluation of(PackFile file, Catalogue standard);
}
