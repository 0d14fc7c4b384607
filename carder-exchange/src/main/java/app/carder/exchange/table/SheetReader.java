package app.carder.exchange.table;

import app.carder.exchange.table.TableRefused.Reason;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;

/**
 * Reads the first sheet of a workbook (ECMA-376, SpreadsheetML). What a workbook says of itself is not believed: what unpacks to more than it
 * may, has more cells than it may, or names a cell that no sheet has, is refused before anything is kept.
 */
final class SheetReader {

    private static final int MOST_ENTRIES = 400;
    private static final int MOST_UNPACKED = 40_000_000;
    private static final int MOST_TEXTS = 100_000;

    /** 1 is the first of January 1900; that year is taken for a leap year, as the first of these programs took it. */
    private static final LocalDate DAY_ZERO = LocalDate.of(1899, 12, 30);

    private static final LocalDate DAY_ZERO_1904 = LocalDate.of(1904, 1, 1);
    private static final int LAST_DAY = 2_958_465;
    private static final int SECONDS_OF_A_DAY = 86_400;

    private final Map<String, byte[]> parts;
    private final List<String> texts = new ArrayList<>();
    private final List<Shown> styles = new ArrayList<>();
    private boolean since1904;

    /** How a number is shown. */
    private enum Shown {
        NUMBER,
        DAY,
        TIME
    }

    private SheetReader(Map<String, byte[]> parts) {
        this.parts = parts;
    }

    /**
     * The cells of the first sheet, row by row, blank rows included.
     *
     * @throws TableRefused if it is no workbook, is larger than it may be, or is broken
     */
    static List<List<String>> read(byte[] workbook) throws TableRefused {
        try {
            SheetReader reader = new SheetReader(unpacked(workbook));
            reader.readTexts();
            reader.readStyles();
            return reader.readSheet(reader.firstSheet());
        } catch (IOException | XMLStreamException | IllegalArgumentException | ArithmeticException broken) {
            throw new TableRefused(Reason.BROKEN, broken);
        }
    }

    private static Map<String, byte[]> unpacked(byte[] workbook) throws IOException, TableRefused {
        Map<String, byte[]> parts = new HashMap<>();
        long whole = 0;
        int entries = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(workbook))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (++entries > MOST_ENTRIES) {
                    throw new TableRefused(Reason.TOO_LARGE);
                }
                byte[] part = bounded(zip, MOST_UNPACKED - whole);
                whole += part.length;
                parts.putIfAbsent(entry.getName(), part);
            }
        }
        return parts;
    }

    private static byte[] bounded(InputStream in, long most) throws IOException, TableRefused {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] some = new byte[16_384];
        for (int read = in.read(some); read >= 0; read = in.read(some)) {
            if (out.size() + read > most) {
                throw new TableRefused(Reason.TOO_LARGE);
            }
            out.write(some, 0, read);
        }
        return out.toByteArray();
    }

    private @Nullable XMLStreamReader open(String part) throws XMLStreamException {
        byte[] bytes = parts.get(part);
        if (bytes == null) {
            return null;
        }
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        return factory.createXMLStreamReader(new ByteArrayInputStream(bytes));
    }

    /** The first sheet that the workbook names; where its name cannot be followed, the one that all programs write first. */
    private String firstSheet() throws XMLStreamException, TableRefused {
        String sheet = "xl/worksheets/sheet1.xml";
        XMLStreamReader book = open("xl/workbook.xml");
        String relation = null;
        while (book != null && book.hasNext()) {
            if (book.next() != XMLStreamConstants.START_ELEMENT) {
                continue;
            }
            if (book.getLocalName().equals("workbookPr")) {
                String is1904 = book.getAttributeValue(null, "date1904");
                since1904 = "1".equals(is1904) || "true".equals(is1904);
            } else if (book.getLocalName().equals("sheet") && relation == null) {
                relation = book.getAttributeValue(
                        "http://schemas.openxmlformats.org/officeDocument/2006/relationships", "id");
            }
        }
        XMLStreamReader relations = open("xl/_rels/workbook.xml.rels");
        while (relations != null && relations.hasNext()) {
            if (relations.next() == XMLStreamConstants.START_ELEMENT
                    && relations.getLocalName().equals("Relationship")
                    && relation != null
                    && relation.equals(relations.getAttributeValue(null, "Id"))) {
                String target = String.valueOf(relations.getAttributeValue(null, "Target"));
                sheet = target.startsWith("/") ? target.substring(1) : "xl/" + target;
            }
        }
        if (!parts.containsKey(sheet)) {
            throw new TableRefused(Reason.NO_SHEET);
        }
        return sheet;
    }

    private void readTexts() throws XMLStreamException, TableRefused {
        XMLStreamReader shared = open("xl/sharedStrings.xml");
        while (shared != null && shared.hasNext()) {
            if (shared.next() == XMLStreamConstants.START_ELEMENT
                    && shared.getLocalName().equals("si")) {
                if (texts.size() >= MOST_TEXTS) {
                    throw new TableRefused(Reason.TOO_LARGE);
                }
                texts.add(text(shared, "si"));
            }
        }
    }

    /** All text below an element, but for how it is to be spoken. */
    private static String text(XMLStreamReader xml, String until) throws XMLStreamException {
        StringBuilder text = new StringBuilder();
        boolean isSaid = false;
        boolean isSpoken = false;
        while (xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.START_ELEMENT) {
                isSpoken |= xml.getLocalName().equals("rPh");
                isSaid = xml.getLocalName().equals("t");
            } else if (event == XMLStreamConstants.END_ELEMENT) {
                isSpoken &= !xml.getLocalName().equals("rPh");
                isSaid = false;
                if (xml.getLocalName().equals(until)) {
                    return text.toString();
                }
            } else if (event == XMLStreamConstants.CHARACTERS && isSaid && !isSpoken) {
                text.append(xml.getText());
            }
        }
        return text.toString();
    }

    private void readStyles() throws XMLStreamException {
        XMLStreamReader sheet = open("xl/styles.xml");
        Map<String, Shown> own = new HashMap<>();
        boolean inCells = false;
        while (sheet != null && sheet.hasNext()) {
            int event = sheet.next();
            if (event == XMLStreamConstants.START_ELEMENT) {
                switch (sheet.getLocalName()) {
                    case "numFmt" ->
                        own.put(
                                String.valueOf(sheet.getAttributeValue(null, "numFmtId")),
                                shown(String.valueOf(sheet.getAttributeValue(null, "formatCode"))));
                    case "cellXfs" -> inCells = true;
                    case "xf" -> {
                        if (inCells) {
                            String format = String.valueOf(sheet.getAttributeValue(null, "numFmtId"));
                            styles.add(own.getOrDefault(format, usual(format)));
                        }
                    }
                    default -> {}
                }
            } else if (event == XMLStreamConstants.END_ELEMENT
                    && sheet.getLocalName().equals("cellXfs")) {
                inCells = false;
            }
        }
    }

    /** Formats that every program has (ECMA-376, part 1, 18.8.30): 14 to 17 and 22 are days, 18 to 21 and 45 to 47 times. */
    private static Shown usual(String format) {
        return switch (format) {
            case "14", "15", "16", "17", "22" -> Shown.DAY;
            case "18", "19", "20", "21", "45", "46", "47" -> Shown.TIME;
            default -> Shown.NUMBER;
        };
    }

    /** By its letters, what stands in quotes or brackets left out. */
    private static Shown shown(String format) {
        String letters =
                format.replaceAll("\"[^\"]*\"|\\[[^\\[\\]]*]|\\\\.", "").toLowerCase(Locale.ROOT);
        if (letters.contains("y") || letters.contains("d")) {
            return Shown.DAY;
        }
        return letters.contains("h") || letters.contains("s") ? Shown.TIME : Shown.NUMBER;
    }

    private List<List<String>> readSheet(String part) throws XMLStreamException, TableRefused {
        List<List<String>> rows = new ArrayList<>();
        XMLStreamReader sheet = open(part);
        TreeMap<Integer, String> row = new TreeMap<>();
        int at = 0;
        while (sheet != null && sheet.hasNext()) {
            int event = sheet.next();
            if (event == XMLStreamConstants.START_ELEMENT
                    && sheet.getLocalName().equals("row")) {
                row.clear();
                String number = sheet.getAttributeValue(null, "r");
                at = number == null ? at + 1 : Integer.parseInt(number);
                if (at < 1 || at > TableFile.MOST_ROWS) {
                    throw new TableRefused(Reason.TOO_LARGE);
                }
            } else if (event == XMLStreamConstants.START_ELEMENT
                    && sheet.getLocalName().equals("c")) {
                int column = column(sheet.getAttributeValue(null, "r"), row);
                row.put(column, cell(sheet));
            } else if (event == XMLStreamConstants.END_ELEMENT
                    && sheet.getLocalName().equals("row")) {
                while (rows.size() < at - 1) {
                    rows.add(List.of());
                }
                rows.add(line(row));
            }
        }
        return rows;
    }

    private static List<String> line(TreeMap<Integer, String> row) {
        List<String> cells = new ArrayList<>();
        row.forEach((column, text) -> {
            while (cells.size() < column) {
                cells.add("");
            }
            cells.add(text);
        });
        return cells;
    }

    private static int column(@Nullable String place, TreeMap<Integer, String> row) throws TableRefused {
        if (place == null) {
            return row.isEmpty() ? 0 : row.lastKey() + 1;
        }
        int column = 0;
        for (int at = 0; at < place.length() && Character.isLetter(place.charAt(at)); at++) {
            column = column * 26 + (Character.toUpperCase(place.charAt(at)) - 'A' + 1);
            if (column > TableFile.MOST_COLUMNS) {
                throw new TableRefused(Reason.TOO_LARGE);
            }
        }
        if (column < 1) {
            throw new TableRefused(Reason.BROKEN);
        }
        return column - 1;
    }

    private String cell(XMLStreamReader sheet) throws XMLStreamException, TableRefused {
        String kind = sheet.getAttributeValue(null, "t");
        String style = sheet.getAttributeValue(null, "s");
        String value = "";
        while (sheet.hasNext()) {
            int event = sheet.next();
            if (event == XMLStreamConstants.START_ELEMENT
                    && sheet.getLocalName().equals("v")) {
                value = sheet.getElementText();
            } else if (event == XMLStreamConstants.START_ELEMENT
                    && sheet.getLocalName().equals("is")) {
                value = text(sheet, "is");
            } else if (event == XMLStreamConstants.END_ELEMENT
                    && sheet.getLocalName().equals("c")) {
                break;
            }
        }
        if (value.isEmpty()) {
            return "";
        }
        return switch (kind == null ? "n" : kind) {
            case "s" -> shared(value);
            case "b" -> value.equals("1") ? "yes" : "no";
            case "e" -> "";
            case "n" -> number(value, style);
            default -> value;
        };
    }

    private String shared(String number) throws TableRefused {
        int at = Integer.parseInt(number);
        if (at < 0 || at >= texts.size()) {
            throw new TableRefused(Reason.BROKEN);
        }
        return texts.get(at);
    }

    private String number(String written, @Nullable String style) {
        BigDecimal value = new BigDecimal(written.length() > 40 ? "x" : written);
        int at = style == null ? -1 : Integer.parseInt(style);
        Shown shown = at >= 0 && at < styles.size() ? styles.get(at) : Shown.NUMBER;
        boolean isTime = value.signum() >= 0 && value.compareTo(BigDecimal.valueOf(LAST_DAY)) <= 0;
        if (shown == Shown.DAY && isTime) {
            return (since1904 ? DAY_ZERO_1904 : DAY_ZERO)
                    .plusDays(value.longValue())
                    .toString();
        }
        if (shown == Shown.TIME && isTime) {
            BigDecimal ofDay = value.remainder(BigDecimal.ONE).multiply(BigDecimal.valueOf(SECONDS_OF_A_DAY));
            long minutes = ofDay.divide(BigDecimal.valueOf(60), 0, RoundingMode.HALF_UP)
                    .longValueExact();
            return LocalTime.MIDNIGHT.plusMinutes(minutes).toString();
        }
        return value.abs().precision() - value.scale() > 20
                ? written
                : value.stripTrailingZeros().toPlainString();
    }
}
