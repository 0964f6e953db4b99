package rampart.server.messages;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.BinaryTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.ConditionalExpressionTree;
import com.sun.source.tree.ExpressionTree;
import com.sun.source.tree.LiteralTree;
import com.sun.source.tree.MethodTree;
import com.sun.source.tree.NewClassTree;
import com.sun.source.tree.ParenthesizedTree;
import com.sun.source.tree.ReturnTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreeScanner;
import jakarta.validation.Constraint;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.annotation.Annotation;
import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.web.bind.annotation.RestController;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** docs/messages.md holds every message, made from the code; -Drampart.write-messages=true writes it anew. */
@ExtendWith(RunningRampart.class)
class MessagesTest {
    private static final Path PAGE = Path.of("../docs/messages.md");
    private static final JsonNode OF_THE_PAGES = read();
    /** Methods whose answers are messages. */
    private static final Set<String> SAYING = Set.of("tooMuch", "notJson");

    /** What is kept, said in one of these ways. */
    private static final Pattern KEPT =
            Pattern.compile("(?i)nothing (was|is)|nobody was|no account was|stays?\\b|keeps?\\b|is kept|was not saved");

    private static JsonNode read() {
        try {
            return JsonMapper.shared().readTree(Files.readAllBytes(Path.of("../web/src/lib/messages.json")));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void everyMessageSaysWhatHappenedWhatIsKeptAndWhatToDo() {
        for (Message message : Message.values()) {
            whole(message.name(), message.what(), message.kept(), message.todo());
        }
        for (Map.Entry<String, JsonNode> entry : OF_THE_PAGES.path("messages").properties()) {
            JsonNode m = entry.getValue();
            whole(
                    entry.getKey(),
                    m.path("what").asString(),
                    m.path("kept").asString(),
                    m.path("todo").asString());
        }
    }

    private static void whole(String name, String what, String kept, String todo) {
        assertThat(List.of(what, kept, todo)).as(name).allMatch(part -> part.endsWith(".") && part.length() > 8);
        assertThat(kept).as(name).containsPattern(KEPT);
    }

    @Test
    void everyMessageIsUsedAndNoneStandsElsewhere() throws IOException {
        StringBuilder sources = new StringBuilder();
        for (Path file : sources("src/main/java")) {
            if (!file.endsWith("Message.java")) {
                sources.append(Files.readString(file));
            }
        }
        for (Message message : Message.values()) {
            assertThat(sources).as("use of " + message).contains("Message." + message.name());
        }
        assertThat(sources.toString()).doesNotContainPattern("forStatusAndDetail\\([^;]{0,80}\"");
    }

    @Test
    void thePageIsMadeFromTheCode() throws IOException {
        String made = page();
        if (Boolean.getBoolean("rampart.write-messages")) {
            Files.writeString(PAGE, made);
        }
        assertThat(Files.readString(PAGE)).isEqualTo(made);
    }

    private static String page() throws IOException {
        StringBuilder page = new StringBuilder("""
                # Messages

                Every message a person can meet when something does not go, made from the code by `MessagesTest`. Each says what
                happened, what is kept and what to do. `{0}` and `…` stand for what the message is about.

                ## From the server

                | status | what happened | what is kept | what to do |
                |---|---|---|---|
                """);
        for (Message m : Message.values()) {
            row(page, String.valueOf(m.status().value()), m.what(), m.kept(), m.todo());
        }
        page.append("\n## From the page itself\n\n| what happened | what is kept | what to do |\n|---|---|---|\n");
        for (JsonNode m : OF_THE_PAGES.path("messages")) {
            row(
                    page,
                    m.path("what").asString(),
                    m.path("kept").asString(),
                    m.path("todo").asString());
        }
        page.append("""

                ## At a field

                What is typed stays in the field with its reason, the last good value goes on driving the drawing, and nothing
                is stored until it is mended. From the page:

                """);
        OF_THE_PAGES.path("fields").forEach(m -> line(page, m.asString()));
        page.append("\nFrom the server, one entry for each field that is wrong, with its path:\n\n");
        validation().forEach(m -> line(page, m));
        page.append("\nIn a pack file, one entry for each place that is wrong, with its path:\n\n");
        constructed("../formats/src/main/java", Map.of("Problem", 1, "UnreadableFileException", 1))
                .forEach(m -> line(page, m));
        page.append("\n## Why a photograph is not taken\n\n");
        constructed("src/main/java", Map.of("RefusedPictureException", 0)).forEach(m -> line(page, m));
        page.append("""

                ## Why an archive is refused

                At the terminal, as "refused: … Nothing was changed."

                """);
        constructed("src/main/java", Map.of("RefusedArchiveException", 0)).forEach(m -> line(page, m));
        page.append("\n## From `./rampart`\n\n");
        terminal().forEach(m -> line(page, m));
        return page.toString();
    }

    private static void row(StringBuilder page, String... cells) {
        page.append("| ").append(String.join(" | ", cells).replace("\n", " ")).append(" |\n");
    }

    private static void line(StringBuilder page, String text) {
        page.append("- ").append(text.replace("\n", " ")).append('\n');
    }

    /** Words of the constraints on what controllers take. */
    private static Set<String> validation() {
        Set<String> words = new TreeSet<>();
        for (Object controller : RunningRampart.beansWith(RestController.class)) {
            if (!controller.getClass().getName().startsWith("rampart.")) {
                continue;
            }
            for (Class<?> inner : controller.getClass().getDeclaredClasses()) {
                if (inner.isRecord()) {
                    for (RecordComponent component : inner.getRecordComponents()) {
                        collect(component.getAccessor().getAnnotations(), words);
                    }
                }
            }
            for (Method method : controller.getClass().getDeclaredMethods()) {
                for (Annotation[] parameter : method.getParameterAnnotations()) {
                    collect(parameter, words);
                }
            }
        }
        return words;
    }

    private static void collect(Annotation[] annotations, Set<String> words) {
        for (Annotation annotation : annotations) {
            if (annotation.annotationType().isAnnotationPresent(Constraint.class)) {
                try {
                    words.add((String)
                            annotation.annotationType().getMethod("message").invoke(annotation));
                } catch (ReflectiveOperationException e) {
                    throw new IllegalStateException(e);
                }
            }
        }
    }

    private static List<Path> sources(String root) throws IOException {
        try (Stream<Path> files = Files.walk(Path.of(root))) {
            return files.filter(f -> f.toString().endsWith(".java")).sorted().toList();
        }
    }

    /** The words with which these exceptions or problems are made; expressions in them become three dots. */
    private static Set<String> constructed(String root, Map<String, Integer> argumentOf) throws IOException {
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        Set<String> words = new TreeSet<>();
        try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, StandardCharsets.UTF_8)) {
            JavacTask task = (JavacTask)
                    compiler.getTask(null, files, null, null, null, files.getJavaFileObjectsFromPaths(sources(root)));
            for (CompilationUnitTree unit : task.parse()) {
                unit.accept(
                        new TreeScanner<Void, Void>() {
                            private boolean saying;

                            @Override
                            public Void visitNewClass(NewClassTree made, Void nothing) {
                                Integer argument =
                                        argumentOf.get(made.getIdentifier().toString());
                                if (argument != null
                                        && argument < made.getArguments().size()) {
                                    for (String text : texts(made.getArguments().get(argument))) {
                                        if (text.matches("(?s).*[a-z]{3}.*")) {
                                            words.add(text);
                                        }
                                    }
                                }
                                return super.visitNewClass(made, null);
                            }

                            @Override
                            public Void visitMethod(MethodTree method, Void nothing) {
                                saying = SAYING.contains(method.getName().toString());
                                return super.visitMethod(method, null);
                            }

                            @Override
                            public Void visitReturn(ReturnTree told, Void nothing) {
                                if (saying) {
                                    words.addAll(texts(told.getExpression()));
                                }
                                return super.visitReturn(told, null);
                            }
                        },
                        null);
            }
        }
        return words;
    }

    /** All texts an expression can become: both sides of a choice. */
    private static List<String> texts(ExpressionTree tree) {
        if (tree instanceof ParenthesizedTree inner) {
            return texts(inner.getExpression());
        }
        if (tree instanceof LiteralTree literal) {
            return List.of(String.valueOf(literal.getValue()));
        }
        if (tree instanceof ConditionalExpressionTree choice) {
            List<String> both = new ArrayList<>(texts(choice.getTrueExpression()));
            both.addAll(texts(choice.getFalseExpression()));
            return both;
        }
        if (tree instanceof BinaryTree sum) {
            List<String> joined = new ArrayList<>();
            for (String left : texts(sum.getLeftOperand())) {
                for (String right : texts(sum.getRightOperand())) {
                    joined.add((left + right).replaceAll("…(\\s*…)+", "…").strip());
                }
            }
            return joined;
        }
        return List.of("…");
    }

    /** What the script says before it gives up. */
    private static Set<String> terminal() throws IOException {
        Map<String, String> words = new LinkedHashMap<>();
        for (Path file : List.of(
                Path.of("../rampart"),
                Path.of("../scripts/tools.sh"),
                Path.of("../scripts/database.sh"),
                Path.of("../scripts/serve.sh"))) {
            Matcher said = Pattern.compile("\\bdie \"((?:[^\"\\\\]|\\\\.)*)").matcher(Files.readString(file));
            while (said.find()) {
                String text = said.group(1).replaceAll("\\$\\([^)]*\\)|\\$\\{[^}]*}|\\$[a-zA-Z0-9_*@]+", "…");
                words.put(text, text);
            }
        }
        return new TreeSet<>(words.keySet());
    }
}
