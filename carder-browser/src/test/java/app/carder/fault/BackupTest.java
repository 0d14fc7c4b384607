package app.carder.fault;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The script's own backup, of a database that is written to meanwhile, brought back in another place with either of its keys. */
class BackupTest {

    @TempDir
    private Path folder;

    @Test
    void whatIsBackedUpUnderLoadComesBackElsewhereAsItWas() throws Exception {
        String said = run("backup.sh");

        assertThat(said).contains("moment: two tables that change together are equal");
        assertThat(said).contains("photo: as it was", "drill: The backup can be restored.");
        assertThat(said).contains("recovery key: opens it", "wrong passphrase: refused", "damaged file: refused");
        assertThat(said).contains("sessions: 0", "older file: opens");
    }

    private String run(String script) throws IOException, InterruptedException {
        Path out = folder.resolve("said");
        Process process = new ProcessBuilder(
                        "bash",
                        Path.of("src/test/resources/app/carder/fault", script).toString(),
                        folder.toString())
                .redirectErrorStream(true)
                .redirectOutput(out.toFile())
                .start();
        boolean ended = process.waitFor(5, TimeUnit.MINUTES);
        String said = Files.readString(out, StandardCharsets.UTF_8);
        assertThat(ended).as(said).isTrue();
        assertThat(process.exitValue()).as(said).isZero();
        return said;
    }
}
