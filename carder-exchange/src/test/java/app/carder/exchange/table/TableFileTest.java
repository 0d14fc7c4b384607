package app.carder.exchange.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.exchange.table.TableRefused.Reason;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TableFileTest {

    private static void assertRefused(byte[] file, Reason reason) {
        assertThatThrownBy(() -> TableFile.read(file))
                .isInstanceOfSatisfying(
                        TableRefused.class,
                        refused -> assertThat(refused.reason()).isEqualTo(reason));
    }

    @Nested
    class OfText {
        @ParameterizedTest(name = "\"{0}\"")
        @ValueSource(strings = {",", ";", "\t"})
        void whatStandsBetweenTheHeadsSeparatesTheCells(String between) throws TableRefused {
            String text = "\uFEFFChild" + between + "Born\r\n\r\nAnouk" + between + "2023-05-17\r\n";

            assertThat(TableFile.read(text.getBytes(StandardCharsets.UTF_8)))
                    .containsExactly(List.of("Child", "Born"), List.of("Anouk", "2023-05-17"));
        }

        @Test
        void oldSpreadsheetsWriteTheirOwnLetters() throws TableRefused {
            byte[] text = {'J', (byte) 0xFC, 'r', 'g', 'e', 'n', ';', (byte) 0x80, '\n'};

            assertThat(TableFile.read(text)).containsExactly(List.of("Jürgen", "€"));
        }

        @Test
        void rowsAreAsWideAsTheWidestAndWhatKeepsACellFromBeingAFormulaIsTakenOff() throws TableRefused {
            assertThat(TableFile.readText("a,b,c\n\"x, y\",'=1\n"))
                    .containsExactly(List.of("a", "b", "c"), List.of("x, y", "=1", ""));
        }

        @Test
        void whatIsNoTableIsRefused() {
            assertRefused(" ,\n,".getBytes(StandardCharsets.UTF_8), Reason.EMPTY);
            assertRefused(new byte[] {1, 0, 2}, Reason.BROKEN);
            assertRefused("a,\"b".getBytes(StandardCharsets.UTF_8), Reason.BROKEN);
            assertRefused("a\n".repeat(TableFile.MOST_ROWS + 1).getBytes(StandardCharsets.UTF_8), Reason.TOO_LARGE);
            assertRefused("x,".repeat(200).concat("x").getBytes(StandardCharsets.UTF_8), Reason.TOO_LARGE);
            assertRefused("a".repeat(20_000).getBytes(StandardCharsets.UTF_8), Reason.TOO_LARGE);
            assertRefused(new byte[TableFile.MOST_BYTES + 1], Reason.TOO_LARGE);
        }
    }

    /** Workbooks as ECMA-376 has them, written by hand. */
    @Nested
    class OfAWorkbook {
        private static final String BOOK = """
                <workbook xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main" \
                xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships">%s\
                <sheets><sheet name="Children" sheetId="3" r:id="rId9"/><sheet name="Old" sheetId="1" r:id="rId1"/></sheets></workbook>""";
        private static final String RELATIONS = """
                <Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">\
                <Relationship Id="rId1" Target="worksheets/sheet1.xml"/><Relationship Id="rId9" Target="worksheets/sheet2.xml"/></Relationships>""";
        private static final String STYLES = """
                <styleSheet><numFmts><numFmt numFmtId="164" formatCode="dd/mm/yyyy;@"/><numFmt numFmtId="165" formatCode="&quot;days&quot; 0"/></numFmts>\
                <cellStyleXfs><xf numFmtId="14"/></cellStyleXfs>\
                <cellXfs><xf numFmtId="0"/><xf numFmtId="14"/><xf numFmtId="164"/><xf numFmtId="20"/><xf numFmtId="165"/></cellXfs></styleSheet>""";

        private byte[] book(String sheet) {
            return book("", sheet);
        }

        private byte[] book(String properties, String sheet) {
            Map<String, String> parts = new LinkedHashMap<>();
            parts.put("xl/workbook.xml", BOOK.formatted(properties));
            parts.put("xl/_rels/workbook.xml.rels", RELATIONS);
            parts.put("xl/styles.xml", STYLES);
            parts.put(
                    "xl/sharedStrings.xml",
                    "<sst><si><t>Child</t></si><si><r><t>An</t></r><r><t>ouk</t></r><rPh><t>spoken</t></rPh></si></sst>");
            parts.put("xl/worksheets/sheet1.xml", "<worksheet><sheetData/></worksheet>");
            parts.put("xl/worksheets/sheet2.xml", "<worksheet><sheetData>" + sheet + "</sheetData></worksheet>");
            return zip(parts);
        }

        private byte[] zip(Map<String, String> parts) {
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
                for (Map.Entry<String, String> part : parts.entrySet()) {
                    zip.putNextEntry(new ZipEntry(part.getKey()));
                    zip.write(part.getValue().getBytes(StandardCharsets.UTF_8));
                }
            } catch (IOException inMemory) {
                throw new UncheckedIOException(inMemory);
            }
            return bytes.toByteArray();
        }

        /** 45063 is 17 May 2023; 0.375 of a day is nine in the morning. */
        @Test
        void theFirstSheetIsReadWithItsDaysTimesAndTexts() throws TableRefused {
            byte[] book = book("""
                    <row r="1"><c r="A1" t="s"><v>0</v></c><c r="B1" t="inlineStr"><is><t>Born</t></is></c><c r="D1" t="str"><v>From</v></c></row>\
                    <row r="3"><c r="A3" t="s"><v>1</v></c><c r="B3" s="1"><v>45063</v></c><c r="C3" s="2"><v>45063.7</v></c><c r="D3" s="3"><v>0.375</v></c>\
                    <c r="E3"><v>3</v></c><c r="F3"><v>2.50</v></c><c r="G3" s="4"><v>4</v></c><c r="H3" t="b"><v>1</v></c><c r="I3" t="e"><v>#REF!</v></c></row>""");

            assertThat(TableFile.read(book))
                    .containsExactly(
                            List.of("Child", "Born", "", "From", "", "", "", ""),
                            List.of("Anouk", "2023-05-17", "2023-05-17", "09:00", "3", "2.5", "4", "yes"));
        }

        @Test
        void someProgramsCountDaysFrom1904() throws TableRefused {
            assertThat(TableFile.read(book(
                            "<workbookPr date1904=\"1\"/>", "<row r=\"1\"><c r=\"A1\" s=\"1\"><v>43601</v></c></row>")))
                    .containsExactly(List.of("2023-05-17"));
        }

        @Test
        void aCellThatNoSheetHasIsRefusedBeforeRoomIsMadeForIt() {
            assertRefused(book("<row r=\"1\"><c r=\"ZZZZZZ2\"><v>1</v></c></row>"), Reason.TOO_LARGE);
            assertRefused(book("<row r=\"1048576\"><c r=\"A1048576\"><v>1</v></c></row>"), Reason.TOO_LARGE);
            assertRefused(book("<row r=\"1\"><c r=\"1\"><v>1</v></c></row>"), Reason.BROKEN);
            assertRefused(book("<row r=\"1\"><c r=\"A1\" t=\"s\"><v>99</v></c></row>"), Reason.BROKEN);
            assertRefused(book("<row r=\"x\"><c r=\"A1\"><v>1</v></c></row>"), Reason.BROKEN);
        }

        /** 60 MB of blanks pack into 60 kB. */
        @Test
        void aFileThatUnpacksToFarMoreIsRefused() {
            Map<String, String> parts = new LinkedHashMap<>();
            parts.put("xl/workbook.xml", " ".repeat(60_000_000));

            assertRefused(zip(parts), Reason.TOO_LARGE);
        }

        @Test
        void aFileOfVeryManyPartsIsRefused() {
            Map<String, String> parts = new LinkedHashMap<>();
            for (int part = 0; part < 1000; part++) {
                parts.put("part" + part, "");
            }

            assertRefused(zip(parts), Reason.TOO_LARGE);
        }

        /** Ten entities of ten each, nine levels deep: a thousand million letters where somebody believes them. */
        @Test
        void entitiesAreNotBelieved() {
            StringBuilder bomb = new StringBuilder("<!DOCTYPE x [<!ENTITY a0 \"ha\">");
            for (int level = 1; level < 10; level++) {
                bomb.append("<!ENTITY a%d \"%s\">".formatted(level, ("&a" + (level - 1) + ";").repeat(10)));
            }
            bomb.append(
                    "]><worksheet><sheetData><row r=\"1\"><c r=\"A1\" t=\"str\"><v>&a9;</v></c></row></sheetData></worksheet>");

            assertThatThrownBy(() -> TableFile.read(zip(Map.of("xl/worksheets/sheet1.xml", bomb.toString()))))
                    .isInstanceOf(TableRefused.class);
        }

        @Test
        void aBookWithoutASheetIsRefused() {
            assertRefused(zip(Map.of("xl/workbook.xml", BOOK.formatted(""))), Reason.NO_SHEET);
        }

        @Test
        void whateverIsBrokenInItIsRefusedOrRead() {
            byte[] whole =
                    book("<row r=\"1\"><c r=\"A1\" t=\"s\"><v>1</v></c><c r=\"B1\" s=\"1\"><v>45063</v></c></row>");
            Random seeded = new Random(20261130);
            for (int round = 0; round < 2_000; round++) {
                byte[] broken = whole.clone();
                for (int change = 0; change <= seeded.nextInt(4); change++) {
                    broken[4 + seeded.nextInt(broken.length - 4)] = (byte) seeded.nextInt(256);
                }
                try {
                    assertThat(TableFile.read(broken)).isNotEmpty();
                } catch (TableRefused refused) {
                    assertThat(refused.reason()).isNotNull();
                }
            }
        }
    }
}
