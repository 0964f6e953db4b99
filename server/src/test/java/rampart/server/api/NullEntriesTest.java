package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.validation.constraints.NotNull;
import java.lang.reflect.AnnotatedParameterizedType;
import java.lang.reflect.AnnotatedType;
import java.lang.reflect.Method;
import java.lang.reflect.Parameter;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import rampart.server.support.RunningRampart;

/** A list that is sent may hold null where a thing is meant: each says that it may not, or whoever reads it stumbles. */
@ExtendWith(RunningRampart.class)
class NullEntriesTest {
    @Test
    void everyListThatIsSentRefusesThem() {
        List<String> silent = new ArrayList<>();
        Set<Type> seen = new HashSet<>();
        int lists = 0;
        for (Object controller : RunningRampart.beansWith(RestController.class)) {
            for (Method method : controller.getClass().getDeclaredMethods()) {
                for (Parameter parameter : method.getParameters()) {
                    if (parameter.isAnnotationPresent(RequestBody.class)) {
                        lists += look(parameter.getAnnotatedType(), method.toString(), silent, seen);
                    }
                }
            }
        }
        // The papers that were seen come back with the picture that they were seen on, and nobody reads them.
        assertThat(silent).containsOnly("LaidFlatView.sheets");
        assertThat(lists).isGreaterThan(10);
    }

    private static int look(AnnotatedType type, String where, List<String> silent, Set<Type> seen) {
        int lists = 0;
        if (type instanceof AnnotatedParameterizedType with) {
            Class<?> raw = (Class<?>) ((ParameterizedType) type.getType()).getRawType();
            for (AnnotatedType argument : with.getAnnotatedActualTypeArguments()) {
                if (List.class.isAssignableFrom(raw)) {
                    lists++;
                    if (!argument.isAnnotationPresent(NotNull.class)) {
                        silent.add(where);
                    }
                }
                lists += look(argument, where, silent, seen);
            }
        } else if (type.getType() instanceof Class<?> plain && plain.isRecord() && seen.add(plain)) {
            for (RecordComponent component : plain.getRecordComponents()) {
                lists += look(
                        component.getAnnotatedType(), plain.getSimpleName() + "." + component.getName(), silent, seen);
            }
        }
        return lists;
    }
}
