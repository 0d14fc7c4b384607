package app.carder.web.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.measure.Length;
import app.carder.core.said.Catalogue;
import app.carder.core.vessel.VesselShape;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.util.LinkedMultiValueMap;

class TypedTest {

    @ParameterizedTest
    @CsvSource({"4, 4", "'4,5', 4.5", "4.5, 4.5", "' 12 ', 12", "-3, -3"})
    void readsNumbersWithAPointOrAComma(String text, BigDecimal number) {
        assertThat(Typed.number(text))
                .hasValueSatisfying(read -> assertThat(read).isEqualByComparingTo(number));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "four", "1e9", "NaN", "1,000.5", "0x10", "99999999999", "1.1234567"})
    void takesNothingElseForANumber(String text) {
        assertThat(Typed.number(text)).isEmpty();
    }

    @Test
    void keepsARowInStepWhenOneOfItsValuesHasAComma() {
        Typed typed = form("amount", "4,5", "", "3");

        assertThat(typed.all("amount")).containsExactly("4,5", "", "3");
    }

    @Test
    void bringsTextIntoOneUnicodeFormAndDropsControlCharacters() {
        Typed typed = form("note", "  Zoe\u0308 \u0000\u0007said:\r\n\u202bשלום\u202c  ");

        assertThat(typed.passage("note")).isEqualTo("Zo\u00eb said:\n\u202bשלום\u202c");
        assertThat(typed.text("note")).as("on one line").isEqualTo("Zo\u00eb said: \u202bשלום\u202c");
    }

    @Test
    void marksWhatIsMissingTooLongOrNoDay() {
        FormErrors errors = new FormErrors();
        Typed typed = form("title", "x".repeat(121)).with("bornOn", "2026-02-30");

        typed.line("title", errors);
        typed.line("givenName", errors);
        assertThat(typed.day("bornOn", errors)).isEmpty();

        assertThat(errors.all())
                .extracting(FormErrors.Fault::code)
                .containsExactly("form.tooLong", "form.missing.givenName", "form.day");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"2026-02-30", "1899-12-31", "2200-01-01", "+999999999-01-01", "6 May", "", "2026-05-06T10:00"})
    void takesNoDayThatNobodyPlansFor(String text) {
        assertThat(Days.read(text)).isEmpty();
    }

    @Test
    void acceptsLengthsFromAboveZeroToThreeMetres() {
        assertThat(centimetres("300")).isEqualTo(Length.ofCentimetres(300));
        for (String impossible : new String[] {"0", "-1", "300.1", "deep"}) {
            FormErrors errors = new FormErrors();
            assertThat(Typed.centimetres("depth", impossible, errors)).isEmpty();
            assertThat(errors.of("depth")).as(impossible).hasSize(1);
        }
    }

    @Test
    void treatsAnIdThatIsNoneAsARecordThatIsNotThere() {
        assertThatThrownBy(() -> form("id", "1 or 1=1").id("id")).isInstanceOf(NotFound.class);
        assertThat(form("id", "").id("id")).isEmpty();
    }

    /** Every message that the code names is there, and none is there for nothing. */
    @Test
    void hasAMessageForEveryCodeAndNoneTooMany() throws IOException {
        Properties messages = new Properties();
        try (InputStream file = TypedTest.class.getResourceAsStream("/messages/faults.properties")) {
            messages.load(file);
        }
        Pattern code = Pattern.compile(
                "\"((?:form|child|card|material|setout|observation|journal|invitation|open|reply|firstrun|account|staff|carer|room|kit|rule|calculator|preparation|ladder|roomplan|session|week|rota|focus|investigation|calendar|sync|adult|other|settings|enrolment|attendance|earlier-notes|homecard)\\.[A-Za-z._-]+)\"");
        Set<String> named = new TreeSet<>();
        try (var sources = Files.walk(Path.of("src/main/java"))) {
            for (Path source :
                    sources.filter(path -> path.toString().endsWith(".java")).toList()) {
                code.matcher(Files.readString(source)).results().forEach(found -> named.add(found.group(1)));
            }
        }
        Set<String> there = messages.stringPropertyNames().stream()
                .filter(name -> Stream.of(
                                "photo.",
                                "shape.",
                                "form.missing.",
                                "password.",
                                "security.",
                                "device.secret.",
                                "enrolment.refused.")
                        .noneMatch(name::startsWith))
                .collect(Collectors.toCollection(TreeSet::new));

        // What pages and the core say is none of them, although a frame or a list may name it.
        Set<String> ofPages = new TreeSet<>(new Words(false).in(Locale.UK).codes());
        ofPages.addAll(Catalogue.ENGLISH.codes());
        ofPages.removeAll(messages.stringPropertyNames());
        named.removeAll(ofPages);
        named.removeIf(name -> name.equals("form.missing.")
                || name.startsWith("enrolment.refused.")
                || name.matches(".*\\.(pdf|json|ics|csv)"));
        assertThat(messages.stringPropertyNames().stream().filter(name -> name.startsWith("shape.")))
                .containsExactlyInAnyOrderElementsOf(Arrays.stream(VesselShape.values())
                        .map(shape -> "shape." + shape)
                        .toList());
        assertThat(named).isEqualTo(there);
    }

    private static Length centimetres(String text) {
        return Typed.centimetres("depth", text, new FormErrors()).orElseThrow();
    }

    private static Typed form(String name, String... values) {
        LinkedMultiValueMap<String, String> parameters = new LinkedMultiValueMap<>();
        parameters.put(name, List.of(values));
        return Typed.of(parameters);
    }
}
