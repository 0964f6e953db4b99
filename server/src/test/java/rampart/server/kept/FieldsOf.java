package rampart.server.kept;

import java.lang.reflect.GenericArrayType;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Map;
import java.util.Set;

/** The fields that a record is written with: paths as {@code /trips/*}{@code /to}, a star for each element of a list or value of a map. */
final class FieldsOf {
    private FieldsOf() {}

    static void type(Type type, String path, Set<String> all) {
        if (type instanceof GenericArrayType array) {
            type(array.getGenericComponentType(), path + "/*", all);
        } else if (type instanceof ParameterizedType of) {
            Type[] arguments = of.getActualTypeArguments();
            type(arguments[of.getRawType() == Map.class ? 1 : 0], path + "/*", all);
        } else if (type instanceof Class<?> one) {
            if (one.isArray()) {
                type(one.getComponentType(), path + "/*", all);
            } else if (one.isSealed()) {
                for (Class<?> kind : one.getPermittedSubclasses()) {
                    type(kind, path, all);
                }
            } else if (one.isRecord()) {
                for (RecordComponent component : one.getRecordComponents()) {
                    String at = path + "/" + component.getName();
                    all.add(at);
                    type(component.getGenericType(), at, all);
                }
            }
        }
    }
}
