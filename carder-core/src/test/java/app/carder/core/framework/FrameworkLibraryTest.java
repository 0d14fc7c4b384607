package app.carder.core.framework;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.framework.Framework.Area;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import java.util.zip.CRC32;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FrameworkLibraryTest {

    /** Names of areas and goals: the early years foundation stage of England, from memory; 7 areas, 17 goals. */
    @Test
    void shipsEnglandsAreasAndGoalsByName() {
        Framework england = FrameworkLibrary.shipped().get("eyfs");

        assertThat(england.areas())
                .extracting(Area::name)
                .containsExactly(
                        "Communication and Language",
                        "Physical Development",
                        "Personal, Social and Emotional Development",
                        "Literacy",
                        "Mathematics",
                        "Understanding the World",
                        "Expressive Arts and Design");
        assertThat(england.areas().stream().flatMap(area -> area.aspects().stream()))
                .hasSize(17);
    }

    @Test
    void givesEveryShippedAspectAStatementAndFindsItsArea() {
        for (Framework framework : FrameworkLibrary.shipped().all()) {
            assertThat(framework.areas())
                    .hasSizeGreaterThanOrEqualTo(5)
                    .allSatisfy(area -> assertThat(area.aspects())
                            .isNotEmpty()
                            .allSatisfy(aspect -> assertThat(aspect.statements())
                                    .isNotEmpty()
                                    .allSatisfy(statement -> assertThat(framework.areaOf(statement.code()))
                                            .contains(area))));
        }
    }

    @Test
    void readsAFrameworkFromAFolder(@TempDir Path folder) throws IOException {
        Files.writeString(folder.resolve("ours.csv"), """
                level,code,parent,words
                framework,ours,Quillmere Nursery,Our own
                area,o1,,Parcels
                aspect,o1a,o1,Wrapping
                statement,o1a1,o1a,Folds paper round a thing
                """);

        Framework ours = FrameworkLibrary.shipped().withFolder(folder).get("ours");

        assertThat(ours.statement("o1a1").orElseThrow().words()).isEqualTo("Folds paper round a thing");
        assertThat(ours.hasArea("o1")).isTrue();
        assertThat(ours.hasArea("o2")).isFalse();
    }

    @Test
    void namesFileAndRowThatAreWrong(@TempDir Path folder) throws IOException {
        Files.writeString(
                folder.resolve("broken.csv"),
                "level,code,parent,words\nframework,b,x,B\narea,a,,A\nstatement,s,nowhere,S\n");

        assertThatThrownBy(() -> FrameworkLibrary.shipped().withFolder(folder))
                .hasMessageContaining("broken.csv")
                .hasMessageContaining("row 3")
                .hasMessageContaining("nowhere");
        assertThatThrownBy(() -> FrameworkLibrary.shipped().get("none")).hasMessageContaining("must be one of");
    }

    @Test
    void knowsAVersionByItsNumberAndWhereThereIsNoneByItsRows(@TempDir Path folder) throws IOException {
        String rows = "level,code,parent,words\nframework,own,Us,Our own\narea,own-a,,Mud\n";
        Files.writeString(folder.resolve("own.csv"), rows);
        String before = FrameworkLibrary.shipped().withFolder(folder).get("own").version();
        assertThat(FrameworkLibrary.shipped().withFolder(folder).get("own").version())
                .isEqualTo(before)
                .isNotEmpty();

        Files.writeString(folder.resolve("own.csv"), rows.replace("Mud", "Mud and water"));
        assertThat(FrameworkLibrary.shipped().withFolder(folder).get("own").version())
                .isNotEqualTo(before);
        assertThat(FrameworkLibrary.shipped().get("eyfs").version()).isEqualTo("2026-05");
    }

    /** Records keep the version: a table whose rows change needs another number, and its new sum here. */
    @ParameterizedTest
    @CsvSource({
        "england-early-years.csv, eyfs, 2026-05, 10a31a8a",
        "sensory-motor-exploration.csv, sme, 2026-05, d501daed"
    })
    void aShippedTableIsWhatItsVersionSays(String file, String code, String version, String sum) throws IOException {
        CRC32 rows = new CRC32();
        try (InputStream table = Objects.requireNonNull(FrameworkLibrary.class.getResourceAsStream(file))) {
            rows.update(table.readAllBytes());
        }

        assertThat(FrameworkLibrary.shipped().get(code).version()).isEqualTo(version);
        assertThat(Long.toHexString(rows.getValue())).as("sum of %s", file).isEqualTo(sum);
    }
}
