package app.carder.web.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.Crawl;
import app.carder.web.kit.WebTest;
import jakarta.persistence.EntityManager;
import java.lang.reflect.Proxy;
import java.net.URI;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.FormElement;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.util.ReflectionTestUtils;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.transaction.support.TransactionTemplate;
import org.thymeleaf.ITemplateEngine;

/**
 * Every page that a manager can reach, found by following the links, in a language that nobody speaks: none has plain English. Every field of
 * every form there takes no more than its table holds, and a field of one line keeps no second one. A new page is among them. Nothing of it
 * stays in the database.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class EveryPageTest extends WebTest {

    /** Each calculator has a page, all of them one form. */
    private static final Pattern SAME_FORM = Pattern.compile("(/calculate(?:ers|ings/new))/.*");

    private static final String ONE_LINE = "input[type=text][name], input:not([type])[name], input[type=search][name]";
    private static final String LONG = "Zq ".repeat(8000);
    private static final String TWO_LINES = "Zq\nZq";

    @Autowired
    private TransactionTemplate transaction;

    @Autowired
    private EntityManager entities;

    private final Map<String, Form> forms = new LinkedHashMap<>();
    private final Set<String> plainEnglish = new TreeSet<>();
    /** What can be printed, one of each kind, with who may print it. */
    private final Map<String, Map.Entry<String, String>> prints = new LinkedHashMap<>();

    /**
     * A form as it stands on a page.
     *
     * @param values what it sends when nothing is typed
     * @param oneLine its fields of one line
     * @param texts those and its fields of several
     * @param named ids that its fields can send, one for each field
     */
    private record Form(
            String action,
            Map<String, List<String>> values,
            Set<String> oneLine,
            Set<String> texts,
            Map<String, String> named) {
        /** One of each kind: rows repeat. */
        Collection<String> each(Collection<String> fields) {
            return fields.stream()
                    .collect(Collectors.toMap(
                            field -> field.replaceAll("-.*", ""),
                            field -> field,
                            (one, other) -> one,
                            LinkedHashMap::new))
                    .values();
        }

        String shape() {
            return SAME_FORM.matcher(Crawl.shape(action)).replaceAll("$1");
        }
    }

    @AfterAll
    static void endSessions() {
        forgetSessions();
    }

    @Test
    void noneHasPlainEnglish() {
        assertThat(forms()).isNotEmpty();

        assertThat(plainEnglish).isEmpty();
    }

    /** A print is a page before it becomes a PDF: there what people typed can still be told from what Carder says. */
    @Test
    void noPrintHasPlainEnglish(@Autowired Printer printer, @Autowired ITemplateEngine templates) {
        forms();
        PlainEnglish words = new PlainEnglish(database);
        Set<String> found = new TreeSet<>();
        List<String> printed = new ArrayList<>();
        Object overheard = Proxy.newProxyInstance(
                getClass().getClassLoader(), new Class<?>[] {ITemplateEngine.class}, (proxy, method, arguments) -> {
                    Object page = method.invoke(templates, arguments);
                    printed.add(String.valueOf(page));
                    return page;
                });
        ReflectionTestUtils.setField(printer, "templates", overheard);
        try {
            prints.forEach((shape, print) -> {
                printed.clear();
                Answer answer = inNobodysLanguage(print.getValue()).apply(print.getKey());
                assertThat(answer.response().getContentType()).as(shape).startsWith("application/pdf");
                assertThat(printed).as(shape).isNotEmpty();
                printed.forEach(page -> words.on(Jsoup.parse(page)).forEach(one -> found.add(shape + ": " + one)));
            });
        } finally {
            ReflectionTestUtils.setField(printer, "templates", templates);
        }

        assertThat(prints).hasSizeGreaterThan(12);
        assertThat(found).isEmpty();
    }

    @Test
    void takesNoMoreThanItsTableHoldsAndNoSecondLine() {
        List<String> faults = new ArrayList<>();
        String search = search();
        Supplier<String> keptIn = () -> String.join(", ", database.queryForList(search, String.class));
        forms().values().forEach(form -> {
            form.each(form.texts())
                    .forEach(field -> tried(form, field, LONG, () -> "").ifPresent(faults::add));
            form.each(form.oneLine())
                    .forEach(field -> tried(form, field, TWO_LINES, keptIn).ifPresent(faults::add));
        });

        assertThat(forms.size()).as("forms that were found").isGreaterThan(40);
        assertThat(faults).isEmpty();
    }

    /** A name that is too long is refused by the form; were it not, the table would. */
    @Test
    void everyNameHasALengthInItsTable() {
        assertThat(database.queryForList(
                        "select c.table_name || '.' || c.column_name from information_schema.columns c join information_schema.tables t using (table_schema, table_name)"
                                + " where c.table_schema = 'public' and t.table_type = 'BASE TABLE' and c.data_type = 'text'"
                                + " and c.column_name ~ '(^|_)(name|title|by|person)$' and c.table_name !~ '^(spring_|user_|flyway_|scheduled_)'"
                                + " and not exists (select 1 from pg_constraint k where k.conrelid = c.table_name::regclass and k.contype = 'c'"
                                + " and pg_get_constraintdef(k.oid) ~ ('length\\(' || c.column_name || '\\)'))",
                        String.class))
                .isEmpty();
    }

    /** What has an id that is none of ours is refused; it is never said that it was saved. */
    @Test
    void takesNoIdOfAnotherSetting() {
        List<String> faults = new ArrayList<>();
        forms().values()
                .forEach(form -> form.each(form.named().keySet()).forEach(field -> {
                    String foreign = Crawl.ID
                            .matcher(Required.from(form.named(), field))
                            .replaceAll(match -> UUID.randomUUID().toString());
                    answered(
                                    form,
                                    field,
                                    foreign,
                                    answer -> answer.status() >= 400 && answer.status() < 500 ? "" : "was taken")
                            .ifPresent(faults::add);
                }));
        assertThat(faults).isEmpty();
    }

    private Optional<String> tried(Form form, String field, String value, Supplier<String> keptIn) {
        return answered(form, field, value, answer -> {
            String kept = answer.status() < 400 ? keptIn.get() : "";
            return answer.status() >= 500 || !kept.isEmpty() ? "kept in " + kept : "";
        });
    }

    /** Sends a form in a transaction that is rolled back; what is wrong with its answer. */
    private Optional<String> answered(Form form, String field, String value, Function<Answer, String> wrong) {
        String what = "%s: %s = %.40s".formatted(form.action(), field, value.replace('\n', '|'));
        try {
            return Optional.ofNullable(transaction.execute(status -> {
                status.setRollbackOnly();
                var request = MockMvcRequestBuilders.post(form.action()).with(csrf());
                form.values().forEach((name, all) -> {
                    if (!name.equals(field)) {
                        request.param(name, all.toArray(String[]::new));
                    }
                });
                Answer answer = send("imelda", request.param(field, value));
                entities.flush();
                String fault = wrong.apply(answer);
                return fault.isEmpty() ? null : "%s gave %d, %s".formatted(what, answer.status(), fault);
            }));
        } catch (RuntimeException | AssertionError broken) {
            return Optional.of(what + " broke: " + broken);
        }
    }

    /** Found once: the pages are the same for all tests. */
    private Map<String, Form> forms() {
        if (forms.isEmpty()) {
            find();
        }
        return forms;
    }

    private void find() {
        PlainEnglish words = new PlainEnglish(database);
        Function<String, BiConsumer<String, Document>> lookedAtBy = username -> (path, page) -> {
            words.on(page).forEach(found -> plainEnglish.add(Crawl.shape(path) + ": " + found));
            page.select("a[href^=/]").eachAttr("href").stream()
                    .filter(href -> Crawl.shape(href).endsWith("pdf"))
                    .forEach(href -> prints.putIfAbsent(Crawl.shape(href), Map.entry(href, username)));
        };
        Crawl.pages(inNobodysLanguage("anouk.grandfather"), lookedAtBy.apply("anouk.grandfather"));
        Crawl.pages(inNobodysLanguage("imelda"), (path, page) -> {
            lookedAtBy.apply("imelda").accept(path, page);
            page.select("form[method=post]").stream()
                    .map(form -> form((FormElement) form, path))
                    .filter(form -> !form.texts().isEmpty() || !form.named().isEmpty())
                    .forEach(form -> forms.putIfAbsent(form.shape(), form));
        });
    }

    /** A query writes a blank as a plus, which the browser's stand-in takes for one. */
    private Function<String, Answer> inNobodysLanguage(String username) {
        return path -> send(
                username,
                MockMvcRequestBuilders.get(URI.create(path.replace("+", "%20"))).header("Accept-Language", "en-XA"));
    }

    private static Form form(FormElement form, String page) {
        Map<String, List<String>> values = new LinkedHashMap<>();
        form.formData()
                .forEach(pair -> values.computeIfAbsent(pair.key(), name -> new ArrayList<>())
                        .add(pair.value()));
        values.remove("_csrf");
        Function<String, Set<String>> names = query -> form.elements().stream()
                .filter(element -> element.is(query) && !element.hasAttr("disabled"))
                .map(element -> element.attr("name"))
                .collect(Collectors.toCollection(LinkedHashSet::new));
        Map<String, String> named = new LinkedHashMap<>();
        form.select("input[name][value], select[name] option[value]").stream()
                .filter(element -> Crawl.ID.matcher(element.attr("value")).find())
                .forEach(element -> named.putIfAbsent(
                        element.hasAttr("name")
                                ? element.attr("name")
                                : Objects.requireNonNull(element.closest("select"))
                                        .attr("name"),
                        element.attr("value")));
        // Minted by the page, for a form that is sent twice.
        named.remove("id");
        named.remove("_csrf");
        String action = form.attr("action").isEmpty() ? page : form.attr("action");
        return new Form(
                action.replaceAll("#.*", ""),
                values,
                names.apply(ONE_LINE),
                names.apply(ONE_LINE + ", textarea[name]"),
                named);
    }

    /** Looks through all words that were written since the transaction began; what stood before cannot hold them. Gives the tables. */
    private String search() {
        return database
                .queryForList(
                        "select table_name || ':' || string_agg(column_name, ':') from information_schema.columns join information_schema.tables using (table_schema, table_name)"
                                + " where table_schema = 'public' and table_type = 'BASE TABLE' and data_type = 'text' group by table_name",
                        String.class)
                .stream()
                .map(one -> List.of(one.split(":")))
                .map(one -> one.stream()
                        .skip(1)
                        .map(column -> column + " like E'%Zq\\nZq%'")
                        .collect(Collectors.joining(
                                " or ",
                                "select '%1$s' from %1$s where xmin::text::bigint >= pg_current_xact_id()::text::bigint and ("
                                        .formatted(one.get(0)),
                                ")")))
                .collect(Collectors.joining(" union all "));
    }
}
