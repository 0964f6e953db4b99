package rampart.formats.difference;

import java.util.LinkedHashSet;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.MissingNode;

/** Whether two values of a document say the same. */
final class SameValue {
    private SameValue() {}

    /** Numbers by value, a missing field as null. */
    static boolean same(JsonNode a, JsonNode b) {
        JsonNode left = a == null || a.isNull() ? MissingNode.getInstance() : a;
        JsonNode right = b == null || b.isNull() ? MissingNode.getInstance() : b;
        if (left.isNumber() && right.isNumber()) {
            return left.decimalValue().compareTo(right.decimalValue()) == 0;
        }
        if (left.isArray() && right.isArray()) {
            return left.size() == right.size()
                    && IntStream.range(0, left.size()).allMatch(i -> same(left.get(i), right.get(i)));
        }
        if (left.isObject() && right.isObject()) {
            Set<String> names = new LinkedHashSet<>(left.propertyNames());
            names.addAll(right.propertyNames());
            return names.stream().allMatch(name -> same(left.path(name), right.path(name)));
        }
        return Objects.equals(left, right);
    }
}
