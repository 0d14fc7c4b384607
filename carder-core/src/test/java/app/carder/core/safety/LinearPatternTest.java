package app.carder.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/**
 * No pattern takes time that grows faster than the text: of each that stands in the code or is made of shipped words, the letters that it
 * looks at are counted on texts that are made to keep it busy. A pattern that needs more than a fixed number of looks for each letter fails.
 */
class LinearPatternTest {

    private static final int LETTERS = 250;
    private static final int LOOKS_FOR_EACH = 60;

    private static final Pattern CALL =
            Pattern.compile("(?:Pattern\\.compile|\\.matches|\\.replaceAll|\\.replaceFirst|\\.split)\\(\\s*\"");

    /** Where words of the data become patterns: their owners keep them in fields. */
    private static final List<Class<?>> OF_WORDS = List.of(DangerNames.class, CareRelations.class, Stereotype.class);

    @TestFactory
    Stream<DynamicTest> everyPatternLooksAtEachLetterAFewTimesOnly() throws Exception {
        Set<String> all = new TreeSet<>(written());
        for (Class<?> owner : OF_WORDS) {
            all.addAll(kept(owner));
        }
        return all.stream()
                .map(pattern -> DynamicTest.dynamicTest(name(pattern), () -> {
                    for (String hostile : hostile(pattern)) {
                        assertThat(looks(pattern, hostile))
                                .as("%s looks at %d letters of %.6s…", name(pattern), hostile.length(), hostile)
                                .isLessThan((long) LOOKS_FOR_EACH * hostile.length());
                    }
                }));
    }

    @Test
    void findsThePatternsAndKnowsASlowOne() throws Exception {
        assertThat(written()).contains("^[^@\\s]+@[^@\\s.]+(?:\\.[^@\\s.]+)+$").hasSizeGreaterThan(40);
        for (Class<?> owner : OF_WORDS) {
            assertThat(kept(owner)).as(owner.getSimpleName()).isNotEmpty();
        }
        for (String slow : List.of("(a+)+b", "a*b", "\\s+$", "“[^”]*”", "(.*),(.*);")) {
            assertThat(hostile(slow))
                    .as(slow)
                    .anyMatch(text -> looks(slow, text) > (long) LOOKS_FOR_EACH * text.length());
        }
    }

    private static String name(String pattern) {
        return pattern.length() < 80 ? pattern : pattern.substring(0, 80) + "…";
    }

    /** Strings in the code that are used as patterns; those that are put together of parts are met by their first part. */
    private static Set<String> written() throws IOException {
        Set<String> found = new TreeSet<>();
        try (Stream<Path> modules = Files.list(Path.of(".."))) {
            for (Path sources : modules.map(module -> module.resolve("src/main/java"))
                    .filter(Files::isDirectory)
                    .toList()) {
                try (Stream<Path> files = Files.walk(sources)) {
                    for (Path file : files.filter(one -> one.toString().endsWith(".java"))
                            .toList()) {
                        String code = Files.readString(file);
                        Matcher call = CALL.matcher(code);
                        while (call.find()) {
                            literal(code, call.end())
                                    .filter(LinearPatternTest::isPattern)
                                    .forEach(found::add);
                        }
                    }
                }
            }
        }
        return found;
    }

    /** The string that begins at a place of the code, if it ends with the argument. */
    private static Stream<String> literal(String code, int from) {
        StringBuilder text = new StringBuilder();
        int at = from;
        while (code.charAt(at) != '"') {
            if (code.charAt(at) == '\\') {
                text.append(code.charAt(at));
                at++;
            }
            text.append(code.charAt(at));
            at++;
        }
        boolean whole = code.substring(at + 1).stripLeading().matches("(?s)[,)].*");
        return whole
                ? Stream.of(text.toString()
                        .replaceAll("(?<!\\\\)\\\\u", "\\\\\\\\u")
                        .translateEscapes())
                : Stream.empty();
    }

    private static boolean isPattern(String text) {
        return text.length() > 1 && !text.equals(Pattern.quote(text)) && text.matches(".*[\\[\\]\\\\+*?(|$^.].*");
    }

    private static Set<String> kept(Class<?> owner) throws IllegalAccessException {
        Set<String> found = new LinkedHashSet<>();
        for (Field field : owner.getDeclaredFields()) {
            if (Modifier.isStatic(field.getModifiers())) {
                field.setAccessible(true);
                collect(field.get(null), found, new ArrayList<>());
            }
        }
        return found;
    }

    private static void collect(Object value, Set<String> found, Collection<Object> seen)
            throws IllegalAccessException {
        if (value == null || seen.stream().anyMatch(one -> one == value)) {
            return;
        }
        seen.add(value);
        if (value instanceof Pattern pattern) {
            found.add(pattern.pattern());
        } else if (value instanceof Map<?, ?> map) {
            for (Object one : map.values()) {
                collect(one, found, seen);
            }
        } else if (value instanceof Collection<?> many) {
            for (Object one : many) {
                collect(one, found, seen);
            }
        } else if (value.getClass().getName().startsWith("app.carder")) {
            for (Field field : value.getClass().getDeclaredFields()) {
                if (!Modifier.isStatic(field.getModifiers())) {
                    field.setAccessible(true);
                    collect(field.get(value), found, seen);
                }
            }
        }
    }

    /** Long texts of the letters that a pattern names, and of some that most know, each with an end that disappoints. */
    private static List<String> hostile(String pattern) {
        Set<String> bits = new LinkedHashSet<>(List.of("a", "1", " ", ".", "\"", "“", "-", "\n", "ab ", "\u0301"));
        pattern.replaceAll("\\\\[a-zA-Z](\\{\\w*})?", "")
                .codePoints()
                .filter(one -> !Character.isISOControl(one))
                .distinct()
                .limit(24)
                .forEach(one -> bits.add(Character.toString(one)));
        List<String> texts = new ArrayList<>();
        for (String one : bits) {
            for (String end : List.of("", "!", "a")) {
                texts.add(one.repeat(LETTERS) + end);
            }
            for (String other : bits) {
                texts.add((one + other).repeat(LETTERS / 2) + "!");
            }
        }
        return texts;
    }

    private static long looks(String pattern, String text) {
        Pattern tried = Pattern.compile(pattern, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
        Counted counted = new Counted(text, new long[1]);
        try {
            Matcher finds = tried.matcher(counted);
            while (finds.find()) {
                // Every place where it is found.
                counted.looks()[0]++;
            }
            tried.matcher(counted).matches();
        } catch (TooMany endless) {
            return Long.MAX_VALUE;
        }
        return counted.looks()[0];
    }

    private static final class TooMany extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }

    /** A text that counts how often one looks at it. */
    private record Counted(String text, long[] looks) implements CharSequence {
        @Override
        public char charAt(int index) {
            looks[0]++;
            if (looks[0] > 200L * LETTERS) {
                throw new TooMany();
            }
            return text.charAt(index);
        }

        @Override
        public int length() {
            return text.length();
        }

        @Override
        public CharSequence subSequence(int start, int end) {
            return text.subSequence(start, end);
        }

        @Override
        public String toString() {
            return text;
        }
    }
}
