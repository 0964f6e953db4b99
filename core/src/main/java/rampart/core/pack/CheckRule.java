package rampart.core.pack;

import java.util.List;

/** One kind of check. */
interface CheckRule {
    /** Id of its checks. */
    String id();

    /** Its checks on this pack, in their order; none where it does not apply. */
    List<Check> on(Situation situation);
}
