package rampart.core.check;

import java.util.List;
import rampart.core.verdict.Check;

/** One kind of check. */
public interface CheckRule {
    /** Id of its checks, or what their ids begin with. */
    String id();

    /** True where a check of this id is one of its own; a rule that makes several names them all. */
    default boolean makes(String check) {
        return check.equals(id());
    }

    /** True where a search asks it early: it looks at no drop and costs next to nothing. */
    default boolean quick() {
        return true;
    }

    /** Its checks on this pack, in their order; none where it does not apply. */
    List<Check> on(EvaluationContext context);
}
