package app.carder.exchange.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class CsvTableTest {

    /** RFC 4180: CRLF, cells with commas, quotes or breaks in quotes, quotes doubled. */
    @Test
    void writesCellsAsTheStandardSays() {
        assertThat(CsvTable.write(
                        List.of("Day", "What"),
                        List.of(List.of("2026-05-06", "Rice, \"by the kilo\""), List.of("", "two\nlines"))))
                .isEqualTo("Day,What\r\n2026-05-06,\"Rice, \"\"by the kilo\"\"\"\r\n\"\",\"two\nlines\"\r\n");
    }

    @Test
    void letsNoCellBecomeAFormulaButLeavesNumbersAlone() {
        assertThat(CsvTable.write(
                        List.of("A"), List.of(List.of("=1+1"), List.of("@x"), List.of("-3.5"), List.of("-x"))))
                .isEqualTo("A\r\n'=1+1\r\n'@x\r\n-3.5\r\n'-x\r\n");
    }
}
