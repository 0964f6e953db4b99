package rampart.formats.kept;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import rampart.core.verdict.Status;
import rampart.core.words.Wording;
import rampart.formats.pack.PackFile;
import rampart.formats.paper.PackStepsView;
import rampart.formats.paper.PackStepsView.PackStepView;
import rampart.formats.paper.PaperSources;
import rampart.formats.view.AboutView;
import rampart.formats.view.CheckView;
import rampart.formats.view.ReportView;

/**
 * What was kept is read for ever. The frozen files of version 1 were taken out of a house that an earlier Rampart had filled; those of the later
 * versions were written by it: {@code -Drampart.freeze=true} writes those of today's.
 */
class KeptFormTest {
    private static final Path FROZEN = Path.of("src/test/resources/kept");

    private static byte[] frozen(String name) throws IOException {
        try (InputStream in = new GZIPInputStream(Files.newInputStream(FROZEN.resolve(name + ".json.gz")))) {
            return in.readAllBytes();
        }
    }

    private static void freeze(String name, byte[] json) throws IOException {
        if (Boolean.getBoolean("rampart.freeze")) {
            try (GZIPOutputStream out =
                    new GZIPOutputStream(Files.newOutputStream(FROZEN.resolve(name + ".json.gz")))) {
                out.write(json);
            }
        }
    }

    @Test
    void aReportOfEveryVersionIsRead() throws IOException {
        PackFile pack = PaperSources.demo("06-orrery-plinth");
        ReportView now = PaperSources.of(pack, Wording.METRIC).report();
        freeze("report-" + KeptForms.REPORT.version(), KeptForms.REPORT.write(now));
        for (int version = 1; version <= KeptForms.REPORT.version(); version++) {
            ReportView read = KeptForms.REPORT.read(frozen("report-" + version));
            assertThat(read.evaluation().verdict().status()).isEqualTo(Status.HOLDS);
            assertThat(read.evaluation().weakest()).isEqualTo("drop.face.3");
            assertThat(read.evaluation().drops()).hasSize(26);
            assertThat(read.evaluation().checks()).extracting(CheckView::about).doesNotContainNull();
            assertThat(read.evaluation().checks().stream().filter(check -> check.about() == AboutView.cornerDrop))
                    .hasSize(8);
            assertThat(read.cutList()).isNotNull();
            assertThat(KeptForms.REPORT.read(KeptForms.REPORT.write(read))).isEqualTo(read);
        }
    }

    @Test
    void stepsOfAPackingOfEveryVersionAreRead() throws IOException {
        PackStepView[] now = PackStepsView.of(PaperSources.of(PaperSources.demo("85-loan-theodolite"), Wording.METRIC))
                .steps()
                .toArray(PackStepView[]::new);
        freeze("packing-steps-" + KeptForms.PACKING_STEPS.version(), KeptForms.PACKING_STEPS.write(now));
        for (int version = 1; version <= KeptForms.PACKING_STEPS.version(); version++) {
            PackStepView[] read = KeptForms.PACKING_STEPS.read(frozen("packing-steps-" + version));
            assertThat(read).hasSizeGreaterThan(20);
            assertThat(read[0].words()).startsWith("Look the item over");
            for (PackStepView step : read) {
                assertThat(step.ask().otherwise()).isNotNull();
                assertThat(step.planned().id()).isEqualTo(step.id());
            }
            assertThat(Arrays.stream(read).map(step -> step.ask().kind()))
                    .contains(PackStepsView.AskKind.mass, PackStepsView.AskKind.photograph);
            assertThat(KeptForms.PACKING_STEPS.read(KeptForms.PACKING_STEPS.write(read)))
                    .isEqualTo(read);
        }
    }

    /** A field more, fewer, or of another kind is another version: raise it, write the step, freeze a document and the list of fields. */
    @Test
    void anotherFieldIsAnotherVersion() throws IOException {
        fields("report-" + KeptForms.REPORT.version(), ReportView.class);
        fields("packing-steps-" + KeptForms.PACKING_STEPS.version(), PackStepView.class);
    }

    private static void fields(String name, Class<?> type) throws IOException {
        Set<String> all = new TreeSet<>();
        collect(type, "", all, new HashSet<>());
        Path file = FROZEN.resolve(name + ".fields");
        if (Boolean.getBoolean("rampart.freeze")) {
            Files.write(file, all);
        }
        assertThat(all).as(name).containsExactlyElementsOf(Files.readAllLines(file));
    }

    private static void collect(Type type, String path, Set<String> all, Set<Type> within) {
        if (type instanceof ParameterizedType parameterized) {
            for (Type argument : parameterized.getActualTypeArguments()) {
                collect(argument, path + "/*", all, within);
            }
        } else if (type instanceof Class<?> one && one.isRecord() && within.add(one)) {
            for (RecordComponent component : one.getRecordComponents()) {
                String at = path + "/" + component.getName();
                Class<?> raw = component.getType();
                String kind = raw.isEnum() ? Arrays.toString(raw.getEnumConstants()) : raw.getSimpleName();
                all.add(at + " " + kind);
                collect(component.getGenericType(), at, all, within);
            }
            within.remove(one);
        }
    }

    @Test
    void whatALaterRampartKeptIsRefusedInWords() {
        byte[] later = "{\"version\":99,\"kept\":{}}".getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> KeptForms.REPORT.read(later))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("version 99");
    }

    /** A field that no step fills in and one that nobody knows any more make nothing unreadable. */
    @Test
    void aForgottenFieldMakesNothingUnreadable() throws IOException {
        String json = new String(frozen("packing-steps-1"), StandardCharsets.UTF_8)
                .replace("\"minutes\":", "\"minutesOnce\":");
        PackStepView[] read = KeptForms.PACKING_STEPS.read(json.getBytes(StandardCharsets.UTF_8));
        assertThat(List.of(read)).allMatch(Objects::nonNull).allMatch(step -> step.minutes() == 0);
    }
}
