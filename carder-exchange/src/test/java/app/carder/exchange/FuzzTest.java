package app.carder.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.cupboard.CupboardTable;
import app.carder.core.cupboard.Stocked;
import app.carder.core.room.Point;
import app.carder.core.room.RoomPlan;
import app.carder.core.room.RoomPlan.Door;
import app.carder.core.room.RoomPlan.DoorUse;
import app.carder.core.room.RoomPlan.Wall;
import app.carder.exchange.calendar.CalendarFile;
import app.carder.exchange.json.CardFile;
import app.carder.exchange.json.CupboardJson;
import app.carder.exchange.plan.PlanSvg;
import app.carder.exchange.table.TableFile;
import app.carder.exchange.table.TableRefused;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Files that are almost right, by the thousand: every reader takes them or refuses them in its own words, and throws nothing else. What is
 * tried follows from a seed, so that a failure comes again. {@code -Dcarder.fuzz=100000} is the long form.
 */
@Timeout(value = 3, unit = TimeUnit.HOURS)
class FuzzTest {

    private static final int TRIES = Integer.getInteger("carder.fuzz", 400);
    private static final Pattern READS = Pattern.compile("public static [\\w<>., ]+ read\\(");
    private static final Currency POUNDS = Currency.getInstance("GBP");
    private static final ZoneId LONDON = ZoneId.of("Europe/London");

    /** What programs stumble over. */
    private static final List<String> ODD = List.of(
            "",
            "\0",
            "\uFEFF",
            "\uD800",
            "\u202E",
            "\r",
            "\n",
            "\"",
            "'",
            "\\",
            "<",
            ">",
            "&x;",
            "]]>",
            "{",
            "[",
            "}",
            ":",
            ";",
            ",",
            "=",
            "-1",
            "0",
            "NaN",
            "1e999",
            "-1e-999",
            "99999999999999999999999999",
            "2147483648",
            "1.0000000000000000000000001",
            "null",
            "true",
            "[[[[[[[[",
            "x".repeat(5000),
            "٣",
            "P1D",
            "RRULE:FREQ=SECONDLY",
            "DTSTART:99991231T235959Z",
            "20260230",
            "=cmd|' /C calc'!A0");

    /** The parts of a workbook, the name of each in a line above it. */
    private static final String WORKBOOK = String.join(
            "\f",
            "xl/workbook.xml\n<workbook xmlns:r=\"r\"><workbookPr date1904=\"0\"/><sheets><sheet name=\"A\" sheetId=\"1\" r:id=\"rId1\"/></sheets></workbook>",
            "xl/_rels/workbook.xml.rels\n<Relationships><Relationship Id=\"rId1\" Target=\"worksheets/sheet1.xml\"/></Relationships>",
            "xl/styles.xml\n<styleSheet><numFmts><numFmt numFmtId=\"164\" formatCode=\"dd/mm/yyyy\"/></numFmts>"
                    + "<cellXfs><xf numFmtId=\"0\"/><xf numFmtId=\"164\"/></cellXfs></styleSheet>",
            "xl/sharedStrings.xml\n<sst><si><t>Child</t></si><si><r><t>An</t></r><r><t>ouk</t></r></si></sst>",
            "xl/worksheets/sheet1.xml\n<worksheet><sheetData><row r=\"1\"><c r=\"A1\" t=\"s\"><v>0</v></c><c r=\"B1\" t=\"inlineStr\"><is><t>Born</t></is></c></row>"
                    + "<row r=\"2\"><c r=\"A2\" t=\"s\"><v>1</v></c><c r=\"B2\" s=\"1\"><v>45063</v></c><c r=\"D2\" t=\"b\"><v>1</v></c></row></sheetData></worksheet>");

    private static void table(byte[] file) {
        try {
            TableFile.read(file);
        } catch (TableRefused refused) {
            throw new IllegalArgumentException(refused);
        }
    }

    private static byte[] zipped(String parts) throws IOException {
        Map<String, String> byName = new LinkedHashMap<>();
        for (String part : parts.split("\f")) {
            int line = Math.min(part.indexOf('\n') < 0 ? part.length() : part.indexOf('\n'), 200);
            // A half of a letter can stand in a file, but not in the name of a part.
            String name = new String(part.substring(0, line).getBytes(StandardCharsets.UTF_8), StandardCharsets.UTF_8);
            byName.put(name, part.substring(line));
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, String> part : byName.entrySet()) {
                zip.putNextEntry(new ZipEntry(part.getKey()));
                zip.write(part.getValue().strip().getBytes(StandardCharsets.UTF_8));
            }
        }
        return bytes.toByteArray();
    }

    /** A reader; what it throws but for its refusals is a fault. */
    interface Reading {
        void read(String text) throws Exception;
    }

    static Stream<Arguments> readers() {
        return Stream.of(
                Arguments.of(Named.of("card file", (Reading) CardFile::read), cards()),
                Arguments.of(
                        Named.of("cupboard as JSON", (Reading) text -> CupboardJson.read(text, POUNDS)),
                        CupboardJson.write(stock())),
                Arguments.of(
                        Named.of("cupboard as a table", (Reading)
                                text -> CupboardTable.read(new StringReader(text), POUNDS)),
                        CupboardTable.write(stock())),
                Arguments.of(
                        Named.of("table", (Reading) text -> table(text.getBytes(StandardCharsets.UTF_8))),
                        "Child,Born,Days\r\n\"Anouk, Nouki\",2023-05-17,\"Mon, Wed\"\r\nBram,3 April 2022,\r\n"),
                Arguments.of(Named.of("workbook", (Reading) text -> table(zipped(text))), WORKBOOK),
                Arguments.of(Named.of("plan", (Reading) PlanSvg::read), PlanSvg.write("Loft", plan())),
                Arguments.of(
                        Named.of("calendar", (Reading) text ->
                                CalendarFile.read(text, LocalDate.of(2026, 9, 1), LocalDate.of(2026, 9, 30), LONDON)),
                        calendar()));
    }

    /** A new reader fails here until it is among those that are tried. */
    @Test
    void everyReaderOfFilesIsTried() throws IOException {
        String own = Files.readString(Path.of("src/test/java/app/carder/exchange/FuzzTest.java"));
        List<String> readers = new ArrayList<>();
        for (String sources : List.of("src/main/java", "../carder-core/src/main/java/app/carder/core/cupboard")) {
            try (Stream<Path> files = Files.walk(Path.of(sources))) {
                for (Path file :
                        files.filter(one -> one.toString().endsWith(".java")).toList()) {
                    if (READS.matcher(Files.readString(file)).find()) {
                        readers.add(file.getFileName().toString().replace(".java", ""));
                    }
                }
            }
        }
        assertThat(readers)
                .hasSizeGreaterThanOrEqualTo(5)
                .allSatisfy(reader -> assertThat(own).containsPattern(reader + "(::|\\.)read"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("readers")
    void takesOrRefusesWhateverItIsGivenAndThrowsNothingElse(Reading reader, String good) throws Exception {
        reader.read(good);
        Random random = new Random(20_260_506);
        List<String> faults = new ArrayList<>();
        for (int at = 0; at < TRIES && faults.size() < 5; at++) {
            String tried = broken(good, random);
            try {
                reader.read(tried);
            } catch (IllegalArgumentException refused) {
                if (refused.getMessage() == null || refused.getMessage().isBlank()) {
                    faults.add("try %d is refused without a word: %s".formatted(at, refused));
                }
            } catch (Exception | StackOverflowError | OutOfMemoryError fault) {
                faults.add("try %d: %s at %s in %.200s"
                        .formatted(
                                at,
                                fault,
                                List.of(fault.getStackTrace()).stream().limit(3).toList(),
                                tried));
            }
        }
        assertThat(faults).isEmpty();
    }

    /** One to four changes. */
    private static String broken(String good, Random random) {
        StringBuilder text = new StringBuilder(good);
        for (int change = 0; change <= random.nextInt(4); change++) {
            int from = random.nextInt(text.length() + 1);
            int to = Math.min(text.length(), from + random.nextInt(1 << random.nextInt(10)));
            switch (random.nextInt(6)) {
                case 0 -> text.delete(from, to);
                case 1 -> text.insert(from, text.substring(from, to).repeat(1 + random.nextInt(3)));
                case 2 -> text.replace(from, Math.min(text.length(), from + 1), one(random));
                case 3 -> text.insert(from, one(random));
                case 4 -> text.setLength(from);
                default -> {
                    String odd = one(random);
                    text.insert(from, odd.repeat(1 + random.nextInt(1 + 2000 / Math.max(1, odd.length()))));
                }
            }
            if (text.length() == 0) {
                text.append(one(random));
            }
        }
        return text.toString();
    }

    private static String one(Random random) {
        return ODD.get(random.nextInt(ODD.size()));
    }

    private static String cards() {
        return "{\"format\":\"carder-cards\",\"version\":1,\"framework\":\"eyfs\",\"materials\":[{\"code\":\"m\",\"name\":\"Rice\"}],"
                + "\"cards\":[{\"title\":\"Posting\",\"areas\":[\"a\"],\"senses\":[\"TOUCH\"],"
                + "\"vessel\":{\"shape\":\"BOX\",\"firstMm\":300,\"secondMm\":200,\"depthMm\":50},"
                + "\"put\":[{\"material\":\"m\",\"depthMm\":20},{\"material\":\"m\",\"pieces\":12}]},{\"title\":\"Second\"}]}";
    }

    private static List<Stocked> stock() {
        return CupboardTable.starter(POUNDS).values().stream().limit(3).toList();
    }

    private static RoomPlan plan() {
        return new RoomPlan(
                RoomPlan.Place.INDOORS,
                List.of(new Point(0, 0), new Point(6000, 0), new Point(6000, 5000), new Point(0, 5000)),
                RoomPlan.USUAL_PATH_MM,
                List.of(new Wall("w", new Point(0, 0), new Point(6000, 0))),
                List.of(new Door("d", DoorUse.values()[0], new Point(100, 0), new Point(1000, 0))),
                List.of(),
                List.of(),
                List.of());
    }

    /** With a zone of its own, a day that repeats but for one, and a whole day: what Carder writes itself is mostly the history of a zone. */
    private static String calendar() {
        return """
                BEGIN:VCALENDAR
                VERSION:2.0
                PRODID:-//Carder//Week plan//EN
                BEGIN:VTIMEZONE
                TZID:Europe/London
                BEGIN:DAYLIGHT
                DTSTART:19810329T010000
                TZOFFSETFROM:+0000
                TZOFFSETTO:+0100
                RRULE:FREQ=YEARLY;BYMONTH=3;BYDAY=-1SU
                END:DAYLIGHT
                BEGIN:STANDARD
                DTSTART:19961027T020000
                TZOFFSETFROM:+0100
                TZOFFSETTO:+0000
                RRULE:FREQ=YEARLY;BYMONTH=10;BYDAY=-1SU
                END:STANDARD
                END:VTIMEZONE
                BEGIN:VEVENT
                UID:1@carder
                DTSTAMP:20260501T080000Z
                SUMMARY:Closed: training
                LOCATION:Loft
                DTSTART;TZID=Europe/London:20260907T090000
                DTEND;TZID=Europe/London:20260907T113000
                RRULE:FREQ=WEEKLY;COUNT=4;BYDAY=MO,WE
                EXDATE;TZID=Europe/London:20260914T090000
                END:VEVENT
                BEGIN:VEVENT
                UID:2@carder
                DTSTAMP:20260501T080000Z
                SUMMARY:Closed
                DTSTART;VALUE=DATE:20260921
                DURATION:P2D
                END:VEVENT
                END:VCALENDAR
                """.replace("\n", "\r\n");
    }
}
