package app.carder.core.chain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import app.carder.core.chain.LogCheck.Entry;
import app.carder.core.chain.LogCheck.Fault;
import app.carder.core.chain.LogCheck.Finding;
import app.carder.core.chain.LogCheck.Report;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LogCheckTest {

    private static final int LONG = 200;

    private static Map<Part, Content> contents(String what) {
        Map<Part, Content> contents = new EnumMap<>(Part.class);
        for (Part part : Part.values()) {
            contents.put(part, new Content("salt of " + what + part, List.of(what, "2026-05-06", "")));
        }
        return contents;
    }

    /** Entries that follow each other; that of a number in {@code erasures} tells what it erased. */
    private static List<Entry> log(int length, Map<Integer, Map<Part, Numbers>> erasures) {
        List<Entry> log = new ArrayList<>();
        Digest last = Digest.NONE;
        for (int number = 1; number <= length; number++) {
            Map<Part, Content> contents = contents("Opened Anouk's page, time " + number);
            Link link = Link.after(number, last, contents);
            last = link.digest();
            log.add(new Entry(link, last, contents, erasures.getOrDefault(number, Map.of())));
        }
        return log;
    }

    private static List<Entry> log(int length) {
        return log(length, Map.of());
    }

    private static Report checked(List<Entry> log, Seal... noted) {
        LogCheck check = new LogCheck(Arrays.asList(noted));
        log.forEach(check::read);
        return check.report();
    }

    private static Entry with(Entry entry, Map<Part, Content> contents) {
        return new Entry(entry.link(), entry.digest(), contents, entry.erased());
    }

    private static Map<Part, Content> without(Entry entry, Part part) {
        Map<Part, Content> contents = new EnumMap<>(entry.contents());
        contents.remove(part);
        return contents;
    }

    @Test
    void aLogThatNobodyTouchedIsWholeAndKnowsItsSeals() {
        List<Entry> log = log(LONG);
        Seal halfWay = Seal.of(100, log.get(99).digest());

        Report report = checked(log, halfWay);

        assertThat(report.isWhole()).isTrue();
        assertThat(report.entries()).isEqualTo(LONG);
        assertThat(report.confirmed()).containsExactly(100L);
        assertThat(report.head()).contains(Seal.of(LONG, log.get(LONG - 1).digest()));
        assertThat(checked(List.of()).head()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Part.class)
    void aChangedWordIsFoundAtItsEntryAndPart(Part part) {
        List<Entry> log = log(LONG);
        Map<Part, Content> changed = new EnumMap<>(log.get(41).contents());
        changed.put(part, new Content(changed.get(part).salt(), List.of("Opened nothing")));
        log.set(41, with(log.get(41), changed));

        assertThat(checked(log).findings()).containsExactly(new Finding(Fault.CONTENT_CHANGED, 42, Optional.of(part)));
    }

    @Test
    void fieldsThatRunIntoEachOtherAreDifferentContents() {
        assertThat(new Content("s", List.of("ab", "c")).commitment())
                .isNotEqualTo(new Content("s", List.of("a", "bc")).commitment())
                .isNotEqualTo(new Content("sa", List.of("b", "c")).commitment());
    }

    @Test
    void anEntryTakenOutPutInOrExchangedIsFoundWhereverItStood() {
        Random random = new Random(7);
        for (int round = 0; round < LONG; round++) {
            List<Entry> log = log(40);
            int at = random.nextInt(39);
            switch (round % 3) {
                case 0 -> log.remove(at);
                case 1 -> log.add(at, log.get(random.nextInt(40)));
                default -> log.set(at, log.get(at + 1));
            }

            assertThat(checked(log).isWhole()).as("round %s at %s", round, at).isFalse();
        }
    }

    @Test
    void aLogWrittenAnewFromSomeEntryOnIsGivenAwayByASealNotedElsewhere() {
        List<Entry> log = log(LONG);
        List<Entry> anew = new ArrayList<>();
        Digest last = Digest.NONE;
        for (Entry entry : log) {
            Map<Part, Content> contents = entry.link().number() == 50 ? contents("Opened nothing") : entry.contents();
            Link link = Link.after(entry.link().number(), last, contents);
            last = link.digest();
            anew.add(new Entry(link, last, contents, Map.of()));
        }

        assertThat(checked(anew).isWhole()).as("without a seal nothing shows").isTrue();
        assertThat(checked(
                                anew,
                                Seal.of(49, log.get(48).digest()),
                                Seal.of(120, log.get(119).digest()))
                        .findings())
                .containsExactly(new Finding(Fault.OTHER_SEAL, 120, Optional.empty()));
    }

    @Test
    void anEndThatWasCutOffIsGivenAwayByALaterSeal() {
        List<Entry> log = log(LONG);
        Seal head = Seal.of(LONG, log.get(LONG - 1).digest());

        assertThat(checked(log.subList(0, 150), head).findings())
                .extracting(Finding::fault, Finding::number)
                .containsExactly(tuple(Fault.CUT_OFF, (long) LONG));
    }

    @Test
    void whatWasErasedAsWrittenDownLeavesTheLogWhole() {
        List<Entry> log = log(
                LONG,
                Map.of(
                        180,
                        Map.of(
                                Part.SUBJECT,
                                Numbers.of(List.of(12L, 13L, 14L, 90L)),
                                Part.PERSON,
                                Numbers.of(List.of(90L)))));
        for (int number : new int[] {12, 13, 14, 90}) {
            log.set(number - 1, with(log.get(number - 1), without(log.get(number - 1), Part.SUBJECT)));
        }
        log.set(89, with(log.get(89), Map.of(Part.DEED, log.get(89).contents().get(Part.DEED))));

        Report report = checked(log);

        assertThat(report.isWhole()).isTrue();
        assertThat(report.erasedParts()).isEqualTo(5);
    }

    @Test
    void whatIsGoneWithoutAnErasureIsFoundAlsoWhereAnotherPartWasErased() {
        List<Entry> log = log(LONG, Map.of(180, Map.of(Part.SUBJECT, Numbers.of(List.of(12L)))));
        log.set(11, with(log.get(11), without(log.get(11), Part.PERSON)));

        assertThat(checked(log).findings())
                .containsExactly(new Finding(Fault.CONTENT_GONE, 12, Optional.of(Part.PERSON)));
    }

    @Test
    void faultsBeyondTheFirstHundredAreCounted() {
        List<Entry> log = log(LONG);
        log.replaceAll(entry -> with(entry, Map.of()));

        assertThat(checked(log).findings()).hasSize(100);
        assertThat(checked(log).faults()).isEqualTo(LONG * 3);
    }

    /** FIPS 180-4 gives the digest of "abc"; here it stands behind its length. */
    @Test
    void digestsAreThoseOfTheStandard() {
        assertThat(Digest.of(List.of("abc")).hex())
                .as("printf '\\0\\0\\0\\3abc' | sha256sum")
                .isEqualTo("d04b72a650ce0f8ce4963330a53ee2832733d2baeffff3c1d8e256cca096d120");
    }

    @Test
    void aSealIsReadAsPeopleTypeIt() {
        Seal seal = Seal.of(1204, log(1).get(0).digest());

        assertThat(Seal.read(seal.forPeople())).contains(seal);
        assertThat(Seal.read("  1204   " + seal.code().toLowerCase(Locale.ROOT).replace("-", " ") + " "))
                .contains(seal);
        assertThat(Seal.read("1,204 " + seal.code())).contains(seal);
        assertThat(seal.code()).matches("([0-9A-F]{4}-){5}[0-9A-F]{4}");
        for (String other :
                List.of("", "1204", "1204 3F2A", seal.code(), "1204 " + seal.code() + "0", "x " + seal.code())) {
            assertThat(Seal.read(other)).as(other).isEmpty();
        }
    }

    @Test
    void numbersAreWrittenAsStretches() {
        Numbers numbers = Numbers.of(List.of(21L, 3L, 4L, 5L, 9L, 5L));

        assertThat(numbers.written()).isEqualTo("3-5 9 21");
        assertThat(numbers.all()).containsExactly(3L, 4L, 5L, 9L, 21L);
        assertThat(Numbers.read(numbers.written()).written()).isEqualTo("3-5 9 21");
        assertThat(List.of(2L, 3L, 5L, 6L, 9L, 21L, 22L))
                .filteredOn(numbers::include)
                .containsExactly(3L, 5L, 9L, 21L);
        assertThat(Numbers.of(List.of()).written()).isEmpty();
        assertThat(Numbers.read("").include(1)).isFalse();
    }
}
