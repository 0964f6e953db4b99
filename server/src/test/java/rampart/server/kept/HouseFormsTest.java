package rampart.server.kept;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaField;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.lang.reflect.Field;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rampart.formats.kept.KeptForm;
import rampart.formats.kept.KeptForms;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What a house keeps is read for ever, also after a step towards a later version: a line of each frozen file is one document, written by hand as the
 * first Ramparts wrote it (version 1 has no envelope). A form that is added is found here and has no file yet: it fails until it has one.
 */
class HouseFormsTest {
    private static final Path FROZEN = Path.of("src/test/resources/kept");
    private static final JsonMapper MAPPER = JsonMapper.shared();

    static Stream<KeptForm<?>> forms() {
        JavaClasses all = new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                .importPackages("rampart");
        return all.stream()
                .flatMap(type -> type.getFields().stream())
                .filter(field -> field.getRawType().isEquivalentTo(KeptForm.class))
                .filter(field -> field.getModifiers().contains(JavaModifier.STATIC))
                .filter(field -> !field.getOwner().isEquivalentTo(KeptForms.class))
                .map(HouseFormsTest::form);
    }

    private static KeptForm<?> form(JavaField field) {
        try {
            Field found = field.reflect();
            found.setAccessible(true);
            return (KeptForm<?>) found.get(null);
        } catch (IllegalAccessException e) {
            throw new IllegalStateException(e);
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("forms")
    void everyVersionIsRead(KeptForm<?> form) throws IOException {
        for (int version = 1; version <= form.version(); version++) {
            List<String> documents = Files.readAllLines(FROZEN.resolve(form.name() + "-" + version + ".jsonl"));
            assertThat(documents).isNotEmpty();
            for (String document : documents) {
                JsonNode written = writtenAgain(form, document);
                assertThat(writtenAgain(form, written.toString())).isEqualTo(written);
                if (version == form.version()) {
                    assertThat(written.path("version").asInt()).isEqualTo(version);
                    // Every figure and word is there again, and nothing is made up.
                    assertThat(plain(written.path("kept"))).isEqualTo(plain(kept(document)));
                }
            }
        }
    }

    /** A field more, fewer, or of another name is another version: raise it, write the step, freeze a document. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("forms")
    void everyFieldStandsInTheNewestFrozenDocument(KeptForm<?> form) throws IOException {
        Set<String> frozen = new TreeSet<>();
        for (String document : Files.readAllLines(FROZEN.resolve(form.name() + "-" + form.version() + ".jsonl"))) {
            collect(kept(document), "", frozen);
        }
        Set<String> today = new TreeSet<>();
        FieldsOf.type(form.type(), "", today);
        assertThat(frozen).containsAll(today);
    }

    private static <T> JsonNode writtenAgain(KeptForm<T> form, String json) {
        return MAPPER.readTree(form.writeText(form.readText(json)));
    }

    private static JsonNode kept(String document) {
        JsonNode json = MAPPER.readTree(document);
        return json.has("kept") ? json.path("kept") : json;
    }

    /** 305 and 305.0 are one figure. */
    private static String plain(JsonNode json) {
        return json.toString().replaceAll("(\\d)\\.0(?=[,}\\]])", "$1");
    }

    private static void collect(JsonNode json, String path, Set<String> all) {
        if (!path.isEmpty() && !json.isNull()) {
            all.add(path);
        }
        for (String name : json.propertyNames()) {
            collect(json.path(name), path + "/" + name, all);
            collect(json.path(name), path + "/*", all);
        }
        if (json.isArray()) {
            json.forEach(each -> collect(each, path + "/*", all));
        }
    }
}
