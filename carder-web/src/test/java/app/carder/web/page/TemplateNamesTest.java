package app.carder.web.page;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.beans.Introspector;
import java.io.IOException;
import java.lang.reflect.Method;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.security.web.csrf.CsrfToken;

/** What a template asks of an object is there to be asked: a name that was changed in the code would break a page only where it shows it. */
class TemplateNamesTest {

    private static final Pattern EXPRESSION = Pattern.compile("\\$\\{([^{}]*)}");
    private static final Pattern QUOTED = Pattern.compile("'(?:[^']|'')*'");
    private static final Pattern ASKED = Pattern.compile(
            "(?<![#\\w])[\\w@]*(?:\\([^()]*\\)|\\[[^]]*])*((?:\\??\\.[a-zA-Z]\\w*(?:\\([^()]*\\)|\\[[^]]*])*)+)");
    private static final Pattern TAG = Pattern.compile("<\\w[^<>\"]*(?:\"[^\"]*\"[^<>\"]*)*>");
    private static final Pattern NAME = Pattern.compile("\\.([a-zA-Z]\\w*)");

    /** What is no object of ours or of Java: parameters, and what the engine knows of a loop. */
    private static final Set<String> OF_THE_ENGINE = Set.of("index", "count", "size", "first", "last", "even", "odd");

    @Test
    void everyNameThatATemplateAsksForIsThere() throws IOException {
        Set<String> known = known();
        Set<String> unknown = new TreeSet<>();
        try (Stream<Path> templates = Files.walk(Path.of("src/main/resources/templates"))) {
            for (Path template :
                    templates.filter(file -> file.toString().endsWith(".html")).toList()) {
                names(Files.readString(template))
                        .filter(name -> !known.contains(name))
                        .forEach(name -> unknown.add(template.getFileName() + ": " + name));
            }
        }

        assertThat(known).contains("stepIsWritten", "forPeople", "isPresent");
        assertThat(unknown).isEmpty();
    }

    /** The engine puts a piece in its place before it asks whether it is wanted there, and then never asks. */
    @Test
    void noPieceThatIsReplacedHasAConditionOfItsOwn() throws IOException {
        assertThat(
                        tags("<i th:if=\"${a}\" th:replace=\"~{b}\"></i> <i th:unless=\"${a}\"><b th:replace=\"~{b}\"></b></i>")
                                .filter(TemplateNamesTest::isReplacedOnCondition))
                .hasSize(1);
        assertThat(tagsOfTemplates(TemplateNamesTest::isReplacedOnCondition)).isEmpty();
    }

    /** What is worked out takes the place of what is written there, and that is never seen. */
    @Test
    void noElementHasAClassThatIsThrownAway() throws IOException {
        assertThat(
                        tags("<i class=\"a\" th:class=\"${b}\"></i> <i class=\"a\" th:classappend=\"${b}\"></i> <i th:class=\"${b}\"></i>")
                                .filter(TemplateNamesTest::hasTwoClasses))
                .hasSize(1);
        assertThat(tagsOfTemplates(TemplateNamesTest::hasTwoClasses)).isEmpty();
    }

    private static boolean isReplacedOnCondition(String tag) {
        return tag.contains(" th:replace=") && (tag.contains(" th:if=") || tag.contains(" th:unless="));
    }

    private static boolean hasTwoClasses(String tag) {
        return tag.contains(" class=") && tag.contains(" th:class=");
    }

    private static Set<String> tagsOfTemplates(Predicate<String> wanted) throws IOException {
        Set<String> found = new TreeSet<>();
        try (Stream<Path> templates = Files.walk(Path.of("src/main/resources/templates"))) {
            for (Path template :
                    templates.filter(file -> file.toString().endsWith(".html")).toList()) {
                tags(Files.readString(template))
                        .filter(wanted)
                        .forEach(tag -> found.add(template.getFileName() + ": " + tag));
            }
        }
        return found;
    }

    private static Stream<String> tags(String template) {
        return TAG.matcher(template).results().map(MatchResult::group);
    }

    @Test
    void findsANameThatIsNotThere() {
        assertThat(names("<p th:if=\"${play.rungIsWritten}\" th:text=\"${one.cell.get().noSuchName}\"></p>"))
                .contains("rungIsWritten", "noSuchName");
    }

    private static Stream<String> names(String template) {
        return EXPRESSION
                .matcher(template)
                .results()
                .map(found -> QUOTED.matcher(found.group(1)).replaceAll("x"))
                .filter(expression -> !expression.contains("param."))
                .flatMap(expression -> ASKED.matcher(expression).results())
                .flatMap(asked -> NAME.matcher(asked.group(1)).results())
                .map(found -> found.group(1));
    }

    private static Set<String> known() {
        Set<String> known = new HashSet<>(OF_THE_ENGINE);
        new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("app.carder")
                .forEach(type -> {
                    type.getMethods().stream().map(JavaMethod::getName).forEach(name -> add(known, name));
                    type.getFields().forEach(field -> known.add(field.getName()));
                });
        for (Class<?> type : List.of(
                String.class,
                BigDecimal.class,
                Duration.class,
                Stream.class,
                Collection.class,
                List.class,
                Map.class,
                Map.Entry.class,
                Optional.class,
                Locale.class,
                LocalDate.class,
                LocalDateTime.class,
                DayOfWeek.class,
                Enum.class,
                UUID.class,
                CsrfToken.class)) {
            for (Method method : type.getMethods()) {
                add(known, method.getName());
            }
        }
        return known;
    }

    private static void add(Set<String> known, String method) {
        known.add(method);
        for (String verb : List.of("get", "is")) {
            if (method.startsWith(verb) && method.length() > verb.length()) {
                known.add(Introspector.decapitalize(method.substring(verb.length())));
            }
        }
    }
}
