package app.carder.web.page;

import app.carder.core.batch.Recipe;
import app.carder.core.framework.FrameworkLibrary;
import app.carder.core.investigate.Expected;
import app.carder.core.ratio.RatioRule;
import java.time.DayOfWeek;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;
import org.jsoup.select.Evaluator;
import org.jsoup.select.Selector;
import org.springframework.jdbc.core.JdbcTemplate;

/** What is plain English on a page in a language that nobody speaks: it does not come from the files of words. */
final class PlainEnglish {

    private static final String TYPED =
            "[dir=auto], [dir=auto] *, option[lang], code, kbd, script, style, textarea, title";
    /** In the language that nobody speaks every vowel has a mark. */
    private static final Pattern WORD =
            Pattern.compile("(?<!\\p{L})(?=[A-Za-z]*[aeiouy])(?=[A-Z]*[a-z])[A-Za-z]{3,}(?!\\p{L})");

    /** A publication, and how far it can be relied on. */
    private static final Pattern CITED = Pattern.compile("\\(⟦[^⟧]*⟧\\)");

    private static final Pattern LISTED = Pattern.compile("[,;]\\s*");

    /** Attributes that people read or hear. */
    private static final List<String> READ = List.of("aria-label", "title", "alt", "placeholder");

    private static final Pattern JSON_TEXT = Pattern.compile("\"([^\"\\\\]{3,})\"");

    /** Units and names, and days. */
    private static final Set<String> SAME_EVERYWHERE = Stream.of(
                    Stream.of("min", "Carder", "Deutsch", "English"),
                    Arrays.stream(Month.values())
                            .flatMap(month -> Stream.of(TextStyle.FULL, TextStyle.SHORT)
                                    .map(style -> month.getDisplayName(style, Locale.ENGLISH))),
                    Arrays.stream(DayOfWeek.values())
                            .flatMap(day -> Stream.of(TextStyle.FULL, TextStyle.SHORT)
                                    .map(style -> day.getDisplayName(style, Locale.ENGLISH))))
            .flatMap(words -> words)
            .collect(Collectors.toSet());

    private final List<String> typed;

    /** What the database holds now was typed. */
    PlainEnglish(JdbcTemplate database) {
        typed = typed(database);
    }

    /** What is there, each with the kind of its element. */
    Set<String> on(Document page) {
        // What stands in a field was typed, or is what a calculator begins with.
        List<String> known = Stream.concat(
                        page.select("input[value]").eachAttr("value").stream()
                                .flatMap(value -> LISTED.splitAsStream(value))
                                .flatMap(one -> Stream.of(one, one.replaceAll(" \\d+$", "")))
                                .filter(one -> one.length() > 2),
                        typed.stream())
                .sorted(Comparator.comparingInt(String::length).reversed())
                .toList();
        Set<String> found = new TreeSet<>();
        Evaluator isTyped = Selector.evaluatorOf(TYPED);
        for (Element element : page.body().getAllElements()) {
            if (element.is(isTyped)) {
                continue;
            }
            Stream.concat(
                            element.textNodes().stream().map(TextNode::text),
                            READ.stream().map(element::attr))
                    .filter(text -> isEnglish(text) && !CITED.matcher(text).find() && isEnglish(without(text, known)))
                    .forEach(text -> found.add("<" + element.tagName() + "> " + text.strip()));
        }
        return found;
    }

    private static boolean isEnglish(String text) {
        return WORD.matcher(text).results().map(MatchResult::group).anyMatch(word -> !SAME_EVERYWHERE.contains(word));
    }

    private static String without(String text, List<String> typed) {
        String left = text;
        for (String one : typed) {
            left = left.replace(one, "");
        }
        return left;
    }

    /** What people typed, as the database has it, and what the frameworks say; the longest first. */
    private static List<String> typed(JdbcTemplate database) {
        List<String> columns = database.queryForList(
                "select 'select distinct ' || quote_ident(column_name) || '::text from ' || quote_ident(table_name)"
                        + " from information_schema.columns join information_schema.tables using (table_schema, table_name)"
                        + " where table_schema = 'public' and table_type = 'BASE TABLE' and data_type in ('text', 'jsonb', 'ARRAY')",
                String.class);
        Stream<String> kept = columns.stream()
                .flatMap(column -> database.queryForList(column, String.class).stream())
                .filter(text -> text != null)
                .flatMap(text -> Stream.concat(
                        text.lines(), JSON_TEXT.matcher(text).results().map(found -> found.group(1))));
        Stream<String> frameworks = FrameworkLibrary.shipped().all().stream()
                .flatMap(framework -> Stream.concat(
                        Stream.of(framework.name()),
                        framework.areas().stream()
                                .flatMap(area -> Stream.concat(
                                        Stream.of(area.name()),
                                        area.aspects().stream()
                                                .flatMap(aspect -> Stream.concat(
                                                        Stream.of(aspect.name()),
                                                        aspect.statements().stream()
                                                                .map(statement -> statement.words())))))));
        Stream<String> shipped = Stream.of(
                        // What statutes ask, as they name it.
                        RatioRule.shipped().stream()
                                .flatMap(rule -> Stream.of(
                                        rule.name(),
                                        rule.terms().presumes(),
                                        rule.terms().notHeld())),
                        Expected.shipped().stream().flatMap(one -> Stream.of(one.name(), one.what())),
                        Recipe.shipped().values().stream().flatMap(recipe -> Stream.of(recipe.name(), recipe.note())))
                .flatMap(words -> words);
        return Stream.of(kept, frameworks, shipped)
                .flatMap(words -> words)
                .map(String::strip)
                // What somebody counted is typed as its name and how many.
                .flatMap(text -> Stream.of(text, text.replaceAll(" \\d+$", "")))
                .filter(text -> text.length() > 2)
                .distinct()
                .sorted(Comparator.comparingInt(String::length).reversed())
                .toList();
    }
}
