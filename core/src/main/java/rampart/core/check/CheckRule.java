package rampart.core.check;

import java.util.List;
import java.util.Set;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckKind;

/** One rule by which packs are judged. */
public interface CheckRule {
    /** All kinds of checks that it can make. */
    Set<CheckKind> makes();

    /** True where a search asks it early: it looks at no drop and costs next to nothing. */
    default boolean quick() {
        return true;
    }

    /** Its checks on this pack, in their order; none where it does not apply. */
    List<Check> on(EvaluationContext context);
}
